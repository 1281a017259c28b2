import type { Ask, Entry, EntryValue, LentEntry } from '../api/types';
import { useBench } from './bench';

/** Places that are entered as a list of their own, not by a question. */
const HUB = 'hub.edits';

/** What a reading was typed as, with its unit when it was typed without one: the next person may think in inches. */
export function typedAs(value: Entry['value']): string {
  const { typed, mm, text } = (value ?? {}) as { typed?: unknown; mm?: unknown; text?: unknown };
  if (typeof text === 'string') return text;
  if (typeof typed !== 'string') return '';
  return typeof mm === 'number' && /^[\d.,\s-]+$/.test(typed) ? `${mm} mm` : typed;
}

/** What another job knows, as it is entered here: it says which job that was. */
export function entryOfLent({ value, job }: LentEntry): EntryValue {
  const { choice, choices, typed } = value ?? {};
  if (choice !== undefined) return { choice, from_job: job };
  if (choices !== undefined) return { choices, from_job: job };
  if (typed !== undefined) return { typed: typedAs(value), from_job: job };
  return { ...value, from_job: job };
}

/** The option that was chosen there, or what was typed. */
export function optionOfLent(ask: Ask, { value }: LentEntry) {
  const option = ask.options.find((one) => one.value === value?.choice);
  return option ? option.label : typedAs(value);
}

/** What other jobs on this machine know of places that are empty here. */
export function useLent(): (place: string) => LentEntry | undefined {
  const bench = useBench();
  return (place) =>
    bench.closed || bench.entries.get(place)?.value ? undefined : bench.job.lent.find((one) => one.place === place);
}

/** All of it that this hub asks for, its list of parts first. */
export function useAllLent(): LentEntry[] {
  const bench = useBench();
  const lent = useLent();
  const places = new Set(
    bench.report.stations.flatMap((one) => one.steps.flatMap((step) => step.asks.map((ask) => ask.place))),
  );
  return [HUB, ...places].flatMap((place) => lent(place) ?? []);
}
