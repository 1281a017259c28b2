import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, fetchToken, type Refusal } from './client';
import { forget } from './queryClient';
import { stands } from './stands';
import type { Person } from './types';

export const sessionKey = ['session'] as const;

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

export const useSignIn = () => {
  const client = useQueryClient();
  return useMutation<Person, Refusal, { email: string; password: string }>({
    mutationFn: async (body) => {
      await fetchToken();
      return answer(api.POST('/session', { body }));
    },
    onSuccess: (person) => stands(client, sessionKey, person),
    networkMode: 'always',
  });
};

export const useSignOut = () => {
  const client = useQueryClient();
  return useMutation<unknown, Refusal, void>({
    mutationFn: () => answer(api.DELETE('/session')),
    onSuccess: async () => {
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
