import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import type { Fit, PressFit, Remedy, Survey } from '../../api/types';
import { FitPicture } from '../../drawing/FitPicture';
import { Slides } from '../../drawing/Slides';
import { WallStrip } from '../../drawing/WallStrip';
import { useSay, useUnits } from '../../words/person';
import { deviation, length } from '../../words/say';
import { VerdictCard } from '../VerdictCard';
import { Heading } from './Heading';

/** Ring and seat as two bands, and what may be done when they do not hold. */
export function FitAnswer({ result, onShaft = false }: { result: Fit; onShaft?: boolean }) {
  const units = useUnits();
  return (
    <Flex direction="column" gap="4">
      <Slides least={540}>
        <FitPicture
          bands={result.bands}
          onShaft={onShaft}
          text={(mm) => length(mm, units, 3)}
          off={(mm) => deviation(mm, units)}
        />
      </Slides>
      {result.remedies.length > 0 && <Remedies list={result.remedies} />}
    </Flex>
  );
}

export function Remedies({ list }: { list: Remedy[] }) {
  const say = useSay();
  return (
    <Box>
      <Heading>When it does not hold</Heading>
      {list.map((one) => (
        <Grid
          key={say(one.name)}
          templateColumns={{ base: '1fr', sm: '176px 1fr' }}
          columnGap="4"
          py="2"
          borderTopWidth="1px"
          borderColor="line"
          opacity={one.serves ? 1 : 0.75}
        >
          <chakra.strong fontFamily="heading" fontSize="17px">
            {say(one.name)}
            {!one.serves && (
              <chakra.span display="block" fontSize="13.5px" color="brass">
                only as a stopgap
              </chakra.span>
            )}
          </chakra.strong>
          <Box fontSize="14.5px">
            {say(one.what)}. <chakra.span color="mute">{say(one.cost)}.</chakra.span>
            <chakra.span display="block">{say(one.risk)}</chakra.span>
          </Box>
        </Grid>
      ))}
    </Box>
  );
}

/** Fit, heat, force and clearance, which all move together; of a loose fit nothing follows. */
export function PressFitAnswer({ result, onShaft = false }: { result: PressFit; onShaft?: boolean }) {
  return (
    <Flex direction="column" gap="4">
      <FitAnswer result={result.fit} onShaft={onShaft} />
      <Grid templateColumns={{ base: '1fr', sm: 'repeat(auto-fit, minmax(250px, 1fr))' }} gap="4" alignItems="start">
        {result.heat && <VerdictCard verdict={result.heat.verdict} />}
        {result.force && <VerdictCard verdict={result.force.verdict} />}
        {result.clearance && <VerdictCard verdict={result.clearance.verdict} />}
      </Grid>
    </Flex>
  );
}

export function SurveyAnswer({ result }: { result: Survey }) {
  const units = useUnits();
  return (
    <Box>
      <Heading>The wall, unrolled: plus is larger than the mean</Heading>
      <WallStrip map={result.map} text={(mm) => length(mm, units, 3).replace(/ \w+$/, '')} />
    </Box>
  );
}
