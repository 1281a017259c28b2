import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import type { JobReport, Step } from '../../api/types';
import { Button } from '../../controls/Button';
import { AnswersPanel } from '../../job/AnswersPanel';
import { Heading } from '../../job/answers/Heading';
import { textAt, useBench } from '../../job/bench';
import { useSay, useUnits } from '../../words/person';
import { length } from '../../words/say';

type Cartridge = NonNullable<JobReport['conversion']>['cartridges'][number];

/** From cups to cartridges: which go in, and what is made for the best of them, each piece with its drawing. */
export function ConversionPanel({ step }: { step: Step }) {
  const say = useSay();
  const bench = useBench();
  const { conversion } = bench.report;
  const units = useUnits();
  const wall = (name: string, mm: number | null) => (mm === null ? null : `${name} ${length(mm, units, 2)}`);
  const number = step.asks.find((ask) => ask.kind === 'number')?.place;
  const made = step.asks.find((ask) => ask.kind === 'choices')?.place;
  const chosen = textAt(bench.entries, number, 'text');
  const making = (bench.entries.get(made ?? '')?.value?.choices as string[] | undefined) ?? [];
  // A seat that was read again may want other pieces for the same bearing.
  const goesIn = (one: Cartridge) =>
    chosen === one.sealed && making.length === one.made.length && one.made.every((piece) => making.includes(piece));
  const take = (one: Cartridge) => {
    if (number) bench.keep(number, { text: one.sealed });
    if (made) bench.keep(made, one.made.length > 0 ? { choices: one.made } : null);
  };
  return (
    <Flex direction="column" gap="4">
      <AnswersPanel step={step} fieldsFirst />
      {conversion && conversion.cartridges.length > 0 && (
        <Box>
          <Heading>Cartridges that fit both seats</Heading>
          <Box as="ol" listStyleType="none">
            {conversion.cartridges.map((one, i) => (
              <Grid
                as="li"
                key={one.number}
                templateColumns="110px 1fr auto"
                borderTopWidth="1px"
                borderColor="line"
                py="1.5"
                alignItems="baseline"
              >
                <chakra.strong fontFamily="heading" fontSize={i === 0 ? '24px' : '18px'}>
                  {one.number}
                </chakra.strong>
                <span>
                  {one.sizes}
                  <chakra.span color={one.thin ? 'brass' : 'mute'} display="block" fontSize="14px">
                    {[
                      wall('ring left', one.shim_left_mm),
                      wall('ring right', one.shim_right_mm),
                      wall('bush', one.bush_mm),
                    ]
                      .filter(Boolean)
                      .join(', ') || 'nothing to make but the spacer tube'}
                    {one.thin && ': too thin to trust'}
                  </chakra.span>
                </span>
                {goesIn(one) ? (
                  <chakra.span color="mute" fontSize="14px" alignSelf="center">
                    goes in
                  </chakra.span>
                ) : (
                  <Button
                    look="plain"
                    alignSelf="center"
                    disabled={bench.closed}
                    aria-label={`Use ${one.number}`}
                    onClick={() => take(one)}
                  >
                    Use it
                  </Button>
                )}
              </Grid>
            ))}
          </Box>
        </Box>
      )}
      {conversion && conversion.pieces.length > 0 && (
        <Box>
          <Heading>To make</Heading>
          <Box as="ul" listStyleType="none">
            {conversion.pieces.map((piece) => {
              const of = new URLSearchParams({
                title: say(piece.name),
                outside: String(piece.outside_mm),
                bore: String(piece.bore_mm),
                bore_to: String(piece.bore_to_mm),
                length: String(piece.length_mm),
              });
              return (
                <Grid
                  as="li"
                  key={piece.outside_mm + piece.bore_mm}
                  templateColumns="150px 1fr auto"
                  gap="3"
                  borderTopWidth="1px"
                  borderColor="line"
                  alignItems="center"
                  minH="44px"
                >
                  <chakra.strong fontFamily="heading">{say(piece.name)}</chakra.strong>
                  <span>
                    {length(piece.outside_mm, units)} outside, {length(piece.bore_mm, units)} bore,{' '}
                    {length(piece.length_mm, units)} long
                  </span>
                  <span>
                    {(['svg', 'dxf'] as const).map((form) => (
                      <chakra.a
                        key={form}
                        color="blue"
                        fontWeight="600"
                        px="1.5"
                        py="2"
                        href={`/files/turned-piece.${form}?${of}`}
                      >
                        {form.toUpperCase()}
                      </chakra.a>
                    ))}
                  </span>
                </Grid>
              );
            })}
          </Box>
        </Box>
      )}
    </Flex>
  );
}
