const DAY = 86_400_000;

/** How a shop writes its days, and by which clock: as on its papers, whatever this browser would guess. */
export interface DayForms {
  locale: string;
  /** As in the table of time zones; the browser's own where it is not known. */
  zone: string | undefined;
}

let forms: DayForms = { locale: 'en-GB', zone: undefined };

/** Says how this shop writes its days. */
export const writeDays = (as: DayForms): void => {
  forms = as;
};

/** A day without a time of its own, as YYYY-MM-DD, or a moment in ISO 8601. */
const isDay = (iso: string): boolean => iso.length === 10;

const read = (iso: string): Date => new Date(isDay(iso) ? `${iso}T00:00` : iso);

/** A day is the same by every clock; a moment is told by the shop's. */
const written = (iso: string, how: Intl.DateTimeFormatOptions): string =>
  (isDay(iso) ? new Date(`${iso}T12:00Z`) : read(iso)).toLocaleString(forms.locale, {
    ...how,
    timeZone: isDay(iso) ? 'UTC' : forms.zone,
    hourCycle: 'h23',
  });

/** 26 Apr 2026 */
export const day = (iso: string): string => written(iso, { day: 'numeric', month: 'short', year: 'numeric' });

/** 26 Apr */
export const dayOfYear = (iso: string): string => written(iso, { day: 'numeric', month: 'short' });

/** Thursday, 26 Nov */
export const weekday = (iso: string): string => written(iso, { weekday: 'long', day: 'numeric', month: 'short' });

/** 26 Apr 2026, 14:05 */
export const moment = (iso: string): string =>
  written(iso, { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' });

/** 14:05 */
export const timeOfDay = (iso: string): string => written(iso, { hour: '2-digit', minute: '2-digit' });

/** Whole days from today to a day; less than none when it is past. */
export const daysTo = (on: string, today = new Date()): number =>
  Math.round((read(on).getTime() - new Date(today.getFullYear(), today.getMonth(), today.getDate()).getTime()) / DAY);

/** How soon, in words. */
export function soon(on: string): string {
  const days = daysTo(on);
  if (days < -1) return `${-days} days late`;
  if (days === -1) return 'yesterday';
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  return days < 60 ? `in ${days} days` : `in ${Math.round(days / 30.4)} months`;
}
