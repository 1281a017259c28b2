import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useAddTool, useTools } from '../api/shop';
import type { ToolCard } from '../api/types';
import { Button } from '../parts/Button';
import { Input, Labelled, Select } from '../parts/Field';
import { usePerson, useUnits } from '../parts/person';
import { Empty, Loading, Trouble } from '../parts/States';
import { length } from '../parts/say';
import { ink } from '../theme/system';

const KINDS: [ToolCard['kind'], string][] = [
  ['cup', 'Cup'],
  ['disc', 'Disc'],
  ['pipe', 'Pipe'],
  ['impact_socket', 'Impact socket'],
  ['chrome_socket', 'Chrome socket'],
  ['old_ring', 'Old ring, slit'],
  ['socket', 'Socket'],
  ['spanner', 'Spanner'],
  ['cone_spanner', 'Cone spanner'],
  ['drift', 'Long punch'],
  ['puller_blind', 'Expanding puller'],
  ['slide_hammer', 'Slide hammer'],
  ['rod', 'Threaded rod'],
  ['press', 'Press'],
  ['jaw_puller', 'Jaw puller'],
  ['ring_pliers_in', 'Internal ring pliers'],
  ['ring_pliers_out', 'External ring pliers'],
  ['seal_lever', 'Seal lever'],
  ['soft_mallet', 'Soft mallet'],
  ['heat_gun', 'Hot-air gun'],
  ['thermometer', 'Thermometer'],
  ['magnet', 'Magnet'],
  ['cutters', 'Side cutters'],
  ['ring_nut_tool', 'Ring-nut tool'],
  ['chisel', 'Chisel'],
];
const DRIVERS = 6;
const LARGEST_MM = 60;

/** The face of a tool, all to one scale. */
const Face = ({ tool }: { tool: ToolCard }) => (
  <chakra.svg viewBox="-50 -50 100 100" w="92px" h="92px" aria-hidden>
    <circle r={((tool.outside_mm ?? 0) / LARGEST_MM) * 48} fill={ink('steel')} stroke={ink('edge')} strokeWidth="1.5" />
    {tool.opening_mm !== null && (
      <circle r={(tool.opening_mm / LARGEST_MM) * 48} fill={ink('paper')} stroke={ink('edge')} strokeWidth="1.5" />
    )}
  </chakra.svg>
);

/** What hangs on this shop's wall, with its measured sizes: drivers are chosen from it. */
export function ToolWall() {
  const { data, error, refetch } = useTools();
  const units = useUnits();
  const { may_keep_tools } = usePerson();
  return (
    <Box>
      <Flex as="header" align="baseline" gap="4" px="6" py="4" borderBottomWidth="1px" borderColor="line">
        <chakra.h1 fontSize="26px">Tool wall</chakra.h1>
        <chakra.span color="mute">Drivers by the outside of their open end, all drawn to one scale</chakra.span>
      </Flex>
      {!data && (error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the tools" />)}
      {data?.length === 0 && (
        <Empty title="Nothing hangs here yet">
          Measure a few sockets, cups and pipes. The outside of the open end counts, not the hexagon.
        </Empty>
      )}
      <Grid as="ul" templateColumns="repeat(auto-fill, minmax(168px, 1fr))" gap="4" p="6">
        {data
          ?.filter((tool) => tool.driver)
          .map((tool) => (
            <chakra.li key={tool.id} textAlign="center">
              <Flex justify="center">
                <Face tool={tool} />
              </Flex>
              <chakra.span fontFamily="heading" fontWeight="600" fontSize="18px">
                {tool.name}
              </chakra.span>
              <Box color="mute" fontSize="14px">
                {length(tool.outside_mm ?? 0, units, 1)} /{' '}
                {tool.opening_mm === null ? 'solid' : length(tool.opening_mm, units, 1)}
                <br />
                {tool.kind_name}, {length(tool.length_mm ?? 0, units, 0)} long
              </Box>
            </chakra.li>
          ))}
      </Grid>
      <Others tools={data?.filter((tool) => !tool.driver) ?? []} />
      {may_keep_tools && <NewTool />}
    </Box>
  );
}

/** What is no driver: pullers, levers, pliers, with the range they take. */
function Others({ tools }: { tools: ToolCard[] }) {
  const units = useUnits();
  const range = (tool: ToolCard): string =>
    [
      tool.across_mm !== null && `${length(tool.across_mm, units, 1)} across`,
      tool.opening_mm !== null && tool.outside_mm !== null
        ? `${length(tool.opening_mm, units, 0)} to ${length(tool.outside_mm, units, 0)}`
        : tool.outside_mm !== null && length(tool.outside_mm, units, 1),
      tool.length_mm !== null && `${length(tool.length_mm, units, 0)} long`,
    ]
      .filter(Boolean)
      .join(', ');
  return tools.length === 0 ? null : (
    <Box px="6" pb="6">
      <chakra.h2 fontSize="20px" mb="2">
        Beside the drivers
      </chakra.h2>
      <Grid as="ul" templateColumns="repeat(auto-fill, minmax(220px, 1fr))" columnGap="6">
        {tools.map((tool) => (
          <chakra.li key={tool.id} borderBottomWidth="1px" borderColor="line" py="1.5">
            <chakra.span fontFamily="heading" fontWeight="600">
              {tool.name}
            </chakra.span>{' '}
            <chakra.span color="mute" fontSize="14px">
              {[!tool.name.toLowerCase().includes(tool.kind_name) && tool.kind_name, range(tool)]
                .filter(Boolean)
                .join(', ')}
            </chakra.span>
          </chakra.li>
        ))}
      </Grid>
    </Box>
  );
}

const BLANK = { name: '', outside_mm: '', opening_mm: '', length_mm: '', across_mm: '' };

function NewTool() {
  const units = useUnits();
  const { mutate, isPending, error } = useAddTool();
  const [kind, setKind] = useState<ToolCard['kind']>('cup');
  const [typed, setTyped] = useState(BLANK);
  const driver = KINDS.findIndex(([value]) => value === kind) < DRIVERS;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!isPending) mutate({ ...typed, kind, unit: units }, { onSuccess: () => setTyped(BLANK) });
  };
  const field = (name: keyof typeof BLANK, label: string, hint?: string) => (
    <Labelled label={label} fault={error?.about(name)} hint={hint}>
      {(props) => (
        <Input {...props} value={typed[name]} onChange={(e) => setTyped({ ...typed, [name]: e.target.value })} />
      )}
    </Labelled>
  );
  return (
    <Box as="form" onSubmit={submit} px="6" pb="8" maxW="860px">
      <chakra.h2 fontSize="20px" mb="2">
        Hang another
      </chakra.h2>
      <Grid templateColumns="repeat(auto-fit, minmax(150px, 1fr))" gap="4" alignItems="start">
        {field('name', 'Name', 'as it is called here')}
        <Labelled label="Kind">
          {(props) => (
            <Select {...props} value={kind} onChange={(e) => setKind(e.target.value as ToolCard['kind'])}>
              {KINDS.map(([value, label]) => (
                <option key={value} value={value}>
                  {label}
                </option>
              ))}
            </Select>
          )}
        </Labelled>
        {field('outside_mm', driver ? 'Outside of its face' : 'Largest it takes', units)}
        {field('opening_mm', driver ? 'Opening' : 'Smallest it takes', driver ? 'nothing when solid' : undefined)}
        {field('length_mm', 'Length', units)}
        {field('across_mm', 'Across the flats', 'sockets, spanners')}
      </Grid>
      <Button type="submit" mt="3" disabled={isPending}>
        Hang it up
      </Button>
    </Box>
  );
}
