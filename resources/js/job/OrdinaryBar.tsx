import { chakra, Flex } from '@chakra-ui/react';
import type { Ordinary } from '../api/types';
import { Button } from '../controls/Button';
import { useSay } from '../words/person';
import { useBench } from './bench';

/** How many things are named before the rest is counted. */
const NAMED = 8;

type Answer = Ordinary['answers'][number];

const entryOf = ({ place: _place, ...said }: Answer): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(said).filter(([, value]) => value !== null && (!Array.isArray(value) || value.length > 0)),
  );

/** One tap for all that is as it should be; beneath it, what exactly that says. */
export function OrdinaryBar({ ordinary, quiet = false }: { ordinary: Ordinary; quiet?: boolean }) {
  const say = useSay();
  const bench = useBench();
  // What was said a moment ago is not said over, though the server has not told of it yet.
  const left = ordinary.answers.filter((one) => {
    const value = bench.entries.get(one.place)?.value;
    return one.state === null ? !value : value?.state !== one.state;
  });
  if (bench.closed || left.length < 2) return null;
  const named = ordinary.says.slice(0, NAMED).map(say);
  const more = ordinary.says.length - named.length;
  return (
    <Flex direction="column" gap="1" align="flex-start" mb={quiet ? '3' : '4'}>
      <Button
        look={quiet ? 'plain' : 'main'}
        px="4"
        data-ordinary={quiet ? 'all' : 'step'}
        onClick={(event) => {
          // The button goes with what it said: the heading of its step keeps the place for a keyboard.
          event.currentTarget.closest('section')?.querySelector('h2')?.focus();
          for (const one of left)
            bench.keep(one.place, { ...bench.entries.get(one.place)?.value, ...entryOf(one), order: undefined });
        }}
      >
        {say(ordinary.label)}
      </Button>
      <chakra.span fontSize="14px" color="mute">
        {named.join(' · ')}
        {more > 0 && ` · and ${more} more`}
      </chakra.span>
    </Flex>
  );
}
