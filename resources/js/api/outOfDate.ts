import type { Query, QueryClient } from '@tanstack/react-query';

/** Still on its way for the first time: it was asked before what is new now, and would be taken for the answer to it. */
const begun = ({ state }: Query): boolean => state.data === undefined && state.fetchStatus === 'fetching';

const again = async (client: QueryClient, queryKey?: string[]): Promise<void> => {
  const which = queryKey ? { queryKey } : {};
  await client.cancelQueries({ ...which, predicate: begun });
  await client.invalidateQueries(which);
};

/** Lists and sheets that something just done has changed, all where none is named: they are asked for again, those in view at once. */
export const outOfDate = (client: QueryClient, ...kinds: string[]): Promise<unknown> =>
  kinds.length === 0 ? again(client) : Promise.all(kinds.map((kind) => again(client, [kind])));
