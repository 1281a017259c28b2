import { signIn } from './helpers';
import { expect, type Locator, type Page, test } from './worker';

const STATIONS = ['check_in', 'strip', 'size', 'source', 'seat', 'set', 'prove'];
/** What of an answer is words of the program beside its messages. */
const LABELS = new Set([
  ...['label', 'hint', 'labels', 'kind_name', 'way', 'turns', 'fit', 'met_on', 'pattern_name', 'left', 'right', 'tool'],
  ...['why', 'what', 'note', 'cost', 'risk', 'meaning', 'title', 'answers', 'cautions'],
]);
/** Of these, what people wrote, or what was written down when it was ordered. */
const WRITTEN: Record<string, string> = { what: 'article job_id', note: 'state', why: 'given' };
/** What was seen of that: it stands as it was written, whatever of it the program says elsewhere. */
const AS_WRITTEN = new Set<string>();
/** Words that the page has of its own, and the program too. */
const BOTH = ['Play at the rim', 'A number, sizes, a ball, a fit'];
/** Too short to be told from words that the page has of its own. */
const LEAST = 12;

/** Has the page say that it is in the invented language, and gathers all that the program says to it. */
async function spoken(page: Page): Promise<Set<string>> {
  const words = new Set<string>();
  const gather = (value: unknown, name = '', of: object = {}): void => {
    if (Array.isArray(value)) for (const one of value) gather(one, name, of);
    else if (typeof value === 'string') {
      // A tool is often called what its kind is called.
      if ('have' in of && typeof of.have === 'string') BOTH.push(of.have);
      if (!LABELS.has(name)) return;
      if ((WRITTEN[name] ?? '').split(' ').some((one) => one in of)) AS_WRITTEN.add(value);
      else words.add(value);
    } else if (value && typeof value === 'object') {
      const { key, text, values } = value as Record<string, unknown>;
      if (typeof key === 'string' && typeof text === 'string' && values) {
        for (const part of text.split(/\{\w+\}/)) words.add(part.trim());
        gather(Object.values(values));
      } else for (const [inner, one] of Object.entries(value)) gather(one, inner, value);
    }
  };
  await page.route('**', async (route) => {
    if (route.request().resourceType() !== 'document') return route.fallback();
    const response = await route.fetch();
    return route.fulfill({
      response,
      body: (await response.text()).replace('<html lang="en"', '<html lang="x-invented"'),
    });
  });
  page.on('response', async (response) => {
    if (response.url().includes('/api/v1/') && response.ok()) gather(await response.json().catch(() => null));
  });
  return words;
}

/** All text on the page that is in no brackets, read aloud or seen. */
const outside = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const found: string[] = [];
    while (walk.nextNode()) {
      const parent = walk.currentNode.parentElement;
      if (!parent || parent.closest('script, style') || parent.getClientRects().length === 0) continue;
      found.push(walk.currentNode.textContent ?? '');
    }
    for (const element of document.querySelectorAll('[aria-label], [title], [alt], [placeholder]'))
      for (const name of ['aria-label', 'title', 'alt', 'placeholder']) found.push(element.getAttribute(name) ?? '');
    return found
      .map((text) => {
        let left = text;
        for (let before = ''; left !== before; ) {
          before = left;
          left = left.replace(/⟦[^⟦⟧]*⟧/g, '·');
        }
        return left.trim();
      })
      .filter((text) => /\p{L}{3}/u.test(text));
  });

/** What does not fit where it stands: the page is wider than its window, words are cut off, one text lies on another. */
const broken = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const faults: string[] = [];
    const root = document.documentElement;
    if (root.scrollWidth > root.clientWidth + 1) faults.push(`the page is ${root.scrollWidth} wide`);
    const scrolls = (element: Element): boolean => {
      for (let at = element.parentElement; at; at = at.parentElement)
        if (/auto|scroll/.test(getComputedStyle(at).overflowX) && at.scrollWidth > at.clientWidth) return true;
      return false;
    };
    const seen = (element: Element): boolean => element.getClientRects().length > 0;
    for (const element of document.querySelectorAll<HTMLElement>(
      'button, a, h1, h2, h3, legend, label, dt, dd, p, li, td, summary',
    )) {
      if (!seen(element) || element.closest('svg')) continue;
      const box = element.getBoundingClientRect();
      if (box.width <= 1) continue;
      const said = (element.textContent ?? '').slice(0, 50);
      if (element.scrollWidth > element.clientWidth + 2 && getComputedStyle(element).display !== 'inline')
        faults.push(`${element.tagName} is cut off: ${said}`);
      if ((box.right > innerWidth + 1 || box.left < -1) && !scrolls(element))
        faults.push(`${element.tagName} stands outside: ${said}`);
    }
    for (const svg of document.querySelectorAll('svg')) {
      const texts = [...svg.querySelectorAll('text')].filter((one) => seen(one) && one.textContent?.trim());
      const frame = svg.getBoundingClientRect();
      const boxes = texts.map((one) => one.getBoundingClientRect());
      texts.forEach((one, i) => {
        const a = boxes[i] as DOMRect;
        if (a.left < frame.left - 2 || a.right > frame.right + 2) faults.push(`drawn outside: ${one.textContent}`);
        texts.slice(i + 1).forEach((other, k) => {
          const b = boxes[i + 1 + k] as DOMRect;
          const [wide, high] = [
            Math.min(a.right, b.right) - Math.max(a.left, b.left),
            Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top),
          ];
          if (wide > 3 && high > 4) faults.push(`drawn over each other: ${one.textContent} | ${other.textContent}`);
        });
      });
    }
    return faults;
  });

async function check(page: Page, words: Set<string>, where: string): Promise<void> {
  const said = await outside(page);
  const ours = [...words].filter(
    (one) => one.length >= LEAST && !BOTH.some((both) => both.toLowerCase() === one.toLowerCase()),
  );
  const plain = said
    .filter((text) => !AS_WRITTEN.has(text))
    .flatMap((text) => ours.filter((one) => text.includes(one)).map((one) => `${one} in: ${text}`));
  expect.soft(plain, `${where}: words without brackets`).toEqual([]);
  expect
    .soft(
      said.filter((text) => text.includes('[object')),
      `${where}: words that were not said`,
    )
    .toEqual([]);
  expect.soft(await broken(page), `${where}: what no longer fits`).toEqual([]);
}

/** One job of each kind of hub, with what was entered in it. */
async function oneOfEach(page: Page): Promise<{ id: number; pattern: string }[]> {
  const jobs = new Map<string, { id: number; pattern: string }>();
  for (let cursor = ''; ; ) {
    const answer = await page.request.get(`/api/v1/jobs${cursor && `?cursor=${cursor}`}`);
    const body = (await answer.json()) as { data: { id: number; pattern: string }[]; next_cursor: string | null };
    for (const one of body.data) if (one.pattern !== 'not-sure' && !jobs.has(one.pattern)) jobs.set(one.pattern, one);
    if (!body.next_cursor) return [...jobs.values()];
    cursor = body.next_cursor;
  }
}

/** To another station, as a finger goes there. */
async function go(page: Page, job: number, station: string): Promise<void> {
  const link = page.locator(`nav[aria-label="Stations"] a[href$="/jobs/${job}/${station}"]`);
  await link.click();
  await expect(link).toHaveAttribute('aria-current', 'page');
  await expect((await steps(page)).first()).toBeVisible();
  await page.keyboard.press('Escape');
}

/** The steps of a station as buttons: beside the work, or in the list that a small screen folds them into. */
async function steps(page: Page): Promise<Locator> {
  if ((page.viewportSize()?.width ?? 0) >= 900) return page.getByRole('region', { name: 'Steps' }).getByRole('button');
  await page.getByRole('button', { name: /^\d+ of \d+ ▾/ }).click();
  return page.getByRole('dialog').getByRole('listitem').getByRole('button');
}

/** One of each family; the others are said in their turn. */
const SOME = ['pair-sleeve', 'cup-cone', 'knuckle-wide', 'taper-pair'];

for (const [hubs, mark] of [
  ['some hubs', ''],
  ['all other hubs', ' @long'],
] as const)
  test(`every station of ${hubs} can be said in another language, and none of its words is left${mark}`, async ({
    page,
  }) => {
    test.setTimeout(600_000);
    const words = await spoken(page);
    await signIn(page);
    const each = await oneOfEach(page);
    expect(each.length).toBe(14);
    for (const job of each.filter((one) => SOME.includes(one.pattern) === (mark === ''))) {
      await page.goto(`/jobs/${job.id}/check_in`);
      await expect(page.getByRole('navigation', { name: 'Stations' })).toContainText('⟦');
      for (const station of STATIONS) {
        await go(page, job.id, station);
        await check(page, words, `${job.pattern}, ${station}`);
      }
    }
    expect(words.size).toBeGreaterThan(800);
  });

test('every step of a wheel fits in another language, on the bench and on a phone @long', async ({ page }) => {
  test.setTimeout(600_000);
  const words = await spoken(page);
  await signIn(page);
  const jobs = (await oneOfEach(page)).filter((one) => ['pair-sleeve', 'cup-cone', 'taper-pair'].includes(one.pattern));
  for (const [width, height] of [
    [1280, 800],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const job of width < 1000 ? jobs.slice(0, 1) : jobs) {
      await page.goto(`/jobs/${job.id}/check_in`);
      for (const station of STATIONS) {
        await go(page, job.id, station);
        const count = await (await steps(page)).count();
        expect(count).toBeGreaterThan(0);
        await page.keyboard.press('Escape');
        for (let i = 0; i < count; i++) {
          await (await steps(page)).nth(i).click();
          await expect(page.getByRole('dialog')).toHaveCount(0);
          await check(page, words, `${width}: ${job.pattern}, ${station}, ${i + 1}`);
        }
      }
    }
  }
});

test('the pages beside the jobs can be said in another language @long', async ({ page }) => {
  test.setTimeout(240_000);
  const words = await spoken(page);
  await signIn(page);
  const [job] = await oneOfEach(page);
  for (const address of [
    '/board',
    '/finder',
    '/finder?q=6204%202RS',
    '/finder?q=47.02%20in%2046.98',
    '/finder?q=1/4',
    '/finder/square',
    '/finder/cone-coach',
    '/finder/snap-ring',
    '/machines',
    '/tools',
    '/parts',
    '/shop',
    '/ahead',
    `/jobs/${job?.id}/hub`,
  ]) {
    await page.goto(address);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    await check(page, words, address);
  }
});
