import type { Page } from '@playwright/test';
import { enter, goTo, kept, openJob, records, signedIn, station, tap, type } from './helpers';
import { expect, test } from './worker';

/** Holds what the server says of a job until it is let go. */
async function held(page: Page, job: number): Promise<() => Promise<void>> {
  let letGo = () => {};
  const gate = new Promise<void>((open) => {
    letGo = open;
  });
  const address = `**/api/v1/jobs/${job}`;
  await page.route(address, async (route) => {
    await gate;
    await route.continue();
  });
  return async () => {
    const said = page.waitForResponse((one) => one.url().endsWith(`/api/v1/jobs/${job}`));
    letGo();
    await said;
    await page.unroute(address);
  };
}

const heading = (page: Page) => page.getByRole('heading', { level: 2 }).first();

test('a step that was done here leads to the next, and its heading has the focus', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Led bicycle');
  await station(page, 'Size');
  await goTo(page, 'Left bearing');
  await type(page, 'size.left.number', '6204 2RS');
  await expect(heading(page)).toHaveText('Right bearing');
  await expect(heading(page)).toBeFocused();
  await expect(page.getByRole('region', { name: 'Verdict', exact: true })).toContainText('Just before: Left bearing');
  await page.getByRole('button', { name: 'Same as the first: 6204 2RS' }).click();
  await expect(heading(page)).not.toHaveText('Right bearing');
});

test('what another hand entered leads nobody away', async ({ page }) => {
  await signedIn(page);
  const job = await openJob(page, 'Shared bicycle');
  await station(page, 'Size');
  await goTo(page, 'Left bearing');
  await enter(page, job, [{ place: 'size.left.number', entry: { text: '6204 2RS' } }]);
  const letGo = await held(page, job);
  await page.reload();
  await goTo(page, 'Left bearing');
  await letGo();
  await expect(page.locator('input[data-place="size.left.number"]')).toHaveValue('6204 2RS');
  await expect(heading(page)).toHaveText('Left bearing');
});

test('who chose a step stays there when the answer to an earlier tap comes late', async ({ page }) => {
  await signedIn(page);
  const job = await openJob(page, 'Late bicycle');
  await station(page, 'Size');
  await goTo(page, 'Shoulder, spacer tube, faces');
  await goTo(page, 'Left bearing');
  const letGo = await held(page, job);
  await type(page, 'size.left.number', '6204 2RS');
  await kept(page);
  await goTo(page, 'Left bearing');
  await letGo();
  await expect(page.getByRole('region', { name: 'Verdict', exact: true })).toContainText('6204');
  await expect(heading(page)).toHaveText('Left bearing');
});

test('a size given beside what a step wants is read there, and what it wanted leads on', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Read trailer', 'Runs hot', 'taper-pair');
  await station(page, 'Set');
  await goTo(page, 'A new pin, spread');
  const letGo = await held(page, Number(page.url().match(/jobs\/(\d+)/)?.[1]));
  await tap(page, 'set.pins', 'New and spread');
  await type(page, 'set.taper.hole', '4.0');
  await kept(page);
  await letGo();
  await expect(page.getByRole('region', { name: 'Verdict', exact: true })).toContainText('Split pin 4');
  await expect(heading(page)).toHaveText('A new pin, spread');
});

test('what cannot be had once it is apart is measured in one go, however slowly the readings come', async ({
  page,
}) => {
  await signedIn(page);
  const job = await openJob(page, 'Measured moped', 'Hums', 'pair-sleeve');
  await goTo(page, 'Measure before you strip');
  await tap(page, 'check.ring_side', 'Left side');
  const sides = ['axle_left', 'axle_right', 'spacer_left', 'spacer_right', 'seal_left', 'seal_right'];
  await page.locator('input[data-place="check.axle_left"]').focus();
  for (const side of sides) {
    // Between two readings the server has judged the one before.
    await kept(page);
    await page.waitForLoadState('networkidle');
    await expect(page.locator(`input[data-place="check.${side}"]`)).toBeFocused();
    await page.keyboard.type('9.5');
    await page.keyboard.press('Enter');
  }
  await kept(page);
  const places = (await records(page, job)).map((one) => one.place);
  expect(places).toEqual(expect.arrayContaining(sides.map((side) => `check.${side}`)));
});
