import { useCallback, useEffect, useState } from 'react';
import type { Draft } from '../../api/jobs';
import type { EntryValue, JobReport, LiveReport } from '../../api/types';
import type { JobBench } from '../../job/bench';

/** How long typing rests before it is worked out. */
const REST_MS = 120;

/** What is typed but not kept yet: as it stands, and as it stood after a short rest. */
export function useDrafts(): { typed: Draft[]; rested: Draft[]; draft: JobBench['draft'] } {
  const [typed, setTyped] = useState<Draft[]>([]);
  const [rested, setRested] = useState<Draft[]>([]);
  useEffect(() => {
    if (typed.length === 0) {
      setRested([]);
      return;
    }
    const timer = setTimeout(() => setRested(typed), REST_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  const draft = useCallback((place: string, entry: EntryValue | undefined, instrument?: string) => {
    setTyped((before) => {
      const others = before.filter((one) => one.place !== place);
      if (entry === undefined) return others.length === before.length ? before : others;
      return [...others, { place, entry, instrument }];
    });
  }, []);
  return { typed, rested, draft };
}

/** What is worked out while typing is of one station: all else stands as it was kept. */
export function whole(live: LiveReport, kept: JobReport): JobReport {
  const said = Object.fromEntries(Object.entries(live).filter(([, value]) => value !== null));
  return {
    ...kept,
    ...said,
    stations: kept.stations.map((one) => live.stations.find((here) => here.station === one.station) ?? one),
  };
}
