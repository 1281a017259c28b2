import {
  demo,
  enter,
  field,
  goTo,
  kept,
  openJob,
  openJobAt,
  pickKind,
  pickMachine,
  records,
  signedIn,
  signIn,
  station,
  tap,
  type,
  verdict,
} from './helpers';
import { expect, test } from './worker';

test('the demo jobs stand where they should: cocked, bad bore, a little to go', async ({ page }) => {
  await signedIn(page);
  await demo(page, 'Parcel moped 7');
  await expect(verdict(page)).toHaveText('Drive it back out');
  await expect(page.getByText('It stands 0.80 mm proud at 12.')).toBeVisible();
  await expect(page.getByRole('img', { name: "Proud at 12 o'clock" })).toBeVisible();
  await expect(page.getByText('Tilt drawn × 6.')).toBeVisible();
  expect(await page.locator('g[data-part="bearing_left"]').getAttribute('transform')).toMatch(/^rotate\(/);
  await demo(page, "Warden's trail bike");
  await expect(verdict(page)).toHaveText('The bore will not hold it');
  await demo(page, 'Campsite trail bike 1');
  await expect(verdict(page)).toHaveText('0.40 mm to go');
  await expect(page.getByText('How this was worked out').first()).toBeVisible();
  await page.getByText('How this was worked out').first().click();
  await expect(page.getByText('over faces − first depth − first width − spacer tube − second width')).toBeVisible();
});

test('a verdict follows while it is typed, and nothing is kept until it is entered', async ({ page }) => {
  await signedIn(page);
  const job = await openJobAt(page, 'size', 'Live bike');
  await field(page, 'size.left.number').pressSequentially('6204 2RS');
  await expect(verdict(page)).toHaveText('6204 2RS');
  await expect(page.getByText('A deep-groove ball bearing, 20 × 47 × 14 mm.')).toBeVisible();
  expect((await records(page, job)).map((one) => one.place)).not.toContain('size.left.number');
  await field(page, 'size.left.number').press('Escape');
  await expect(field(page, 'size.left.number')).toHaveValue('');
  await field(page, 'size.left.number').fill('6302 ZZ');
  await page.getByRole('heading', { level: 1 }).click();
  await kept(page);
  expect((await records(page, job)).at(-1)).toMatchObject({ place: 'size.left.number', value: { text: '6302 ZZ' } });
});

test('what cannot be a length gets one sentence beside the field, and is not lost', async ({ page }) => {
  await signedIn(page);
  await openJobAt(page, 'size', 'Wrong bike');
  await goTo(page, 'Shoulder, spacer tube, faces');
  await type(page, 'size.ledge_depth', '23.2');
  for (const [typed, words] of [
    ['abc', 'is not a length'],
    ['-3', 'must be more than zero'],
    ['104 105', 'more than one number'],
    ['9 m', 'more than 2 metres'],
    ['1,250', 'Write 1.250 or 1250'],
  ] as const) {
    await field(page, 'size.over_faces').fill(typed);
    await expect(page.getByRole('alert'), typed).toContainText(words);
    await field(page, 'size.over_faces').press('Enter');
    await expect(page.getByRole('alert'), typed).toContainText(words);
    await expect(field(page, 'size.over_faces')).toHaveValue(typed);
    await expect(field(page, 'size.ledge_depth')).toHaveValue('23.2');
  }
});

test('three depths are enough, and the eye alone too', async ({ page }) => {
  await signedIn(page);
  await openJobAt(page, 'seat', 'Three-point bike');
  await goTo(page, 'Start the first bearing square');
  await page.getByRole('button', { name: '3 places' }).click();
  await type(page, 'seat.left.start.12', '3.00');
  await type(page, 'seat.left.start.4', '3.30');
  await type(page, 'seat.left.start.8', '3.30');
  await expect(verdict(page)).toHaveText('Tap at 12');
  await goTo(page, 'Start the second bearing square');
  await tap(page, 'seat.right.start.eye', 'Proud on one side');
  await tap(page, 'seat.right.start.eye_clock', '4');
  await expect(verdict(page)).toHaveText('Is the spacer tube in?');
});

test('a missing spacer tube cannot be passed over in silence', async ({ page }) => {
  await signedIn(page);
  await demo(page, 'Campsite trail bike 1');
  await goTo(page, 'Spacer tube in, and look through');
  await tap(page, 'seat.look_through', 'Not seen');
  await expect(verdict(page)).toHaveText('Is the spacer tube in?');
  await goTo(page, 'The second, just to the spacer tube');
  await expect(verdict(page)).toHaveText('Is the spacer tube in?');
  await goTo(page, 'Spacer tube in, and look through');
  await tap(page, 'seat.look_through', 'Spacer tube seen');
  await kept(page);
});

test('a tap twice on the same answer takes it back', async ({ page }) => {
  await signedIn(page);
  await openJobAt(page, 'check_in', 'Twice bike');
  await goTo(page, 'Rock it, spin it, listen');
  await tap(page, 'check.spin', 'Quiet');
  await expect(page.getByRole('button', { name: 'Quiet' })).toHaveAttribute('aria-pressed', 'true');
  await tap(page, 'check.spin', 'Quiet');
  await expect(page.getByRole('button', { name: 'Quiet' })).toHaveAttribute('aria-pressed', 'false');
  await kept(page);
});

test('in inches every length shows and is read in inches', async ({ page }) => {
  await signedIn(page);
  const job = await openJob(page, 'Inch bike');
  await page.getByRole('button', { name: 'Units: mm. Change.' }).click();
  await page.goto(`/jobs/${job}/size`);
  await goTo(page, 'Shoulder, spacer tube, faces');
  await type(page, 'size.sleeve_length', '2.27');
  await kept(page);
  await expect(page.getByText('spacer tube 2.270 in')).toBeVisible();
  expect((await records(page, job)).at(-1)?.value?.mm).toBeCloseTo(57.658, 3);
  await page.getByRole('button', { name: 'Units: in. Change.' }).click();
  await expect(page.getByText('spacer tube 57.66 mm')).toBeVisible();
});

test('a photo that is none is refused beside the part', async ({ page }) => {
  await signedIn(page);
  await openJobAt(page, 'strip', 'Photo bike');
  await goTo(page, 'Spacer tube out');
  await page
    .locator('[data-place="part.sleeve"] input[type=file]')
    .setInputFiles({ name: 'sleeve.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('this is text') });
  await expect(page.getByRole('alert')).toContainText('not a picture');
});

test('an apprentice works on jobs but does not sign', async ({ page }) => {
  await signedIn(page, 'apprentice');
  await demo(page, 'Parcel moped 3');
  await station(page, 'Prove');
  await goTo(page, 'Sign it off');
  await expect(page.getByText('A mechanic or the owner signs.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Sign as/ })).toHaveCount(0);
});

test('fasteners are offered again the next time', async ({ page }) => {
  await signedIn(page);
  await page.goto('/board');
  await page.getByRole('button', { name: 'Open a job' }).click();
  await pickMachine(page, 'Campsite trail bike 1');
  await pickKind(page, 'pair-sleeve');
  await page.getByLabel('What the customer says').fill('Again');
  await page.getByRole('button', { name: 'Open it' }).click();
  await page.waitForURL(/check_in/);
  await station(page, 'Strip');
  await goTo(page, 'Axle out');
  await page.getByRole('button', { name: 'Last time: 24' }).click();
  await expect(field(page, 'fastener.axle_nut.spanner')).toHaveValue('24');
});

test('a signed job is closed', async ({ page }) => {
  await signIn(page);
  await page.getByRole('button', { name: 'Show signed jobs' }).click();
  await page.getByRole('link', { name: 'Campsite trail bike 1' }).click();
  await expect(page.getByText('signed by Ines').first()).toBeVisible();
  await station(page, 'Size');
  await expect(field(page, 'size.left.number')).toBeDisabled();
});

test('a long board goes on by itself, and what did not come is asked for at a press', async ({ page }) => {
  await signIn(page);
  const first = (await (await page.request.get('/api/v1/jobs')).json()) as { data: { id: number; number: number }[] };
  const many = [0, 1, 2].map((n) =>
    Array.from({ length: 15 }, (_, i) => ({ ...first.data[0], id: 9000 + 15 * n + i, number: 9000 + 15 * n + i })),
  );
  let broken = true;
  await page.route(/api\/v1\/jobs(\?|$)/, (route) => {
    const at = Number(new URL(route.request().url()).searchParams.get('cursor') ?? 0);
    if (at === 2 && broken) return route.fulfill({ status: 403, json: { title: 'Not now', status: 403 } });
    return route.fulfill({ json: { data: many[at], next_cursor: at === 2 ? null : String(at + 1) } });
  });
  await page.goto('/board');
  const line = (number: number) => page.getByText(`Job ${number} ·`);
  await expect(line(9014)).toBeAttached();
  await line(9014).scrollIntoViewIfNeeded();
  await expect(line(9029)).toBeAttached();
  await line(9029).scrollIntoViewIfNeeded();
  const again = page.getByRole('button', { name: 'The rest did not come. Try again' });
  await expect(again).toBeVisible();
  await expect(line(9029)).toBeAttached();
  broken = false;
  await again.click();
  await expect(line(9044)).toBeAttached();
  await expect(again).toBeHidden();
});

test('a second wheel starts from the first: one tap for what stays true, by step or for all of it', async ({
  page,
}) => {
  await signedIn(page);
  const first = await openJob(page, 'Two-wheeled cart');
  await enter(page, first, [
    { place: 'size.left.number', entry: { text: '6204 2RS' } },
    { place: 'size.right.number', entry: { text: '6204 2RS' } },
    { place: 'size.hub_material', entry: { choice: 'aluminium' } },
    { place: 'size.hub_outside', entry: { typed: '2.6 in' } },
    { place: 'size.sleeve_length', entry: { typed: '57.6' } },
    { place: 'fit.left.feel', entry: { choice: 'light_taps' } },
  ]);
  await page.goto('/board');
  await page.getByRole('button', { name: 'Open a job' }).click();
  await pickMachine(page, 'Two-wheeled cart');
  await page.getByLabel('Which wheel').fill('Rear wheel');
  await pickKind(page, 'pair-sleeve');
  await page.getByLabel('What the customer says').fill('The other one too');
  await page.getByRole('button', { name: 'Open it' }).click();
  await page.waitForURL(/check_in/);
  const second = Number(page.url().match(/jobs\/(\d+)/)?.[1]);
  await page.getByRole('button', { name: /^Start from the front wheel, job \d+$/ }).click();
  await expect(page.locator('[data-lent]')).toHaveCount(0);
  await station(page, 'Size');
  await goTo(page, 'Left bearing');
  await expect(field(page, 'size.left.number')).toHaveValue('6204 2RS');
  await expect(verdict(page)).toHaveText('6204 2RS');
  await expect(page.getByText(/from job \d+/)).toBeVisible();
  await goTo(page, 'Shoulder, spacer tube, faces');
  await expect(field(page, 'size.sleeve_length')).toHaveValue('');
  const taken = (await records(page, second)).map((one) => one.place);
  expect(taken).toEqual([
    'check.complaint',
    'size.left.number',
    'size.right.number',
    'size.hub_material',
    'size.hub_outside',
  ]);
});
