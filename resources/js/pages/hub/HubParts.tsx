import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import type { HubPart, HubSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input, Select } from '../../controls/Field';
import { useSay } from '../../words/person';
import { headed, length } from '../../words/say';

/** Every part in its order; the one that is worked on is marked. */
export function PartList({
  parts,
  picked,
  onPick,
  faults,
}: {
  parts: HubPart[];
  picked: string | null;
  onPick: (part: string) => void;
  faults: string[];
}) {
  const say = useSay();
  return (
    <Box as="section" aria-label="Parts, left to right" py="1">
      <ol>
        {parts.map((one) => (
          <chakra.li
            key={one.part}
            borderBottomWidth="1px"
            borderColor="line"
            bg={one.part === picked ? 'wash' : undefined}
          >
            <chakra.button
              type="button"
              aria-pressed={one.part === picked}
              onClick={() => onPick(one.part)}
              w="100%"
              minH="44px"
              px="5"
              textAlign="left"
              cursor="pointer"
              fontWeight={one.part === picked ? '600' : '400'}
            >
              {say(one.name)}
              {!one.in_line && (
                <chakra.span color="mute" fontSize="13px" ml="2">
                  runs along all
                </chakra.span>
              )}
              {faults.includes(one.part) && (
                <chakra.span color="brass" ml="2" role="img" aria-label="something is wrong with it">
                  ▲
                </chakra.span>
              )}
            </chakra.button>
          </chakra.li>
        ))}
      </ol>
    </Box>
  );
}

/** What can be done to one part. */
export function PartEditor({
  part,
  units,
  closed,
  onEdit,
  wrong,
}: {
  part: HubPart;
  /** What was typed and not taken. */
  wrong?: { size?: string; typed?: string; detail: string };
  units: 'mm' | 'in';
  closed: boolean;
  onEdit: (change: Record<string, unknown>) => void;
}) {
  const say = useSay();
  const act = (label: string, key: string, change: Record<string, unknown>) => (
    <Button look="answer" disabled={closed} onClick={() => onEdit({ part: part.part, ...change })}>
      {label}
      <chakra.kbd ml="2" fontSize="12px" opacity={0.75}>
        {key}
      </chakra.kbd>
    </Button>
  );
  return (
    <>
      <chakra.h2 fontSize="22px">{say(part.name)}</chakra.h2>
      <chakra.p color="mute" fontSize="14px" mb="3">
        {[part.kind_name, part.way].filter(Boolean).map(say).join(', ')}
      </chakra.p>
      {part.in_line && (
        <Flex gap="2" wrap="wrap" mb="4">
          {act('Move left', '[', { do: 'move', by: -1 })}
          {act('Move right', ']', { do: 'move', by: 1 })}
          {act('Turn round', 'X', { do: 'flip' })}
          {act('One more', 'C', { do: 'duplicate' })}
          {act('Take out', 'Del', { do: 'remove' })}
        </Flex>
      )}
      <Grid templateColumns="repeat(auto-fill, minmax(150px, 1fr))" gap="3">
        {part.sizes.map((size) => (
          <SizeField
            key={size.size}
            label={headed(say(size.label))}
            shown={length(size.length_mm, units)}
            closed={closed}
            wrong={wrong?.size === size.size ? wrong : undefined}
            onKeep={(typed) => onEdit({ do: 'resize', part: part.part, size: size.size, typed })}
          />
        ))}
      </Grid>
    </>
  );
}

/** A size of a part: what is typed is kept on Enter or on leaving the field. */
function SizeField({
  label,
  shown,
  closed,
  wrong,
  onKeep,
}: {
  label: string;
  shown: string;
  closed: boolean;
  wrong?: { typed?: string; detail: string };
  onKeep: (typed: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const keep = () => {
    if (typed !== null && typed.trim() !== '' && typed.trim() !== shown) onKeep(typed.trim());
    setTyped(null);
  };
  return (
    <Box as="label" fontSize="14px" color="mute">
      {label}
      <Input
        kind="reading"
        inputMode="decimal"
        value={typed ?? wrong?.typed ?? shown}
        aria-invalid={wrong ? true : undefined}
        disabled={closed}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
          if (event.key === 'Escape') setTyped(null);
        }}
      />
      {wrong && typed === null && (
        <Box role="alert" color="oxide">
          {wrong.detail}
        </Box>
      )}
    </Box>
  );
}

/** Puts a part in after the one that is picked. */
export function AddPart({
  kinds,
  after,
  disabled,
  onAdd,
}: {
  kinds: HubSheet['kinds'];
  after: HubPart | null;
  disabled: boolean;
  onAdd: (change: Record<string, unknown>) => void;
}) {
  const say = useSay();
  return (
    <Select
      aria-label={after ? `Add a part after ${say(after.name)}` : 'Add a part'}
      value=""
      disabled={disabled}
      maxW="300px"
      onChange={(event) => onAdd({ do: 'add', kind: event.target.value, ...(after && { after: after.part }) })}
    >
      <option value="">{after ? `Add after ${say(after.name)}…` : 'Add a part…'}</option>
      {kinds.map((kind) => (
        <option key={kind.value} value={kind.value}>
          {say(kind.label)}
        </option>
      ))}
    </Select>
  );
}
