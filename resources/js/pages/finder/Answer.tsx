import { Box, chakra, Grid } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { DefectOrders, TaperSet, Words, Worked } from '../../api/types';
import { FitAnswer, PressFitAnswer, SurveyAnswer } from '../../job/answers/FitAnswer';
import { Heading } from '../../job/answers/Heading';
import { NumberAnswer } from '../../job/answers/NumberAnswer';
import { CaliperAnswer, PartAnswer } from '../../job/answers/RankedAnswer';
import { Heard } from '../../job/sound/Heard';

interface Props {
  worked: Worked;
  /** Whether the ring sits on a shaft. */
  onShaft: boolean;
  /** Asks about a number that the answer names. */
  onTry: (number: string) => void;
}

/** What a calculator found, beside its verdict: a drawing, a ranking, what may stand in; nothing where its verdict says all. */
export function Answer({ worked, onShaft, onTry }: Props): ReactNode {
  switch (worked.calculator) {
    case 'bearing-number':
      return <NumberAnswer result={worked.result} onTry={onTry} />;
    case 'bearing-from-caliper':
      return <CaliperAnswer result={worked.result} onTry={onTry} />;
    case 'seal':
    case 'snap-ring':
    case 'balls':
    case 'split-pin':
    case 'o-ring':
      return <PartAnswer result={worked.result} />;
    case 'defect-orders':
      return <Orders result={worked.result} />;
    case 'listen':
      return <Heard heard={worked.result} />;
    case 'taper-set':
      return <Tapers result={worked.result} />;
    case 'fit':
      return <FitAnswer result={worked.result} />;
    case 'shaft-fit':
      return <FitAnswer result={worked.result} onShaft />;
    case 'press-fit':
      return <PressFitAnswer result={worked.result} onShaft={onShaft} />;
    case 'bore-survey':
      return <SurveyAnswer result={worked.result} />;
    default:
      return null;
  }
}

/** What of an answer a job can be told: a number, or the sizes of a seal, ring or pin. */
export function told(worked: Worked): Words | null {
  switch (worked.calculator) {
    case 'bearing-number':
      return worked.result.written;
    case 'bearing-from-caliper':
      return worked.result.number;
    case 'taper-set':
      return worked.result.set;
    case 'seal':
    case 'snap-ring':
    case 'balls':
    case 'split-pin':
    case 'o-ring':
      return worked.result.found;
    default:
      return null;
  }
}

const PARTS: Record<string, string> = {
  outer_ring: 'Outer ring',
  inner_ring: 'Inner ring',
  ball: 'Ball',
  cage: 'Cage',
};

/** Where each part speaks: times a turn with what a slipping cage makes of it, and times a second. */
const Orders = ({ result }: { result: DefectOrders }) => (
  <Grid as="dl" templateColumns="auto auto auto 1fr" columnGap="6" rowGap="2" alignItems="baseline">
    {result.orders.map((one) => (
      <Box key={one.part} display="contents">
        <chakra.dt color="mute">{PARTS[one.part]}</chakra.dt>
        <chakra.dd fontFamily="heading" fontSize="22px" fontWeight="600">
          {one.order.toFixed(2)} × a turn
        </chakra.dd>
        <chakra.dd color="mute">
          {one.least.toFixed(2)} to {one.most.toFixed(2)}
        </chakra.dd>
        <chakra.dd fontSize="18px">{one.hz.toFixed(1)} Hz</chakra.dd>
      </Box>
    ))}
  </Grid>
);

const listed = (names: string[]): string => names.join(', ') || 'none in the table';

const Tapers = ({ result }: { result: TaperSet }) => (
  <Box>
    <Mates title="Cups for this cone" names={result.cups} />
    <Mates title="Cones for this cup" names={result.cones} />
  </Box>
);

const Mates = ({ title, names }: { title: string; names: string[] }) => (
  <Box mb="3">
    <Heading>{title}</Heading>
    <chakra.p fontFamily="heading" fontSize="19px" fontWeight="600">
      {listed(names)}
    </chakra.p>
  </Box>
);
