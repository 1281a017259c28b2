import { type QueryClient, useMutation, useMutationState, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { answer, api, type Refusal } from './client';
import { jobKey } from './jobs';
import type { Entry, EntryValue, JobSheet, Kept } from './types';

/** One record on its way to the server. Its id is made here, so that sent twice it is kept once. */
export interface Sending {
  job: number;
  id: string;
  place: string;
  entry: EntryValue;
  unit: 'mm' | 'in';
  instrument?: string;
  made_at: string;
  /** Who enters it, to be shown until the server says so. */
  by: string;
}

/** A record that the server would not take, with what was entered. */
export interface Refused {
  sending: Sending;
  detail: string;
}

const recordKey = ['record'] as const;
const refusedKey = (job: number) => ['refused', job] as const;

/** The entries of a job with one more record in them; a withdrawn one takes its place's entry away. */
function withRecord(entries: Entry[], kept: Kept, sending: Sending): Entry[] {
  const others = entries.filter((one) => one.place !== kept.place);
  if (kept.value === null) return others;
  return [
    ...others,
    {
      id: kept.id,
      place: kept.place,
      value: kept.value,
      instrument: sending.instrument ?? null,
      by: sending.by,
      made_at: sending.made_at,
    },
  ];
}

/** A UUID also where the page is not served over a secure connection, as on a shop's own network. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = [...bytes].map((b) => b.toString(16).padStart(2, '0')).join('');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}

/**
 * How records are sent: one at a time and in order, waiting while the network or the record store is away, and
 * across a reload of the page. Set once on the query client.
 */
export function setRecordDefaults(client: QueryClient): void {
  client.setMutationDefaults(recordKey, {
    mutationFn: ({ job, by: _by, ...body }: Sending) =>
      answer(api.POST('/jobs/{job}/records', { params: { path: { job } }, body: body as never })),
    scope: { id: 'records' },
    // Signed out is a matter of signing in again: what was entered waits for it.
    retry: (_count, refusal) => (refusal as Refusal).passing || [401, 419].includes((refusal as Refusal).status),
    retryDelay: (count) => Math.min(500 * 2 ** count, 5_000),
    gcTime: Number.POSITIVE_INFINITY,
    onError: (refusal, sending: Sending) => {
      client.setQueryData<Refused[]>(refusedKey(sending.job), (before = []) => [
        ...before.filter((one) => one.sending.place !== sending.place),
        { sending, detail: (refusal as Refusal).about(sending.place) ?? (refusal as Refusal).message },
      ]);
    },
    onSuccess: (kept, sending: Sending) => {
      // What is acknowledged stands at once, also while later records are still on their way.
      client.setQueryData<JobSheet>(
        jobKey(sending.job),
        (job) => job && { ...job, entries: withRecord(job.entries, kept as Kept, sending) },
      );
      client.setQueryData<Refused[]>(refusedKey(sending.job), (before = []) =>
        before.filter((one) => one.sending.place !== sending.place),
      );
    },
    onSettled: (_kept, _refusal, sending: Sending) => {
      // The last one through brings the job up to date; those before it need not.
      if (client.isMutating({ mutationKey: recordKey }) <= 1) {
        return client.invalidateQueries({ queryKey: jobKey(sending.job) });
      }
    },
  });
}

/** Keeps what was entered. */
export function useKeep(job: number, unit: 'mm' | 'in', by: string) {
  const { mutate } = useMutation<unknown, Refusal, Sending>({ mutationKey: recordKey });
  return useCallback(
    (place: string, entry: EntryValue, instrument?: string) =>
      mutate({ job, id: newId(), place, entry, unit, instrument, made_at: new Date().toISOString(), by }),
    [mutate, job, unit, by],
  );
}

/** Records of all jobs that wait to be sent, oldest first. */
export const useWaiting = (): Sending[] =>
  useMutationState({
    filters: { mutationKey: recordKey, status: 'pending' },
    select: (mutation) => mutation.state.variables as Sending,
  });

/** Records the server would not take, by place; and how to put one away. */
export function useRefused(job: number): [Map<string, Refused>, (place: string) => void] {
  const client = useQueryClient();
  const { data = [] } = useQuery<Refused[]>({
    queryKey: refusedKey(job),
    queryFn: () => client.getQueryData<Refused[]>(refusedKey(job)) ?? [],
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: Number.POSITIVE_INFINITY,
  });
  const dismiss = useCallback(
    (place: string) =>
      client.setQueryData<Refused[]>(refusedKey(job), (before = []) =>
        before.filter((one) => one.sending.place !== place),
      ),
    [client, job],
  );
  return [useMemo(() => new Map(data.map((one) => [one.sending.place, one])), [data]), dismiss];
}

/** What stands at each place: what the server has, and over it what still waits to be sent. */
export function useEntries(job: number, kept: Entry[]): Map<string, Entry> {
  const waiting = useWaiting();
  return useMemo(() => {
    const entries = new Map(kept.map((entry) => [entry.place, entry]));
    for (const one of waiting) {
      if (one.job !== job) continue;
      if (one.entry === null) entries.delete(one.place);
      else
        entries.set(one.place, {
          id: one.id,
          place: one.place,
          value: one.entry,
          instrument: one.instrument ?? null,
          by: one.by,
          made_at: one.made_at,
        });
    }
    return entries;
  }, [job, kept, waiting]);
}
