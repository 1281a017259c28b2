import type { QueryClient } from '@tanstack/react-query';

/** Lists and sheets that something just done has changed, all where none is named: they are asked for again, those in view at once. */
export const outOfDate = (client: QueryClient, ...kinds: string[]): Promise<unknown> =>
  kinds.length === 0
    ? client.invalidateQueries()
    : Promise.all(kinds.map((kind) => client.invalidateQueries({ queryKey: [kind] })));
