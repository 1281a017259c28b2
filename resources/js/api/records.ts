import { notifyManager, type QueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useSyncExternalStore } from 'react';
import { dismiss, enqueue, type Outcome, queueRows, startQueue, watchQueue } from '../offline/queue';
import type { Row, Sending } from '../offline/store';
import { answer, api, Refusal } from './client';
import { newId } from './ids';
import { type HeldJob, jobKey } from './jobs';
import { sendPhoto } from './photos';
import type { Entry, EntryValue, JobSheet, Kept, Person } from './types';

export type { Sending };

/** A record that the server would not take, with what was entered. */
export interface Refused {
  sending: Sending;
  detail: string;
}

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
      newer: null,
    },
  ];
}

/** Signed out is a matter of signing in again: what was entered waits for it. */
const SIGNED_OUT = [401, 419];

async function send(
  { job, by: _by, author, photo, ...record }: Sending,
  right: string | undefined,
  vouched: boolean,
): Promise<Outcome> {
  const body = author === 0 ? record : { ...record, author, ...(vouched && { vouched }) };
  try {
    if (photo !== undefined) await sendPhoto(job, photo, right);
    return {
      is: 'kept',
      answer: await answer(
        api.POST('/jobs/{job}/records', {
          params: { path: { job } },
          body,
          ...(right !== undefined && { credentials: 'omit', headers: { Authorization: `Bearer ${right}` } }),
        }),
      ),
    };
  } catch (fault) {
    if (!(fault instanceof Refusal)) throw fault;
    if (right !== undefined && [401, 403].includes(fault.status)) return { is: 'not_theirs' };
    if (fault.passing || SIGNED_OUT.includes(fault.status)) return { is: 'later' };
    return fault.problem.type === '/problems/other-person'
      ? { is: 'not_theirs' }
      : {
          is: 'refused',
          detail: fault.about(record.place) ?? fault.about('photo') ?? fault.about('recording') ?? fault.message,
        };
  }
}

/** Starts sending what waits, and keeps what is known of jobs in step with it. Once, when the page starts. */
export function sendRecords(client: QueryClient): void {
  startQueue({
    send,
    onKept: async (sending, kept) => {
      const key = jobKey(sending.job);
      if (!client.getQueryData<JobSheet>(key)) return;
      // What is being fetched was read before this was kept, and would take it off the page again.
      await client.cancelQueries({ queryKey: key });
      // What is acknowledged stands at once, also while later records are still on their way.
      client.setQueryData<HeldJob>(
        key,
        (job) =>
          job && {
            ...job,
            entries: withRecord(job.entries, kept as Kept, sending),
            since: [...(job.since ?? []), sending.place],
          },
      );
      // The page hears of it in a moment; until then it shows what waits, never what was there before.
      await new Promise<void>((shown) => notifyManager.schedule(shown));
    },
    onThrough: (job) => void client.invalidateQueries({ queryKey: jobKey(job) }),
  });
}

/** Keeps what was entered. */
export function useKeep(job: number, person: Person) {
  const { id: author, name: by } = person;
  const unit = person.units === 'in' ? 'in' : 'mm';
  return useCallback(
    (place: string, entry: EntryValue, instrument?: string, photo?: string) =>
      enqueue({
        job,
        id: newId(),
        place,
        entry,
        unit,
        instrument,
        made_at: new Date().toISOString(),
        author,
        by,
        photo,
      }),
    [job, unit, author, by],
  );
}

const useRows = (): Row[] => useSyncExternalStore(watchQueue, queueRows);

/** Records of all jobs that wait to be sent, oldest first, whoever entered them. */
export function useWaiting(): Sending[] {
  const rows = useRows();
  return useMemo(() => rows.filter((row) => row.refused === undefined).map((row) => row.sending), [rows]);
}

/** Jobs of the records that the server would not take, one for each record. */
export const useAllRefused = (): number[] =>
  useRows().flatMap((row) => (row.refused === undefined ? [] : [row.sending.job]));

/** Records the server would not take, by place; and how to put one away. */
export function useRefused(job: number): [Map<string, Refused>, (place: string) => void] {
  const rows = useRows();
  return [
    useMemo(
      () =>
        new Map(
          rows.flatMap(({ sending, refused }) =>
            refused !== undefined && sending.job === job ? [[sending.place, { sending, detail: refused }]] : [],
          ),
        ),
      [rows, job],
    ),
    useCallback((place: string) => dismiss(job, place), [job]),
  ];
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
          newer: null,
        });
    }
    return entries;
  }, [job, kept, waiting]);
}
