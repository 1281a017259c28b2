import { Box, chakra, Grid } from '@chakra-ui/react';
import { Button } from '../../controls/Button';
import { useBench } from '../../job/bench';
import { FELT, minutes, STAGES, type Try, wordOf } from './cone';

/** The tries made so far; the one that contradicts the others is washed. */
export function ConeTries({ tries }: { tries: Try[] }) {
  const bench = useBench();
  const coach = bench.report.set.cone;
  return (
    <Box as="ol" aria-label="Tries" listStyleType="none" fontSize="14.5px">
      {tries.map((one, i) => (
        <Grid
          as="li"
          key={one.place}
          templateColumns="28px 70px 1fr 1fr 90px 44px"
          alignItems="center"
          borderTopWidth="1px"
          borderColor="line"
          minH="44px"
          bg={coach?.repeat === i + 1 ? 'brassWash' : undefined}
        >
          <chakra.span fontFamily="heading" fontWeight="600">
            {i + 1}
          </chakra.span>
          <span>{minutes(one.mark)} min</span>
          <span>{wordOf(STAGES, one.stage)}</span>
          <span>{wordOf(FELT, one.felt)}</span>
          <span>{one.typed && `${one.typed} at the rim`}</span>
          {!bench.closed && (
            <Button look="quiet" aria-label={`Take try ${i + 1} back`} onClick={() => bench.keep(one.place, null)}>
              ✕
            </Button>
          )}
        </Grid>
      ))}
    </Box>
  );
}
