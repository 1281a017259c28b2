import { chakra } from '@chakra-ui/react';
import { useMutationState } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useWaiting } from '../api/records';
import { Bar } from '../controls/Bar';
import { Button } from '../controls/Button';
import { useLasting } from '../controls/lasting';
import { UNNAMED, useHere } from '../offline/hands';
import { useOnline } from '../offline/online';
import { isBy, nameRows, vouchFor } from '../offline/queue';
import { rightOf } from '../offline/rights';
import { askToKeep, useKeeps } from '../offline/worker';
import { usePerson } from '../words/person';

const entries = (count: number): string => (count === 1 ? '1 entry' : `${count} entries`);

/** What was entered without the network by somebody this device did not know: whoever stands here now may say it is theirs. */
export function Unnamed() {
  const { id, name } = usePerson();
  const here = useHere();
  const count = useWaiting().filter((one) => one.author === UNNAMED).length;
  if (count === 0 || here !== null) return null;
  return (
    <Bar>
      <chakra.span flex="1">
        {entries(count)} here: not yet named. Whoever made them takes over and says so.
      </chakra.span>
      <Button look="quiet" onClick={() => void nameRows({ id, name })}>
        They are mine, {name}
      </Button>
    </Bar>
  );
}

/** What waits of people who cannot send it themselves any more: the owner may say yes to it. */
export function OthersWait() {
  const person = usePerson();
  const here = useHere();
  const online = useOnline();
  const waiting = useWaiting().filter(
    (one) => one.author > 0 && !isBy(one, person) && rightOf(one.author) === undefined,
  );
  if (person.role !== 'owner' || person.by_bench_code || here !== null || !online || waiting.length === 0) return null;
  const authors = [...new Map(waiting.map((one) => [one.author, one.by]))];
  return (
    <>
      {authors.map(([author, by]) => (
        <Bar key={author}>
          <chakra.span flex="1">
            {entries(waiting.filter((one) => one.author === author).length)} of {by} here. {by} signs in and sends them,
            or you say yes.
          </chakra.span>
          <Button look="quiet" onClick={() => vouchFor(author)}>
            Keep them under {by}'s name
          </Button>
        </Bar>
      ))}
    </>
  );
}

/** Entries wait here, and the browser does not promise to keep them: installed, it does. */
export function MayBeCleared() {
  const waits = useWaiting().length > 0;
  const online = useOnline();
  const { promised, install } = useKeeps();
  const [away, setAway] = useState(false);
  useEffect(() => {
    if (waits && promised === null) void askToKeep();
  }, [waits, promised]);
  if (!waits || online || promised !== false || away) return null;
  return (
    <Bar>
      <chakra.span flex="1">
        {window.isSecureContext
          ? 'This browser may clear what waits when it runs short of room. Installed on this device, it keeps it.'
          : 'This browser may clear what waits when it runs short of room: do not close it before all is kept.'}
      </chakra.span>
      {install && (
        <Button look="plain" onClick={install}>
          Install
        </Button>
      )}
      <Button look="quiet" onClick={() => setAway(true)}>
        Put away
      </Button>
    </Bar>
  );
}

/** Work that takes its time goes on wherever one is: said until it is through. */
export function LongWork() {
  const under = useMutationState({
    filters: { status: 'pending', predicate: ({ meta }) => typeof meta?.says === 'string' },
    select: ({ meta }) => String(meta?.says),
  });
  const lasts = useLasting(under.length > 0, 600);
  if (!lasts) return null;
  return (
    <Bar>
      {under.map((says) => (
        <chakra.span key={says} flex="1">
          {says}. This page can be left; it goes on.
        </chakra.span>
      ))}
      <chakra.progress aria-label={under[0]} w="160px" h="8px" />
    </Bar>
  );
}
