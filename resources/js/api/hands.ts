import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { knows } from '../offline/hands';
import { answer, api, fetchToken, type Refusal } from './client';
import { outOfDate } from './outOfDate';
import { entered } from './session';
import type { HandsCard, Person, TabletCard } from './types';

/** Who can take over at this bench. */
export const useHands = (wanted: boolean) =>
  useQuery<HandsCard[], Refusal>({
    queryKey: ['hands'],
    queryFn: async () => (await answer(api.GET('/session/hands'))).data,
    enabled: wanted,
  });

/** Another person goes on where this one stood: same page, same shop. */
export const useTakeOver = () => {
  const client = useQueryClient();
  return useMutation<Person, Refusal, { person: number; code: string }>({
    mutationFn: async (body) => {
      const person = await answer(api.POST('/session/hands', { body }));
      // The session is another one: what changes something from now on shows its token.
      await fetchToken();
      return person;
    },
    onSuccess: async (person, { code }) => {
      // Before anybody is told who stands here: a page that is left now would not finish it.
      await knows(person, code);
      await entered(client, person);
      return outOfDate(client, 'people', 'tokens', 'shop', 'log');
    },
  });
};

export const useBenchCode = () => {
  const client = useQueryClient();
  return useMutation<unknown, Refusal, { present: string; code: string | null }>({
    mutationFn: (body) => answer(api.PUT('/session/bench-code', { body })),
    onSuccess: () => outOfDate(client, 'session', 'hands'),
  });
};

export const useTablets = () =>
  useQuery<TabletCard[], Refusal>({
    queryKey: ['tablets'],
    queryFn: async () => (await answer(api.GET('/tablets'))).data,
  });

const useTabletChange = <Given, Answer>(change: (given: Given) => Promise<Answer>) => {
  const client = useQueryClient();
  return useMutation<Answer, Refusal, Given>({
    mutationFn: change,
    onSuccess: () => outOfDate(client, 'tablets', 'session', 'log'),
  });
};

export const useEnrol = () =>
  useTabletChange<{ name: string }, TabletCard>((body) => answer(api.POST('/tablets', { body })));

export const useEndTablet = () =>
  useTabletChange<number, unknown>((tablet) =>
    answer(api.DELETE('/tablets/{tablet}', { params: { path: { tablet } } })),
  );
