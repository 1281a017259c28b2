import { Box, chakra } from '@chakra-ui/react';
import { useEffect, useId, useState } from 'react';
import { useMachines } from '../../api/shop';
import type { MachineLine } from '../../api/types';
import { Input, Labelled } from '../../controls/Field';
import { useRested } from '../../controls/FindField';

const MOST = 6;

export interface Picked {
  /** null for a machine that was not here before. */
  id: number | null;
  name: string;
}

/** Those whose name begins as it was typed, then those that have it in their name, then the rest, as they came. */
const nearestFirst = (machines: MachineLine[], text: string): MachineLine[] => {
  const typed = text.trim().toLowerCase();
  const far = ({ name }: MachineLine): number => {
    const found = name.toLowerCase().indexOf(typed);
    return found === 0 ? 0 : found > 0 ? 1 : 2;
  };
  return machines.toSorted((a, b) => far(a) - far(b)).slice(0, MOST);
};

/** Which machine: letters of its name, model or owner, then one of those that match, or a new one of that name. */
export function MachinePick({
  picked,
  onPick,
  waits,
  onWait,
  fault,
}: {
  picked: Picked | null;
  onPick: (picked: Picked | null) => void;
  /** Whether Enter waits for the answer to what was typed: what stands there before may be another machine. */
  waits: boolean;
  onWait: (waits: boolean) => void;
  fault?: string;
}) {
  const list = useId();
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const asked = useRested(text);
  const { data = [], isPlaceholderData } = useMachines(asked);
  const answered = asked === text.trim() && !isPlaceholderData;
  const options: (Picked & { says: string })[] = [
    ...nearestFirst(data, text).map((one) => ({
      id: one.id,
      name: one.name,
      says: [one.owner, one.model, one.open_jobs > 0 && 'on the bench'].filter(Boolean).join(' · '),
    })),
    ...(text.trim() === '' ? [] : [{ id: null, name: text.trim(), says: 'not seen before' }]),
  ];
  const open = picked === null && options.length > 0;
  const active = Math.min(at, options.length - 1);
  const pick = (one: Picked | undefined) => {
    if (!one) return;
    onPick({ id: one.id, name: one.name });
    setText(one.name);
    setAt(0);
  };
  useEffect(() => {
    if (!waits || !answered) return;
    onWait(false);
    pick(options[active]);
  });
  return (
    <Box>
      <Labelled label="Machine" fault={fault} hint={picked?.id === null ? 'Not seen before: it is noted.' : undefined}>
        {(props) => (
          <Input
            {...props}
            role="combobox"
            data-first=""
            aria-expanded={open}
            aria-controls={list}
            aria-activedescendant={open ? `${list}-${active}` : undefined}
            aria-autocomplete="list"
            placeholder="Name, model or owner"
            value={text}
            maxLength={120}
            onChange={(event) => {
              setText(event.target.value);
              setAt(0);
              onWait(false);
              onPick(null);
            }}
            onKeyDown={(event) => {
              const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
              if (open && step) {
                event.preventDefault();
                setAt((active + step + options.length) % options.length);
              }
              if (open && event.key === 'Enter') {
                event.preventDefault();
                onWait(true);
              }
            }}
          />
        )}
      </Labelled>
      {open && (
        <Box
          id={list}
          role="listbox"
          aria-label="Machines"
          mt="2"
          borderWidth="1.5px"
          borderColor="line"
          borderRadius="sm"
          bg="card"
        >
          {options.map((one, i) => (
            <Box
              key={one.id ?? 'new'}
              id={`${list}-${i}`}
              role="option"
              tabIndex={-1}
              aria-selected={i === active}
              onClick={() => pick(one)}
              display="flex"
              alignItems="center"
              gap="3"
              minH="44px"
              px="3"
              cursor="pointer"
              bg={i === active ? 'wash' : undefined}
              _hover={{ bg: 'wash' }}
            >
              <chakra.strong>{one.name}</chakra.strong>
              <chakra.span color={one.id === null ? 'brass' : 'mute'} fontSize="14px">
                {one.says}
              </chakra.span>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
