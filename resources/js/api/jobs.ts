import { keepPreviousData, useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Refusal, sharedVersion, unlessSame } from './client';
import { outOfDate } from './outOfDate';
import type { EntryValue, JobCard, JobSheet, LiveReport, PatternShown, StationName } from './types';

export const jobKey = (id: number) => ['job', id] as const;
const boardKey = ['jobs'] as const;

/** What was found by words is kept for a minute only: it is one of many. */
export const FOUND = 60_000;

interface Page<T> {
  data: T[];
  next_cursor: string | null;
}

/** Open or signed jobs; with words, those of machines that match them. */
export const useBoard = (signed: boolean, find = '') =>
  useInfiniteQuery<Page<JobCard>, Refusal, JobCard[], readonly unknown[], string | undefined>({
    queryKey: [...boardKey, signed, find],
    queryFn: ({ pageParam }) =>
      answer(
        api.GET('/jobs', {
          params: { query: { cursor: pageParam, signed: signed || undefined, find: find || undefined } },
        }),
      ),
    // Another may have opened or signed one a moment ago.
    refetchOnMount: 'always',
    placeholderData: (before, query) => (query?.queryKey[1] === signed ? before : undefined),
    ...(find && { gcTime: FOUND }),
    initialPageParam: undefined,
    getNextPageParam: (page) => page.next_cursor ?? undefined,
    select: (pages) => pages.pages.flatMap((page) => page.data),
  });

/** A job as this page holds it. */
export type HeldJob = JobSheet & {
  /** Places of records that were kept since its report was worked out. */
  since?: string[];
};

/** How often it is asked whether another hand entered something. */
const SEEN_EVERY_MS = 4_000;

export const useJob = (id: number) => {
  const client = useQueryClient();
  return useQuery<HeldJob, Refusal>({
    queryKey: jobKey(id),
    queryFn: () =>
      unlessSame(client.getQueryData<HeldJob>(jobKey(id)), (headers) =>
        api.GET('/jobs/{job}', { params: { path: { job: id } }, headers }),
      ),
    structuralSharing: sharedVersion,
    // What this browser kept may be a moment old: another may have entered something since.
    refetchOnMount: 'always',
    refetchInterval: ({ state }) =>
      !state.error && (state.data?.signed_at || state.data?.closed) ? false : SEEN_EVERY_MS,
  });
};

export interface Draft {
  place: string;
  entry: EntryValue;
  instrument?: string;
}

/** How the job would stand with what is typed so far; of the stations only the one at hand comes with its steps. */
export const usePreview = (id: number, drafts: Draft[], unit: 'mm' | 'in', station: StationName) =>
  useQuery<LiveReport, Refusal>({
    queryKey: ['preview', id, unit, station, drafts],
    queryFn: () =>
      answer(api.POST('/jobs/{job}/preview', { params: { path: { job: id } }, body: { drafts, unit, station } })),
    enabled: drafts.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 10_000,
    staleTime: 5_000,
  });

export interface NewJobs {
  machine_id: number;
  complaint: string;
  wheels: { wheel: string; pattern: string }[];
}

/** The ways hubs are built; they change with the program only. */
export const usePatterns = () =>
  useQuery<PatternShown[], Refusal>({
    queryKey: ['patterns'],
    queryFn: async () => (await answer(api.GET('/patterns'))).data,
    staleTime: Number.POSITIVE_INFINITY,
  });

/** What changes a job as a whole: its sheet, the board and its machine are read anew. */
const useJobChange = <T>(job: number, change: (to: T) => Promise<JobCard>) => {
  const client = useQueryClient();
  return useMutation<JobCard, Refusal, T>({
    mutationFn: change,
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: jobKey(job) });
      await outOfDate(client, 'jobs', 'machine', 'machines', 'bench-day');
    },
  });
};

export const usePutRight = (job: number) =>
  useJobChange(job, (body: { wheel: string; pattern: string }) =>
    answer(api.PATCH('/jobs/{job}', { params: { path: { job } }, body })),
  );

export const useCloseJob = (job: number) =>
  useJobChange(job, (reason: string) =>
    answer(api.POST('/jobs/{job}/closed', { params: { path: { job } }, body: { reason } })),
  );

export const useTakeUp = (job: number) =>
  useJobChange<void>(job, () => answer(api.DELETE('/jobs/{job}/closed', { params: { path: { job } } })));

export const useOpenJobs = () => {
  const client = useQueryClient();
  return useMutation<JobCard[], Refusal, NewJobs>({
    mutationFn: async (body) => (await answer(api.POST('/jobs/several', { body }))).data,
    onSuccess: () => outOfDate(client, 'jobs', 'machines', 'bench-day'),
  });
};

export const useSignJob = (id: number) => {
  const client = useQueryClient();
  return useMutation<JobCard, Refusal, string | null>({
    // At a bench of several hands whoever signs shows their code again.
    mutationFn: (code) => answer(api.POST('/jobs/{job}/signature', { params: { path: { job: id } }, body: { code } })),
    onSettled: () => client.invalidateQueries({ queryKey: jobKey(id) }),
    onSuccess: () => outOfDate(client, 'jobs', 'machines', 'machine', 'ahead', 'bench-day'),
  });
};
