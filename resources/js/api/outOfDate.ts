import type { QueryClient } from '@tanstack/react-query';

/** Lists and sheets that something just done has changed: they are asked for again, those in view at once. */
export const outOfDate = (client: QueryClient, ...kinds: string[]): Promise<unknown> =>
  Promise.all(kinds.map((kind) => client.invalidateQueries({ queryKey: [kind] })));
