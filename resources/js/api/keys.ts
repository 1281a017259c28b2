import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Refusal } from './client';
import { outOfDate } from './outOfDate';
import type { KeyCard, KeysShown } from './types';

/** The key this shop signs job files with, and those of others. */
export const useShopKeys = () =>
  useQuery<KeysShown, Refusal>({
    queryKey: ['keys'],
    queryFn: async () => answer(api.GET('/keys')),
  });

const useKeyChange = <Given, Answer>(change: (given: Given) => Promise<Answer>) => {
  const client = useQueryClient();
  return useMutation<Answer, Refusal, Given>({
    mutationFn: change,
    // What jobs and histories say of a signature elsewhere hangs on it.
    onSuccess: () => outOfDate(client, 'keys', 'job', 'jobs', 'machine', 'machines', 'log'),
  });
};

export const useAcceptKey = () =>
  useKeyChange<{ key: string; name: string; fingerprint: string }, KeyCard>((body) =>
    answer(api.POST('/keys', { body })),
  );

export const useRevokeKey = () =>
  useKeyChange<number, unknown>((key) => answer(api.DELETE('/keys/{key}', { params: { path: { key } } })));
