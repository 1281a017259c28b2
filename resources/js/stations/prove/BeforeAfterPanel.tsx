import { Box, chakra, Grid } from '@chakra-ui/react';
import type { Ask, Step, Words } from '../../api/types';
import { AskField } from '../../job/AskField';
import { type JobBench, useBench } from '../../job/bench';
import { useUnits } from '../../words/person';
import { length, say, type Units } from '../../words/say';

/** What was found at check-in, by the same name, in words. */
function before(ask: Ask, bench: JobBench, units: Units): string {
  const value = ask.before === null ? undefined : bench.entries.get(ask.before)?.value;
  if (!value) return 'not noted';
  if (typeof value.mm === 'number') return length(value.mm, units);
  const heard = (value.heard as { headline?: Words } | undefined)?.headline;
  if (heard !== undefined) return say(heard, units);
  if (value.recording !== undefined) return 'recorded';
  if (Array.isArray(value.taps)) return `${value.taps.length} passes tapped`;
  if (typeof value.text === 'string') return `“${value.text}”`;
  const answered = ask.options.find((option) => option.value === value.choice);
  return answered ? say(answered.label, units) : 'not noted';
}

/** The checks of the day it came in, side by side with the same ones now. */
export function BeforeAfterPanel({ step }: { step: Step }) {
  const bench = useBench();
  const units = useUnits();
  return (
    <Box data-fields="">
      <Grid templateColumns="170px 1fr" gap="5" color="mute" fontFamily="heading" fontWeight="600" pb="1">
        <span>When it came in</span>
        <span>Now</span>
      </Grid>
      {step.asks.map((ask) => (
        <Grid key={ask.place} templateColumns="170px 1fr" gap="5" py="3" borderTopWidth="1px" borderColor="line">
          <chakra.span fontSize="17px" pt="6">
            {before(ask, bench, units)}
          </chakra.span>
          <AskField ask={ask} />
        </Grid>
      ))}
    </Box>
  );
}
