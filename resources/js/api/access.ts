import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Refusal } from './client';
import { outOfDate } from './outOfDate';
import type { RecoveryCodes, TimeCodeBegun, TokenCard, TokenMade } from './types';

export type Right = 'read' | 'readings' | 'work';

export const useTokens = () =>
  useQuery<TokenCard[], Refusal>({
    queryKey: ['tokens'],
    queryFn: async () => (await answer(api.GET('/tokens'))).data,
  });

/** What is changed of access stands in the owner's log too. */
const useAccessChange = <Given, Answer>(change: (given: Given) => Promise<Answer>) => {
  const client = useQueryClient();
  return useMutation<Answer, Refusal, Given>({
    mutationFn: change,
    onSuccess: () => outOfDate(client, 'tokens', 'log', 'session', 'people'),
  });
};

export const useMakeToken = () =>
  useAccessChange<{ name: string; rights: Right[]; days: number }, TokenMade>((body) =>
    answer(api.POST('/tokens', { body })),
  );

export const useEndToken = () =>
  useAccessChange<number, unknown>((token) => answer(api.DELETE('/tokens/{token}', { params: { path: { token } } })));

/** The secret for a device; it is asked for only when its first code was shown. */
export const useBeginTimeCode = () =>
  useMutation<TimeCodeBegun, Refusal, { present: string }>({
    mutationFn: (body) => answer(api.POST('/time-code', { body })),
  });

export const useConfirmTimeCode = () =>
  useAccessChange<{ code: string }, RecoveryCodes>((body) => answer(api.PUT('/time-code', { body })));

export const useNoTimeCode = () =>
  useAccessChange<{ present: string }, unknown>((body) => answer(api.DELETE('/time-code', { body })));

/** For somebody who lost their device and their codes. */
export const useTakeTimeCodeOff = (person: number) =>
  useAccessChange<void, unknown>(() =>
    answer(api.DELETE('/people/{person}/time-code', { params: { path: { person } } })),
  );
