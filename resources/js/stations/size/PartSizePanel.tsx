import { Flex } from '@chakra-ui/react';
import { useBearingNumber } from '../../api/shop';
import type { Step } from '../../api/types';
import { AnswersPanel } from '../../job/AnswersPanel';
import { NumberAnswer } from '../../job/answers/NumberAnswer';
import { Ranked } from '../../job/answers/RankedAnswer';
import { textAt, useBench } from '../../job/bench';
import { useSay } from '../../words/person';

/** A part that is bought new: what is stamped on it, what was read of it, and what that may mean. */
export function PartSizePanel({ step }: { step: Step }) {
  const say = useSay();
  const bench = useBench();
  const finding = bench.report.part_findings.find((one) => one.part === step.part);
  const place = step.asks.find((one) => one.role === 'sized')?.place;
  const text = place && textAt(bench.entries, place, 'text');
  const named = step.verdicts[0]?.kind === 'bearing_number';
  return (
    <Flex direction="column" gap="4">
      <AnswersPanel step={step} />
      {finding && finding.candidates.length > 0 && (
        <Ranked
          onTake={place ? (name) => bench.keep(place, { text: name }) : undefined}
          rows={finding.candidates.map((one) => ({
            name: say(one.name),
            sizes: say(one.sizes),
            share: one.probability,
            system: one.system,
          }))}
        />
      )}
      {named && text && <Numbered number={text} />}
    </Flex>
  );
}

/** A stamped number taken apart, with what may stand in for it. */
export function Numbered({ number }: { number: string }) {
  const { data } = useBearingNumber(number);
  return data ? <NumberAnswer result={data} /> : null;
}
