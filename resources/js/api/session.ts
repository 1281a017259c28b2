import { type QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { shownAgain } from '../offline/hands';
import { forgetsLast } from '../offline/last';
import { dropRight, keepRight } from '../offline/rights';
import { answer, api, fetchToken, type Refusal } from './client';
import { forget } from './queryClient';
import type { paths } from './schema.generated';
import { stands } from './stands';
import type { Person } from './types';

export const sessionKey = ['session'] as const;

/** How often it is looked whether the session stands. */
const SEEN_EVERY_MS = 5_000;

/** Who is signed in. An error of status 401 means nobody. */
export const useSession = () => {
  const client = useQueryClient();
  return useQuery<Person, Refusal>({
    queryKey: sessionKey,
    queryFn: async () => {
      const before = client.getQueryData<Person>(sessionKey);
      const person = await answer(api.GET('/session'));
      // What this browser knows was shown to somebody else: it is asked for anew.
      if (before && before.id !== person.id) {
        void client.resetQueries({ predicate: (query) => query.queryKey[0] !== sessionKey[0] });
      }
      return person;
    },
    retry: (count, refusal) => refusal.passing && count < 3,
    staleTime: 0,
  });
};

/**
 * Looks every few seconds whether the session stands: one that ended is said while the page is in front, not at the next
 * thing that is entered. It is only read: an answer that comes late brings no older session back.
 */
export const useSessionStands = () => {
  const client = useQueryClient();
  return useQuery<boolean>({
    queryKey: ['preview', 'stands'],
    queryFn: async () => {
      const known = client.getQueryState(sessionKey)?.status === 'success';
      const stands = await answer(api.GET('/ping/signed-in')).then(
        () => true,
        (fault: Refusal) => (fault.status === 401 ? false : known),
      );
      if (stands !== known) void client.invalidateQueries({ queryKey: sessionKey });
      return stands;
    },
    refetchInterval: SEEN_EVERY_MS,
    retry: false,
  });
};

/** Somebody is signed in here now; at a bench of several hands the device may send what they enter from now on. */
export function entered(client: QueryClient, { sending, ...person }: Person): Promise<void> {
  if (sending !== null) keepRight(person.id, sending);
  shownAgain();
  return stands(client, sessionKey, { ...person, sending: null });
}

/** Whatever makes somebody the one who is signed in here; what another knew of this shop is asked for anew. */
const useEntering = <Given>(enter: (given: Given) => Promise<Person>) => {
  const client = useQueryClient();
  return useMutation<Person, Refusal, Given>({
    mutationFn: async (given) => {
      await fetchToken();
      return enter(given);
    },
    onSuccess: (person) => entered(client, person),
    networkMode: 'always',
  });
};

export const useSignIn = () =>
  useEntering<{ email: string; password: string; remember: boolean; code?: string }>((body) =>
    answer(api.POST('/session', { body })),
  );

/** A one-time code is taken, and a password chosen. */
export const useJoin = () =>
  useEntering<{ email: string; code: string; password: string; remember: boolean; time_code?: string }>((body) =>
    answer(api.POST('/joining', { body })),
  );

export type NewShop = paths['/begin']['post']['requestBody']['content']['application/json'];

const signed = (search: string) => ({ params: { query: Object.fromEntries(new URLSearchParams(search)) } });

/** Whether the printed address still begins a shop. */
export const useBeginning = (search: string) =>
  useQuery<unknown, Refusal>({
    queryKey: ['preview', 'begin', search],
    queryFn: async () => {
      await answer(api.GET('/begin', signed(search)));
      return true;
    },
    retry: (count, refusal) => refusal.passing && count < 3,
    staleTime: Number.POSITIVE_INFINITY,
  });

export const useBegin = (search: string) =>
  useEntering<NewShop>((body) => answer(api.POST('/begin', { body, ...signed(search) })));

export const useChangePassword = () =>
  useMutation<unknown, Refusal, { present: string; password: string }>({
    mutationFn: (body) => answer(api.PUT('/session/password', { body })),
  });

export const useSignOut = () => {
  const client = useQueryClient();
  return useMutation<unknown, Refusal, void>({
    mutationFn: () => answer(api.DELETE('/session')),
    onSuccess: async () => {
      const person = client.getQueryData<Person>(sessionKey);
      if (person) dropRight(person.id);
      shownAgain();
      forgetsLast();
      client.clear();
      await forget();
      window.location.assign('/sign-in');
    },
  });
};

export const usePreferences = () => {
  const client = useQueryClient();
  return useMutation<Person, Refusal, { units?: 'mm' | 'in'; theme?: 'light' | 'dark' }>({
    mutationFn: (body) => answer(api.PATCH('/session', { body })),
    onMutate: (change) => stands<Person>(client, sessionKey, (person) => person && { ...person, ...change }),
    // One after the other: the answer to an earlier change must not undo a later one on the page.
    scope: { id: 'preferences' },
    onSuccess: (kept, change) =>
      stands<Person>(client, sessionKey, (person) => (person ? { ...person, ...change } : kept)),
  });
};
