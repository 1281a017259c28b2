import AxeBuilder from '@axe-core/playwright';
import { demoJob, goTo, signIn, station } from './helpers';
import { expect, type Page, test } from './worker';

// The longest of all: two workers take one each, and begin with them.
test.describe.configure({ mode: 'parallel' });

/** What is no criterion of its own, and yet how a page is walked through by its headings. */
const HEADINGS = ['heading-order', 'page-has-heading-one'];

/** What falls short of WCAG 2.2 AA, what keeps somebody from working, and headings out of their order. */
async function serious(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).analyze();
  return violations
    .filter(
      (one) =>
        one.impact === 'serious' ||
        one.impact === 'critical' ||
        HEADINGS.includes(one.id) ||
        one.tags.some((tag) => /^wcag2\d?aa?$/.test(tag)),
    )
    .map((one) => `${one.id}: ${one.nodes.map((node) => node.target.join(' ')).join(', ')}`);
}

const theme = async (page: Page, wanted: 'light' | 'dark'): Promise<void> => {
  const dark = await page.evaluate(() => document.documentElement.classList.contains('dark'));
  if (dark !== (wanted === 'dark')) await page.getByRole('button', { name: /^Theme/ }).click();
  await expect(page.locator('html')).toHaveClass(wanted === 'dark' ? /dark/ : /^(?!.*dark)/);
};

test('in the dark theme what is looked at most has no serious fault', async ({ page }) => {
  await signIn(page);
  await theme(page, 'dark');
  const job = await demoJob(page, 'Parcel moped 7');
  for (const address of ['/board', '/finder?q=6204%202RS', `/jobs/${job}/seat`, `/jobs/${job}/size`]) {
    await page.goto(address);
    await expect(page.getByRole('heading').first()).toBeVisible();
    expect(await serious(page), address).toEqual([]);
  }
  await theme(page, 'light');
});

/** Pages and steps that are looked at each time; the others, and all of them in the dark, before an issue is called done. */
const EACH_TIME = [
  '/board',
  '/finder',
  '/shop',
  'seat',
  'prove',
  'Will the bore hold: left bearing',
  'Axle out',
  'Measure before you strip',
];

for (const [wanted, of, mark] of [
  ['light', 'the main pages', ''],
  ['light', 'all pages', ' @long'],
  ['dark', 'all pages', ' @long'],
] as const) {
  test(`of ${of} none has a serious fault for those who see or move otherwise, ${wanted}${mark}`, async ({ page }) => {
    const looked = (what: string): boolean =>
      mark !== '' || EACH_TIME.includes(what.split('/').at(-1) ?? '') || EACH_TIME.includes(what);
    test.setTimeout(300_000);
    await page.goto('/sign-in');
    await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
    expect(await serious(page), '/sign-in').toEqual([]);
    await signIn(page);
    await theme(page, wanted);
    const job = await demoJob(page, 'Parcel moped 7');
    const stations = ['check_in', 'strip', 'size', 'source', 'seat', 'set', 'prove'].map(
      (one) => `/jobs/${job}/${one}`,
    );
    for (const address of [
      '/board',
      '/bench-day',
      '/ahead',
      ...stations,
      '/machines',
      '/machines/1',
      '/finder',
      '/finder/square',
      '/finder?q=6204%202RS',
      '/finder?q=47.02%20in%2046.98',
      '/parts',
      '/parts/suppliers',
      '/tools',
      '/shop',
      '/people',
      '/join',
      `/jobs/${job}/hub`,
      `/jobs/${job}/tag`,
      `/jobs/${job}/photo/part.axle`,
      '/nowhere',
    ]) {
      if (!looked(address)) continue;
      await page.goto(address);
      await expect(page.getByRole('heading').first()).toBeVisible();
      expect(await serious(page), address).toEqual([]);
    }
    for (const [where, step] of [
      ['Size', 'Will the bore hold: left bearing'],
      ['Seat', 'Choose the driver'],
      ['Strip', 'Axle out'],
      ['Strip', 'How it will come apart'],
      ['Strip', 'Tools, before the first bolt'],
      ['Check in', 'Measure before you strip'],
      ['Source', 'Match: left bearing'],
      ['Source', 'The list to buy'],
      ['Set', 'Tighten axle nut'],
      ['Set', 'Rim in the middle'],
      ['Prove', 'Before and after'],
    ] as const) {
      if (!looked(step)) continue;
      await page.goto(`/jobs/${job}/seat`);
      await station(page, where);
      await goTo(page, step);
      expect(await serious(page), step).toEqual([]);
    }
    const bicycle = await demoJob(page, 'School bicycle 11');
    await page.goto(`/jobs/${bicycle}/set`);
    await goTo(page, 'Set the cone');
    expect(await serious(page), 'the cone').toEqual([]);
    await page.goto('/board');
    await page.getByRole('button', { name: 'Open a job' }).click();
    expect(await serious(page), 'open a job').toEqual([]);
    await page.keyboard.press('Escape');
    await theme(page, 'light');
  });
}
