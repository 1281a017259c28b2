import { UNNAMED } from './hands';
import { dropRight, rightOf } from './rights';
import { dropRow, endLease, type Row, readRow, readRows, type Sending, takeLease, writeRow } from './store';

/** Who is signed in. */
export interface Author {
  id: number;
  name: string;
}

/** What became of a record that was sent. */
export type Outcome =
  /** The server has it. */
  | { is: 'kept'; answer: unknown }
  /** The server will not take it as it is. */
  | { is: 'refused'; detail: string }
  /** Nobody answered, or nobody is signed in: it is tried again by itself. */
  | { is: 'later' }
  /** Its author is not who is signed in: it waits for them. */
  | { is: 'not_theirs' };

/** How the queue reaches the server, and whom it tells what came of it. Given once, when the page starts. */
interface Ends {
  /** With a right it goes in the name of its author, whoever is signed in. */
  send: (sending: Sending, right: string | undefined, vouched: boolean) => Promise<Outcome>;
  /** The record is put away once this is done: until then it stands on the page as waiting. */
  onKept: (sending: Sending, answer: unknown) => Promise<void>;
  /** The last record of a job that could be sent is through. */
  onThrough: (job: number) => void;
}

/** What tabs of one browser tell each other. */
type Told =
  | { told: 'changed' }
  | { told: 'kept'; sending: Sending; answer: unknown }
  | { told: 'through'; job: number };

const CHANNEL = 'clean-race-queue';
const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 5_000;

/** Names this tab for a lease, and makes keys of one millisecond unlike. */
const tab = Math.random().toString(36).slice(2);

let ends: Ends | undefined;
let rows: Row[] = [];
let person: Author | null = null;
let draining = false;
let again = false;
let made = 0;
/** The key of the row that is being sent. */
let onItsWay: string | undefined;
let wake: (() => void) | undefined;
const watchers = new Set<() => void>();
const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(CHANNEL);

const show = (next: Row[]): void => {
  rows = next;
  for (const watcher of watchers) watcher();
};

const tell = (what: Told): void => channel?.postMessage(what);

/** Rows as this page knows them, until the store shows them so. */
const pending = new Map<string, Row>();

/** Rows that this page put away: what was read of the store a moment before does not bring them back. */
const gone = new Set<string>();

async function refresh(): Promise<void> {
  try {
    const stored = await readRows();
    for (const row of stored) if (pending.get(row.key)?.refused === row.refused) pending.delete(row.key);
    const known = new Map([...stored.map((row) => [row.key, row] as const), ...pending]);
    show([...known.values()].filter((row) => !gone.has(row.key)).sort((a, b) => (a.key < b.key ? -1 : 1)));
  } catch {
    // A browser that stores nothing: what was entered waits in this page alone.
  }
}

const keyOf = (): string => `${String(Date.now()).padStart(15, '0')}-${String(made++).padStart(6, '0')}-${tab}`;

/** Keeps a record until the server has it. It stands on the page at once. */
export function enqueue(sending: Sending): void {
  const row: Row = { key: keyOf(), sending };
  // Entered anew, what was refused at that place is no longer waited for.
  for (const old of rows) if (old.refused && samePlace(old.sending, sending)) void drop(old.key);
  pending.set(row.key, row);
  show([...rows.filter((old) => !(old.refused && samePlace(old.sending, sending))), row]);
  void writeRow(row)
    .catch(() => undefined)
    .finally(() => {
      tell({ told: 'changed' });
      void drain();
    });
}

const samePlace = (a: Sending, b: Sending): boolean => a.job === b.job && a.place === b.place;

async function drop(key: string): Promise<void> {
  gone.add(key);
  pending.delete(key);
  show(rows.filter((row) => row.key !== key));
  await dropRow(key).catch(() => undefined);
  tell({ told: 'changed' });
}

/** Puts away what was refused at a place. */
export function dismiss(job: number, place: string): void {
  for (const row of rows) if (row.refused && row.sending.job === job && row.sending.place === place) void drop(row.key);
}

/** Takes back what waits and names such a photo or recording. What is being sent just now is not: it can be thrown away once there. */
export async function takeBack(photo: string): Promise<boolean> {
  const waits = rows.filter((row) => row.sending.photo === photo);
  if (waits.some((row) => row.key === onItsWay)) return false;
  await Promise.all(waits.map((row) => drop(row.key)));
  return true;
}

/** People for whom the owner said yes: what waits of them is sent under their names. */
const vouched = new Set<number>();

const next = (): Row | undefined =>
  rows.find(
    ({ refused, sending }) =>
      !refused && (isBy(sending, person) || rightOf(sending.author) !== undefined || vouched.has(sending.author)),
  );

/** What was entered before anybody was named is theirs. */
export async function nameRows(author: Author): Promise<void> {
  for (const row of rows.filter((one) => one.sending.author === UNNAMED)) {
    const named = { ...row, sending: { ...row.sending, author: author.id, by: author.name } };
    pending.set(row.key, named);
    show(rows.map((one) => (one.key === row.key ? named : one)));
    await writeRow(named).catch(() => undefined);
  }
  tell({ told: 'changed' });
  void drain();
}

/** The owner says yes to what waits of somebody who cannot send it themselves any more. */
export function vouchFor(author: number): void {
  vouched.add(author);
  void drain();
}

/** Whether it is theirs to send. What version 0.1 left waiting knows a name, no number. */
export const isBy = (sending: Sending, author: Author | null): boolean =>
  author !== null && (sending.author === 0 ? sending.by === author.name : sending.author === author.id);

/** Waits before the next try; a network that comes back, or somebody who signs in, ends the wait. */
const rest = (ms: number): Promise<void> =>
  new Promise((resolve) => {
    const timer = setTimeout(resolve, ms);
    wake = () => {
      clearTimeout(timer);
      resolve();
    };
  });

/** Sends what waits, oldest first, one at a time, from one tab of this browser. */
async function drain(): Promise<void> {
  again = true;
  if (draining || !ends) return;
  draining = true;
  try {
    while (again) {
      again = false;
      await alone(sendAll);
    }
  } finally {
    draining = false;
  }
}

/** Runs where no other tab of this browser does the same. */
async function alone(work: (goOn: () => Promise<boolean>) => Promise<void>): Promise<void> {
  if (navigator.locks) {
    await navigator.locks.request(CHANNEL, () => work(async () => true));
    return;
  }
  // Without a secure connection there are no locks: a lease in the store stands in.
  const lease = (): Promise<boolean> => takeLease(tab).catch(() => true);
  while (!(await lease())) await rest(LONGEST_WAIT_MS);
  try {
    await work(lease);
  } finally {
    await endLease().catch(() => undefined);
  }
}

async function sendAll(goOn: () => Promise<boolean>): Promise<void> {
  await refresh();
  let wait = FIRST_WAIT_MS;
  for (let row = next(); row && ends && (await goOn()); row = next()) {
    const { sending, key } = row;
    // Another tab may have sent it since it was read.
    if (!pending.has(key) && (await readRow(key).catch(() => row)) === undefined) {
      await refresh();
      continue;
    }
    const right = isBy(sending, person) ? undefined : rightOf(sending.author);
    onItsWay = key;
    const outcome = await ends
      .send(sending, right, right === undefined && vouched.has(sending.author))
      .finally(() => (onItsWay = undefined));
    if (outcome.is === 'later') {
      await rest(wait);
      wait = Math.min(2 * wait, LONGEST_WAIT_MS);
      await refresh();
      continue;
    }
    wait = FIRST_WAIT_MS;
    if (outcome.is === 'not_theirs' && right !== undefined) {
      // The right was ended: what they entered waits for them.
      dropRight(sending.author);
      continue;
    }
    if (outcome.is === 'not_theirs' && vouched.delete(sending.author)) continue;
    if (outcome.is === 'not_theirs') return;
    // What was entered anew while this was on its way takes its place: no word on what nobody means any more.
    const anew = rows.some((one) => one.key > key && !one.refused && samePlace(one.sending, sending));
    if (outcome.is === 'refused' && anew) {
      await drop(key);
    } else if (outcome.is === 'refused') {
      const refused = { ...row, refused: outcome.detail };
      pending.set(key, refused);
      show(rows.map((one) => (one.key === key ? refused : one)));
      await writeRow(refused).catch(() => undefined);
      tell({ told: 'changed' });
    } else {
      await ends.onKept(sending, outcome.answer);
      tell({ told: 'kept', sending, answer: outcome.answer });
      for (const old of rows) if (old.refused && old.key < key && samePlace(old.sending, sending)) await drop(old.key);
      await drop(key);
    }
    if (!rows.some((one) => !one.refused && one.sending.job === sending.job && isBy(one.sending, person))) {
      ends.onThrough(sending.job);
      tell({ told: 'through', job: sending.job });
    }
  }
}

/** Starts sending, and hears of what other tabs do. */
export function startQueue(with_: Ends): void {
  ends = with_;
  window.addEventListener('online', () => {
    wake?.();
    void drain();
  });
  channel?.addEventListener('message', async ({ data }: MessageEvent<Told>) => {
    if (data.told === 'kept') {
      await with_.onKept(data.sending, data.answer);
      for (const [key, row] of pending) if (row.sending.id === data.sending.id) pending.delete(key);
    }
    if (data.told === 'through') with_.onThrough(data.job);
    await refresh();
  });
  void refresh().then(drain);
}

/** Says who is signed in: only what they entered is sent. */
export function queueIsFor(author: Author | null): void {
  if (person?.id === author?.id && person?.name === author?.name) return;
  person = author;
  for (const watcher of watchers) watcher();
  wake?.();
  void drain();
}

export const watchQueue = (watcher: () => void): (() => void) => {
  watchers.add(watcher);
  return () => watchers.delete(watcher);
};

/** All that waits or was refused, oldest first. The same list until it changes. */
export const queueRows = (): Row[] => rows;
