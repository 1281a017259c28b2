import { Box, chakra, Flex } from '@chakra-ui/react';
import type { JobReport, Step } from '../../api/types';
import { AnswersPanel } from '../../parts/AnswersPanel';
import { Button } from '../../parts/Button';
import { textAt, useBench } from '../../parts/bench';

type Candidates = JobReport['candidates_left'];

/** What a bearing is: by its number, or by the caliper, with the sizes that the readings may mean. */
export function BearingPanel({ step }: { step: Step }) {
  const bench = useBench();
  const side = step.id.includes('.left.') ? 'left' : 'right';
  const place = `size.${side}.number`;
  const candidates: Candidates = side === 'left' ? bench.report.candidates_left : bench.report.candidates_right;
  const other = textAt(bench.entries, 'size.left.number', 'text');
  const mine = textAt(bench.entries, place, 'text');
  return (
    <Flex direction="column" gap="3">
      {side === 'right' && other && !mine && (
        <Button look="plain" alignSelf="start" onClick={() => bench.keep(place, { text: other })}>
          Same as the left: {other}
        </Button>
      )}
      <AnswersPanel step={step} />
      {candidates.length > 0 && !mine && (
        <Box>
          <chakra.h3 fontSize="15px" color="mute" mb="1">
            The readings may mean
          </chakra.h3>
          <Flex wrap="wrap" gap="2">
            {candidates.slice(0, 4).map((one) => (
              <Button
                key={one.number}
                look="answer"
                onClick={() => bench.keep(place, { text: `${one.number} 2RS` })}
                title="Take it, sealed on both sides"
              >
                {one.number}
                <chakra.span color="mute" fontSize="13.5px">
                  {one.bore_mm} × {one.outside_mm} × {one.width_mm}{' '}
                  {one.probability > 0 && `· ${Math.round(one.probability * 100)}%`}
                </chakra.span>
              </Button>
            ))}
          </Flex>
        </Box>
      )}
    </Flex>
  );
}
