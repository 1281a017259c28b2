import { QueryClient } from '@tanstack/react-query';
import type { PersistedClient, Persister } from '@tanstack/react-query-persist-client';
import { del, get, set } from 'idb-keyval';
import { Refusal } from './client';
import { setRecordDefaults } from './records';

const STORE = 'clean-race';
const A_WEEK = 7 * 24 * 60 * 60 * 1000;

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      gcTime: A_WEEK,
      staleTime: 2_000,
      retry: (count, refusal) => refusal instanceof Refusal && refusal.passing && count < 5,
    },
  },
});
setRecordDefaults(queryClient);

/**
 * Keeps what is known and what waits to be sent in the browser's own store. A record that was being sent when the
 * page went is marked as waiting, so that it goes out again; its id makes that harmless.
 */
const persister: Persister = {
  persistClient: (client: PersistedClient) => {
    const mutations = client.clientState.mutations.map((one) => ({ ...one, state: { ...one.state, isPaused: true } }));
    return set(STORE, { ...client, clientState: { ...client.clientState, mutations } });
  },
  restoreClient: () => get<PersistedClient>(STORE),
  removeClient: () => del(STORE),
};

/** Leaves nothing of what was known in this browser. */
export const forget = (): Promise<void> => del(STORE);

export const persistOptions = {
  persister,
  maxAge: A_WEEK,
  buster: '1',
  dehydrateOptions: {
    shouldDehydrateMutation: (mutation: { state: { status: string }; options: { mutationKey?: readonly unknown[] } }) =>
      mutation.state.status === 'pending' && mutation.options.mutationKey?.[0] === 'record',
    shouldDehydrateQuery: (query: { state: { status: string }; queryKey: readonly unknown[] }) =>
      query.state.status === 'success' && query.queryKey[0] !== 'preview',
  },
};
