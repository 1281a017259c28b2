import { chakra, Flex } from '@chakra-ui/react';
import type { Ask, LentEntry } from '../api/types';
import { Button } from '../controls/Button';
import { useSay } from '../words/person';
import { useBench } from './bench';
import { entryOfLent, optionOfLent, useAllLent, useLent } from './lent';

/** Which job knows it, in words. */
const from = (one: LentEntry): string =>
  one.same_wheel ? `last time, job ${one.job}` : `the ${one.wheel.toLowerCase()}, job ${one.job}`;

function Lend({ all, label, says, whole = false }: { all: LentEntry[]; label: string; says: string; whole?: boolean }) {
  const bench = useBench();
  return (
    <Flex direction="column" gap="1" align="flex-start" mb="4">
      <Button
        look={whole ? 'main' : 'plain'}
        px="4"
        data-lent={whole ? 'all' : 'step'}
        onClick={(event) => {
          event.currentTarget.closest('section')?.querySelector('h2')?.focus();
          for (const one of all) bench.keep(one.place, entryOfLent(one), one.instrument ?? undefined);
        }}
      >
        {label}
      </Button>
      <chakra.span fontSize="14px" color="mute">
        {says}
      </chakra.span>
    </Flex>
  );
}

/** What is asked at a step and was answered for this hub before, or for its like on the same machine: one tap for it. */
export function LentBar({ asks }: { asks: Ask[] }) {
  const say = useSay();
  const lent = useLent();
  const known = asks.flatMap((ask) => {
    const one = lent(ask.place);
    return one ? [{ ask, one }] : [];
  });
  const [first] = known;
  if (!first || known.length < 2) return null;
  return (
    <Lend
      all={known.map(({ one }) => one)}
      label={`As ${from(first.one)}`}
      says={known.map(({ ask, one }) => say(optionOfLent(ask, one))).join(' · ')}
    />
  );
}

/** The whole of it at once, where a job begins. */
export function AllLentBar() {
  const all = useAllLent();
  // The list of parts decides what else is asked: it is looked at before all else.
  const [first] = all;
  if (!first || all.length < 3) return null;
  return (
    <Lend
      whole
      all={all}
      label={`Start from ${from(first)}`}
      says={`${all.length} answers that stay true of such a hub: sizes, spanners, figures, drivers. Nothing of its wear.`}
    />
  );
}
