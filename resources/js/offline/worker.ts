import { useSyncExternalStore } from 'react';

/** Asks whether it is to be installed, as the browser hands it out. */
interface InstallPrompt extends Event {
  prompt: () => Promise<unknown>;
}

/** What this browser says of what is kept in it. */
export interface Keeps {
  /** Whether it promises not to clear what waits when it runs short of room; null until it said so. */
  promised: boolean | null;
  /** Installs the application, where the browser offers that. */
  install: (() => void) | null;
}

let keeps: Keeps = { promised: null, install: null };
const watchers = new Set<() => void>();

const says = (more: Partial<Keeps>): void => {
  keeps = { ...keeps, ...more };
  for (const watcher of watchers) watcher();
};

/** Lays the shell into this browser, so that it opens without a network. Where the page is not secure there is none. */
export function startWorker(): void {
  if (import.meta.env.PROD && 'serviceWorker' in navigator) {
    navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  }
  window.addEventListener('beforeinstallprompt', (event) => {
    event.preventDefault();
    const { prompt } = event as InstallPrompt;
    says({ install: () => void prompt.call(event).then(() => says({ install: null })) });
  });
  window.addEventListener('appinstalled', () => void askToKeep());
}

/** Asks the browser to keep what waits whatever it runs short of. */
export async function askToKeep(): Promise<void> {
  const promised = (await navigator.storage?.persist?.().catch(() => false)) ?? false;
  says({ promised });
}

export const useKeeps = (): Keeps =>
  useSyncExternalStore(
    (watcher) => {
      watchers.add(watcher);
      return () => watchers.delete(watcher);
    },
    () => keeps,
  );
