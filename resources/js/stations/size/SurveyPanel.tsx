import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { Fragment } from 'react';
import type { Ask, Step } from '../../api/types';
import { AskField } from '../../parts/AskField';
import { ReadingField } from '../../parts/ReadingField';
import { ink } from '../../theme/system';

const DEPTHS = [
  ['lip', 'At the lip'],
  ['bottom', 'At the bottom'],
] as const;
const CLOCKS = ['12', '2', '4'];

/** The direction of a diameter, as a small clock with a line across it. */
const Across = ({ clock }: { clock: string }) => (
  <chakra.svg viewBox="-16 -16 32 32" w="30px" h="30px" mx="auto" aria-hidden>
    <circle r="13" fill="none" stroke={ink('steel')} strokeWidth="4" />
    <path
      d="M0-15V15M-3-11 0-15l3 4M-3 11 0 15l3-4"
      fill="none"
      stroke={ink('blue')}
      strokeWidth="2"
      transform={`rotate(${Number(clock) * 30})`}
    />
  </chakra.svg>
);

/** Diameters of a bore: two depths, three clock directions. Beside them, what the hands felt. */
export function SurveyPanel({ step }: { step: Step }) {
  const at = (where: string): Ask | undefined => step.asks.find((ask) => ask.at === where);
  return (
    <Flex direction="column" gap="4" data-fields="">
      <Grid templateColumns="96px repeat(3, minmax(84px, 1fr))" gap="2" alignItems="center">
        <span />
        {CLOCKS.map((clock) => (
          <Box key={clock} textAlign="center" fontFamily="heading" fontWeight="600">
            <Across clock={clock} />
            {clock}
          </Box>
        ))}
        {DEPTHS.map(([depth, name]) => (
          <Fragment key={depth}>
            <chakra.span color="mute" fontSize="14px">
              {name}
            </chakra.span>
            {CLOCKS.map((clock) => {
              const ask = at(`${depth}:${clock}`);
              return ask && <ReadingField key={clock} ask={ask} label={`${name}, ${clock}`} short />;
            })}
          </Fragment>
        ))}
      </Grid>
      {step.asks
        .filter((ask) => ask.kind === 'choice')
        .map((ask) => (
          <AskField key={ask.place} ask={ask} />
        ))}
    </Flex>
  );
}
