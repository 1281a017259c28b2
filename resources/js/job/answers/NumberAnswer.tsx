import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import type { BearingNumber } from '../../api/types';
import { BearingSection } from '../../drawing/BearingSection';
import { useSay, useUnits } from '../../words/person';
import { length } from '../../words/say';
import { VerdictCard } from '../VerdictCard';
import { Heading } from './Heading';

/** A bearing number taken apart: its section, what to ask for, its signs, what may stand in for it and what may not. */
export function NumberAnswer({ result, onTry }: { result: BearingNumber; onTry?: (number: string) => void }) {
  const say = useSay();
  const units = useUnits();
  const may = result.substitutes.filter((one) => one.may);
  const not = result.substitutes.filter((one) => !one.may);
  const known = result.bore_mm !== null && result.outside_mm !== null && result.width_mm !== null;
  return (
    <Flex direction="column" gap="4">
      <Grid templateColumns={known ? { base: '1fr', sm: '300px 1fr' } : '1fr'} gap="5" alignItems="start">
        {known && (
          <BearingSection
            of={{
              bore_mm: result.bore_mm ?? 0,
              outside_mm: result.outside_mm ?? 0,
              width_mm: result.width_mm ?? 0,
              kind: result.kind,
              seals: result.seals,
            }}
            text={(mm) => length(mm, units)}
          />
        )}
        <Box>
          <Heading>At the counter</Heading>
          <chakra.p fontFamily="heading" fontSize="20px" fontWeight="600" lineHeight="1.25">
            {say(result.counter)}
          </chakra.p>
          {result.signs.length > 0 && (
            <Grid as="dl" templateColumns="auto 1fr" columnGap="3" rowGap="0.5" mt="3" fontSize="14.5px">
              {result.signs.map((sign) => (
                <Box key={sign.sign} display="contents">
                  <chakra.dt fontFamily="heading" fontWeight="600">
                    {sign.sign}
                  </chakra.dt>
                  <chakra.dd color={sign.family === 'unknown' ? 'brass' : 'ink'}>{say(sign.meaning)}</chakra.dd>
                </Box>
              ))}
            </Grid>
          )}
        </Box>
      </Grid>
      {result.candidates.length > 0 && (
        <Box>
          <Heading>It can also be read as</Heading>
          <Flex as="ul" direction="column" listStyleType="none">
            {result.candidates.map((one) => (
              <chakra.li key={one.written + say(one.reading)} borderTopWidth="1px" borderColor="line">
                <chakra.button
                  type="button"
                  onClick={() => onTry?.(one.written)}
                  disabled={!onTry}
                  display="flex"
                  gap="3"
                  w="100%"
                  minH="44px"
                  alignItems="center"
                  textAlign="left"
                  cursor={onTry ? 'pointer' : undefined}
                >
                  <chakra.span fontFamily="heading" fontWeight="600" fontSize="18px" color="blue" minW="92px">
                    {one.written}
                  </chakra.span>
                  <chakra.span>
                    {one.sizes ?? 'size not in the table'} <chakra.span color="mute">· {say(one.reading)}</chakra.span>
                    {one.guessed && <chakra.span color="mute"> · {say(one.guessed)}</chakra.span>}
                  </chakra.span>
                </chakra.button>
              </chakra.li>
            ))}
          </Flex>
        </Box>
      )}
      {result.in_this_hub && <VerdictCard verdict={result.in_this_hub} />}
      <Grid templateColumns={{ base: '1fr', sm: '1fr 1fr' }} gap="5">
        <Box>
          <Heading>May go in its place</Heading>
          <Stand list={may} />
        </Box>
        <Box>
          <Heading>Looks like it, but must not go in</Heading>
          <Stand list={not} />
        </Box>
      </Grid>
    </Flex>
  );
}

function Stand({ list }: { list: BearingNumber['substitutes'] }) {
  const say = useSay();
  return (
    <Box as="ul" listStyleType="none" fontSize="14.5px">
      {list.map((one) => (
        <chakra.li key={say(one.number)} py="1.5" borderTopWidth="1px" borderColor="line">
          <chakra.strong fontFamily="heading" fontSize="16px" color={one.may ? 'verdigris' : 'oxide'}>
            <span aria-hidden>{one.may ? '✓ ' : '✕ '}</span>
            {say(one.number)}
          </chakra.strong>
          <chakra.span display="block">{say(one.why)}</chakra.span>
        </chakra.li>
      ))}
      {list.length === 0 && <chakra.li color="mute">Nothing near it in the table.</chakra.li>}
    </Box>
  );
}
