import { execFileSync } from 'node:child_process';
import { field, goTo, kept, openJob, records, signedIn, type } from './helpers';
import { expect, test } from './worker';

const postgres = (verb: 'kill' | 'up', cluster: string): void => {
  execFileSync(process.env.OPS_POSTGRES as string, [verb, cluster], { stdio: 'ignore' });
};

test.skip(!process.env.OPS_POSTGRES, 'needs the cluster that ./test makes');

test('the record store killed while readings are entered loses none that was acknowledged', async ({
  page,
  cluster,
}) => {
  test.setTimeout(120_000);
  await signedIn(page);
  const job = await openJob(page, 'Power-cut bike');
  const acknowledged = new Set<string>();
  page.on('response', async (response) => {
    if (response.url().endsWith('/records') && response.status() === 201) {
      acknowledged.add(((await response.json()) as { id: string }).id);
    }
  });
  await page.goto(`/jobs/${job}/size`);
  await goTo(page, 'Will the bore hold: left bearing');
  await type(page, 'bore.left.lip.12', '46.98');
  await type(page, 'bore.left.lip.2', '46.97');
  await type(page, 'bore.left.lip.4', '46.99');
  postgres('kill', cluster);
  try {
    await type(page, 'bore.left.bottom.12', '46.96');
    await type(page, 'bore.left.bottom.2', '46.95');
    await expect(page.getByTestId('keeping')).toContainText('waiting to be kept');
    await expect(field(page, 'bore.left.bottom.2')).toHaveValue('46.95');
    await page.waitForTimeout(1_000);
  } finally {
    postgres('up', cluster);
  }
  await type(page, 'bore.left.bottom.4', '46.94');
  await expect(page.getByTestId('keeping')).toHaveText('All kept', { timeout: 40_000 });
  await kept(page);

  const stored = await records(page, job);
  const ids = new Set(stored.map((one) => one.id));
  expect(acknowledged.size).toBeGreaterThanOrEqual(6);
  for (const id of acknowledged) expect(ids.has(id), `record ${id} was acknowledged`).toBe(true);
  expect(stored.filter((one) => one.place.startsWith('bore.')).map((one) => one.value?.typed)).toEqual([
    '46.98',
    '46.97',
    '46.99',
    '46.96',
    '46.95',
    '46.94',
  ]);
});
