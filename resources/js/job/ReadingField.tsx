import { Box, chakra, Flex } from '@chakra-ui/react';
import { type KeyboardEvent, useEffect, useId, useRef, useState } from 'react';
import type { Ask, EntryValue } from '../api/types';
import { Input } from '../controls/Field';
import { useTaker } from '../controls/loose';
import { visuallyHidden } from '../theme/hidden';
import { INSTRUMENTS } from '../words/instruments';
import { useSay, useUnits } from '../words/person';
import { length, within } from '../words/say';
import { useBench } from './bench';
import { entryOfLent, typedAs, useLent } from './lent';
import { NewerNote } from './NewerNote';

const WORDS = ['text', 'number', 'thread', 'meter', 'when'];
const isWords = (ask: Ask): boolean => WORDS.includes(ask.kind);

/** What a place holds, as it would be typed. */
function asTyped(ask: Ask, value: Record<string, unknown> | null | undefined): string {
  if (!value) return '';
  const held = isWords(ask) ? value.text : value.typed;
  return typeof held === 'string' ? held : '';
}

const asEntry = (ask: Ask, typed: string): EntryValue => (isWords(ask) ? { text: typed } : { typed });

/** Enter goes to the next field of the same panel, as a caliper with a cable does; the last one is selected, to be typed over. */
function focusNext(from: HTMLInputElement): void {
  const fields = [
    ...(from.closest('[data-fields]') ?? document).querySelectorAll<HTMLInputElement>('input[data-reading]'),
  ];
  const next = fields[fields.indexOf(from) + 1];
  if (next) next.focus();
  else from.select();
}

/** What a code read off a box, a shelf or a ring can be: a part's number or its sizes. */
const takesCodes = (ask: Ask): boolean => ask.role === 'number' || ask.role === 'sized';

/** A reading, a number or a few words at one place. Kept the moment it is entered; worked out while it is typed. */
export function ReadingField({ ask, label, short = false }: { ask: Ask; label?: string; short?: boolean }) {
  const say = useSay();
  const bench = useBench();
  const units = useUnits();
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  const entry = bench.entries.get(ask.place);
  const refused = bench.refused.get(ask.place);
  const kept = asTyped(ask, entry?.value);
  const lent = useLent()(ask.place);
  const [typed, setTypedState] = useState<string | null>(null);
  // Enter keeps and moves on, and moving on leaves the field: what was typed is kept once.
  const pending = useRef<string | null>(null);
  const setTyped = (text: string | null) => {
    pending.current = text;
    setTypedState(text);
  };
  const refusedText = refused && asTyped(ask, refused.sending.entry);
  const shown = typed ?? refusedText ?? kept;
  const measured = ask.kind === 'length' || ask.kind === 'depth';
  const [instrument, setInstrument] = useState(entry?.instrument ?? ask.instrument ?? undefined);
  const fault =
    (typed !== null ? bench.faults.get(ask.place) : undefined) ?? (typed === null ? refused?.detail : undefined);
  const mm = entry?.value?.mm;
  const half = entry?.value?.half_mm;

  // A value that arrives from elsewhere replaces what was shown, never what is being typed.
  useEffect(() => {
    if (entry?.instrument) setInstrument(entry.instrument);
  }, [entry?.instrument]);

  const change = (text: string) => {
    setTyped(text);
    bench.draft(ask.place, text.trim() === '' ? undefined : asEntry(ask, text), instrument);
  };
  const keep = () => {
    if (pending.current === null) return;
    const text = pending.current.trim();
    if (text !== '' && text !== kept) bench.keep(ask.place, asEntry(ask, text), instrument);
    if (text === '' && kept !== '') bench.keep(ask.place, null);
    if (text === '') bench.dismiss(ask.place);
    bench.draft(ask.place, undefined);
    setTyped(null);
  };
  const code = takesCodes(ask);
  useTaker(
    input,
    (measured || code) && kept === '' && typed === null && !bench.closed,
    (text) => {
      bench.keep(ask.place, asEntry(ask, text), instrument);
      if (input.current) focusNext(input.current);
    },
    code ? 'code' : 'reading',
  );
  const press = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') {
      event.preventDefault();
      keep();
      focusNext(event.currentTarget);
    }
    if (event.key === 'Escape') {
      bench.draft(ask.place, undefined);
      setTyped(null);
    }
  };

  return (
    <Box>
      <Flex align="baseline" justify="space-between" gap="2">
        <chakra.label htmlFor={id} fontSize="14px" color="mute" css={short ? visuallyHidden : undefined}>
          {label ?? say(ask.label)}
        </chakra.label>
        {bench.waiting.has(ask.place) && (
          <chakra.span fontSize="13px" color="brass">
            waits
          </chakra.span>
        )}
      </Flex>
      <Flex align="stretch" gap="1">
        <Input
          ref={input}
          id={id}
          data-reading=""
          data-place={ask.place}
          kind={ask.kind === 'text' ? 'text' : 'reading'}
          value={shown}
          disabled={bench.closed}
          inputMode={measured ? 'decimal' : 'text'}
          placeholder={ask.hint && !short ? say(ask.hint) : undefined}
          onChange={(event) => change(event.target.value)}
          onFocus={(event) => {
            event.currentTarget.select();
            // On a low screen what stands around the work goes while something is typed: the field stays in view.
            const { currentTarget } = event;
            requestAnimationFrame(() => currentTarget.scrollIntoView({ block: 'nearest' }));
          }}
          onBlur={keep}
          onKeyDown={press}
          aria-invalid={fault ? true : undefined}
          aria-describedby={fault ? `${id}-fault` : undefined}
        />
        {measured && !short && (
          <chakra.select
            aria-label={`Instrument for ${say(ask.label)}`}
            value={instrument}
            disabled={bench.closed}
            onChange={(event) => {
              setInstrument(event.target.value);
              if (kept !== '') bench.keep(ask.place, { typed: kept }, event.target.value);
            }}
            bg="transparent"
            color="mute"
            fontSize="13px"
            w="84px"
            borderWidth="1.5px"
            borderColor="line"
            borderRadius="sm"
          >
            {Object.entries(INSTRUMENTS).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </chakra.select>
        )}
      </Flex>
      {fault ? (
        <Box id={`${id}-fault`} role="alert" fontSize="14px" color="oxide" mt="0.5">
          {fault}
        </Box>
      ) : (
        <Box fontSize="13px" color="mute" minH={short ? undefined : '18px'}>
          {measured && typeof mm === 'number' && typed === null && (
            <>
              {(units !== 'mm' || !/^[\d.,]+$/.test(kept)) && length(mm, units)}
              {typeof half === 'number' && !short && ` ${within(half, units)}`}
            </>
          )}
          {kept === '' && lent && (
            <chakra.button
              type="button"
              color="blue"
              textDecoration="underline"
              minH="44px"
              cursor="pointer"
              onClick={() => bench.keep(ask.place, entryOfLent(lent), lent.instrument ?? undefined)}
            >
              {lent.same_wheel ? 'Last time' : lent.wheel}: {typedAs(lent.value)}
            </chakra.button>
          )}
          {typeof entry?.value?.from_job === 'number' && typed === null && ` from job ${entry.value.from_job}`}
        </Box>
      )}
      <NewerNote ask={ask} />
    </Box>
  );
}
