import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import type { Step } from '../../api/types';
import { AnswersPanel } from '../../job/AnswersPanel';
import { useBench } from '../../job/bench';

const HURRY_S = 60;

/** Minutes and seconds, as a clock on the wall shows them. */
const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

/** Seconds that are left of a span which began at a moment; looked at twice a second. */
function useLeft(from: string | undefined, span: number | undefined): number | null {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (span === undefined) return;
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, [span]);
  return from === undefined || span === undefined
    ? null
    : Math.max(0, span - Math.max(0, now - Date.parse(from)) / 1000);
}

/** Warm or not; and once its temperature is read, the seconds in which the bearing still drops in. */
export function HeatClockPanel({ step }: { step: Step }) {
  const bench = useBench();
  const asked = step.asks.find((one) => one.role === 'hub_temperature');
  const read = asked && bench.entries.get(asked.place);
  const figure = step.verdicts.find((one) => one.kind === 'time_left')?.figures.find((one) => one.name === 'left');
  const left = useLeft(read?.made_at, figure?.quantity.value);
  return (
    <Flex direction="column" gap="4">
      {left !== null && (
        <Box
          role="timer"
          aria-label="How long it stays warm enough"
          color={left === 0 ? 'oxide' : left < HURRY_S ? 'brass' : 'verdigris'}
        >
          <chakra.span
            fontFamily="heading"
            fontWeight="600"
            fontSize="72px"
            lineHeight="1"
            fontVariantNumeric="tabular-nums"
          >
            {clock(left)}
          </chakra.span>
          <chakra.p color="mute" fontSize="14px">
            {left === 0
              ? 'It has cooled too far: warm it again.'
              : 'left before it grips again, by a rough sum that errs on the side of hurry'}
          </chakra.p>
        </Box>
      )}
      <AnswersPanel step={step} fieldsFirst />
    </Flex>
  );
}
