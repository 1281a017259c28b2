import { test as base } from '@playwright/test';

export { expect, type Locator, type Page } from '@playwright/test';

/** The servers that ./test started, one for each worker, each with data of its own; the one in BASE_URL otherwise. */
const SERVERS = (process.env.BASE_URLS ?? process.env.BASE_URL ?? 'http://127.0.0.1:8080').trim().split(' ');

/** The clusters behind them, in the same order. */
const CLUSTERS = (process.env.PG_DIRS ?? process.env.PG_DIR ?? '').trim().split(' ');

/** What their nginx reads, in the same order. */
const FRONTS = (process.env.NGINX_CONFS ?? '').trim().split(' ');

/** Which of several belongs to this worker. */
const mine = (of: string[], worker: number): string => of[worker % of.length] as string;

export const test = base.extend<{ cluster: string; nginx: string }>({
  // biome-ignore lint/correctness/noEmptyPattern: a fixture says what it needs by taking it apart
  baseURL: async ({}, use, { parallelIndex }) => use(mine(SERVERS, parallelIndex)),
  // biome-ignore lint/correctness/noEmptyPattern: as above
  cluster: async ({}, use, { parallelIndex }) => use(mine(CLUSTERS, parallelIndex)),
  // biome-ignore lint/correctness/noEmptyPattern: as above
  nginx: async ({}, use, { parallelIndex }) => use(mine(FRONTS, parallelIndex)),
});
