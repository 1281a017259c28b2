import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useKeepTool, useTakeDown } from '../../api/shop';
import type { ToolCard } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input, Labelled, Select } from '../../controls/Field';
import { INSTRUMENTS } from '../../words/instruments';
import { useUnits } from '../../words/person';
import { amount } from '../../words/say';

type Kind = ToolCard['kind'];

const DRIVERS: [Kind, string][] = [
  ['cup', 'Cup'],
  ['disc', 'Disc'],
  ['pipe', 'Pipe'],
  ['impact_socket', 'Impact socket'],
  ['chrome_socket', 'Chrome socket'],
  ['old_ring', 'Old ring, slit'],
];
const OTHERS: [Kind, string][] = [
  ['socket', 'Socket'],
  ['spanner', 'Spanner'],
  ['cone_spanner', 'Cone spanner'],
  ['drift', 'Long punch'],
  ['puller_blind', 'Expanding puller'],
  ['slide_hammer', 'Slide hammer'],
  ['jaw_puller', 'Jaw puller'],
  ['rod', 'Threaded rod'],
  ['washer', 'Big washer'],
  ['press', 'Press'],
  ['stand_ring', 'Ring to stand a hub on'],
  ['torque_wrench', 'Torque wrench'],
  ['gauge', 'Caliper or gauge'],
  ['ring_pliers_in', 'Internal ring pliers'],
  ['ring_pliers_out', 'External ring pliers'],
  ['seal_lever', 'Seal lever'],
  ['soft_mallet', 'Soft mallet'],
  ['heat_gun', 'Hot-air gun'],
  ['thermometer', 'Thermometer'],
  ['freezer', 'Freezer'],
  ['magnet', 'Magnet'],
  ['cutters', 'Side cutters'],
  ['ring_nut_tool', 'Ring-nut tool'],
  ['chisel', 'Chisel'],
];

type Size =
  | 'outside_mm'
  | 'opening_mm'
  | 'length_mm'
  | 'across_mm'
  | 'ram_mm'
  | 'pitch_mm'
  | 'plus_minus_mm'
  | 'capacity'
  | 'torque_low'
  | 'torque_high'
  | 'count';

/** Which sizes matter of a kind that is no driver; the usual ones where none is named. */
const SIZES: Partial<Record<Kind, Size[]>> = {
  socket: ['across_mm', 'outside_mm', 'length_mm'],
  spanner: ['across_mm'],
  cone_spanner: ['across_mm'],
  rod: ['outside_mm', 'pitch_mm', 'length_mm', 'count'],
  washer: ['outside_mm', 'opening_mm', 'length_mm', 'count'],
  press: ['capacity', 'ram_mm'],
  stand_ring: ['opening_mm', 'outside_mm', 'length_mm'],
  torque_wrench: ['torque_low', 'torque_high'],
  gauge: ['plus_minus_mm', 'outside_mm'],
  puller_blind: ['opening_mm', 'outside_mm'],
  jaw_puller: ['opening_mm', 'outside_mm'],
};

/** Name and hint of a size; of a driver its face, of what spans a range its ends. */
const named = (size: Size, driver: boolean, unit: string): [string, string | undefined] =>
  ({
    outside_mm: [driver ? 'Outside of its face' : 'Largest, or outside', unit],
    opening_mm: [driver ? 'Opening' : 'Smallest, or opening', driver ? 'nothing when solid' : unit],
    length_mm: ['Length', unit],
    across_mm: ['Across the flats', unit],
    ram_mm: ['Piston', unit],
    pitch_mm: ['Pitch', unit],
    plus_minus_mm: ['Reads to ±', unit],
    capacity: ['Can do', '12 t, 120 kN'],
    torque_low: ['From', 'N·m, or ft-lb'],
    torque_high: ['Up to', 'N·m, or ft-lb'],
    count: ['How many', undefined],
  })[size] as [string, string | undefined];

const isDriver = (kind: Kind): boolean => DRIVERS.some(([value]) => value === kind);

/** What is known of a tool, as it would be typed. */
function typedOf(tool: ToolCard | undefined, units: 'mm' | 'in'): Record<string, string> {
  const length = (mm: number | null | undefined, digits = 2): string =>
    mm === null || mm === undefined ? '' : amount(mm, 'mm', digits, units);
  return {
    name: tool?.name ?? '',
    outside_mm: length(tool?.outside_mm),
    opening_mm: length(tool?.opening_mm),
    length_mm: length(tool?.length_mm),
    across_mm: length(tool?.across_mm),
    ram_mm: length(tool?.ram_mm),
    pitch_mm: length(tool?.pitch_mm),
    plus_minus_mm: length(tool?.plus_minus_mm, 3),
    capacity: tool?.capacity_n ? `${tool.capacity_n / 1000} kN` : '',
    torque_low: tool?.torque_low_nm ? `${tool.torque_low_nm} Nm` : '',
    torque_high: tool?.torque_high_nm ? `${tool.torque_high_nm} Nm` : '',
    count: tool && tool.count > 1 ? String(tool.count) : '',
    reads: tool?.reads ?? '',
  };
}

/** A tool to hang up, or one that hangs there to be measured anew or taken down. */
export function ToolForm({ tool, onDone }: { tool?: ToolCard; onDone?: () => void }) {
  const units = useUnits();
  const { mutate, isPending, error } = useKeepTool();
  const takeDown = useTakeDown();
  const [kind, setKind] = useState<Kind>(tool?.kind ?? 'cup');
  const [typed, setTyped] = useState(() => typedOf(tool, units));
  const driver = isDriver(kind);
  const sizes: Size[] = driver ? ['outside_mm', 'opening_mm', 'length_mm'] : (SIZES[kind] ?? []);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (isPending) return;
    const given = Object.fromEntries(sizes.map((size) => [size, typed[size] ?? '']));
    mutate(
      {
        id: tool?.id ?? null,
        tool: {
          ...given,
          ...(kind === 'gauge' && { reads: typed.reads ?? '' }),
          name: typed.name ?? '',
          kind,
          unit: units,
        },
      },
      {
        onSuccess: () => {
          setTyped(typedOf(undefined, units));
          onDone?.();
        },
      },
    );
  };
  const field = (name: string, label: string, hint?: string) => (
    <Labelled key={name} label={label} fault={error?.about(name) ?? error?.about(`${name}_nm`)} hint={hint}>
      {(props) => (
        <Input {...props} value={typed[name] ?? ''} onChange={(e) => setTyped({ ...typed, [name]: e.target.value })} />
      )}
    </Labelled>
  );
  return (
    <Box as="form" onSubmit={submit}>
      <Grid templateColumns="repeat(auto-fit, minmax(150px, 1fr))" gap="4" alignItems="start">
        {field('name', 'Name', 'as it is called here')}
        <Labelled label="Kind">
          {(props) => (
            <Select {...props} value={kind} onChange={(e) => setKind(e.target.value as Kind)}>
              <optgroup label="Drivers">
                {DRIVERS.map(([value, label]) => (
                  <option key={value} value={value}>
                    {label}
                  </option>
                ))}
              </optgroup>
              <optgroup label="Beside them">
                {OTHERS.map(([value, label]) => (
                  <option key={value} value={value}>
                    {label}
                  </option>
                ))}
              </optgroup>
            </Select>
          )}
        </Labelled>
        {kind === 'gauge' && (
          <Labelled label="Reads as" fault={error?.about('reads')} hint="its ± goes with every reading">
            {(props) => (
              <Select
                {...props}
                value={typed.reads ?? ''}
                onChange={(e) => setTyped({ ...typed, reads: e.target.value })}
              >
                <option value="">something else</option>
                {Object.entries(INSTRUMENTS).map(([value, label]) => (
                  <option key={value} value={value}>
                    {label}
                  </option>
                ))}
              </Select>
            )}
          </Labelled>
        )}
        {sizes.map((size) => field(size, ...named(size, driver, units)))}
      </Grid>
      <Flex mt="3" gap="3" align="center">
        <Button type="submit" disabled={isPending}>
          {tool ? 'Keep these sizes' : 'Hang it up'}
        </Button>
        {tool && (
          <Button
            look="quiet"
            disabled={takeDown.isPending}
            onClick={() => takeDown.mutate(tool.id, { onSuccess: () => onDone?.() })}
          >
            Take it down
          </Button>
        )}
        {error && error.problem.errors.length === 0 && (
          <chakra.span role="alert" color="oxide">
            {error.message}
          </chakra.span>
        )}
      </Flex>
    </Box>
  );
}
