import { Box, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { BearingFromCaliper, BearingNumber, Fit, PartFound, PressFit, Survey, TaperSet } from '../../api/types';
import { FitAnswer, PressFitAnswer, SurveyAnswer } from '../../parts/answers/FitAnswer';
import { Heading } from '../../parts/answers/Heading';
import { NumberAnswer } from '../../parts/answers/NumberAnswer';
import { CaliperAnswer, PartAnswer } from '../../parts/answers/RankedAnswer';

interface Props {
  name: string;
  input: Record<string, unknown>;
  result: Record<string, unknown>;
  /** Asks about a number that the answer names. */
  onTry: (number: string) => void;
}

/** What a calculator found, beside its verdict: a drawing, a ranking, what may stand in. Nothing for those that say it all in their verdict. */
export function Answer({ name, input, result, onTry }: Props): ReactNode {
  switch (name) {
    case 'bearing-number':
      return <NumberAnswer result={result as unknown as BearingNumber} onTry={onTry} />;
    case 'bearing-from-caliper':
      return <CaliperAnswer result={result as unknown as BearingFromCaliper} onTry={onTry} />;
    case 'seal':
    case 'snap-ring':
    case 'balls':
    case 'split-pin':
    case 'o-ring':
      return <PartAnswer result={result as unknown as PartFound} />;
    case 'taper-set':
      return <Tapers result={result as unknown as TaperSet} />;
    case 'fit':
    case 'shaft-fit':
      return <FitAnswer result={result as unknown as Fit} onShaft={name === 'shaft-fit'} />;
    case 'press-fit':
      return <PressFitAnswer result={result as unknown as PressFit} onShaft={input.seat === 'shaft'} />;
    case 'bore-survey':
      return <SurveyAnswer result={result as unknown as Survey} />;
    default:
      return null;
  }
}

const Tapers = ({ result }: { result: TaperSet }) => (
  <Box>
    {[
      ['Cups for this cone', result.cups],
      ['Cones for this cup', result.cones],
    ].map(([title, list]) => (
      <Box key={title as string} mb="3">
        <Heading>{title}</Heading>
        <chakra.p fontFamily="heading" fontSize="19px" fontWeight="600">
          {(list as string[]).join(', ') || 'none in the table'}
        </chakra.p>
      </Box>
    ))}
  </Box>
);
