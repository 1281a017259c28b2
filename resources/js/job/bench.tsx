import { createContext, useContext } from 'react';
import type { Refused } from '../api/records';
import type { Ask, Entry, EntryValue, JobReport, JobSheet, StationName, Step } from '../api/types';

/** What was entered that no judgement shown knows of. */
export interface Unjudged {
  /** The first station, counted from nought, whose judgements belong to what was there before; none when endless. */
  from: number;
  places: Set<string>;
  /** Said in the place of a judgement; null while all of them are of what is entered. */
  why: string | null;
}

/** Whether what a step judges forbids to go on. */
export const isStopped = (step: Step): boolean => step.verdicts.some((verdict) => verdict.level === 'stop');

/** What every panel of a job works with. */
export interface JobBench {
  job: JobSheet;
  /** As it stands with what is typed now. */
  report: JobReport;
  entries: Map<string, Entry>;
  /** Places where something waits to be sent. */
  waiting: Set<string>;
  unjudged: Unjudged;
  refused: Map<string, Refused>;
  /** What is wrong with what is being typed, by place. */
  faults: Map<string, string>;
  /** Signed, or closed without a signature: nothing in it changes any more. */
  over: boolean;
  /** Nothing can be entered here: it is over, or whoever looks takes no readings. */
  closed: boolean;
  /** With a photo, what shows it follows it to the server. */
  keep: (place: string, entry: EntryValue, instrument?: string, photo?: string) => void;
  draft: (place: string, entry: EntryValue | undefined, instrument?: string) => void;
  dismiss: (place: string) => void;
}

const JobContext = createContext<JobBench | null>(null);
export const JobProvider = JobContext.Provider;

export function useBench(): JobBench {
  const bench = useContext(JobContext);
  if (!bench) throw new Error('No job is open here.');
  return bench;
}

/** What is asked of a seat at a station, by its role. */
export const askOf = (report: JobReport, station: StationName, role: string, seat: string): Ask | undefined =>
  report.stations
    .find((one) => one.station === station)
    ?.steps.flatMap((step) => step.asks)
    .find((ask) => ask.role === role && ask.seat === seat);

/** One value of the entry at a place, when it is text. */
export const textAt = (entries: Map<string, Entry>, place: string | undefined, key: string): string | undefined => {
  const value = place === undefined ? undefined : entries.get(place)?.value?.[key];
  return typeof value === 'string' ? value : undefined;
};
