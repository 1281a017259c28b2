import { type RefObject, useEffect, useRef, useSyncExternalStore } from 'react';

/** A field that may be given a reading that came while no field had the focus. */
interface Taker {
  element: HTMLElement;
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

const before = (a: Taker, b: Taker): number =>
  a.element.compareDocumentPosition(b.element) & Node.DOCUMENT_POSITION_FOLLOWING ? -1 : 1;

/** Gives a reading to the first field on the page that waits for one; said aloud when none does. */
export function offer(text: string): void {
  const open = document.querySelector('dialog[open]');
  const first = [...takers]
    .filter((one) => one.waits() && (open === null || open.contains(one.element)))
    .sort(before)[0];
  first?.take(text);
  say(first ? null : text);
}

/** Puts a field among those that readings are offered to. */
export function useTaker(element: RefObject<HTMLElement | null>, waits: boolean, take: (text: string) => void): void {
  const now = useRef({ waits, take });
  useEffect(() => {
    now.current = { waits, take };
  });
  useEffect(() => {
    if (element.current === null) return;
    const taker: Taker = {
      element: element.current,
      waits: () => now.current.waits,
      take: (text) => now.current.take(text),
    };
    takers.add(taker);
    return () => {
      takers.delete(taker);
    };
  }, [element]);
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
