import { openJobByKeys, signedIn, signIn } from './helpers';
import { HUBS } from './hubs/hubs';
import { type Hub, Mechanic } from './hubs/mechanic';
import { expect, type Page, test } from './worker';

/** Taps of an ordinary job, beside its readings: opening it and signing it included. */
const MOST_TAPS = 40;

/** How many more a usual trouble may take. */
const TROUBLE_TAPS = 12;

/** Opening a job: the button, the kind of hub, and to the bench; machine and complaint are typed. */
const OPENING = 3;

/** The whole job of one hub on the screen; how many taps it took, and that it was told of nothing it has not. */
async function taps(page: Page, hub: Hub, called: string): Promise<number> {
  test.setTimeout(120_000);
  page.setDefaultTimeout(30_000);
  await signedIn(page);
  const job = await openJobByKeys(page, `${called} ${hub.pattern}`, hub.complaint, hub.pattern);
  const mechanic = new Mechanic(page, job, hub);
  await mechanic.work();
  const all = mechanic.taps + OPENING;
  if (process.env.SAY)
    console.log(
      hub.pattern,
      all,
      mechanic.seen.map((one) => `${one.step} ${one.taps}`),
    );
  test.info().annotations.push({ type: 'taps', description: `${all}` });
  for (const { step, text } of mechanic.seen) expect.soft(text, step).not.toMatch(hub.forbidden);
  return all;
}

for (const hub of HUBS) {
  test(`an ordinary ${hub.pattern} takes at most forty taps, and is told of nothing it has not @long`, async ({
    page,
  }) => {
    expect(await taps(page, hub, 'Ordinary')).toBeLessThanOrEqual(MOST_TAPS);
  });

  test(`its usual trouble takes a ${hub.pattern} at most its allowance more @long`, async ({ page }) => {
    const { chosen, typed = {}, allowance = TROUBLE_TAPS } = hub.trouble;
    const troubled = { ...hub, chosen: { ...hub.chosen, ...chosen }, typed: { ...hub.typed, ...typed } };
    expect(await taps(page, troubled, 'Troubled')).toBeLessThanOrEqual(MOST_TAPS + allowance);
  });
}

test('a whole job can be done by what a screen reader names, from the board to the signature', async ({ page }) => {
  test.setTimeout(120_000);
  page.setDefaultTimeout(10_000);
  await signIn(page);
  const hub = HUBS.find((one) => one.pattern === 'single-ring') as Hub;
  await page.getByRole('button', { name: 'Open a job' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('Heard and not seen', { delay: 5 });
  await expect(page.getByRole('option', { name: 'not seen before' })).toBeVisible();
  await page.keyboard.press('Enter');
  await page.getByRole('radio', { name: /One cartridge and a snap ring/ }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'What the customer says' }).focus();
  await page.keyboard.type(hub.complaint, { delay: 5 });
  await page.getByRole('button', { name: 'Open it' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
  const job = Number(page.url().match(/jobs\/(\d+)/)?.[1]);
  await new Mechanic(page, job, hub, 'roles').work();
});
