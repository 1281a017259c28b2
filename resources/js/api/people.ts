import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Refusal } from './client';
import { outOfDate } from './outOfDate';
import type { CodeShown, LogShown, PeopleSheet, PersonCard } from './types';

export type Role = PersonCard['role'];

export const usePeople = () =>
  useQuery<PeopleSheet, Refusal>({ queryKey: ['people'], queryFn: () => answer(api.GET('/people')) });

/** Everything that changes a person stands in the log too; and one may have changed oneself. */
const usePeopleChange = <Given, Answer>(change: (given: Given) => Promise<Answer>) => {
  const client = useQueryClient();
  return useMutation<Answer, Refusal, Given>({
    mutationFn: change,
    onSettled: () => outOfDate(client, 'people', 'log', 'session'),
  });
};

export const useAddPerson = () =>
  usePeopleChange<{ name: string; email: string; role: Role }, PersonCard>((body) =>
    answer(api.POST('/people', { body })),
  );

export const useChangePerson = (person: number) =>
  usePeopleChange<{ name?: string; role?: Role }, PersonCard>((body) =>
    answer(api.PATCH('/people/{person}', { params: { path: { person } }, body: body as { name: string; role: Role } })),
  );

export const useLeaving = (person: number) =>
  usePeopleChange<'leaves' | 'comes back', PersonCard>((what) => {
    const at = { params: { path: { person } } };
    return answer(what === 'leaves' ? api.POST('/people/{person}/left', at) : api.DELETE('/people/{person}/left', at));
  });

/** A one-time code; with `mail` it is sent to its person as well. */
export const useCode = (person: number) =>
  usePeopleChange<{ mail: boolean }, CodeShown>((body) =>
    answer(api.POST('/people/{person}/code', { params: { path: { person } }, body })),
  );

/** Erases the name and address of somebody who left. */
export const useErasePerson = (person: number) =>
  usePeopleChange<void, PersonCard>(() =>
    answer(api.DELETE('/people/{person}/name', { params: { path: { person } } })),
  );

export const useEndSessions = (person: number) =>
  usePeopleChange<void, unknown>(() =>
    answer(api.DELETE('/people/{person}/sessions', { params: { path: { person } } })),
  );

interface Page {
  data: LogShown[];
  next_cursor: string | null;
}

export const useLog = () =>
  useInfiniteQuery<Page, Refusal, LogShown[], readonly unknown[], string | undefined>({
    queryKey: ['log'],
    queryFn: ({ pageParam }) => answer(api.GET('/log', { params: { query: { cursor: pageParam } } })),
    initialPageParam: undefined,
    getNextPageParam: (page) => page.next_cursor ?? undefined,
    select: (pages) => pages.pages.flatMap((page) => page.data),
  });
