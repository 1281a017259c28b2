const DAY = 86_400_000;

/** A day without a time of its own, as YYYY-MM-DD, or a moment in ISO 8601. */
const read = (iso: string): Date => new Date(iso.length === 10 ? `${iso}T00:00` : iso);

/** 26 Apr 2026 */
export const day = (iso: string): string =>
  read(iso).toLocaleDateString(undefined, { day: 'numeric', month: 'short', year: 'numeric' });

/** 26 Apr */
export const dayOfYear = (iso: string): string =>
  read(iso).toLocaleDateString(undefined, { day: 'numeric', month: 'short' });

/** Thursday, 26 Nov */
export const weekday = (iso: string): string =>
  read(iso).toLocaleDateString(undefined, { weekday: 'long', day: 'numeric', month: 'short' });

/** 26 Apr 2026, 14:05 */
export const moment = (iso: string): string =>
  read(iso).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });

/** 14:05 */
export const timeOfDay = (iso: string): string =>
  read(iso).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });

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
