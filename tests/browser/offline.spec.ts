import { readFileSync } from 'node:fs';
import {
  enter,
  field,
  goTo,
  kept,
  openJob,
  openJobAt,
  records,
  signedIn,
  signIn,
  station,
  tap,
  tick,
  type,
  verdict,
} from './helpers';
import { expect, test } from './worker';

interface Given {
  place: string;
  entry: Record<string, unknown>;
}

/** The good job of the demo data up to the seating station. */
const untilSeat = (): Given[] =>
  (JSON.parse(readFileSync('database/seeders/data/good.json', 'utf8')) as Given[]).filter(
    ({ place }) => !/^(seat|set|prove)\./.test(place) && !/fastener\.(?!axle_nut\.(spanner|thread))/.test(place),
  );

test('with the network cut in the middle of Seat the bench works on, and sends later, in order, once', async ({
  page,
  context,
}) => {
  await signedIn(page);
  const job = await openJob(page, 'Offline bike');
  await enter(
    page,
    job,
    untilSeat().filter(({ entry }) => !['fitted'].includes(String(entry.state))),
  );
  await page.goto(`/jobs/${job}/seat`);
  await tick(page, 'seat.clean.done');
  await kept(page);
  const before = (await records(page, job)).length;

  await context.setOffline(true);
  await goTo(page, 'Left side first');
  await tick(page, 'seat.first.done');
  await goTo(page, 'Start the first bearing square');
  for (const [hour, depth] of [
    ['12', '2.10'],
    ['3', '2.12'],
    ['6', '2.10'],
    ['9', '2.09'],
  ] as const) {
    await type(page, `seat.left.start.${hour}`, depth);
  }
  await type(page, 'seat.left.start.9', '2.08');
  await tap(page, 'seat.left.start.eye', 'Level all round');
  await expect(page.getByTestId('keeping')).toHaveText('7 waiting to be kept');
  await expect(field(page, 'seat.left.start.9')).toHaveValue('2.08');
  await station(page, 'Set');
  await station(page, 'Seat');
  await expect(field(page, 'seat.left.start.12')).toHaveValue('2.10');

  await context.setOffline(false);
  await kept(page);
  await expect(verdict(page)).toHaveText('Square: go on');
  const sent = (await records(page, job)).slice(before);
  expect(sent.map((one) => one.place)).toEqual([
    'seat.first.done',
    'seat.left.start.12',
    'seat.left.start.3',
    'seat.left.start.6',
    'seat.left.start.9',
    'seat.left.start.9',
    'seat.left.start.eye',
  ]);
  expect(new Set(sent.map((one) => one.id)).size).toBe(sent.length);
  expect(sent[5]?.value?.typed).toBe('2.08');
});

test('what waits survives a reload of the page', async ({ page, context }) => {
  await signedIn(page);
  const job = await openJobAt(page, 'size', 'Reload bike');
  await goTo(page, 'Shoulder, spacer tube, faces');
  await kept(page);
  const before = (await records(page, job)).length;
  // The server is there for the page, but takes no records.
  await page.route('**/api/v1/jobs/*/records', (route) => route.abort());
  await type(page, 'size.over_faces', '104');
  await type(page, 'size.ledge_depth', '23.2');
  await expect(page.getByTestId('keeping')).toHaveText('2 waiting to be kept');
  await page.waitForTimeout(1_500);
  await page.reload();
  await expect(page.getByTestId('keeping')).toHaveText('2 waiting to be kept');
  await context.setOffline(false);
  await page.unroute('**/api/v1/jobs/*/records');
  await kept(page);
  const sent = (await records(page, job)).slice(before);
  expect(sent.map((one) => [one.place, one.value?.typed])).toEqual([
    ['size.over_faces', '104'],
    ['size.ledge_depth', '23.2'],
  ]);
});

test('a record the server will not take stands beside its field with what was typed', async ({ page, context }) => {
  await signedIn(page);
  const job = await openJobAt(page, 'size', 'Refused bike');
  await goTo(page, 'Shoulder, spacer tube, faces');
  await context.setOffline(true);
  await type(page, 'size.over_faces', 'about four inches');
  await type(page, 'size.ledge_depth', '23.2');
  await context.setOffline(false);
  await expect(page.getByTestId('keeping')).toHaveText('1 not taken');
  await expect(field(page, 'size.over_faces')).toHaveValue('about four inches');
  await expect(page.getByRole('alert')).toContainText('is not a length');
  await expect(field(page, 'size.ledge_depth')).toHaveValue('23.2');
  await type(page, 'size.over_faces', '104');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await kept(page);
  expect((await records(page, job)).filter((one) => one.place === 'size.over_faces')).toHaveLength(1);
});

test('two tabs that lose the network both keep what was entered in them, across a reload of both', async ({
  page,
  context,
}) => {
  await signedIn(page);
  const job = await openJob(page, 'Two-tab bike');
  const other = await context.newPage();
  for (const tab of [page, other]) {
    await tab.goto(`/jobs/${job}/size`);
    await goTo(tab, 'Shoulder, spacer tube, faces');
    await kept(tab);
  }
  const before = (await records(page, job)).length;
  // The pages can be had, but no record is taken.
  await context.route('**/api/v1/jobs/*/records', (route) => route.abort());
  await type(page, 'size.over_faces', '104');
  await type(other, 'size.ledge_depth', '23.2');
  await type(page, 'size.sleeve_length', '57.6');
  await type(other, 'size.groove_edge', '9.1');
  for (const tab of [page, other]) {
    await expect(tab.getByTestId('keeping')).toHaveText('4 waiting to be kept');
    await tab.reload();
    await expect(tab.getByTestId('keeping')).toHaveText('4 waiting to be kept');
  }
  // Only one of them is left when the way is free again.
  await other.close();
  await context.unroute('**/api/v1/jobs/*/records');
  await kept(page);
  const sent = (await records(page, job)).slice(before);
  expect(sent.map((one) => [one.place, one.value?.typed])).toEqual([
    ['size.over_faces', '104'],
    ['size.ledge_depth', '23.2'],
    ['size.sleeve_length', '57.6'],
    ['size.groove_edge', '9.1'],
  ]);
  expect(new Set(sent.map((one) => one.id)).size).toBe(4);
});

test('what one tab sends stands in the other at once', async ({ page, context }) => {
  await signedIn(page);
  const job = await openJob(page, 'Mirror bike');
  const other = await context.newPage();
  for (const tab of [page, other]) {
    await tab.goto(`/jobs/${job}/size`);
    await goTo(tab, 'Shoulder, spacer tube, faces');
  }
  await type(page, 'size.over_faces', '104');
  await expect(field(other, 'size.over_faces')).toHaveValue('104');
  await kept(other);
});

test.describe('at a shared tablet', () => {
  // A worker that takes over in the middle fetches past the route that stands for a dead network here.

  test('what one person entered is never kept under another who signs in after', async ({ page, context }) => {
    await signedIn(page, 'mechanic');
    const job = await openJobAt(page, 'size', 'Shared tablet');
    await goTo(page, 'Shoulder, spacer tube, faces');
    await kept(page);
    await context.route('**/api/v1/jobs/*/records', (route) => route.abort());
    await type(page, 'size.over_faces', '104');
    await expect(page.getByTestId('keeping')).toHaveText('1 waiting to be kept');

    // The session ends under her hands, and somebody else signs in at the same tablet. A request that is on its way while
    // the page goes may slip past the route: until her cookies are gone there is no network at all.
    await context.setOffline(true);
    await page.goto('about:blank');
    await context.clearCookies();
    await context.setOffline(false);
    await page.goto(`/jobs/${job}/size`);
    await page.waitForURL('**/sign-in');
    await context.unroute('**/api/v1/jobs/*/records');
    await signIn(page, 'apprentice');
    await page.goto(`/jobs/${job}/size`);
    await goTo(page, 'Shoulder, spacer tube, faces');
    await type(page, 'size.ledge_depth', '23.2');
    await expect(page.getByTestId('keeping')).toHaveText('All kept; 1 waits for Ines to sign in');
    const by = async (): Promise<[string, string][]> => {
      const answer = await page.request.get(`/api/v1/jobs/${job}/records`);
      const { data } = (await answer.json()) as { data: { place: string; by: string }[] };
      return data.filter((one) => one.place.startsWith('size.')).map((one) => [one.place, one.by]);
    };
    expect(await by()).toEqual([['size.ledge_depth', 'Pim']]);

    await page.goto('about:blank');
    await context.clearCookies();
    await signedIn(page, 'mechanic');
    await page.goto(`/jobs/${job}/size`);
    await kept(page);
    expect(await by()).toEqual([
      ['size.over_faces', 'Ines'],
      ['size.ledge_depth', 'Pim'],
    ]);
  });
});

test('what was entered the moment before the page goes away is kept', async ({ page }) => {
  test.slow();
  await signIn(page);
  for (let i = 0; i < 2; i++) {
    const job = await openJobAt(page, 'size', `Gone at once ${Date.now()}`);
    const field = page.getByLabel('Stamped on the ring');
    await field.fill('6005 2RS');
    await field.press('Enter');
    await page.goto('/board');
    await expect.poll(async () => JSON.stringify(await records(page, job))).toContain('6005 2RS');
  }
});
