import { enter, field, goTo, kept, openJob, openJobAt, records, signIn, station } from './helpers';
import { expect, type Page, test } from './worker';

test.beforeEach(async ({ page }) => signIn(page));

const TABS = 10;

/** What has the focus: its place, or the name of its element. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const at = document.activeElement as HTMLElement | null;
    return at?.dataset.place ?? at?.tagName ?? 'BODY';
  });

/** Keys as an instrument types them: one straight after the other, with its end. */
async function sends(page: Page, text: string, end = 'Enter'): Promise<void> {
  await page.keyboard.type(text, { delay: 4 });
  await page.keyboard.press(end);
}

test('from loading the page a few tabs lead to the first field, and one past all around it', async ({ page }) => {
  const job = await openJob(page, 'Few tabs');
  for (const [at, step] of [
    ['check_in', 'Measure before you strip'],
    ['size', 'Left bearing'],
    ['seat', 'Start the first bearing square'],
  ] as const) {
    await page.goto(`/jobs/${job}/${at}`);
    await goTo(page, step);
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    let tabs = 0;
    while (!(await page.evaluate(() => document.activeElement?.matches('input[data-reading], fieldset button')))) {
      await page.keyboard.press('Tab');
      tabs += 1;
      expect(tabs, `${at}: ${step}`).toBeLessThanOrEqual(TABS);
    }
  }
  await page.reload();
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'To the work' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 2 })).toBeFocused();
});

test('the focus is never lost: after Next, n, p and the pedal, after deleting and undoing', async ({ page }) => {
  const job = await openJob(page, 'Firm focus');
  await goTo(page, 'The complaint');
  const next = page.locator('[data-next]');
  await next.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 2 })).toBeFocused();
  for (const key of ['n', 'p', 'PageDown', 'PageUp']) {
    const before = await page.getByRole('heading', { level: 2 }).textContent();
    await page.keyboard.press(key);
    await expect(page.getByRole('heading', { level: 2 })).not.toHaveText(before ?? '');
    expect(await focused(page), key).not.toBe('BODY');
  }
  await page.goto(`/jobs/${job}/hub`);
  const parts = page.locator('g[data-part]');
  await parts.first().waitFor();
  const many = await parts.count();
  await page.locator('g[data-part="seal_left"]').focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Delete');
  await expect(parts).toHaveCount(many - 1);
  await expect.poll(() => focused(page)).not.toBe('BODY');
  await page.keyboard.press('z');
  await expect(parts).toHaveCount(many);
  await expect.poll(() => focused(page)).not.toBe('BODY');
});

test('a pedal keeps what is being typed, and goes on', async ({ page }) => {
  const job = await openJob(page, 'By foot');
  await goTo(page, 'Measure before you strip');
  await field(page, 'check.axle_left').focus();
  await page.keyboard.type('11.5');
  await page.keyboard.press('PageDown');
  await kept(page);
  expect((await records(page, job)).find((one) => one.place === 'check.axle_left')?.value?.typed).toBe('11.5');
  await expect(page.getByRole('heading', { level: 2 })).not.toHaveText('Measure before you strip');
});

test('opening a job begins at the machine, and its button is seen whole', async ({ page }) => {
  await page.getByRole('button', { name: 'Open a job' }).click();
  await expect(page.getByRole('combobox', { name: 'Machine' })).toBeFocused();
  await expect(page.getByRole('button', { name: 'Open it' })).toBeInViewport({ ratio: 1 });
});

test('single keys can be switched off on a device, and a caliper still finds its field', async ({ page }) => {
  await page.keyboard.press('?');
  const sheet = page.getByRole('dialog', { name: 'What the keys do' });
  await sheet.getByLabel('Single keys do this on this device').uncheck();
  await page.keyboard.press('Escape');
  for (const key of ['m', 'f', 't']) await page.keyboard.press(key);
  await page.waitForTimeout(1_000);
  await expect(page).toHaveURL(/board$/);
  const job = await openJob(page, 'No shortcuts');
  await goTo(page, 'Measure before you strip');
  await page.getByRole('heading', { level: 2 }).focus();
  await sends(page, '11.25');
  await kept(page);
  const read = (await records(page, job)).filter((one) => one.value?.typed === '11.25');
  expect(read).toHaveLength(1);
});

test('a fifth reading is not glued to the fourth, and what went out again begins at its first field', async ({
  page,
}) => {
  const job = await openJobAt(page, 'seat', 'Four places');
  await goTo(page, 'Start the first bearing square');
  await field(page, 'seat.left.start.12').focus();
  for (const one of ['3.10', '3.41', '3.72', '3.41']) await sends(page, one);
  await expect(field(page, 'seat.left.start.9')).toBeFocused();
  await sends(page, '3.40');
  await kept(page);
  await expect(field(page, 'seat.left.start.9')).toHaveValue('3.40');
  // Cocked beyond any doubt: it comes out, and is read again from its first place on.
  await enter(
    page,
    job,
    ['2.50', '2.90', '3.30', '2.90'].map((typed, i) => ({
      place: `seat.left.start.${['12', '3', '6', '9'][i]}`,
      entry: { typed },
    })),
  );
  const out = page.getByRole('button', { name: 'It is out, start again' });
  await out.click();
  await expect(field(page, 'seat.left.start.12')).toBeFocused();
});

test('the code of a bag opens its job, that of a box fills the number that is wanted, and none acts as keys', async ({
  page,
  baseURL,
}) => {
  const job = await openJob(page, 'Bagged');
  await page.goto('/board');
  await expect(page.getByRole('button', { name: 'Open a job' })).toBeVisible();
  await sends(page, `${baseURL}/jobs/${job}/prove`);
  await expect(page).toHaveURL(new RegExp(`/jobs/${job}/prove$`));
  await station(page, 'Size');
  await goTo(page, 'Left bearing');
  await page.getByRole('heading', { level: 2 }).focus();
  await sends(page, '6204-2RS');
  await kept(page);
  const number = (await records(page, job)).filter((one) => one.value?.text === '6204-2RS');
  expect(number.map((one) => one.place)).toEqual(['size.left.number']);
  // On the board it looks for it; where nothing waits, it is shown and nothing happens.
  await page.goto('/board');
  await expect(page.getByRole('button', { name: 'Open a job' })).toBeVisible();
  await sends(page, 'Bagged 7');
  await expect(page.getByRole('searchbox')).toHaveValue('Bagged 7');
  await page.goto('/ahead');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ahead');
  await sends(page, 'tub-1234-x');
  await expect(page.getByText('tub-1234-x came')).toBeVisible();
  await expect(page).toHaveURL(/ahead$/);
});

for (const [delays, slowed, stations, mark] of [
  [[0, 40], 4, ['Seat'], ''],
  [[0, 15, 40, 80], 1, ['Check in', 'Strip', 'Size', 'Source', 'Seat', 'Set'], ' @long'],
  [[0, 15, 40, 80], 4, ['Check in', 'Size', 'Set'], ' @long'],
] as const)
  test(`every field of ${stations.join(', ')} keeps all that is typed, at ${delays} ms a key, slowed ${slowed} times${mark}`, async ({
    page,
  }) => {
    test.setTimeout(300_000);
    await openJob(page, 'Every field', 'Hums', 'pair-sleeve');
    const processor = await page.context().newCDPSession(page);
    await processor.send('Emulation.setCPUThrottlingRate', { rate: slowed });
    let fields = 0;
    for (const name of stations) {
      await station(page, name);
      const steps = page.getByRole('region', { name: 'Steps' }).getByRole('button');
      for (let i = 0; i < (await steps.count()); i++) {
        await steps.nth(i).click();
        const places = await page
          .locator('input[data-reading]:enabled:visible')
          .evaluateAll((all) => all.map((one) => (one as HTMLElement).dataset.place ?? ''));
        for (const place of places.slice(0, mark === '' ? 1 : 3)) {
          const one = field(page, place);
          await one.focus();
          await page.keyboard.press('ControlOrMeta+a');
          await page.keyboard.type('12.345', { delay: delays[fields % delays.length] });
          await expect(one, place).toHaveValue('12.345');
          // What is typed here is no answer: it is left as it was.
          await page.keyboard.press('Escape');
          fields += 1;
        }
      }
    }
    expect(fields).toBeGreaterThan(4);
  });

test('it is out, then four readings of a caliper with no field in hand: square, and nothing else moved', async ({
  page,
}) => {
  const job = await openJob(page, 'Cocked at first');
  const hours = ['12', '3', '6', '9'];
  const cocked = ['2.50', '2.90', '3.30', '2.90'];
  await enter(
    page,
    job,
    hours.map((hour, i) => ({ place: `seat.left.start.${hour}`, entry: { typed: cocked[i] } })),
  );
  await page.goto(`/jobs/${job}/seat`);
  await goTo(page, 'Start the first bearing square');
  await page.getByRole('button', { name: 'It is out, start again' }).click();
  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  for (const one of ['2.10', '2.12', '2.10', '2.08']) await sends(page, one);
  await kept(page);
  const all = await records(page, job);
  const last = hours.map((hour) => all.findLast((one) => one.place === `seat.left.start.${hour}`)?.value?.typed);
  expect(last).toEqual(['2.10', '2.12', '2.10', '2.08']);
  await expect(page).toHaveURL(/seat$/);
});
