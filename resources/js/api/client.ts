import { replaceEqualDeep } from '@tanstack/react-query';
import createClient, { type Middleware } from 'openapi-fetch';
import type { paths } from './schema.generated';
import type { Problem } from './types';

/** What the server says when something cannot be done, or what stands in for it when no server answered. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem,
  ) {
    super(problem.detail);
  }

  static unreachable(): Refusal {
    return new Refusal(0, {
      type: '/problems/unreachable',
      title: 'No answer',
      status: 0,
      detail: 'The workshop server does not answer.',
      errors: [],
    });
  }

  /** What an answer says, or what stands in for it when it says nothing that can be read. */
  static of(status: number, problem: Problem | undefined): Refusal {
    return problem && typeof problem === 'object' && 'detail' in problem
      ? new Refusal(status, problem)
      : new Refusal(status, { ...Refusal.unreachable().problem, detail: 'The server answered with a fault.' });
  }

  /** Worth trying again by itself: nobody answered, or the record store is away. */
  get passing(): boolean {
    return this.status === 0 || this.status === 502 || this.status === 503 || this.status === 504;
  }

  /** The sentence about one field, when there is one. */
  about(field: string): string | undefined {
    return this.problem.errors.find((error) => error.field === field)?.detail;
  }
}

const cookie = (name: string): string | undefined =>
  document.cookie
    .split('; ')
    .find((part) => part.startsWith(`${name}=`))
    ?.slice(name.length + 1);

/** Asks for the cookie that unsafe requests have to show. */
export const fetchToken = (): Promise<Response> => fetch('/sanctum/csrf-cookie', { credentials: 'same-origin' });

/** How settings are changed: small, and shown as chosen at once. */
const SETTINGS = ['PATCH', 'PUT'];

const guard: Middleware = {
  async onRequest({ request }) {
    if (request.method !== 'GET') {
      if (!cookie('XSRF-TOKEN')) await fetchToken();
      request.headers.set('X-XSRF-TOKEN', decodeURIComponent(cookie('XSRF-TOKEN') ?? ''));
    }
    request.headers.set('Accept', 'application/json');
    // A setting that is changed as the page is left goes to its end.
    return SETTINGS.includes(request.method) ? new Request(request, { keepalive: true }) : request;
  },
  async onResponse({ response }) {
    // The session ended: the next try carries a fresh token.
    if (response.status === 419) await fetchToken();
    return response;
  },
};

export const api = createClient<paths>({ baseUrl: '/api/v1', credentials: 'same-origin' });
api.use(guard);

/** What is sent with a file: a form, not JSON. */
export const asForm = (body: Record<string, unknown>): FormData => {
  const form = new FormData();
  for (const [name, value] of Object.entries(body)) {
    if (value instanceof Blob) form.set(name, value);
    else if (value !== undefined && value !== null)
      form.set(name, value === true ? '1' : value === false ? '0' : String(value));
  }
  return form;
};

interface Outcome<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** Waits for an answer; throws a Refusal for anything but a good one. */
export async function answer<T>(asked: Promise<Outcome<T>>): Promise<T> {
  let outcome: Outcome<T>;
  try {
    outcome = await asked;
  } catch {
    throw Refusal.unreachable();
  }
  if (outcome.response.ok) return outcome.data as T;
  throw Refusal.of(outcome.response.status, outcome.error as Problem | undefined);
}

/** The version of what was answered, as the server named it; what was changed here since has none. */
const versions = new WeakMap<object, string>();

/** Asks for something that is held already: what is the same still is not sent again. */
export async function unlessSame<T extends object>(
  held: T | undefined,
  ask: (headers: Record<string, string>) => Promise<Outcome<T>>,
): Promise<T> {
  const version = held && versions.get(held);
  let came: Response | undefined;
  const asked = ask(version ? { 'If-None-Match': version } : {}).then((outcome) => {
    came = outcome.response;
    return outcome;
  });
  try {
    const fresh = await answer(asked);
    const named = came?.headers.get('ETag');
    if (named) versions.set(fresh, named);
    return fresh;
  } catch (fault) {
    if (held && came?.status === 304) return held;
    throw fault;
  }
}

/** Parts that did not change stay the same objects; the whole keeps the version it came with. */
export function sharedVersion(before: unknown, after: unknown): unknown {
  const shared = replaceEqualDeep(before, after);
  const version = after !== null && typeof after === 'object' ? versions.get(after) : undefined;
  if (version && shared !== null && typeof shared === 'object') versions.set(shared, version);
  return shared;
}
