import { Box, Flex, Grid } from '@chakra-ui/react';
import type { Step } from '../../api/types';
import { AskField } from '../../parts/AskField';

/** One fastener: its figure large, where it comes from, what it takes, and that it is done. */
export function TorquePanel({ step }: { step: Step }) {
  const of = (end: string) => step.asks.find((ask) => ask.place.endsWith(end));
  const field = (end: string) => {
    const ask = of(end);
    return ask && <AskField ask={ask} />;
  };
  return (
    <Flex direction="column" gap="4" data-fields="">
      <Grid templateColumns="repeat(auto-fit, minmax(140px, 1fr))" gap="4">
        <Box>{field('.torque')}</Box>
        <Box>{field('.spanner')}</Box>
        <Box>{field('.thread')}</Box>
      </Grid>
      {field('.source')}
      {field('.done')}
    </Flex>
  );
}
