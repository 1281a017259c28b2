import { Flex } from '@chakra-ui/react';
import type { JobReport, Step } from '../../api/types';
import { Button } from '../../controls/Button';
import { AnswersPanel } from '../../job/AnswersPanel';
import { Ranked } from '../../job/answers/RankedAnswer';
import { askOf, textAt, useBench } from '../../job/bench';
import { useSay, useUnits } from '../../words/person';
import { sizes } from '../../words/say';
import { Numbered } from './PartSizePanel';

type Candidates = JobReport['candidates_left'];

/** What a bearing is: by its number, or by the caliper, with the sizes that the readings may mean. */
export function BearingPanel({ step }: { step: Step }) {
  const say = useSay();
  const bench = useBench();
  const units = useUnits();
  const number = step.asks.find((ask) => ask.role === 'number');
  const left = number?.seat === 'left';
  const place = number?.place ?? '';
  const candidates: Candidates = left ? bench.report.candidates_left : bench.report.candidates_right;
  const other = textAt(bench.entries, askOf(bench.report, 'size', 'number', 'left')?.place, 'text');
  const mine = textAt(bench.entries, place, 'text');
  return (
    <Flex direction="column" gap="4">
      {!left && other && !mine && (
        <Button look="plain" alignSelf="start" onClick={() => bench.keep(place, { text: other })}>
          Same as the first: {other}
        </Button>
      )}
      <AnswersPanel step={step} />
      {candidates.length > 0 && !mine && (
        <Ranked
          onTake={bench.closed ? undefined : (number) => bench.keep(place, { text: `${number} 2RS` })}
          rows={candidates.slice(0, 5).map((one) => ({
            name: one.number,
            sizes: sizes([one.bore_mm, one.outside_mm, one.width_mm], units),
            share: one.probability,
            system: one.system,
            note: say(one.kind),
          }))}
        />
      )}
      {mine && <Numbered number={mine} />}
    </Flex>
  );
}
