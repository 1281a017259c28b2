import { useInfiniteQuery, useMutation, useMutationState, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, asForm, type Refusal } from './client';
import { type Far, finished, isErrand } from './errands';
import { newId } from './ids';
import { jobKey } from './jobs';
import { outOfDate } from './outOfDate';
import { stands } from './stands';
import type { AddendumCard, BenchDaySheet, CalendarLink, DueCard } from './types';

interface Page {
  data: DueCard[];
  next_cursor: string | null;
}

/** What falls due: with a day, the next first; or what has none. */
export const useAhead = (undated: boolean) =>
  useInfiniteQuery<Page, Refusal, DueCard[], readonly unknown[], string | undefined>({
    queryKey: ['ahead', undated],
    queryFn: ({ pageParam }) =>
      answer(api.GET('/ahead', { params: { query: { cursor: pageParam, undated: undated || undefined } } })),
    initialPageParam: undefined,
    getNextPageParam: (page) => page.next_cursor ?? undefined,
    select: (pages) => pages.pages.flatMap((page) => page.data),
  });

/** Items that were settled here, and taken back, in their order. */
const SETTLING = ['settling'];

const useSettling = (ask: (item: number) => Promise<DueCard>) => {
  const client = useQueryClient();
  return useMutation<DueCard, Refusal, number>({
    mutationKey: SETTLING,
    mutationFn: ask,
    onSuccess: () => outOfDate(client, 'ahead', 'machine', 'machines', 'job'),
  });
};

export const useSettle = () =>
  useSettling((item) => answer(api.POST('/ahead/{item}/settled', { params: { path: { item } } })));

export const useUnsettle = () =>
  useSettling((item) => answer(api.DELETE('/ahead/{item}/settled', { params: { path: { item } } })));

/** The last item that was settled here a while ago, unless it was taken back. */
export const useLastSettled = (): DueCard | null => {
  const answers = useMutationState({
    filters: { mutationKey: SETTLING, status: 'success' },
    select: (one) => one.state.data as DueCard,
  });
  const last = answers.at(-1);
  return last?.settled ? last : null;
};

export const useCalendar = (enabled: boolean) =>
  useQuery<CalendarLink, Refusal>({
    queryKey: ['calendar'],
    queryFn: () => answer(api.GET('/shop/calendar')),
    enabled,
  });

/** Makes a new address for the calendar, or ends it. */
export const useChangeCalendar = () => {
  const client = useQueryClient();
  return useMutation<CalendarLink, Refusal, 'new' | 'end'>({
    mutationFn: (change) =>
      change === 'new' ? answer(api.POST('/shop/calendar')) : answer(api.DELETE('/shop/calendar')),
    onSuccess: (link) => stands(client, ['calendar'], link),
  });
};

/** The bench day from a time of the day, in minutes after midnight. */
export const useBenchDay = (from: number) =>
  useQuery<BenchDaySheet, Refusal>({
    queryKey: ['bench-day', from],
    queryFn: () => answer(api.GET('/bench-day', { params: { query: { from } } })),
    placeholderData: (before) => before,
  });

export const useOrderBench = (from: number) => {
  const client = useQueryClient();
  return useMutation<BenchDaySheet, Refusal, number[]>({
    mutationFn: (jobs) => answer(api.PUT('/bench-day', { body: { from, jobs } })),
    onSuccess: async (day) => {
      await client.invalidateQueries({ queryKey: ['bench-day'], refetchType: 'none' });
      await stands(client, ['bench-day', from], day);
    },
  });
};

/** A word added to a job after its signature. */
export const useAddendum = (job: number) => {
  const client = useQueryClient();
  return useMutation<AddendumCard, Refusal, { id: string; text: string }>({
    mutationFn: (body) => answer(api.POST('/jobs/{job}/addenda', { params: { path: { job } }, body })),
    onSuccess: () => client.invalidateQueries({ queryKey: jobKey(job) }),
  });
};

/** Takes a job file in as a job of this shop; a long one is done behind the answer, and waited for. */
export const useTakeJob = (far: (far: Far) => void) => {
  const client = useQueryClient();
  return useMutation<number | null, Refusal, File>({
    mutationFn: async (file) => {
      const said = await answer(api.POST('/jobs/file', { body: { file, id: newId() }, bodySerializer: asForm }));
      return isErrand(said) ? (await finished(said, far)).job : said.id;
    },
    meta: { says: 'The job file is being read' },
    onSuccess: () => outOfDate(client, 'jobs', 'machines'),
  });
};
