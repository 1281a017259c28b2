import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef } from 'react';
import type { Ask } from '../api/types';
import { Button } from '../controls/Button';
import { useSay } from '../words/person';
import { useBench } from './bench';
import { useLent } from './lent';
import { NewerNote } from './NewerNote';

/** An answer by a tap: one of several, or any number of them. */
export function Choices({ ask, columns }: { ask: Ask; columns?: number }) {
  const say = useSay();
  const bench = useBench();
  const value = bench.entries.get(ask.place)?.value;
  const several = ask.kind === 'choices';
  const chosen = several ? ((value?.choices as string[] | undefined) ?? []) : [value?.choice as string | undefined];
  const refused = bench.refused.get(ask.place);
  const lent = useLent()(ask.place);
  const given = useRef(false);
  const tap = (option: string) => {
    if (several) {
      const next = chosen.includes(option) ? chosen.filter((one) => one !== option) : [...chosen, option];
      bench.keep(ask.place, next.length > 0 ? { choices: next } : null);
    } else if (!chosen.includes(option)) {
      given.current = true;
      bench.keep(ask.place, { choice: option });
    } else if (given.current || !(ask.borrowed || ask.role === 'feel')) {
      // What is shown at several steps was perhaps said at another: a tap on it here is a yes, and takes nothing back.
      bench.keep(ask.place, null);
    }
  };
  return (
    <Box as="fieldset" data-place={ask.place}>
      <chakra.legend fontSize="14px" color="mute" mb="1">
        {say(ask.label)}
        {bench.waiting.has(ask.place) && (
          <chakra.span color="brass" ml="2">
            waits
          </chakra.span>
        )}
      </chakra.legend>
      <Flex wrap="wrap" gap="2">
        {ask.options.map((option) => (
          <Button
            key={option.value}
            look="answer"
            aria-pressed={chosen.includes(option.value)}
            disabled={bench.closed}
            flex={columns ? `1 1 calc(${100 / columns}% - 8px)` : undefined}
            onClick={() => tap(option.value)}
          >
            {say(option.label)}
            {lent?.value?.choice === option.value && (
              <chakra.span ml="2" fontSize="13px" color="mute">
                {lent.same_wheel ? 'last time' : lent.wheel.toLowerCase()}
              </chakra.span>
            )}
          </Button>
        ))}
      </Flex>
      {(refused || ask.hint) && (
        <Box fontSize="14px" mt="1" color={refused ? 'oxide' : 'mute'} role={refused ? 'alert' : undefined}>
          {refused?.detail ?? (ask.hint && say(ask.hint))}
        </Box>
      )}
      <NewerNote ask={ask} />
    </Box>
  );
}

/** A step that is done by doing it. */
export function Tick({ ask }: { ask: Ask }) {
  const say = useSay();
  const bench = useBench();
  const value = bench.entries.get(ask.place)?.value;
  // Said of less than there is now: it is asked again.
  const known = typeof value?.of === 'string' ? value.of.split(',') : null;
  const more = known && ask.stamp?.split(',').some((one) => !known.includes(one));
  const done = value?.done === true && !more;
  return (
    <Button
      look={done ? 'plain' : 'main'}
      aria-pressed={done}
      disabled={bench.closed}
      data-place={ask.place}
      onClick={() => bench.keep(ask.place, { done: !done, ...(ask.stamp !== null && { of: ask.stamp }) })}
      alignSelf="start"
    >
      {done ? `✓ ${say(ask.label)}` : say(ask.label)}
    </Button>
  );
}
