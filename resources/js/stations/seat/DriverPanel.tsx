import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import type { Step } from '../../api/types';
import { DriverPlan } from '../../drawing/DriverPlan';
import { Button } from '../../parts/Button';
import { useBench } from '../../parts/bench';
import { LevelMark } from '../../parts/LevelMark';
import { useUnits } from '../../parts/person';
import { length, say } from '../../parts/say';

/** The tool wall, best first, and the plan view of the chosen one standing on the ring. */
export function DriverPanel({ step }: { step: Step }) {
  const bench = useBench();
  const units = useUnits();
  const { driver, chosen_driver: chosen, section } = bench.report;
  const place = step.asks[0]?.place ?? 'seat.driver';
  const taken = bench.entries.get(place)?.value?.choice;
  const bearing = section.pieces.find((piece) => piece.kind === 'bearing');
  return (
    <Grid templateColumns={{ base: '1fr', lg: '220px 1fr' }} gap="5" alignItems="start">
      <Box>
        {bearing && <DriverPlan bearing={bearing} zones={driver} tool={chosen} />}
        <chakra.p fontSize="13.5px" color="mute" mt="1">
          Blue: where {chosen ? `the ${chosen.name}` : 'a driver'} stands. Grey: the rings' faces; between them the
          seal.
        </chakra.p>
      </Box>
      <Flex as="ul" direction="column" gap="1.5">
        {driver.tools.map((tool) => (
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
                  {tool.name}
                </chakra.span>{' '}
                <chakra.span fontSize="13.5px" whiteSpace="nowrap">
                  {length(tool.outside_mm, units, 1)} /{' '}
                  {tool.opening_mm === null ? 'solid' : length(tool.opening_mm, units, 1)}
                </chakra.span>
                <Box fontSize="13.5px">{say(tool.reason, units)}</Box>
              </Box>
            </Button>
          </li>
        ))}
        {driver.tools.length === 0 && <chakra.p color="mute">Nothing hangs on the tool wall yet.</chakra.p>}
      </Flex>
    </Grid>
  );
}
