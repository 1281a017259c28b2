import { field, goTo, openJob, signedIn, signIn } from './helpers';
import { expect, type Page, test } from './worker';

test.beforeEach(async ({ page }) => signIn(page));

const LINE = 'Ask: a number, sizes, a ball, a fit';

const verdict = (page: import('@playwright/test').Page) => page.getByRole('region', { name: 'Verdict', exact: true });

test('one line is asked from anywhere by keyboard, and understood', async ({ page }) => {
  await page.keyboard.press('/');
  const box = page.getByLabel('Ask: a number, sizes, a ball, a fit');
  await expect(box).toBeFocused();
  for (const [typed, said] of [
    ['6204 2RS C3', '6204 2RS C3'],
    ['62?5', '6205, if it is read right'],
    ['15x28x7', '6902'],
    ['5/8 x 1 3/8 x 7/16', '1623'],
    ['35 62 7', 'Seal 35 × 62 × 7 mm'],
    ['1/4', '1/4 in'],
    ['LM11949 L44610', 'They do not belong together'],
    ['47.02 in 46.98', 'How does it start'],
  ]) {
    await box.fill(typed ?? '');
    await expect(verdict(page).getByRole('heading').first()).toHaveText(said ?? '');
  }
  await box.fill('nonsense');
  await expect(page.getByRole('alert')).toContainText('Not understood');
  await expect(box).toHaveValue('nonsense');
});

for (const [pairs, mark] of [
  [
    [
      [0, 1],
      [60, 1],
      [20, 4],
    ],
    '',
  ],
  [[5, 10, 15, 25, 30, 40].flatMap((delay) => [1, 4].map((slowed) => [delay, slowed] as const)), ' @long'],
] as const)
  test(`what is typed straight after the slash is whole, ${pairs.length} ways${mark}`, async ({ page, context }) => {
    test.slow();
    for (const [delay, slowed] of pairs) {
      const fresh = await context.newPage();
      const processor = await context.newCDPSession(fresh);
      await processor.send('Emulation.setCPUThrottlingRate', { rate: slowed });
      await fresh.goto('/board');
      await fresh.getByRole('navigation', { name: 'Main' }).waitFor();
      await fresh.keyboard.press('/');
      await fresh.keyboard.type('47.02 in 46.98', { delay });
      await expect(fresh.getByLabel(LINE), `${delay} ms a key, slowed ${slowed} times`).toHaveValue('47.02 in 46.98');
      await fresh.close();
    }
    await page.close();
  });

/** How long the Finder waits before it asks. */
const REST_MS = 130;

/** How long it was from key to key, as the page took them, in ms. */
async function watchPauses(page: Page): Promise<() => Promise<number[]>> {
  await page.evaluate(() => {
    const times: number[] = [];
    document.addEventListener('input', () => times.push(performance.now()), true);
    Object.assign(window, { keyTimes: times });
  });
  return async () => {
    const times = await page.evaluate(() => (window as unknown as { keyTimes: number[] }).keyTimes);
    return times.slice(1).map((one, i) => one - (times[i] as number));
  };
}

for (const [delay, slowed, mark] of [
  [0, 1, ''],
  [15, 1, ' @long'],
  [40, 1, ' @long'],
  [80, 1, ''],
  [40, 4, ''],
] as const) {
  test(`nothing typed is dropped at ${delay} ms a key${slowed > 1 ? ' on a slow processor' : ''}${mark}`, async ({
    page,
  }) => {
    await page.goto('/finder');
    const box = page.getByLabel(LINE);
    await expect(box).toBeFocused();
    const pauses = await watchPauses(page);
    const client = await page.context().newCDPSession(page);
    await client.send('Emulation.setCPUThrottlingRate', { rate: slowed });
    let asked = 0;
    page.on('request', (one) => {
      if (one.url().endsWith('/ask')) asked += 1;
    });
    const line = '47.02 in 46.98';
    await page.keyboard.type(line, { delay });
    await expect(box).toHaveValue('47.02 in 46.98');
    await expect(verdict(page).getByRole('heading').first()).toHaveText('How does it start');
    await expect(page).toHaveURL(/q=47\.02\+in\+46\.98$/);
    await expect(box).toHaveValue('47.02 in 46.98');
    // Once for each rest between two keys that was as long as the Finder waits for, and once at the end.
    const rests = (await pauses()).filter((one) => one >= REST_MS).length;
    expect(asked, `asked once per rest, of which there were ${rests} between keys`).toBeLessThanOrEqual(1 + rests);

    // The fields of a calculator, also when they refine what the box understood.
    await page.getByText('Say more: fit of a ring in its bore').click();
    const bore = page.getByLabel('Bore of the housing, measured');
    await bore.fill('');
    await page.keyboard.type('46.955', { delay });
    await expect(bore).toHaveValue('46.955');
    await expect(page).toHaveURL(/46\.955/);
    await expect(bore).toBeFocused();
    await expect(bore).toHaveValue('46.955');
    await page.goBack();
    await expect(page).toHaveURL(/board/);
  });
}

test('keys that come while the Finder opens are not lost, and lead nowhere else', async ({ page }) => {
  await openJob(page, 'Early keys');
  await page.keyboard.type('/62?5', { delay: 5 });
  await expect(page.getByLabel(LINE)).toHaveValue('62?5');
  await expect(verdict(page).getByRole('heading').first()).toContainText('6205');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('what is typed can be taken another way with the arrows, and the address can be passed on', async ({ page }) => {
  await page.goto('/finder');
  await page.getByLabel('Ask: a number').fill('35 62 7');
  await expect(page.getByRole('button', { name: 'An oil seal' })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('button', { name: 'A bearing of these sizes' })).toHaveAttribute('aria-pressed', 'true');
  await expect(verdict(page)).toContainText('No size in the table fits');
  const address = page.url();
  await page.goto('/board');
  await page.goto(address);
  await expect(verdict(page)).toContainText('No size in the table fits');
});

test('the caliper ranks what it may be while it is typed, within a tenth of a second on the screen', async ({
  page,
}) => {
  await page.goto('/finder');
  const box = page.getByLabel('Ask: a number');
  await box.fill('20 x 47');
  const list = page.getByRole('region', { name: 'Find a bearing by caliper' }).getByRole('listitem');
  await expect(list.first()).toContainText('6204');
  expect(await list.count()).toBeGreaterThan(3);
  await expect(verdict(page)).toContainText('Measure the width');
  const spent = await page.evaluate(async () => {
    const times: number[] = [];
    const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? '');
    for (let i = 0; i < 8; i++) {
      const from = performance.now();
      const answer = await fetch('/api/v1/calculators/bearing-from-caliper', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
        body: JSON.stringify({ bore_mm: 20 + i / 100, outside_mm: 46.98 }),
      });
      await answer.json();
      times.push(performance.now() - from);
    }
    return times.sort((a, b) => a - b)[4];
  });
  expect(spent).toBeLessThan(100);
  await box.fill('20 x 47 x 14');
  await expect(verdict(page).getByRole('heading').first()).toHaveText('6204');
});

test('a fit is drawn, and everything that follows from it moves with it', async ({ page }) => {
  await page.goto('/finder/press-fit');
  await page.getByRole('button', { name: 'Fill in an example' }).click();
  await expect(page.getByRole('img', { name: /overlap of/ })).toBeVisible();
  const heat = page.getByRole('region', { name: /^Verdict: Warm the hub to/ });
  const before = await heat.getByRole('heading').textContent();
  await page.getByLabel('Bore, or shaft, measured').fill('46.96');
  await expect(heat.getByRole('heading')).not.toHaveText(before ?? '');
  await expect(page).toHaveURL(/46\.96/);
});

test('what was found is sent to a job', async ({ page }) => {
  const job = await openJob(page, 'Finder trial');
  await page.goto('/finder?q=6204%202RS%20C3');
  await page.getByRole('button', { name: 'Send to a job' }).click();
  const sheet = page.getByRole('dialog', { name: /Send to a job/ });
  await sheet.getByRole('searchbox').fill('finder trial');
  await sheet.getByRole('button', { name: /Finder trial/ }).click();
  await sheet.getByRole('button', { name: 'Left bearing' }).click();
  await expect(sheet.getByRole('status')).toContainText('is kept in job');
  await page.goto(`/jobs/${job}/size`);
  await goTo(page, 'Left bearing');
  await expect(field(page, 'size.left.number')).toHaveValue('6204 2RS C3');
  await expect(page.getByRole('region', { name: 'Verdict', exact: true })).toContainText('Right for this hub');
});

test('a calculator with a geometry shows where each size is taken, and lights the one at hand', async ({ page }) => {
  await signIn(page);
  await page.goto('/finder/second-bearing');
  const picture = page.getByRole('img', { name: 'Where each size is taken' });
  await expect(picture.locator('circle')).not.toHaveCount(0);
  const numbers = await picture.locator('text').allInnerTexts();
  for (const number of numbers) await expect(page.locator('label span', { hasText: number }).first()).toBeVisible();
  const lit = () => picture.locator('g[stroke-width="2.4"]').count();
  expect(await lit()).toBe(0);
  await page.getByLabel('Hub over its two faces').focus();
  await expect.poll(lit).toBe(1);
  await page.getByLabel('Draw bolt').focus();
  await expect.poll(lit).toBe(0);
  await page.goto('/finder/bearing-number');
  await expect(page.getByRole('heading', { name: 'Read a bearing number' })).toBeVisible();
  await expect(picture).toHaveCount(0);
});

test('a wheel that runs out is tapped by a key, at every pass, and held against before', async ({ page }) => {
  await signedIn(page);
  await page.goto('/finder/spin-down');
  await page.clock.install();
  const pad = page.getByRole('button', { name: 'Tap each time the valve passes' });
  await pad.focus();
  /** A wheel that loses the same each second, tapped without a miss. */
  const run = async (speed: number, slowing: number, passes: number) => {
    let at = 0;
    for (let turn = 0; turn < passes; turn++) {
      const next = (speed - Math.sqrt(speed * speed - 2 * slowing * turn)) / slowing;
      await page.clock.runFor(Math.round(1000 * next) - at);
      at = Math.round(1000 * next);
      await pad.dispatchEvent('keydown', { key: ' ' });
    }
  };
  await run(2.5, 0.4, 7);
  await expect(page.getByRole('status').filter({ hasText: '7 passes' })).toBeVisible();
  await page.getByRole('button', { name: 'That was before' }).click();
  await expect(page.getByLabel('The same, before')).toHaveValue(/^0\.000 /);
  await expect(page.getByLabel('Times of the passes, in seconds')).toHaveValue('');
  await expect(page.getByLabel('The same, before')).toHaveValue(/( \d\.\d{3}){6}$/);
});

test('where a bearing speaks is told for each part, in turns and in hertz', async ({ page }) => {
  await signedIn(page);
  await page.goto('/finder/defect-orders');
  await page.getByLabel('Number of the bearing').pressSequentially('6204');
  await page.getByLabel('Turns a minute').pressSequentially('120');
  const answer = page.getByRole('region', { name: 'Where a bearing speaks' });
  // 8 balls of 7.938 on 33.5: 8/2 · (1 ∓ 0.2370), two turns a second.
  await expect(answer.getByText('3.05 × a turn')).toBeVisible();
  await expect(answer.getByText('4.95 × a turn')).toBeVisible();
  await expect(answer.getByText('6.1 Hz')).toBeVisible();
  await expect(answer.getByText('9.9 Hz')).toBeVisible();
});
