import { Grid } from '@chakra-ui/react';
import type { Step } from '../../api/types';
import { AnswersPanel } from '../../job/AnswersPanel';
import { useBench } from '../../job/bench';
import { useUnits } from '../../words/person';
import { length } from '../../words/say';
import { BallRing } from './BallRing';

/** Loose balls of one row: laid in by count, drawn as they lie. */
export function BallsPanel({ step }: { step: Step }) {
  const bench = useBench();
  const units = useUnits();
  const row = bench.report.set.balls.find((one) => one.part === step.part);
  const found = step.asks.find((ask) => ask.role === 'balls_found');
  const count = found && bench.entries.get(found.place)?.value?.count;
  const result = row?.result;
  return (
    <Grid templateColumns={result ? { base: '1fr', sm: '220px 1fr' } : '1fr'} gap="5" alignItems="start">
      {row && result && (
        <BallRing
          row={{
            circle_mm: row.circle_mm ?? 1,
            ball_mm: row.ball_mm ?? 1,
            take: result.take,
            each_deg: result.each_deg,
          }}
          found={typeof count === 'number' ? count : null}
          free={length(result.free_mm, units, 1)}
        />
      )}
      <AnswersPanel step={step} fieldsFirst />
    </Grid>
  );
}
