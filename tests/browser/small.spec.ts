import { demoJob, openJob, openJobAt, signedIn, signIn } from './helpers';
import { expect, type Page, test } from './worker';

/** The least that a thumb hits, and that is read in a drawing. */
const THUMB_PX = 44;
const LETTER_PX = 11;

/** The step of a station, chosen from the folded list. */
async function step(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: / of \d+ ▾/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: new RegExp(`^\\d+ ?${title}`) })
    .click();
  await expect(page.getByRole('heading', { level: 2, name: title })).toBeVisible();
}

/** Where something lies whole within the window. */
const whole = (page: Page, what: string) => expect(page.locator(what).first()).toBeInViewport({ ratio: 1 });

/** What can be touched and is smaller than a thumb needs. */
const small = (page: Page): Promise<string[]> =>
  page.evaluate((least) => {
    const wanted = 'button, a[href], input:not([hidden]), select, summary, [role="option"]';
    return [...document.querySelectorAll<HTMLElement>(wanted)]
      .filter((one) => one.checkVisibility() && one.tabIndex >= -1 && !one.closest('svg'))
      .map((one) => [one, (one.closest('label') ?? one).getBoundingClientRect()] as const)
      .filter(
        ([one, box]) => box.height > 0 && box.height < least - 0.5 && getComputedStyle(one).position !== 'absolute',
      )
      .map(([one, box]) => `${one.textContent?.slice(0, 40)} ${Math.round(box.height)}`);
  }, THUMB_PX);

/** Letters of drawings, as large as they are shown. */
const fine = (page: Page): Promise<string[]> =>
  page.evaluate((least) => {
    const found: string[] = [];
    for (const text of document.querySelectorAll<SVGTextElement>('svg text')) {
      if (!text.checkVisibility() || !text.textContent?.trim()) continue;
      const scale = text.getScreenCTM()?.a ?? 1;
      const size = Number.parseFloat(getComputedStyle(text).fontSize) * Math.abs(scale);
      if (size < least - 0.1) found.push(`${text.textContent} ${size.toFixed(1)}`);
    }
    return found;
  }, LETTER_PX);

const wide = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const main = document.querySelector('main') as HTMLElement;
    return Math.max(main.scrollWidth - main.clientWidth, document.documentElement.scrollWidth - window.innerWidth);
  });

for (const [width, height, keyboard] of [
  [390, 844, false],
  [390, 504, true],
  [640, 400, true],
  [820, 1180, false],
] as const) {
  test(`at ${width} × ${height} the step, its field and the verdict's headline are in one view`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await signedIn(page);
    const job = await openJob(page, `Small ${width}`);
    for (const [at, title, place] of [
      ['check_in', 'Measure before you strip', 'check.axle_left'],
      ['size', 'Shoulder, spacer tube, faces', 'size.ledge_depth'],
      ['seat', 'Start the first bearing square', 'seat.left.start.12'],
    ] as const) {
      await page.goto(`/jobs/${job}/${at}`);
      await step(page, title);
      // With the keyboard open the field is being typed in.
      if (keyboard) await page.locator(`input[data-place="${place}"]`).focus();
      else await whole(page, 'h2#step');
      await whole(page, keyboard || at === 'seat' ? `input[data-place="${place}"]` : 'section[data-step] [data-place]');
      expect(await wide(page), `${at}: nothing lies beside the page`).toBeLessThanOrEqual(0);
      if (at !== 'seat') continue;
      const strip = page.getByRole('status').filter({ hasText: 'Judged here once enough is entered' });
      await expect(width < 700 ? strip : page.getByRole('region', { name: 'Verdict', exact: true })).toBeInViewport();
    }
  });
}

test('on a phone every station of a job has targets for a thumb and letters that can be read', async ({ page }) => {
  test.setTimeout(120_000);
  await page.setViewportSize({ width: 390, height: 844 });
  await signedIn(page);
  const job = await demoJob(page, 'Campsite trail bike 1');
  for (const at of ['check_in', 'strip', 'size', 'source', 'seat', 'set', 'prove']) {
    await page.goto(`/jobs/${job}/${at}`);
    await expect(page.getByRole('heading', { level: 2 }).first()).toBeVisible();
    await expect(page.locator('nav[aria-label="Stations"] [aria-current="page"]')).toBeInViewport();
    const steps = Number((await page.getByRole('button', { name: / of \d+ ▾/ }).textContent())?.match(/of (\d+)/)?.[1]);
    for (let i = 0; i < steps; i++) {
      await page.getByRole('button', { name: / of \d+ ▾/ }).click();
      await page.getByRole('dialog').locator('ol button').nth(i).click();
      expect(await small(page), `${at}, step ${i + 1}`).toEqual([]);
      expect(await fine(page), `${at}, step ${i + 1}`).toEqual([]);
      expect(await wide(page), `${at}, step ${i + 1}`).toBeLessThanOrEqual(0);
    }
  }
  // The axle line, the tray and the whole verdict are a tap away.
  await page.getByRole('button', { name: 'Hub, tray' }).click();
  const hub = page.getByRole('dialog', { name: 'Hub and tray' });
  await expect(hub.getByRole('img', { name: 'The hub in half-section, to scale' })).toBeVisible();
  await expect(hub.getByRole('region', { name: 'Tray' })).toBeVisible();
  expect(await fine(page)).toEqual([]);
  await page.keyboard.press('Escape');
});

test('on a phone the bar below is whole, and what is not on it lies behind More', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page);
  const bar = page.getByRole('navigation', { name: 'Main' });
  for (const one of await bar.locator('a, button').all()) await expect(one).toBeInViewport({ ratio: 1 });
  for (const [name, title] of [
    ['Tool wall', 'Tool wall'],
    ['Ahead', 'Ahead'],
  ] as const) {
    await bar.getByRole('button', { name: 'More' }).click();
    await page.getByRole('dialog', { name: 'More' }).getByRole('link', { name }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(title);
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  const job = await demoJob(page, 'Campsite trail bike 1');
  await page.goto(`/jobs/${job}/tag`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  expect(await wide(page)).toBeLessThanOrEqual(0);
});

test('at 820 × 1180 the verdict stands beside the work, and the drawing above it', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await signedIn(page);
  await openJobAt(page, 'seat', 'Upright tablet');
  await step(page, 'Start the first bearing square');
  await expect(page.getByRole('img', { name: 'The hub in half-section, to scale' })).toBeInViewport();
  const [work, verdict] = await Promise.all([
    page.locator('section[data-step]').boundingBox(),
    page.getByRole('region', { name: 'Verdict', exact: true }).boundingBox(),
  ]);
  expect(verdict?.x).toBeGreaterThanOrEqual((work?.x ?? 0) + (work?.width ?? 0) - 1);
  expect(Math.abs((verdict?.y ?? 0) - (work?.y ?? 0))).toBeLessThan(2);
});
