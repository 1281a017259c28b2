import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { Fragment } from 'react';
import type { Ask, Step } from '../../api/types';
import { FitPicture } from '../../drawing/FitPicture';
import { Slides } from '../../drawing/Slides';
import { WallStrip } from '../../drawing/WallStrip';
import { AskField } from '../../job/AskField';
import { Remedies } from '../../job/answers/FitAnswer';
import { Heading } from '../../job/answers/Heading';
import { useBench } from '../../job/bench';
import { ReadingField } from '../../job/ReadingField';
import { ink } from '../../theme/system';
import { useUnits } from '../../words/person';
import { deviation, length } from '../../words/say';

const DEPTHS = [
  ['lip', 'At the lip'],
  ['middle', 'In the middle'],
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

/**
 * Diameters of a seat: three depths, three clock directions. Beside them what it looks like and what hands felt; below, the
 * wall and the fit drawn.
 */
export function SurveyPanel({ step }: { step: Step }) {
  const { report } = useBench();
  const units = useUnits();
  const seat = report.seats.find((one) => step.asks.some((ask) => ask.role === 'feel' && ask.seat === one.key));
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
        .filter((ask) => ask.kind === 'choice' || ask.kind === 'choices')
        .map((ask) => (
          <AskField key={ask.place} ask={ask} />
        ))}
      {seat && seat.map.length > 1 && (
        <Box>
          <Heading>The wall, unrolled: plus is larger than the mean</Heading>
          <WallStrip map={seat.map} text={(mm) => length(mm, units, 3).replace(/ \w+$/, '')} />
        </Box>
      )}
      {seat?.bands && (seat.bands.seat_measured || seat.remedies.length > 0) && (
        <Slides least={540}>
          <FitPicture
            bands={seat.bands}
            onShaft={seat.seat === 'shaft'}
            text={(mm) => length(mm, units, 3)}
            off={(mm) => deviation(mm, units)}
          />
        </Slides>
      )}
      {seat && seat.remedies.length > 0 && <Remedies list={seat.remedies} />}
    </Flex>
  );
}
