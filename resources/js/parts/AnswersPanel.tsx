import { Box, Flex, Grid } from '@chakra-ui/react';
import type { Ask, Step } from '../api/types';
import { AskField } from './AskField';

const isField = (ask: Ask): boolean =>
  ['length', 'depth', 'text', 'number', 'torque', 'temperature', 'heat', 'gauge'].includes(ask.kind);

/** Answers to tap, then fields to type in, two abreast. */
export function AnswersPanel({ step }: { step: Step }) {
  const taps = step.asks.filter((ask) => !isField(ask));
  const fields = step.asks.filter(isField);
  const wide = fields.filter((ask) => ask.kind === 'text' && fields.length < 4);
  return (
    <Flex direction="column" gap="4" data-fields="">
      {taps.map((ask) => (
        <AskField key={ask.place} ask={ask} />
      ))}
      {wide.map((ask) => (
        <AskField key={ask.place} ask={ask} />
      ))}
      <Grid templateColumns="repeat(auto-fill, minmax(228px, 1fr))" columnGap="4" rowGap="2">
        {fields
          .filter((ask) => !wide.includes(ask))
          .map((ask) => (
            <Box key={ask.place}>
              <AskField ask={ask} />
            </Box>
          ))}
      </Grid>
    </Flex>
  );
}
