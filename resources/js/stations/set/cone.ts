import type { Ask } from '../../api/types';

/** When a cone was judged: every nut that is tightened moves it. */
export const STAGES = [
  ['open', 'Before'],
  ['one_nut', 'First nut'],
  ['locked', 'Locked'],
  ['clamped', 'In frame'],
] as const;

export const FELT = [
  ['binds', 'Binds'],
  ['gritty', 'Gritty'],
  ['none', 'Smooth, no play'],
  ['trace', 'A trace'],
  ['play', 'Plain play'],
] as const;

/** Degrees of one minute of a clock face. */
export const MINUTE = 6;

/** One try of a cone, as it was kept. */
export interface Try {
  place: string;
  mark: number;
  stage: string;
  felt: string;
  typed: string;
}

/** A direction as the minute hand of a clock would point. */
export const minutes = (degrees: number): string => String(Math.round((((degrees % 360) + 360) % 360) / MINUTE) % 60);

export const wordOf = (list: readonly (readonly [string, string])[], value: string): string =>
  list.find(([one]) => one === value)?.[1] ?? value;

/** What was kept at a place of a try; nothing while it is empty. */
export function tryAt(ask: Ask, value: Record<string, unknown> | null | undefined): Try[] {
  if (!value || typeof value.mark !== 'number') return [];
  return [
    {
      place: ask.place,
      mark: value.mark,
      stage: String(value.stage),
      felt: String(value.felt),
      typed: typeof value.typed === 'string' ? value.typed : '',
    },
  ];
}
