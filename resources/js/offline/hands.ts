import { useSyncExternalStore } from 'react';
import type { Person } from '../api/types';

/**
 * Who can take over at this bench while the server cannot be asked: whoever did so here before. Of their code a slow
 * salted hash is kept; it guards who is named for a reading, and nothing else: a signature always asks the server.
 */
interface Known {
  person: Person;
  salt: string;
  hash: string;
  misses: number;
}

/** Who stands here by the word of this device alone, and since when. */
export interface Here {
  person: Person;
  since: number;
}

const KNOWN = 'clean-race-hands';
const HERE = 'clean-race-hands-here';
const ROUNDS = 600_000;
const MISSES = 5;

/** Whose entries nobody has put a name to yet. */
export const UNNAMED = -1;

const read = <T>(key: string, without: T): T => {
  try {
    return (JSON.parse(localStorage.getItem(key) ?? 'null') as T | null) ?? without;
  } catch {
    return without;
  }
};

const write = (key: string, value: unknown): void => {
  try {
    if (value === null) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // A browser that stores nothing knows nobody without the server.
  }
};

const hex = (bytes: Uint8Array): string => [...bytes].map((one) => one.toString(16).padStart(2, '0')).join('');

async function hashed(code: string, salt: string): Promise<string> {
  const key = await crypto.subtle.importKey('raw', new TextEncoder().encode(code), 'PBKDF2', false, ['deriveBits']);
  const how = { name: 'PBKDF2', hash: 'SHA-256', salt: new TextEncoder().encode(salt), iterations: ROUNDS };
  return hex(new Uint8Array(await crypto.subtle.deriveBits(how, key, 256)));
}

/** Somebody took over by their code, and the server said it was theirs. Only a secure page can keep the hash. */
export async function knows(person: Person, code: string): Promise<void> {
  if (!window.isSecureContext) return;
  const salt = hex(crypto.getRandomValues(new Uint8Array(16)));
  const hash = await hashed(code, salt);
  write(KNOWN, { ...read<Record<string, Known>>(KNOWN, {}), [person.id]: { person, salt, hash, misses: 0 } });
}

/** Those who can take over here without the server. */
export const known = (): Person[] => Object.values(read<Record<string, Known>>(KNOWN, {})).map((one) => one.person);

/** Why somebody cannot take over without the server; nothing when they can, and stand here from now on. */
export async function takesOver(id: number, code: string): Promise<string | null> {
  const all = read<Record<string, Known>>(KNOWN, {});
  const one = all[id];
  if (!one) return 'This device does not know them yet: they take over when the network is back.';
  if (one.misses >= MISSES) return 'Too many tries. They take over when the network is back.';
  const fits = (await hashed(code, one.salt)) === one.hash;
  write(KNOWN, { ...all, [id]: { ...one, misses: fits ? 0 : one.misses + 1 } });
  if (!fits) return `That is not the code of ${one.person.name}.`;
  stands(one.person);
  return null;
}

/** Nobody of those known here: what is entered is named later. */
export const unnamed = (last: Person): void =>
  stands({ ...last, id: UNNAMED, name: 'Not yet named', may_sign: false, bench_code: false });

const watchers = new Set<() => void>();
let here: Here | null = read<Here | null>(HERE, null);

function stands(person: Person): void {
  here = { person, since: Date.now() };
  write(HERE, here);
  for (const watcher of watchers) watcher();
}

/** The server knows again who stands here. */
export function shownAgain(): void {
  if (here === null) return;
  here = null;
  write(HERE, null);
  for (const watcher of watchers) watcher();
}

/** Who stands here by the word of this device alone; null while the server says who it is. */
export const useHere = (): Here | null =>
  useSyncExternalStore(
    (watcher) => {
      watchers.add(watcher);
      return () => watchers.delete(watcher);
    },
    () => here,
  );
