import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { photoUrl, useSendPhoto } from '../api/photos';
import type { Ask } from '../api/types';
import { Button } from './Button';
import { useBench } from './bench';

const CONDITIONS = [
  ['use', 'Use'],
  ['note', 'Use, look again'],
  ['replace', 'Replace'],
] as const;

/** A part on its way: onto the tray with its condition and way round, or back into the hub. */
export function PartAsk({ ask }: { ask: Ask }) {
  const bench = useBench();
  const value = bench.entries.get(ask.place)?.value ?? {};
  const fitting = ask.until === 'fitted';
  const state = (value.state as string | undefined) ?? 'in_place';
  const [condition, setCondition] = useState<string | undefined>();
  const [way, setWay] = useState<string | undefined>();
  const held = condition ?? (value.condition as string | undefined);
  const lay = way ?? (value.way_round as string | undefined) ?? ask.options[0]?.value;
  const there = fitting ? state === 'fitted' : state === 'on_tray' || state === 'fitted';
  const put = (change: Record<string, unknown>) =>
    bench.keep(ask.place, { ...value, state, condition: held, way_round: lay, order: undefined, ...change });

  return (
    <Box
      as="fieldset"
      data-place={ask.place}
      borderWidth="1.5px"
      borderColor={there ? 'verdigris' : 'line'}
      bg="card"
      borderRadius="sm"
      px="4"
      py="3"
    >
      <Flex justify="space-between" align="center" gap="3">
        <chakra.legend float="left" fontFamily="heading" fontWeight="600" fontSize="18px">
          {ask.label}
        </chakra.legend>
        <Button
          look={there ? 'plain' : 'main'}
          disabled={bench.closed}
          onClick={() => put({ state: there ? (fitting ? 'on_tray' : 'in_place') : ask.until })}
        >
          {there ? (fitting ? '✓ Fitted' : '✓ On the tray') : fitting ? 'Fit it' : 'Onto the tray'}
        </Button>
      </Flex>
      <Flex gap="2" mt="2" wrap="wrap" align="center" clear="both">
        {!fitting &&
          CONDITIONS.map(([name, label]) => (
            <Button
              key={name}
              look="answer"
              aria-pressed={held === name}
              disabled={bench.closed}
              onClick={() => {
                setCondition(name);
                if (there) put({ condition: name });
              }}
            >
              {label}
            </Button>
          ))}
        {ask.options.length > 0 && (
          <chakra.select
            aria-label={`${ask.label}: way round`}
            value={lay}
            disabled={bench.closed}
            minH="44px"
            px="2"
            bg="paper"
            borderWidth="1.5px"
            borderColor="line"
            borderRadius="sm"
            onChange={(event) => {
              setWay(event.target.value);
              if (there) put({ way_round: event.target.value });
            }}
          >
            {ask.options.map((option) => (
              <option key={option.value} value={option.value}>
                {option.label}
              </option>
            ))}
          </chakra.select>
        )}
        {!fitting && <Photo photo={value.photo as string | undefined} onPhoto={(photo) => put({ photo })} />}
      </Flex>
    </Box>
  );
}

function Photo({ photo, onPhoto }: { photo?: string; onPhoto: (id: string) => void }) {
  const bench = useBench();
  const input = useRef<HTMLInputElement>(null);
  const { mutate, isPending, error } = useSendPhoto(bench.job.id);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        hidden
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) mutate(file, { onSuccess: ({ id }) => onPhoto(id) });
          event.target.value = '';
        }}
      />
      <Button look="quiet" disabled={isPending || bench.closed} onClick={() => input.current?.click()}>
        {isPending ? 'Sending…' : photo ? 'Another photo' : 'Photo'}
      </Button>
      {photo && (
        <a href={photoUrl(photo)} target="_blank" rel="noreferrer">
          <chakra.img src={photoUrl(photo)} alt="The part as it came off" h="44px" borderRadius="sm" />
        </a>
      )}
      {error && (
        <Box role="alert" color="oxide" fontSize="14px" flexBasis="100%">
          {error.about('photo') ?? error.message}
        </Box>
      )}
    </>
  );
}
