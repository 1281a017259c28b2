import { QueryClient } from '@tanstack/react-query';
import type { PersistedClient, Persister } from '@tanstack/react-query-persist-client';
import { del, get, set } from 'idb-keyval';
import { enqueue } from '../offline/queue';
import type { Sending } from '../offline/store';
import { Refusal } from './client';
import { sendRecords } from './records';

const STORE = 'clean-race';
const AGAIN_MS = 5_000;
const A_WEEK = 7 * 24 * 60 * 60 * 1000;

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      gcTime: A_WEEK,
      staleTime: 2_000,
      // Nobody answered: asked again by itself until somebody does.
      refetchInterval: ({ state }) => (state.error instanceof Refusal && state.error.passing ? AGAIN_MS : false),
      retry: (count, refusal) => refusal instanceof Refusal && refusal.passing && count < 2,
      retryDelay: 800,
    },
  },
});
sendRecords(queryClient);

/** Keeps what is known in the browser's own store. What waits to be sent has a store of its own. */
const persister: Persister = {
  persistClient: (client: PersistedClient) => set(STORE, client),
  restoreClient: async () => {
    const client = await get<PersistedClient>(STORE);
    return client && adopted(client);
  },
  removeClient: () => del(STORE),
};

/** Version 0.1 kept what waited among the rest: it goes into the queue, in the name of who typed it. */
function adopted(client: PersistedClient): PersistedClient {
  const { mutations, queries } = client.clientState;
  for (const { state } of mutations) {
    const sending = state.variables as Omit<Sending, 'author'> | undefined;
    if (sending?.id && sending.place) enqueue({ ...sending, author: 0 });
  }
  return { ...client, clientState: { queries, mutations: [] } };
}

/** Leaves nothing of what was known in this browser; what waits to be sent stays until it is. */
export const forget = (): Promise<void> => del(STORE);

export const persistOptions = {
  persister,
  maxAge: A_WEEK,
  // Another number forgets what an older page knew: of another shape it would be read wrong.
  buster: '2',
  dehydrateOptions: {
    shouldDehydrateMutation: () => false,
    shouldDehydrateQuery: (query: { state: { status: string }; queryKey: readonly unknown[] }) =>
      query.state.status === 'success' && query.queryKey[0] !== 'preview',
  },
};
