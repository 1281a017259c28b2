import { createStore, del, entries, get, set, update } from 'idb-keyval';
import type { EntryValue } from '../api/types';

/** One record on its way to the server. Its id is made here, so that sent twice it is kept once. */
export interface Sending {
  job: number;
  id: string;
  place: string;
  entry: EntryValue;
  unit: 'mm' | 'in';
  instrument?: string;
  made_at: string;
  /** Who entered it: it is sent in their name only. */
  author: number;
  /** What they are called, to be shown until the server says so. */
  by: string;
  /** A photo or a recording that waits here and goes ahead of it. */
  photo?: string;
}

/** A stored row: one record, and what the server said when it would not take it. */
export interface Row {
  /** Rows are sent in the order of their keys. */
  key: string;
  sending: Sending;
  refused?: string;
}

/** One row for each record: two tabs that write do not undo each other's. */
const rows = createStore('clean-race-queue', 'rows');

/** Who sends, where the browser has no locks for it. */
const leases = createStore('clean-race-lease', 'lease');

/** Rows on their way into the store stand here meanwhile: this is written at once, also when the page goes away right after. */
const AHEAD = 'clean-race-ahead ';

function writeAhead(row: Row): void {
  try {
    localStorage.setItem(AHEAD + row.key, JSON.stringify(row));
  } catch {
    // Full or forbidden: the store alone must do.
  }
}

function endAhead(key: string): void {
  try {
    localStorage.removeItem(AHEAD + key);
  } catch {
    // What may not be written was not written.
  }
}

/** What a page that went away had not yet put into the store. */
async function adoptAhead(): Promise<void> {
  for (const [name, row] of ahead()) {
    if (row) await set(row.key, row, rows);
    localStorage.removeItem(name);
  }
}

/** What stands ahead, by its name; null where it cannot be read. Nothing where the browser allows no such notes. */
function ahead(): [string, Row | null][] {
  try {
    const names = Object.keys(localStorage).filter((name) => name.startsWith(AHEAD));
    return names.map((name) => [name, readAhead(name)]);
  } catch {
    return [];
  }
}

function readAhead(name: string): Row | null {
  try {
    return JSON.parse(localStorage.getItem(name) ?? 'null') as Row | null;
  } catch {
    return null;
  }
}

export async function readRows(): Promise<Row[]> {
  await adoptAhead();
  const all = await entries<string, Row>(rows);
  return all.map(([, row]) => row).sort((a, b) => (a.key < b.key ? -1 : 1));
}

export async function writeRow(row: Row): Promise<void> {
  writeAhead(row);
  await set(row.key, row, rows);
  endAhead(row.key);
}

export const dropRow = (key: string): Promise<void> => del(key, rows);

/** Whether a row is still there: another tab may have sent it. */
export const readRow = (key: string): Promise<Row | undefined> => get<Row>(key, rows);

interface Lease {
  tab: string;
  until: number;
}

const LEASE_MS = 15_000;

/** Takes the right to send for a while, or says that another tab has it. */
export async function takeLease(tab: string): Promise<boolean> {
  let mine = false;
  await update<Lease>(
    'sender',
    (lease) => {
      const now = Date.now();
      mine = !lease || lease.tab === tab || lease.until < now;
      return mine || !lease ? { tab, until: now + LEASE_MS } : lease;
    },
    leases,
  );
  return mine;
}

export const endLease = (): Promise<void> => del('sender', leases);
