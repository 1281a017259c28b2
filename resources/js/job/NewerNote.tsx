import { Box, chakra } from '@chakra-ui/react';
import type { Ask } from '../api/types';
import { timeOfDay } from '../words/day';
import { useSay } from '../words/person';
import { useBench } from './bench';
import { typedAs } from './lent';

/** What another hand had entered here after what stands was made: that came late. Both are told, and one tap takes the other. */
export function NewerNote({ ask }: { ask: Ask }) {
  const say = useSay();
  const bench = useBench();
  const entry = bench.entries.get(ask.place);
  const newer = entry?.newer;
  if (!entry || !newer) return null;
  const { choice } = newer.value;
  const option = ask.options.find((one) => one.value === choice);
  const shown = option ? say(option.label) : typedAs(newer.value) || 'another answer';
  const again = choice === undefined ? { typed: typedAs(newer.value), text: newer.value.text } : { choice };
  return (
    <Box role="note" fontSize="14px" color="brass" mt="1">
      {entry.by} made this at {timeOfDay(entry.made_at)}, and it came late. {newer.by} had entered {shown} at{' '}
      {timeOfDay(newer.made_at)}.{' '}
      {!bench.closed && (
        <chakra.button
          type="button"
          color="blue"
          fontWeight="600"
          minH="44px"
          cursor="pointer"
          onClick={() => bench.keep(ask.place, again, newer.instrument ?? undefined)}
        >
          Take {shown}
        </chakra.button>
      )}
    </Box>
  );
}
