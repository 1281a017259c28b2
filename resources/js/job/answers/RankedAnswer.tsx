import { Box, chakra, Flex } from '@chakra-ui/react';
import type { BearingFromCaliper, PartFound } from '../../api/types';
import { BearingSection } from '../../drawing/BearingSection';
import { useSay, useUnits } from '../../words/person';
import { length, sizes } from '../../words/say';
import { Heading } from './Heading';

interface Row {
  name: string;
  sizes: string;
  share: number;
  system: string;
  note?: string;
}

/** What readings may mean, the likeliest first, each with how likely it is. */
export function Ranked({ rows, onTake }: { rows: Row[]; onTake?: (name: string) => void }) {
  const none = rows.every((row) => row.share === 0);
  return (
    <Box>
      <Heading>{none ? 'Nothing fits. The nearest:' : 'The readings may mean'}</Heading>
      <Flex as="ol" direction="column" listStyleType="none">
        {rows.map((row, i) => (
          <chakra.li key={row.name + row.sizes} borderTopWidth="1px" borderColor="line" position="relative">
            <Box
              aria-hidden
              position="absolute"
              left="0"
              bottom="0"
              h="3px"
              bg={i === 0 ? 'blue' : 'steel'}
              w={`${Math.round(row.share * 100)}%`}
            />
            <Flex align="center" gap="4" minH="48px" py="1" wrap="wrap">
              <chakra.button
                type="button"
                disabled={!onTake}
                onClick={() => onTake?.(row.name)}
                cursor={onTake ? 'pointer' : undefined}
                fontFamily="heading"
                fontWeight="600"
                fontSize={i === 0 ? '26px' : '19px'}
                color={onTake ? 'blue' : 'ink'}
                minW="112px"
                minH="44px"
                textAlign="left"
                title={onTake ? `Read ${row.name}` : undefined}
              >
                {row.name}
              </chakra.button>
              <chakra.span flex="1" fontVariantNumeric="tabular-nums">
                {row.sizes}
                {row.system === 'inch' && <chakra.span color="brass"> · inch</chakra.span>}
                {row.note && (
                  <chakra.span display="block" color="mute" fontSize="13.5px">
                    {row.note}
                  </chakra.span>
                )}
              </chakra.span>
              {row.share > 0 && (
                <chakra.span fontFamily="heading" fontWeight="600" fontSize="19px" fontVariantNumeric="tabular-nums">
                  {row.share < 0.01 ? '< 1' : Math.round(row.share * 100)}%
                </chakra.span>
              )}
            </Flex>
          </chakra.li>
        ))}
      </Flex>
    </Box>
  );
}

export function CaliperAnswer({ result, onTry }: { result: BearingFromCaliper; onTry?: (number: string) => void }) {
  const say = useSay();
  const units = useUnits();
  const best = result.candidates[0];
  return (
    <Flex direction="column" gap="4">
      {best && result.number && (
        <BearingSection of={{ ...best, kind: 'deep_groove' }} text={(mm) => length(mm, units)} />
      )}
      <Ranked
        onTake={onTry}
        rows={result.candidates.map((one) => ({
          name: one.number,
          sizes: sizes([one.bore_mm, one.outside_mm, one.width_mm], units),
          share: one.probability,
          system: one.system,
          note: `${say(one.kind)}${one.others.length > 0 ? `; the same size: ${one.others.slice(0, 5).join(', ')}` : ''}`,
        }))}
      />
    </Flex>
  );
}

export function PartAnswer({ result }: { result: PartFound }) {
  const say = useSay();
  return (
    <Ranked
      rows={result.candidates.map((one) => ({
        name: say(one.name),
        sizes: say(one.sizes),
        share: one.probability,
        system: one.system,
      }))}
    />
  );
}
