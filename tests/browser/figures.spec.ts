import { readdirSync, readFileSync } from 'node:fs';
import { arcPath, point, polar } from '../../resources/js/drawing/polar';
import { clock } from '../../resources/js/pages/ahead/DayLine';
import { crossOrder } from '../../resources/js/stations/set/BoltCircle';
import { daysTo, soon } from '../../resources/js/words/day';
import { demo, signIn } from './helpers';
import { expect, type Page, test } from './worker';

const isoDay = (days: number): string => {
  const day = new Date();
  day.setDate(day.getDate() + days);
  return `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}-${String(day.getDate()).padStart(2, '0')}`;
};

test.describe('figures of drawings and days', () => {
  test('a point lies at its angle from 12, clockwise', () => {
    expect(polar(0, 10).y).toBeCloseTo(-10);
    expect(polar(90, 10).x).toBeCloseTo(10);
    expect(polar(180, 10).y).toBeCloseTo(10);
    expect(polar(270, 10).x).toBeCloseTo(-10);
    for (const degrees of [0, 33, 190, 359]) {
      const { x, y } = polar(degrees, 7);
      expect(Math.hypot(x, y)).toBeCloseTo(7);
      expect(polar(degrees + 360, 7).x).toBeCloseTo(x);
    }
    expect(point(90, 5)).toMatch(/^5\.00 -?0\.00$/);
  });

  test('an arc goes the long way round only when it is more than half', () => {
    expect(arcPath(0, 90, 10)).toContain('A10 10 0 0 1');
    expect(arcPath(0, 200, 10)).toContain('A10 10 0 1 1');
    expect(arcPath(-30, 30, 10).startsWith(`M${point(-30, 10)}`)).toBe(true);
    expect(arcPath(-30, 30, 10).endsWith(point(30, 10))).toBe(true);
  });

  test('bolts are tightened crosswise, each once', () => {
    for (let bolts = 3; bolts <= 12; bolts++) {
      const order = crossOrder(bolts);
      expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: bolts }, (_, i) => i));
      // The second is as far across as there is.
      const apart = Math.abs((order[1] ?? 0) - (order[0] ?? 0));
      expect(Math.min(apart, bolts - apart)).toBe(Math.floor(bolts / 2));
    }
    expect(crossOrder(4)).toEqual([0, 2, 1, 3]);
    expect(crossOrder(6)).toEqual([0, 3, 1, 4, 2, 5]);
    expect(crossOrder(5)).toEqual([0, 2, 4, 1, 3]);
  });

  test('a time of the day is written as a clock shows it', () => {
    expect(clock(0)).toBe('00:00');
    expect(clock(485)).toBe('08:05');
    expect(clock(1439)).toBe('23:59');
    expect(clock(1440 + 30)).toBe('00:30');
  });

  test('days are counted from today, and said in words', () => {
    expect(daysTo(isoDay(0))).toBe(0);
    expect(daysTo(isoDay(1))).toBe(1);
    expect(daysTo(isoDay(-3))).toBe(-3);
    expect(daysTo('2027-03-28', new Date(2027, 2, 27, 23, 30))).toBe(1);
    expect(daysTo('2027-03-29', new Date(2027, 2, 27, 0, 30))).toBe(2);
    expect(soon(isoDay(0))).toBe('today');
    expect(soon(isoDay(1))).toBe('tomorrow');
    expect(soon(isoDay(-1))).toBe('yesterday');
    expect(soon(isoDay(-9))).toBe('9 days late');
    expect(soon(isoDay(20))).toBe('in 20 days');
    expect(soon(isoDay(200))).toBe('in 7 months');
  });
});

/** Texts of the drawing that lie on each other by more than a hair. */
const collisions = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const svg = document.querySelector('svg[aria-label="The hub in half-section, to scale"]');
    const texts = [...(svg?.querySelectorAll('text') ?? [])].map((one) => ({
      says: one.textContent,
      box: one.getBoundingClientRect(),
    }));
    return texts.flatMap(({ says, box }, i) =>
      texts
        .slice(i + 1)
        .filter(
          (other) =>
            Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left) > 1 &&
            Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top) > 3,
        )
        .map((other) => `${says} / ${other.says}`),
    );
  });

const sources = (): string[] =>
  readdirSync('resources/js', { recursive: true })
    .map((name) => `resources/js/${name}`)
    .filter((name) => name.endsWith('.tsx'));

/** Relative luminance of a colour as #rrggbb (WCAG 2.2). */
const luminance = (hex: string): number => {
  const [r = 0, g = 0, b = 0] = [1, 3, 5]
    .map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255)
    .map((one) => (one <= 0.04045 ? one / 12.92 : ((one + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
};

test('whatever is written, on a page or in a drawing, stands out from its ground in both themes', () => {
  const theme = readFileSync('resources/js/theme/system.ts', 'utf8');
  const colours = new Map(
    [...theme.matchAll(/(\w+): both\('(#[0-9a-f]{6})', '(#[0-9a-f]{6})'\)/g)].map(([, name, light, dark]) => [
      name as string,
      [light, dark] as [string, string],
    ]),
  );
  const of = (name: string) => colours.get(name) as [string, string];
  const pairs: [string, string][] = [
    ...['ink', 'mute', 'blue', 'brass', 'oxide', 'verdigris'].flatMap((text): [string, string][] => [
      [text, 'paper'],
      [text, 'card'],
    ]),
    ...(['brass', 'oxide', 'verdigris'] as const).map((level): [string, string] => [level, `${level}Wash`]),
    ['ink', 'brassWash'],
    ['ink', 'oxideWash'],
    ['ink', 'verdigrisWash'],
    ['ink', 'wash'],
    ['blue', 'wash'],
    ['onBlue', 'blue'],
    ['codeInk', 'codeGround'],
  ];
  for (const [text, ground] of pairs) {
    for (const mode of [0, 1] as const) {
      const [a, b] = [luminance(of(text)[mode]), luminance(of(ground)[mode])];
      const contrast = (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
      expect(contrast, `${text} on ${ground}, ${mode === 0 ? 'light' : 'dark'}`).toBeGreaterThanOrEqual(4.5);
    }
  }
  // Letters of drawings are written in these and no other.
  const written = new Set<string>();
  for (const file of sources()) {
    for (const [, fill] of readFileSync(file, 'utf8').matchAll(/<text[^>]*?fill=\{ink\('(\w+)'\)\}/gs))
      written.add(fill as string);
  }
  const known = new Set(pairs.map(([text]) => text));
  expect([...written].filter((one) => !known.has(one))).toEqual([]);
  expect(written.size).toBeGreaterThan(2);
});

test('dimensions of a hub lie on nothing, however short it is and however narrow the screen', async ({ page }) => {
  await signIn(page);
  for (const machine of [
    'Parcel moped 7',
    'Cargo trike 2',
    "Warden's side-by-side",
    'Campsite quad 1',
    'Links mower 2',
  ]) {
    await demo(page, machine);
    for (const width of [1280, 900, 480]) {
      await page.setViewportSize({ width, height: 800 });
      await expect.poll(() => collisions(page), { message: `${machine} at ${width}` }).toEqual([]);
    }
  }
});
