import { Box, Flex, Grid } from '@chakra-ui/react';
import type { Ask, Step } from '../api/types';
import { AskField } from './AskField';

const isField = (ask: Ask): boolean =>
  [
    'length',
    'depth',
    'text',
    'thread',
    'turn',
    'count',
    'meter',
    'when',
    'number',
    'torque',
    'temperature',
    'heat',
    'gauge',
  ].includes(ask.kind);

/** Answers to tap, then fields to type in, two abreast; the other way about where the reading is what matters. */
export function AnswersPanel({ step, fieldsFirst = false }: { step: Step; fieldsFirst?: boolean }) {
  const taps = step.asks.filter((ask) => !isField(ask));
  const fields = step.asks.filter(isField);
  const wide = fields.filter((ask) => ask.kind === 'text' && fields.length < 4);
  const narrow = fields.filter((ask) => !wide.includes(ask));
  const grid = narrow.length > 0 && (
    <Grid templateColumns="repeat(auto-fill, minmax(228px, 1fr))" columnGap="4" rowGap="2">
      {narrow.map((ask) => (
        <Box key={ask.place}>
          <AskField ask={ask} />
        </Box>
      ))}
    </Grid>
  );
  return (
    <Flex direction="column" gap="4" data-fields="">
      {fieldsFirst && grid}
      {[...taps, ...wide].map((ask) => (
        <AskField key={ask.place} ask={ask} />
      ))}
      {!fieldsFirst && grid}
    </Flex>
  );
}
