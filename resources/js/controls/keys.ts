import { useLayoutEffect } from 'react';
import { offer } from './loose';

/** What keys do while nothing is typed; the map that was laid last is looked in first. */
const maps: Record<string, () => void>[] = [];

/** How soon the next key of an instrument follows, at the most. Fingers on single keys are slower. */
const NEXT_KEY_MS = 150;

/** Two keys that fast are an instrument: there is no hurry then, its end is waited for. */
const END_MS = 800;

/** A sign or a point can only begin a reading. It is not given up for a digit that comes late: without it the reading is another. */
const BEGINS = /^[-+−–.,]$/;
const BEGUN_MS = 3_000;

/** A timer that comes later than this came late because the page was busy. */
const LATE_MS = 20;

/** So many letters that fast are words, meant for a field; fewer are shortcuts. */
const WORDS_FROM = 3;

/** What acts at once: what is typed behind it is caught where it leads. */
const AT_ONCE = ['/'];

/** A foot pedal turns pages: it works from within a field too. */
const PEDAL: Record<string, string> = { PageDown: 'pedal on', PageUp: 'pedal back' };

const isPrintable = (key: string): boolean => key.length === 1 && key !== ' ';

const OFF = 'clean-race-single-keys-off';

/** Whether single keys do anything on this device. */
export const singleKeys = {
  on: (): boolean => localStorage.getItem(OFF) === null,
  set: (on: boolean): void => (on ? localStorage.removeItem(OFF) : localStorage.setItem(OFF, '1')),
};

const editable = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA'].includes(target.tagName));

const isSelect = (target: EventTarget | null): boolean => target instanceof HTMLSelectElement;

/** Keys that came so fast that no hand typed them one by one; empty when none did. */
let burst = '';

/** Whether the first of them did something when it was pressed: what was nothing then does nothing late. */
let acts = false;
let timer: ReturnType<typeof setTimeout> | undefined;

const isShortcut = (key: string): boolean => maps.some((map) => key in map);

const act = (key: string): boolean => {
  if (document.querySelector('dialog[open]') || (key.length === 1 && !singleKeys.on())) return false;
  const found = maps.findLast((map) => map[key]);
  found?.[key]?.();
  return found !== undefined;
};

/** No key followed in time: one or two are shortcuts, more are something that was meant for a field. */
function settle(): void {
  const keys = burst;
  burst = '';
  if (keys.length > 1 && (/\d/.test(keys) || keys.length >= WORDS_FROM)) offer(keys);
  else if (acts) for (const key of keys) act(key);
}

/** Waits for the next key. Where the page was busy meanwhile, keys that came in time stand in line still: they go first. */
function wait(): void {
  const alone = isShortcut(burst) ? NEXT_KEY_MS : BEGINS.test(burst) ? BEGUN_MS : END_MS;
  const long = burst.length > 1 ? END_MS : alone;
  const due = performance.now() + long;
  timer = setTimeout(() => (performance.now() - due > LATE_MS ? wait() : settle()), long);
}

function pedal(event: KeyboardEvent): void {
  // What is being typed is kept first.
  if (editable(event.target)) (event.target as HTMLElement).blur();
  if (act(PEDAL[event.key] ?? '')) event.preventDefault();
}

/** Another key of something that came fast, or its end. */
function goOn(event: KeyboardEvent): void {
  clearTimeout(timer);
  if (burst.length === 1 && isShortcut(burst) && !/\d/.test(burst) && !isPrintable(event.key)) {
    // A hand that goes on after a shortcut: both do what they do.
    settle();
    return;
  }
  if (event.key === 'Enter' || event.key === 'Tab') {
    event.preventDefault();
    const keys = burst;
    burst = '';
    // One digit and Enter is a reading too: an instrument ends what it says.
    if (/\d/.test(keys) || keys.length >= WORDS_FROM) offer(keys);
    else if (acts) for (const key of keys) act(key);
    return;
  }
  if (isPrintable(event.key) || event.key === ' ') {
    event.preventDefault();
    burst += event.key;
  }
  wait();
}

/** The focus came into a field while something was coming: what came so far is its beginning. */
function joinField(): void {
  if (burst === '') return;
  clearTimeout(timer);
  const keys = burst;
  burst = '';
  // The one way by which a field hears of it as if it were typed.
  document.execCommand('insertText', false, keys);
}

function press(event: KeyboardEvent): void {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  if (PEDAL[event.key]) {
    pedal(event);
    return;
  }
  if (editable(event.target)) {
    joinField();
    return;
  }
  if (burst !== '') {
    goOn(event);
    return;
  }
  if (isSelect(event.target)) return;
  if (isPrintable(event.key) && !AT_ONCE.includes(event.key)) {
    event.preventDefault();
    burst = event.key;
    acts = isShortcut(event.key);
    wait();
    return;
  }
  if (act(event.key)) event.preventDefault();
}

/**
 * Single-key shortcuts, while nothing is being typed and no sheet is open. What an instrument types while no field has
 * the focus is no shortcut: it goes to the field that waits for it.
 */
export function useKeys(keys: Record<string, () => void>): void {
  // Before what belongs to them is seen: whoever sees it may press at once.
  useLayoutEffect(() => {
    if (maps.length === 0) window.addEventListener('keydown', press);
    maps.push(keys);
    return () => {
      maps.splice(maps.indexOf(keys), 1);
      if (maps.length === 0) window.removeEventListener('keydown', press);
    };
  }, [keys]);
}
