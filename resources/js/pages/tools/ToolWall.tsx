import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import { useNextTool, useTools } from '../../api/shop';
import type { ToolCard } from '../../api/types';
import { Button } from '../../controls/Button';
import { PageHead } from '../../controls/PageHead';
import { Sheet } from '../../controls/Sheet';
import { Empty, Loading, Trouble } from '../../controls/States';
import { Slides } from '../../drawing/Slides';
import { VerdictCard } from '../../job/VerdictCard';
import { visuallyHidden } from '../../theme/hidden';
import { INSTRUMENTS } from '../../words/instruments';
import { usePerson, useSay, useUnits } from '../../words/person';
import { length, shown, type Units, within } from '../../words/say';
import { ToolForm } from './ToolForm';
import { ToolListSheet } from './ToolListSheet';
import { WallRule } from './WallRule';

/** What hangs on this shop's wall, with its measured sizes: drivers are chosen from it. */
export function ToolWall() {
  const { data, error, refetch } = useTools();
  const units = useUnits();
  const { may_keep_tools } = usePerson();
  const [changing, setChanging] = useState<ToolCard | null>(null);
  const [reading, setReading] = useState(false);
  const drivers = data?.filter((tool) => tool.driver) ?? [];
  return (
    <Box>
      <PageHead title="Tool wall">
        <chakra.span color="mute" flex="1">
          Drivers by the outside of their open end, not the hexagon
        </chakra.span>
        {may_keep_tools && (
          <Button look="quiet" onClick={() => setReading(true)}>
            Read a list
          </Button>
        )}
        <chakra.a href="/files/tools.csv" color="blue" fontFamily="heading" fontWeight="600" fontSize="15px">
          Take it along as CSV
        </chakra.a>
      </PageHead>
      {!data && (error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the tools" />)}
      {data?.length === 0 && (
        <Empty title="Nothing hangs here yet">
          Measure a few sockets, cups and pipes, or read a list. The outside of the open end counts, not the hexagon.
        </Empty>
      )}
      {drivers.length > 0 && (
        <Grid templateColumns={{ base: 'minmax(0, 1fr)', xl: 'minmax(0, 1fr) 324px' }}>
          <Box px="6" py="4" borderRightWidth={{ xl: '1px' }} borderColor="line">
            <Slides least={740}>
              <WallRule drivers={drivers} text={(mm) => length(mm, units, 1)} />
            </Slides>
          </Box>
          <Next />
        </Grid>
      )}
      <Grid
        as="ul"
        aria-label="Tools"
        templateColumns="repeat(auto-fill, minmax(250px, 1fr))"
        columnGap="6"
        px="6"
        pb="4"
      >
        {data?.map((tool) => (
          <Hung
            key={tool.id}
            tool={tool}
            units={units}
            onChange={may_keep_tools ? () => setChanging(tool) : undefined}
          />
        ))}
      </Grid>
      {may_keep_tools && (
        <Box px="6" pb="8" maxW="980px">
          <chakra.h2 fontSize="20px" mb="2">
            Hang another
          </chakra.h2>
          <ToolForm />
        </Box>
      )}
      <Sheet title={changing?.name ?? ''} open={changing !== null} onClose={() => setChanging(null)}>
        {changing && <ToolForm tool={changing} onDone={() => setChanging(null)} />}
      </Sheet>
      <Sheet title="Read a list of tools" open={reading} onClose={() => setReading(false)}>
        {reading && <ToolListSheet onDone={() => setReading(false)} />}
      </Sheet>
    </Box>
  );
}

/** Which driver would help most, from what was fitted in this shop. */
function Next() {
  const say = useSay();
  const units = useUnits();
  const { data } = useNextTool();
  if (!data) return null;
  return (
    <Box as="section" aria-label="What to get next">
      <chakra.h2 css={visuallyHidden}>What to get next</chakra.h2>
      <VerdictCard verdict={data.verdict} main />
      {data.offers.length > 0 && (
        <chakra.ul px="5" py="3" fontSize="14.5px">
          {data.offers.map((offer) => (
            <chakra.li key={offer.outside_mm} py="1.5" borderBottomWidth="1px" borderColor="line">
              <chakra.span fontFamily="heading" fontWeight="600" fontSize="17px">
                {say(offer.name)}
              </chakra.span>{' '}
              <chakra.span color="mute">
                {length(offer.outside_mm, units, 1)} /{' '}
                {offer.opening_mm === null ? 'solid' : length(offer.opening_mm, units, 1)}
              </chakra.span>
              <Box>
                {offer.jobs === 1 ? '1 job' : `${offer.jobs} jobs`}: {offer.numbers.join(', ')}
              </Box>
            </chakra.li>
          ))}
        </chakra.ul>
      )}
    </Box>
  );
}

/** What is measured of a tool, in one line. */
const sizesOf = (tool: ToolCard, units: Units): string =>
  [
    tool.across_mm !== null && `${length(tool.across_mm, units, 1)} across`,
    tool.driver
      ? `${length(tool.outside_mm ?? 0, units, 1)} / ${tool.opening_mm === null ? 'solid' : length(tool.opening_mm, units, 1)}`
      : tool.opening_mm !== null && tool.outside_mm !== null
        ? `${length(tool.opening_mm, units, 0)} to ${length(tool.outside_mm, units, 0)}`
        : tool.outside_mm !== null && length(tool.outside_mm, units, 1),
    tool.length_mm !== null && `${length(tool.length_mm, units, 0)} long`,
    tool.capacity_n !== null && shown({ value: tool.capacity_n / 1000, unit: 'count', digits: 0 }, units).concat(' kN'),
    tool.ram_mm !== null && `piston ${length(tool.ram_mm, units, 0)}`,
    tool.pitch_mm !== null && `pitch ${length(tool.pitch_mm, units, 2)}`,
    tool.torque_low_nm !== null &&
      tool.torque_high_nm !== null &&
      `${tool.torque_low_nm.toFixed(0)} to ${tool.torque_high_nm.toFixed(0)} N·m`,
    tool.reads !== null && `reads as ${INSTRUMENTS[tool.reads]}`,
    tool.plus_minus_mm !== null && within(tool.plus_minus_mm, units),
    tool.count > 1 && `${tool.count} of them`,
  ]
    .filter(Boolean)
    .join(', ');

function Hung({ tool, units, onChange }: { tool: ToolCard; units: Units; onChange?: (() => void) | undefined }) {
  const say = useSay();
  const kind = say(tool.kind_name);
  const said = [!tool.name.toLowerCase().includes(kind) && kind, sizesOf(tool, units)];
  return (
    <chakra.li borderBottomWidth="1px" borderColor="line">
      <Flex align="center" justify="space-between" gap="2" minH="44px">
        <Box>
          <chakra.span fontFamily="heading" fontWeight="600" fontSize="17px">
            {tool.name}
          </chakra.span>{' '}
          <chakra.span color="mute" fontSize="14px">
            {said.filter(Boolean).join(', ')}
          </chakra.span>
        </Box>
        {onChange && (
          <Button look="quiet" aria-label={`Measure ${tool.name} anew`} onClick={onChange}>
            Measure
          </Button>
        )}
      </Flex>
    </chakra.li>
  );
}
