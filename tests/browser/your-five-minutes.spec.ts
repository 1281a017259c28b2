import { readFileSync } from 'node:fs';
import { goTo, kept, signIn, verdict } from './helpers';
import { expect, type Page, test } from './worker';

/** The steps of README's walk, by their numbers, as they stand there. */
function steps(): Map<number, string> {
  const readme = readFileSync('README.md', 'utf8');
  const section = readme.slice(readme.indexOf('## Five minutes through one job'));
  const lines = section.slice(0, section.indexOf('\n## ', 3)).split('\n');
  const found = new Map<number, string>();
  let at = 0;
  for (const line of lines) {
    const number = /^(\d+)\. /.exec(line)?.[1];
    if (number) at = Number(number);
    if (at > 0 && /^(\d+\. |\s{3})/.test(line)) found.set(at, `${found.get(at) ?? ''} ${line.trim()}`.trim());
  }
  return found;
}

/** Opens a job from the board, found by its name. */
async function opened(page: Page, machine: string): Promise<void> {
  await page.goto('/board');
  await page.getByRole('searchbox').fill(machine);
  await page.getByRole('link', { name: machine }).first().click();
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
}

/** What each step of the walk tells to do, done; the words it is done by stand in README. */
const walk: Record<number, { words: string[]; act: (page: Page) => Promise<void> }> = {
  1: {
    words: ['Open *Parcel moped 7*', 'stopped at *Seat*', '0.80 mm proud at 12', '*How this was worked out*'],
    act: async (page) => {
      await page.getByRole('searchbox').fill('Parcel moped 7');
      const line = page.getByRole('link', { name: /Parcel moped 7/ }).first();
      await expect(line).toContainText('Stopped at Seat');
      await line.click();
      await expect(page).toHaveURL(/seat$/);
      await expect(verdict(page)).toHaveText('Drive it back out');
      const judged = page.getByRole('region', { name: 'Verdict', exact: true });
      await expect(judged).toContainText('0.80');
      await expect(page.getByRole('img', { name: "Proud at 12 o'clock" })).toBeVisible();
      await expect(page.getByText(/six times|6 ×|× 6/i).first()).toBeVisible();
      await judged.getByText('How this was worked out').first().click();
      await expect(judged.locator('details[open] ol').first()).toBeVisible();
    },
  },
  2: {
    words: [
      '**It is out, start again**',
      'type 2.10, Enter, 2.12, Enter, 2.10, Enter, 2.08, Enter',
      '**Watch the press**',
    ],
    act: async (page) => {
      await page.getByRole('button', { name: 'It is out, start again' }).click();
      for (const depth of ['2.10', '2.12', '2.10', '2.08']) {
        await page.keyboard.type(depth, { delay: 20 });
        await page.keyboard.press('Enter');
      }
      await expect(page.getByRole('region', { name: 'Verdict', exact: true })).toContainText('go on');
      await goTo(page, 'Down to its shoulder');
      const gauge = page.getByRole('region', { name: 'Press gauge' });
      await expect(gauge).toContainText('Simulated press');
      for (const [play, said] of [
        ['cocked', 'Cocked: stop'],
        ['good', 'Home: stop'],
      ] as const) {
        await gauge.getByLabel('What the simulated press plays').selectOption(play);
        await gauge.getByLabel('How fast').selectOption('8');
        await gauge.getByRole('button', { name: 'Watch the press' }).click();
        await expect(gauge.getByRole('status')).toContainText(said, { timeout: 20_000 });
        await expect(gauge.getByRole('button', { name: 'Watch the press' })).toBeVisible({ timeout: 20_000 });
      }
    },
  },
  3: {
    words: ["Open *Warden's trail bike*", '*Compound, owner told*', 'the stop become a care'],
    act: async (page) => {
      await opened(page, "Warden's trail bike");
      const verdicts = page.getByRole('region', { name: 'Verdict', exact: true });
      await expect(verdicts.getByRole('img', { name: 'Stop' }).first()).toBeVisible();
      await page.getByRole('button', { name: 'Compound, owner told' }).click();
      await expect(verdict(page)).toContainText('Held by compound only');
      await expect(verdicts.getByRole('img', { name: 'Care' }).first()).toBeVisible();
    },
  },
  4: {
    words: ['Open *Campsite trail bike 1* at *Seat*', '0.40 mm to go', 'Switch off', 'all is kept'],
    act: async (page) => {
      await opened(page, 'Campsite trail bike 1');
      await expect(verdict(page)).toHaveText('0.40 mm to go');
      await page.context().setOffline(true);
      await page.locator('input[data-reading]').first().focus();
      await page.keyboard.type('8.86');
      await page.keyboard.press('Enter');
      await expect(page.getByTestId('keeping')).toContainText('1 waiting to be kept');
      await page.context().setOffline(false);
      await kept(page);
    },
  },
  5: {
    words: [
      'Open *Boat trailer* and **Parts and sizes**',
      'Pick the castle nut, move it with `]`,',
      'undo with `z`',
      'In *Parcel moped 3* at *Strip* choose *Expanding puller*',
    ],
    act: async (page) => {
      await opened(page, 'Boat trailer');
      await page.getByRole('link', { name: 'Parts and sizes' }).click();
      const order = () =>
        page.locator('g[data-part]').evaluateAll((all) => all.map((one) => (one as SVGElement).dataset.part));
      await page.locator('g[data-part="castle_nut_left"]').click();
      const before = await order();
      await page.keyboard.press(']');
      await expect.poll(order).not.toEqual(before);
      await page.keyboard.press('z');
      await expect.poll(order).toEqual(before);
      await opened(page, 'Parcel moped 3');
      await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Strip/ }).click();
      await page
        .getByRole('region', { name: 'Steps' })
        .getByRole('button', { name: /How it will come apart/ })
        .click();
      await page.locator('[data-place="strip.way"]').getByRole('button', { name: 'Expanding puller' }).click();
      await expect(page.getByRole('region', { name: 'Verdict', exact: true })).toContainText(/It (drops|adds)/);
    },
  },
  6: {
    words: ['Press **/** and type `62?5`, `15x28x7`, `35 62 7`, `47.02 in 46.98`'],
    act: async (page) => {
      await page.goto('/board');
      await expect(page.getByRole('button', { name: 'Open a job' })).toBeVisible();
      await page.keyboard.press('/');
      const box = page.getByLabel('Ask: a number, sizes, a ball, a fit');
      await expect(box).toBeFocused();
      for (const [typed, said] of [
        ['62?5', '6205'],
        ['15x28x7', '6902'],
        ['35 62 7', 'Seal 35 × 62 × 7 mm'],
        ['47.02 in 46.98', 'How does it start'],
      ] as const) {
        await page.keyboard.press('ControlOrMeta+a');
        await page.keyboard.type(typed, { delay: 15 });
        await expect(verdict(page)).toContainText(said);
      }
    },
  },
  7: {
    words: [
      'Open *School bicycle 11* at *Set*, *Set the cone*: quick-release, mark 0, 1.2 at the rim, *Plain play*; mark 0 again, locked, 0.9.',
      '*Plan the day*',
      '**a** shows what falls due',
    ],
    act: async (page) => {
      await opened(page, 'School bicycle 11');
      await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Set/ }).click();
      await goTo(page, 'Set the cone');
      await page.getByRole('button', { name: 'Hollow, quick-release' }).click();
      for (const [locked, play] of [
        [false, '1.2'],
        [true, '0.9'],
      ] as const) {
        if (locked) await page.getByRole('button', { name: 'Locked', exact: true }).click();
        await page.locator('#cone-mark').fill('0');
        await page.locator('#cone-rim').fill(play);
        await page.getByRole('button', { name: 'Plain play' }).click();
      }
      await expect(page.getByRole('img', { name: /^Set the mark at/ })).toBeVisible();
      await page.goto('/board');
      await page.getByRole('link', { name: 'Plan the day' }).click();
      await expect(page.getByRole('img', { name: /^The day: / })).toBeVisible();
      await page.keyboard.press('a');
      await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ahead');
    },
  },
  8: {
    words: [
      "*Warden's trail bike* at *Check in*, *Rock it, spin it, listen*",
      'the left inner ring is heard, turn by turn',
    ],
    act: async (page) => {
      await opened(page, "Warden's trail bike");
      await page
        .getByRole('navigation', { name: 'Stations' })
        .getByRole('link', { name: /Check in/ })
        .click();
      await goTo(page, 'Rock it, spin it, listen');
      const heard = page.locator('[data-place="check.sound_left"]');
      await expect(heard.getByText('Inner ring likely')).toBeVisible({ timeout: 30_000 });
      await heard.getByText('Turn by turn').click();
      await expect(heard.getByRole('img', { name: 'Each turn a row' })).toBeVisible();
    },
  },
  9: {
    words: [
      'In *Campsite trail bike 1* at *Source*, order the list the cheapest or the soonest way; book it in under *Parts*.',
    ],
    act: async (page) => {
      await opened(page, 'Campsite trail bike 1');
      await page
        .getByRole('navigation', { name: 'Stations' })
        .getByRole('link', { name: /Source/ })
        .click();
      await page.getByRole('button', { name: 'Order this way' }).first().click();
      await expect(page.getByText(/\d ordered/).first()).toBeVisible();
      await page.getByRole('link', { name: 'Parts', exact: true }).click();
      const order = page.getByRole('region', { name: /^Order/ }).first();
      await order.getByRole('button', { name: 'All of it came' }).click();
      await expect(order).toContainText('All here');
    },
  },
  10: {
    words: ['Press **?** for the keys, **t** for the dark theme, **u** for inches.'],
    act: async (page) => {
      await page.goto('/board');
      await expect(page.getByRole('button', { name: 'Open a job' })).toBeVisible();
      await page.keyboard.press('?');
      await expect(page.getByRole('dialog', { name: 'What the keys do' })).toBeVisible();
      await page.keyboard.press('Escape');
      await page.keyboard.press('t');
      await expect(page.locator('html')).toHaveClass(/dark/);
      await page.keyboard.press('u');
      await expect(page.getByRole('button', { name: 'Units: in. Change.' })).toBeVisible();
      await page.keyboard.press('t');
      await page.keyboard.press('u');
      await expect(page.getByRole('button', { name: 'Units: mm. Change.' })).toBeVisible();
    },
  },
};

// It changes what the demo holds: a server of its own shows that as it is brought up.
if (process.env.README_URL) test.use({ baseURL: process.env.README_URL });

test('the five minutes of README hold, step by step', async ({ page }) => {
  test.setTimeout(180_000);
  page.setDefaultTimeout(10_000);
  await signIn(page);
  const told = steps();
  expect([...told.keys()]).toEqual(Object.keys(walk).map(Number));
  for (const [number, { words, act }] of Object.entries(walk)) {
    for (const one of words) expect(told.get(Number(number))).toContain(one);
    await test.step(`step ${number}`, () => act(page));
  }
});
