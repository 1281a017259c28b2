import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import type { Step, ToolToMake } from '../../api/types';
import { Button } from '../../controls/Button';
import { LevelMark } from '../../controls/LevelMark';
import { useBench } from '../../job/bench';
import { ReadingField } from '../../job/ReadingField';
import { useSay, useUnits } from '../../words/person';
import { length } from '../../words/say';
import { DriverPlan } from './DriverPlan';
import { DriverSection } from './DriverSection';

/** The address of a drawing of a piece to make. */
export const drawingOf = (make: ToolToMake, form: 'svg' | 'dxf', title: string): string => {
  const sizes: Record<string, string> = {
    title,
    outside: make.outside_least_mm.toFixed(2),
    outside_to: make.outside_most_mm.toFixed(2),
    bore: make.opening_least_mm.toFixed(2),
    bore_to: make.opening_most_mm.toFixed(2),
    length: make.length_mm.toFixed(1),
    nose: make.pilot_mm?.toFixed(2) ?? '',
  };
  return `/files/turned-piece.${form}?${new URLSearchParams(sizes)}`;
};

/** The tool wall, best first, and the chosen one standing on the ring in plan and in section; what to make when none will do. */
export function DriverPanel({ step }: { step: Step }) {
  const say = useSay();
  const bench = useBench();
  const units = useUnits();
  const place = step.asks.find((one) => one.role === 'driver')?.place ?? '';
  const taken = bench.entries.get(place)?.value?.choice;
  const seat = bench.report.drivers.find((one) => one.place === place);
  const piece = bench.report.section.pieces.find((one) => one.part === seat?.parts[0]);
  if (!seat) return null;
  const { choice, chosen } = seat;
  const name = chosen ? say(chosen.name) : '';
  const others = step.asks[0]?.options.filter((one) => !choice.tools.some((tool) => tool.id === one.value)) ?? [];
  const sizes = step.asks.slice(1);
  const makeable = choice.make.outside_least_mm <= choice.make.outside_most_mm;
  return (
    <Grid templateColumns={{ base: '1fr', xl: '220px 1fr' }} gap="5" alignItems="start">
      <Box>
        {piece && (
          <>
            <DriverPlan bearing={piece} zones={choice} tool={chosen} name={name} />
            <Box mt="3">
              <DriverSection
                bearing={piece}
                zones={choice}
                tool={chosen}
                name={name}
                text={(mm) => length(mm, units, 1)}
              />
            </Box>
          </>
        )}
        <chakra.p fontSize="13.5px" color="mute" mt="1">
          Blue: where {chosen ? `the ${name}` : 'a driver'} stands. Grey: the rings' faces; between them the seal.
        </chakra.p>
      </Box>
      <Box>
        <Flex as="ul" direction="column" gap="1.5">
          {choice.tools.map((tool) => (
            <li key={tool.id}>
              <Button
                look="answer"
                aria-pressed={taken === tool.id}
                disabled={bench.closed}
                w="100%"
                justifyContent="start"
                textAlign="left"
                data-place={place}
                onClick={() => bench.keep(place, { choice: tool.id })}
              >
                <chakra.span bg="card" borderRadius="full" p="1" display="inline-flex">
                  <LevelMark level={tool.level} size={18} />
                </chakra.span>
                <Box flex="1">
                  <chakra.span fontFamily="heading" fontWeight="600" fontSize="17px">
                    {say(tool.name)}
                  </chakra.span>{' '}
                  <chakra.span fontSize="13.5px" whiteSpace="nowrap">
                    {length(tool.outside_mm, units, 1)} /{' '}
                    {tool.opening_mm === null ? 'solid' : length(tool.opening_mm, units, 1)}
                    {tool.level !== 'stop' && `, on ${Math.round(tool.contact * 100)}% of it`}
                  </chakra.span>
                  <Box fontSize="13.5px">{say(tool.reason)}</Box>
                </Box>
              </Button>
            </li>
          ))}
          {choice.tools.length === 0 && <chakra.p color="mute">Nothing hangs on the tool wall yet.</chakra.p>}
        </Flex>
        <chakra.h3 fontSize="15px" color="mute" mt="4" mb="1.5">
          Or with
        </chakra.h3>
        <Flex gap="1.5" wrap="wrap">
          {others.map((option) => (
            <Button
              key={option.value}
              look="answer"
              aria-pressed={taken === option.value}
              disabled={bench.closed}
              data-place={place}
              onClick={() => bench.keep(place, { choice: option.value })}
            >
              {say(option.label)}
            </Button>
          ))}
        </Flex>
        {sizes.length > 0 && (
          <Grid templateColumns={{ base: '1fr', sm: '1fr 1fr' }} gap="4" mt="3" data-fields="">
            {sizes.map((ask) => (
              <ReadingField key={ask.place} ask={ask} />
            ))}
          </Grid>
        )}
        {makeable && (
          <chakra.p mt="3" fontSize="14px">
            One made for this ring, drawn with its sizes:{' '}
            <chakra.a color="blue" fontWeight="600" href={drawingOf(choice.make, 'svg', say(step.title))}>
              SVG
            </chakra.a>{' '}
            ·{' '}
            <chakra.a color="blue" fontWeight="600" href={drawingOf(choice.make, 'dxf', say(step.title))}>
              DXF
            </chakra.a>
            {choice.make.from && <chakra.span color="mute"> from {say(choice.make.from)}</chakra.span>}
          </chakra.p>
        )}
      </Box>
    </Grid>
  );
}
