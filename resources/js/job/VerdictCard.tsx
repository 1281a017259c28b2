import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { Fragment } from 'react';
import type { Verdict } from '../api/types';
import { LevelMark } from '../controls/LevelMark';
import { levelColours } from '../theme/system';
import { useSay, useUnits } from '../words/person';
import { amount, shown, symbol, type Units } from '../words/say';

const withSpread = (figure: Verdict['figures'][number], units: Units): string => {
  const { quantity, plus_minus } = figure;
  if (!plus_minus) return shown(quantity, units);
  const inUnits = (value: number): string => amount(value, quantity.unit, quantity.digits, units);
  return `${inUnits(quantity.value)} ± ${inUnits(plus_minus)}${symbol(quantity.unit, units)}`;
};

/** A judgement: level, headline, one sentence, figures, why, what next, and how it was worked out. */
export function VerdictCard({ verdict, main = false }: { verdict: Verdict; main?: boolean }) {
  const say = useSay();
  const units = useUnits();
  const colours = levelColours[verdict.level];
  return (
    <Box as="section" aria-label={`Verdict: ${say(verdict.headline)}`}>
      <Box
        bg={colours.ground}
        borderLeftWidth={main ? '8px' : '5px'}
        borderLeftStyle="solid"
        borderColor={colours.mark}
        px={main ? '5' : '4'}
        py={main ? '4' : '3'}
      >
        <Flex align="center" gap="2" color={colours.mark}>
          <LevelMark level={verdict.level} size={main ? 28 : 20} />
          <chakra.h3 fontSize={main ? '28px' : '19px'}>{say(verdict.headline)}</chakra.h3>
        </Flex>
        <chakra.p mt={main ? '2' : '1'} fontSize={main ? '16px' : '14.5px'}>
          {say(verdict.sentence)}
        </chakra.p>
        {verdict.next && (
          <chakra.p mt="2" fontSize="14.5px" fontWeight="500">
            {say(verdict.next)}
          </chakra.p>
        )}
      </Box>
      <Box px={main ? '5' : '4'} py="2">
        {verdict.figures.length > 0 && (
          <Grid as="dl" templateColumns="1fr auto" columnGap="3" rowGap="1" py="1">
            {verdict.figures.map((figure) => (
              <Fragment key={figure.name}>
                <chakra.dt fontSize="14.5px">{say(figure.label)}</chakra.dt>
                <chakra.dd
                  fontFamily="heading"
                  fontWeight="600"
                  fontSize="18px"
                  textAlign="right"
                  fontVariantNumeric="tabular-nums"
                >
                  {withSpread(figure, units)}
                </chakra.dd>
              </Fragment>
            ))}
          </Grid>
        )}
        {verdict.why.length > 0 && (
          <chakra.ul listStyleType="disc" pl="5" fontSize="14.5px">
            {verdict.why.slice(0, 6).map((reason) => (
              <li key={reason.key + say(reason)}>{say(reason)}</li>
            ))}
            {verdict.why.length > 6 && <li>and {verdict.why.length - 6} more</li>}
          </chakra.ul>
        )}
        {verdict.settled_by && (
          <chakra.p fontSize="14.5px" color="mute">
            {say(verdict.settled_by)}
          </chakra.p>
        )}
        {verdict.working.lines.length > 0 && (
          <chakra.details fontSize="14px" mt="1">
            <chakra.summary cursor="pointer" color="blue" minH="44px" py="2.5">
              How this was worked out
            </chakra.summary>
            <chakra.ol mb="2">
              {verdict.working.lines.map((line) => (
                <chakra.li key={say(line.what)} py="1" borderTopWidth="1px" borderColor="line">
                  <strong>{say(line.what)}</strong>: {say(line.formula)}
                  <Box color="mute" fontVariantNumeric="tabular-nums">
                    {say(line.numbers)} → <chakra.span color="ink">{say(line.result)}</chakra.span>
                  </Box>
                </chakra.li>
              ))}
            </chakra.ol>
          </chakra.details>
        )}
      </Box>
    </Box>
  );
}
