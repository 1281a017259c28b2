import { Flex } from '@chakra-ui/react';
import type { Step } from '../../api/types';
import { AnswersPanel } from '../../job/AnswersPanel';
import { AskField } from '../../job/AskField';

/** Parts that leave the hub at this step, and what is noted beside them. */
export function TrayPanel({ step }: { step: Step }) {
  const parts = step.asks.filter((ask) => ask.kind === 'part');
  return (
    <Flex direction="column" gap="4">
      {parts.map((ask) => (
        <AskField key={ask.place} ask={ask} />
      ))}
      <AnswersPanel step={{ ...step, asks: step.asks.filter((ask) => ask.kind !== 'part') }} />
    </Flex>
  );
}
