import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { answer, api, asForm, fetchToken, Refusal } from './client';
import { newId } from './ids';
import type { Pair, PressSetup, PressTraceResult, Problem, SeatingTrend, TraceSheet, TracesShown } from './types';

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
  refusal: Refusal | null;
}

const IDLE: Pressing = { setup: null, samples: [], result: null, running: false, refusal: null };

/** The press gauge, live: begin, stop, and what it shows. Stopping closes the line, and the press with it. */
export function usePress(job: number, seat: string) {
  const [pressing, setPressing] = useState<Pressing>(IDLE);
  const line = useRef<EventSource | null>(null);
  const stop = useCallback(() => {
    line.current?.close();
    line.current = null;
    setPressing((before) => ({ ...before, running: false }));
  }, []);
  const begin = useCallback(
    (kind: string, seed: number, pace: number) => {
      line.current?.close();
      const address = `/api/v1/jobs/${job}/seats/${seat}/live?kind=${kind}&seed=${seed}&pace=${pace}`;
      const source = new EventSource(address);
      line.current = source;
      setPressing({ ...IDLE, running: true });
      source.addEventListener('setup', (event) =>
        setPressing((before) => ({ ...before, setup: JSON.parse(event.data) as PressSetup })),
      );
      const heard = (event: MessageEvent, ended: boolean) => {
        const said = JSON.parse(event.data) as { samples: Pair[]; result: PressTraceResult };
        setPressing((before) => ({
          ...before,
          samples: [...before.samples, ...said.samples],
          result: said.result,
          running: !ended,
        }));
        if (ended) source.close();
      };
      source.addEventListener('samples', (event) => heard(event, false));
      source.addEventListener('end', (event) => heard(event, true));
      source.onerror = () => {
        source.close();
        setPressing((before) => ({ ...before, running: false }));
        void refusalOf(address).then((refusal) =>
          setPressing((before) => (before.samples.length > 0 ? before : { ...before, refusal })),
        );
      };
    },
    [job, seat],
  );
  useEffect(() => () => line.current?.close(), []);
  return { pressing, begin, stop };
}

/** An event source does not say why it failed: asked once more as a plain request, the server does. */
async function refusalOf(address: string): Promise<Refusal | null> {
  try {
    await fetchToken();
    const stop = new AbortController();
    const response = await fetch(address, { headers: { Accept: 'application/json' }, signal: stop.signal });
    if (response.ok) {
      stop.abort();
      return null;
    }
    return new Refusal(response.status, (await response.json()) as Problem);
  } catch {
    return null;
  }
}
