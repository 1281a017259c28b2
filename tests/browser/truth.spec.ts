import { randomBytes } from 'node:crypto';
import { crc32, deflateSync } from 'node:zlib';
import { enter, field, goTo, kept, openJob, records, signedIn, station, verdict } from './helpers';
import { expect, type Page, test } from './worker';

test.beforeEach(async ({ page }) => signedIn(page));

/** The row of a step in the list on the left. */
const row = (page: Page, title: string) =>
  page.getByRole('region', { name: 'Steps' }).getByRole('button', { name: title });

const judged = (page: Page) => page.getByRole('region', { name: 'Verdict', exact: true });

/** A PNG of grey noise, as large as its points. */
function noisy(width: number, height: number): Buffer {
  const chunk = (name: string, data: Buffer): Buffer => {
    const body = Buffer.concat([Buffer.from(name), data]);
    const [size, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
    size.writeUInt32BE(data.length);
    sum.writeUInt32BE(crc32(body));
    return Buffer.concat([size, body, sum]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 0, 0, 0, 0], 8);
  const rows = randomBytes((width + 1) * height);
  for (let y = 0; y < height; y++) rows[y * (width + 1)] = 0;
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows, { level: 0 })),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

async function square(page: Page, job: number, depths: [string, string, string, string]): Promise<void> {
  const hours = ['12', '3', '6', '9'];
  await enter(
    page,
    job,
    depths.map((typed, i) => ({ place: `seat.left.start.${hours[i]}`, entry: { typed } })),
  );
}

test('without a network a verdict of other readings is grey and says so, and its step carries no tick', async ({
  page,
  context,
}) => {
  const job = await openJob(page, 'Green that was true');
  await square(page, job, ['3.40', '3.41', '3.40', '3.41']);
  await enter(page, job, [{ place: 'seat.left.start.eye', entry: { choice: 'level' } }]);
  await page.goto(`/jobs/${job}/seat`);
  await goTo(page, 'Start the first bearing square');
  await expect(verdict(page)).toHaveText(/Square/);
  await expect(row(page, 'Start the first bearing square').getByLabel('done')).toBeVisible();
  await context.setOffline(true);
  await field(page, 'seat.left.start.12').focus();
  await page.keyboard.type('2.60', { delay: 20 });
  await page.keyboard.press('Enter');
  await field(page, 'seat.left.start.6').focus();
  await page.keyboard.type('4.20', { delay: 20 });
  await page.keyboard.press('Enter');
  await expect(judged(page)).toContainText('Not judged yet, waits for the network');
  await expect(row(page, 'Start the first bearing square').getByLabel('done')).toHaveCount(0);
  await expect(row(page, 'Start the first bearing square').getByLabel('not judged yet')).toBeVisible();
  // What was judged before is not read out as if it were of these readings.
  await expect(judged(page).getByRole('heading')).toHaveCount(0);
  await expect(page.getByText('Drawn as it stood before')).toBeVisible();
  // What came before it in the order of the work is judged still.
  await station(page, 'Check in');
  await expect(judged(page).getByText('Not judged yet')).toHaveCount(0);
  await station(page, 'Seat');
  await context.setOffline(false);
  await expect(verdict(page)).toHaveText(/Readings and look disagree/, { timeout: 15_000 });
  await expect(judged(page).getByText('Not judged yet')).toHaveCount(0);
});

test('what stands at stop carries no tick', async ({ page }) => {
  const job = await openJob(page, 'Cocked and read');
  await square(page, job, ['2.50', '2.90', '3.30', '2.90']);
  await page.goto(`/jobs/${job}/seat`);
  await goTo(page, 'Start the first bearing square');
  const current = page.getByRole('region', { name: 'Steps' }).locator('[aria-current="step"]');
  await expect(verdict(page)).toHaveText(/Drive it back out/);
  await expect(current.getByLabel('done')).toHaveCount(0);
  await expect(current.getByRole('img', { name: 'Stop' })).toBeVisible();
});

test('two at one job see what the other entered within five seconds, and what is the same is not sent again', async ({
  page,
  browser,
  baseURL,
}) => {
  const job = await openJob(page, 'Two hands');
  await goTo(page, 'Measure before you strip');
  const statuses: number[] = [];
  page.on('response', (answer) => {
    if (answer.url().endsWith(`/api/v1/jobs/${job}`)) statuses.push(answer.status());
  });
  await expect.poll(() => statuses.at(-1), { timeout: 15_000 }).toBe(304);
  const other = await browser.newContext({ baseURL });
  const there = await other.newPage();
  await signedIn(there, 'apprentice');
  await enter(there, job, [{ place: 'check.axle_left', entry: { typed: '11.75' } }]);
  const begun = Date.now();
  await expect(field(page, 'check.axle_left')).toHaveValue('11.75', { timeout: 6_000 });
  expect(Date.now() - begun).toBeLessThan(5_500);
  await other.close();
});

test('an older reading that comes late is shown beside the newer one, and one tap takes that', async ({
  page,
  context,
  browser,
  baseURL,
}) => {
  const job = await openJob(page, 'Late and early');
  await goTo(page, 'Measure before you strip');
  await context.setOffline(true);
  await field(page, 'check.axle_left').fill('11.10');
  await page.keyboard.press('Enter');
  const other = await browser.newContext({ baseURL });
  const there = await other.newPage();
  await signedIn(there, 'apprentice');
  await there.waitForTimeout(50);
  await enter(there, job, [{ place: 'check.axle_left', entry: { typed: '11.90' } }]);
  await other.close();
  await context.setOffline(false);
  await kept(page);
  const note = page.getByRole('note').filter({ hasText: 'it came late' });
  await expect(note).toContainText('Pim had entered 11.9');
  await note.getByRole('button', { name: 'Take 11.9 mm' }).click();
  await kept(page);
  await expect(note).toHaveCount(0);
  const all = (await records(page, job)).filter((one) => one.place === 'check.axle_left');
  expect(all.map((one) => one.value?.mm)).toEqual([11.9, 11.1, 11.9]);
});

test('what was not taken says which field, what was entered and why, and leads there', async ({ page }) => {
  await openJob(page, 'Refused late');
  await goTo(page, 'Measure before you strip');
  await field(page, 'check.axle_left').fill('3000');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('more than 2 metres');
  await expect(page.getByTestId('keeping')).toContainText('1 not taken');
  await station(page, 'Strip');
  const refused = page.getByRole('status', { name: 'Not taken' });
  await expect(refused).toContainText(
    'Measure before you strip, Axle sticks out, left: “3000”. 3000 mm is more than 2 m',
  );
  await refused.getByRole('button', { name: 'Go there' }).click();
  await expect(page).toHaveURL(/check_in$/);
  await expect(field(page, 'check.axle_left')).toBeFocused();
  await page.keyboard.type('11.5');
  await page.keyboard.press('Enter');
  await expect(refused).toHaveCount(0);
  await kept(page);
});

test('whoever is signed out at work is told at once, types on, and signs in where they are', async ({ page }) => {
  const job = await openJob(page, 'Signed out at work');
  await goTo(page, 'Measure before you strip');
  const token = (await page.context().cookies()).find((one) => one.name === 'XSRF-TOKEN')?.value ?? '';
  await page.request.delete('/api/v1/session', { headers: { 'X-XSRF-TOKEN': decodeURIComponent(token) } });
  await field(page, 'check.axle_left').focus();
  await page.keyboard.type('11.5');
  await expect(page.getByText('Ines is signed out')).toBeVisible({ timeout: 9_000 });
  await expect(field(page, 'check.axle_left')).toHaveValue('11.5');
  await page.keyboard.press('Enter');
  await field(page, 'check.axle_right').fill('11.6');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('E-mail')).toHaveValue('ines@ferryworks.example');
  await expect(page.getByText('Shown is what was known before')).toHaveCount(0);
  await page.getByLabel('Password').fill('bearing');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Ines is signed out')).toHaveCount(0);
  await kept(page);
  await expect(page).toHaveURL(/check_in$/);
  const places = (await records(page, job)).map((one) => one.place);
  expect(places).toEqual(expect.arrayContaining(['check.axle_left', 'check.axle_right']));
});

test('a photo is shrunk, waits like a reading while there is no network, and is sent when there is', async ({
  page,
  context,
}) => {
  const job = await openJob(page, 'Large photos');
  await goTo(page, 'Measure before you strip');
  // As a phone takes it: 4000 points wide, several megabytes.
  const large = noisy(4000, 3000);
  expect(large.length).toBeGreaterThan(10_000_000);
  await context.setOffline(true);
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name: 'axle.png', mimeType: 'image/png', buffer: large });
  await expect(page.getByText('waits', { exact: true }).first()).toBeVisible({ timeout: 15_000 });
  await expect(page.getByTestId('keeping')).toContainText('1 waiting');
  const sizes: number[] = [];
  page.on('request', (one) => {
    if (one.url().endsWith('/photos')) sizes.push(one.postDataBuffer()?.length ?? 0);
  });
  await context.setOffline(false);
  await kept(page);
  const shown = (await records(page, job)).find((one) => Array.isArray(one.value?.photos));
  const [photo] = (shown?.value?.photos ?? []) as string[];
  const picture = await page.request.get(`/files/photos/${photo}.jpg`);
  expect(picture.status()).toBe(200);
  const width = await page.evaluate(async (id) => {
    const one = await createImageBitmap(await (await fetch(`/files/photos/${id}.jpg`)).blob());
    return [one.width, one.height];
  }, photo);
  expect(Math.max(...width)).toBeLessThanOrEqual(2_000);
});
