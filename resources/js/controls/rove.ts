import type { KeyboardEvent } from 'react';

const BY: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** One stop for Tab in a row of things: the arrows go along those marked data-rove, Home and End to its ends. */
export function rove(event: KeyboardEvent<HTMLElement>): void {
  const all = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-rove]')];
  const at = all.indexOf(document.activeElement as HTMLElement);
  if (at < 0) return;
  const by = BY[event.key];
  const to = by ? at + by : event.key === 'Home' ? 0 : event.key === 'End' ? all.length - 1 : undefined;
  if (to === undefined) return;
  event.preventDefault();
  all[(to + all.length) % all.length]?.focus();
}

/** What a thing in such a row carries: Tab reaches the one that stands. */
export const roving = (stands: boolean) => ({ 'data-rove': '', tabIndex: stands ? 0 : -1 });
