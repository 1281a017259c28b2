import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { enter, field, goTo, kept, openJob, records, signIn, station, tap, tick, type, verdict } from './helpers';

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
  await signIn(page);
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
  await signIn(page);
  const job = await openJob(page, 'Reload bike');
  await page.goto(`/jobs/${job}/size`);
  await goTo(page, 'Ledge, sleeve, faces');
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
  await signIn(page);
  const job = await openJob(page, 'Refused bike');
  await page.goto(`/jobs/${job}/size`);
  await goTo(page, 'Ledge, sleeve, faces');
  await context.setOffline(true);
  await type(page, 'size.over_faces', 'about four inches');
  await type(page, 'size.ledge_depth', '23.2');
  await context.setOffline(false);
  await kept(page);
  await expect(field(page, 'size.over_faces')).toHaveValue('about four inches');
  await expect(page.getByRole('alert')).toContainText('is not a length');
  await expect(page.getByText('One entry was not taken')).toBeVisible();
  await expect(field(page, 'size.ledge_depth')).toHaveValue('23.2');
  await type(page, 'size.over_faces', '104');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await kept(page);
  expect((await records(page, job)).filter((one) => one.place === 'size.over_faces')).toHaveLength(1);
});
