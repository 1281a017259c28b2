import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { answer, api, asForm, Refusal } from './client';
import { newId } from './ids';
import type { paths } from './schema.generated';
import type { Pair, PressSetup, PressTraceResult, SeatingTrend, TraceSheet, TracesShown } from './types';

const tracesKey = (job: number, seat: string) => ['traces', job, seat] as const;

/** How a ring went in, round by round. Read again whenever the job changed. */
export const useTrend = (job: number, seat: string, changed: unknown) =>
  useQuery<SeatingTrend, Refusal>({
    queryKey: ['preview', 'trend', job, seat, changed],
    queryFn: () => answer(api.GET('/jobs/{job}/seats/{seat}/trend', { params: { path: { job, seat } } })),
    placeholderData: (before) => before,
    retry: false,
  });

export const useTraces = (job: number, seat: string) =>
  useQuery<TracesShown, Refusal>({
    queryKey: tracesKey(job, seat),
    queryFn: () => answer(api.GET('/jobs/{job}/seats/{seat}/traces', { params: { path: { job, seat } } })),
  });

/** Keeps a trace: samples from the gauge, or a file. */
export const useKeepTrace = (job: number, seat: string) => {
  const client = useQueryClient();
  return useMutation<TraceSheet, Refusal, Pair[] | File>({
    mutationFn: (given) => {
      const params = { path: { job } };
      return answer(
        given instanceof File
          ? api.POST('/jobs/{job}/traces', { params, body: { id: newId(), seat, file: given }, bodySerializer: asForm })
          : api.POST('/jobs/{job}/traces', { params, body: { id: newId(), seat, samples: given } }),
      );
    },
    onSuccess: () => client.invalidateQueries({ queryKey: tracesKey(job, seat) }),
  });
};

export interface Pressing {
  setup: PressSetup | null;
  samples: Pair[];
  result: PressTraceResult | null;
  running: boolean;
  /** Whether it was begun here: then its trace is kept from here. */
  mine: boolean;
  refusal: Refusal | null;
}

const IDLE: Pressing = { setup: null, samples: [], result: null, running: false, mine: false, refusal: null };

/** What a simulated press can play. */
export type PressPlay = NonNullable<
  paths['/jobs/{job}/seats/{seat}/live']['post']['requestBody']
>['content']['application/json']['kind'];

/** How often it is looked what the gauge sent: while a ring goes in, and while none does. */
const LIVE_MS = 150;
const ONLOOKER_MS = 1_000;
const IDLE_MS = 3_000;

/**
 * The press gauge, live: whoever begins sees it at once, whoever looks on a little later. What is over when the page opens is
 * not shown; what another begins meanwhile is. Stopping stops the press.
 */
export function usePress(job: number, seat: string) {
  const [pressing, setPressing] = useState<Pressing>(IDLE);
  const mine = useRef<string | null>(null);
  const shown = useRef<{ id: string; count: number } | null>(null);
  // Another turn begins when something was begun here.
  const [turn, setTurn] = useState(0);

  useEffect(() => {
    let over = false;
    let first = true;
    let version: string | null = null;
    void turn;
    let timer = 0;
    const look = async () => {
      const path = { job, seat };
      const of = shown.current;
      const query = of ? { of: of.id, after: of.count } : {};
      const headers = version ? { 'If-None-Match': version } : {};
      try {
        const { data, response } = await api.GET('/jobs/{job}/seats/{seat}/live', { params: { path, query }, headers });
        if (over) return IDLE_MS;
        if (response.status !== 200 || !data) return mine.current ? LIVE_MS : of ? ONLOOKER_MS : IDLE_MS;
        version = response.headers.get('ETag');
        const running = data.state === 'waiting' || data.state === 'running';
        // What had ended before anybody looked lies among the traces.
        if (!running && first && mine.current !== data.id) {
          shown.current = { id: data.id, count: data.count };
          return IDLE_MS;
        }
        const same = of?.id === data.id;
        const known = same ? of.count : 0;
        shown.current = { id: data.id, count: data.count };
        const came = data.samples.map((one): Pair => [one.travel_mm, one.force_n]);
        setPressing((before) => ({
          setup: data.setup,
          samples: known > 0 ? [...before.samples, ...came] : came,
          result: data.result,
          running,
          mine: mine.current === data.id,
          refusal: data.state === 'failed' && data.count === 0 ? unheard() : null,
        }));
        if (running) return mine.current === data.id ? LIVE_MS : ONLOOKER_MS;
        mine.current = null;
        return IDLE_MS;
      } catch {
        return ONLOOKER_MS;
      } finally {
        first = false;
      }
    };
    const round = async () => {
      const pause = await look();
      if (!over) timer = window.setTimeout(round, document.hidden ? IDLE_MS : pause);
    };
    void round();
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [job, seat, turn]);

  const begin = useCallback(
    async (kind: PressPlay, seed: number, pace: number) => {
      const id = newId();
      setPressing({ ...IDLE, running: true, mine: true });
      try {
        const begun = await answer(
          api.POST('/jobs/{job}/seats/{seat}/live', {
            params: { path: { job, seat } },
            body: { id, kind, seed, pace },
          }),
        );
        mine.current = begun.id;
        shown.current = { id: begun.id, count: 0 };
        setTurn((before) => before + 1);
      } catch (fault) {
        setPressing({ ...IDLE, refusal: fault as Refusal });
      }
    },
    [job, seat],
  );
  const stop = useCallback(() => {
    void api.DELETE('/jobs/{job}/seats/{seat}/live', { params: { path: { job, seat } } });
  }, [job, seat]);
  // A press that nobody watches any more is stopped by whoever began it.
  useEffect(
    () => () => {
      if (mine.current) stop();
    },
    [stop],
  );
  return { pressing, begin, stop };
}

/** Nobody answers at the press. */
const unheard = () =>
  new Refusal(409, {
    type: '/problems/no-gauge',
    title: 'No press gauge',
    status: 409,
    detail: 'No press gauge answers. Read the force by hand, or bring a trace as a file.',
    errors: [],
  });
