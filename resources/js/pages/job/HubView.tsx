import { Box, chakra } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { JobReport, Tool } from '../../api/types';
import { AxleLine } from '../../drawing/AxleLine';
import { useBench } from '../../job/bench';
import { useUnits } from '../../words/person';
import { TrayStrip } from './TrayStrip';

const LEAST_WIDTH = 320;

/** The axle line as wide as the page gives it. */
function Drawing(props: Omit<Parameters<typeof AxleLine>[0], 'width' | 'height'>) {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1200);
  useEffect(() => {
    const watch = new ResizeObserver(
      ([entry]) => entry && setWidth(Math.max(LEAST_WIDTH, Math.round(entry.contentRect.width))),
    );
    if (box.current) watch.observe(box.current);
    return () => watch.disconnect();
  }, []);
  return (
    <div ref={box}>
      <AxleLine {...props} width={width} height={224} />
    </div>
  );
}

/** The map of the job: its hub along the axle, and below it what lies on the tray. */
export function HubView({
  report,
  lit,
  driver,
}: {
  report: JobReport;
  lit: string | null;
  driver: { tool: Tool; part: string } | null;
}) {
  const { job, unjudged } = useBench();
  const units = useUnits();
  const behind = unjudged.why !== null;
  return (
    <>
      <Box position="relative">
        <Box css={behind ? { filter: 'grayscale(1)', opacity: 0.5 } : undefined}>
          <Drawing report={report} units={units} lit={lit} driver={driver} />
        </Box>
        <chakra.span position="absolute" top="22px" left="14px" fontSize="14px" color="blue" fontWeight="600">
          <Link to={`/jobs/${job.id}/hub`}>
            <chakra.span display="inline-flex" alignItems="center" minH="44px">
              {report.hub.faults.length > 0 && !report.hub.as_found ? 'Parts and sizes ▲' : 'Parts and sizes'}
            </chakra.span>
          </Link>
        </chakra.span>
        {behind && (
          <chakra.span position="absolute" top="6px" left="0" right="0" textAlign="center" fontSize="14px" color="mute">
            Drawn as it stood before
          </chakra.span>
        )}
      </Box>
      <TrayStrip items={report.tray} lit={lit} />
    </>
  );
}
