import { type RefObject, useEffect, useRef, useSyncExternalStore } from 'react';

/** What came: a size, as a caliper says it, or a code, as a scanner reads it off a box, a shelf or a bag. */
export type Came = 'reading' | 'code';

/** A field that may be given what came while no field had the focus. */
interface Taker {
  element: HTMLElement;
  of: Came;
  /** Whether nothing stands in it yet. */
  waits: () => boolean;
  take: (text: string) => void;
}

const takers = new Set<Taker>();
let stray: string | null = null;
const watchers = new Set<() => void>();

const say = (text: string | null): void => {
  stray = text;
  for (const watcher of watchers) watcher();
};

const isAfter = (element: HTMLElement, other: Element | null): boolean =>
  other !== null && (other.compareDocumentPosition(element) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0;

const before = (a: Taker, b: Taker): number => (isAfter(b.element, a.element) ? -1 : 1);

/** Larger than any size at a bench: a number without a point from here on is a code. */
const NO_SIZE = 2_000;

const SIZE = /^[+-]?[\d.,]+( [\d/]+)?(\/\d+)?\s*(mm|cm|m|in|"|thou|°|c|nm)?$/i;

const kindOf = (text: string): Came => {
  const plain = Number(text);
  return SIZE.test(text) && !(Number.isInteger(plain) && plain >= NO_SIZE && !/[.,]/.test(text)) ? 'reading' : 'code';
};

let open: ((path: string) => void) | undefined;

/** Says how an address of this shop is opened. */
export function useOpener(go: (path: string) => void): void {
  useEffect(() => {
    open = go;
    return () => {
      open = undefined;
    };
  }, [go]);
}

/** The view that one of our own tags names: its code holds its address. */
const ownView = (text: string): string | undefined =>
  /^https?:\/\//i.test(text) && URL.canParse(text)
    ? /^\/(jobs|machines)\/\d+(\/[a-z_.0-9/]+)?$/.exec(new URL(text).pathname)?.[0]
    : undefined;

/** Opens what one of our tags names; gives a reading or a code to the first field that waits for one; says aloud when none does. */
export function offer(came: string): void {
  const text = came.trim();
  const view = ownView(text);
  if (view && open) {
    open(view);
    return;
  }
  const of = kindOf(text);
  const sheet = document.querySelector('dialog[open]');
  const waiting = [...takers]
    .filter((one) => one.of === of && one.waits() && (sheet === null || sheet.contains(one.element)))
    .sort(before);
  // The one that comes after what was just answered, before any other.
  const first = waiting.find(({ element }) => isAfter(element, document.activeElement)) ?? waiting[0];
  first?.take(text);
  say(first ? null : text);
}

/** Puts a field among those that readings or codes are offered to. */
export function useTaker(
  element: RefObject<HTMLElement | null>,
  waits: boolean,
  take: (text: string) => void,
  of: Came = 'reading',
): void {
  const now = useRef({ waits, take });
  useEffect(() => {
    now.current = { waits, take };
  });
  useEffect(() => {
    if (element.current === null) return;
    const taker: Taker = {
      element: element.current,
      of,
      waits: () => now.current.waits,
      take: (text) => now.current.take(text),
    };
    takers.add(taker);
    return () => {
      takers.delete(taker);
    };
  }, [element, of]);
}

/** The last reading that came and found no field, and how to put it away. */
export const useStray = (): [string | null, () => void] => [
  useSyncExternalStore(
    (watcher) => {
      watchers.add(watcher);
      return () => watchers.delete(watcher);
    },
    () => stray,
  ),
  () => say(null),
];
