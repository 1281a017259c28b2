import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { StationName, StationReport } from '../../api/types';
import { StatusMark } from '../../controls/LevelMark';
import { rove, roving } from '../../controls/rove';
import { useBench } from '../../job/bench';
import { useSay } from '../../words/person';

/** The seven stations in their order, and how far each is. One stop for Tab; the arrows go along it. */
export function StationBand({ stations, current }: { stations: StationReport[]; current: StationName }) {
  const say = useSay();
  const { job, unjudged } = useBench();
  const band = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: only another station scrolls
  useEffect(() => {
    band.current?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [current]);
  return (
    <Flex
      as="nav"
      ref={band}
      aria-label="Stations"
      className="gives-way"
      onKeyDown={rove}
      borderBottomWidth="1px"
      borderColor="line"
      overflowX="auto"
      flexShrink={0}
    >
      {stations.map((one, i) => {
        const here = one.station === current;
        return (
          <Box
            key={one.station}
            flex="1 0 auto"
            borderRightWidth="1px"
            borderColor="line"
            bg={here ? 'blue' : undefined}
            color={here ? 'onBlue' : 'mute'}
          >
            <Link to={`/jobs/${job.id}/${one.station}`} aria-current={here ? 'page' : undefined} {...roving(here)}>
              <Flex
                align="center"
                gap="2"
                px="4"
                minH={{ base: '44px', lg: '48px' }}
                fontFamily="heading"
                fontWeight="600"
                fontSize="17px"
              >
                <chakra.span opacity={i >= unjudged.from ? 0.4 : 1} display="inline-flex">
                  <StatusMark status={one.status} current={here} />
                </chakra.span>
                {say(one.label)}
                <chakra.span ml="auto" fontSize="13px" fontWeight="500" fontFamily="body">
                  {one.done_steps} of {one.total_steps}
                </chakra.span>
              </Flex>
            </Link>
          </Box>
        );
      })}
    </Flex>
  );
}
