import { goTo, openJobAt, signedIn, station } from './helpers';
import { expect, test } from './worker';

const verdict = (page: import('@playwright/test').Page) => page.getByRole('region', { name: 'Verdict', exact: true });
const type = async (page: import('@playwright/test').Page, place: string, text: string) => {
  const field = page.locator(`input[data-place="${place}"]`);
  await field.fill(text);
  await field.press('Enter');
};

test.beforeEach(async ({ page }) => signedIn(page));

test('a knuckle is sized part by part, and a number found by caliper is taken with one tap', async ({ page }) => {
  await openJobAt(page, 'size', `Knuckle trial ${Date.now()}`, 'Hums', 'knuckle-wide');
  await expect(page.getByRole('heading', { name: 'Wheel bearing', level: 2 })).toBeVisible();
  await type(page, 'size.part.bearing.bore', '30.01');
  await type(page, 'size.part.bearing.outside', '61.98');
  await type(page, 'size.part.bearing.width', '23.75');
  await expect(verdict(page)).toContainText('3206');
  await page.getByRole('button', { name: '3206', exact: true }).click();
  await expect(page.locator('input[data-place="size.part.bearing"]')).toHaveValue('3206');
  await expect(page.getByRole('heading', { name: 'Looks like it, but must not go in' })).toBeVisible();
  await expect(verdict(page)).toContainText('double-row');

  await goTo(page, 'Outer seal');
  await type(page, 'size.part.seal_left', '40 58 8');
  await expect(verdict(page)).toContainText('Seal 40 × 58 × 8 mm');

  // Its inner ring slides on the stub and is clamped, unless the mechanic says that this one is pressed.
  await goTo(page, 'Does it slide on: wheel bearing');
  await page.getByRole('button', { name: 'Wants firm driving' }).click();
  await expect(verdict(page)).toContainText('It wants driving where it should slide');
  await page.getByRole('button', { name: 'Pressed: turns under load at speed' }).click();
  await expect(verdict(page)).toContainText('The shaft will hold it');
  await expect(page.getByRole('heading', { name: 'Will the shaft hold: wheel bearing' })).toBeVisible();
});

test('a cone that came with a strange cup is stopped', async ({ page }) => {
  await openJobAt(page, 'size', `Taper trial ${Date.now()}`, 'Knocks', 'taper-pair');
  const cone = page.locator('input[data-place^="size.part.taper_cone"]').first();
  await cone.fill('LM11949');
  await cone.press('Enter');
  await expect(verdict(page)).toContainText('Cone and cup are bought together');
  await page.getByRole('region', { name: 'Steps' }).getByRole('button', { name: /cup/i }).first().click();
  const cup = page.locator('input[data-place^="size.part.taper_cup"]').first();
  await cup.fill('L44610');
  await cup.press('Enter');
  await expect(verdict(page)).toContainText('They do not belong together');
  await cup.fill('LM11910');
  await cup.press('Enter');
  await expect(verdict(page)).toContainText('They belong together');
});

test('a bore is read at three depths; the wall and the fit are drawn, and what can be done is listed', async ({
  page,
}) => {
  await openJobAt(page, 'size', `Bore trial ${Date.now()}`);
  await type(page, 'size.left.number', '6204 2RS');
  await goTo(page, 'Will the bore hold: left bearing');
  await page.locator('input[data-place="bore.left.lip.12"]').focus();
  for (const typed of ['47.05', '47.06', '47.05', '47.05', '47.05', '47.06']) {
    await page.keyboard.type(typed);
    await page.keyboard.press('Enter');
  }
  await page.getByRole('button', { name: 'Drops in by itself' }).click();
  await expect(verdict(page)).toContainText('The bore will not hold it');
  await expect(page.getByRole('img', { name: /The wall unrolled/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /gap of/ })).toBeVisible();
  await expect(page.getByText('Retaining compound', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Compound, owner told' }).click();
  await expect(verdict(page)).toContainText('Held by compound only');
});

test('in inches the Finder takes bare numbers as inches and shows them so', async ({ page }) => {
  await page.goto('/finder');
  await page.getByRole('button', { name: /^Units: mm/ }).click();
  await page.getByLabel('Ask: a number').fill('.625 x 1.375 x .4375');
  await expect(verdict(page).getByRole('heading').first()).toHaveText('1623');
  await expect(verdict(page)).toContainText('0.625 in');
  await page.getByRole('button', { name: /^Units: in/ }).click();
  await expect(verdict(page)).toContainText('No size in the table fits');
});

test('the Finder says when nobody answers, keeps what was typed, and goes on when they do', async ({
  page,
  context,
}) => {
  await page.goto('/finder');
  const box = page.getByLabel('Ask: a number');
  await box.fill('6204');
  await expect(verdict(page).getByRole('heading').first()).toHaveText('6204');
  await context.setOffline(true);
  await box.fill('6205 2RS');
  await expect(box).toHaveValue('6205 2RS');
  await context.setOffline(false);
  await box.fill('6205 2RS C3');
  await expect(verdict(page).getByRole('heading').first()).toHaveText('6205 2RS C3');
});

test('grease that does not mix is stopped', async ({ page }) => {
  await openJobAt(page, 'size', `Grease trial ${Date.now()}`, 'Dry', 'spindle');
  await station(page, 'Size');
  await goTo(page, 'Grease');
  const field = (name: string) => page.locator(`fieldset[data-place="${name}"]`);
  await field('size.grease_old').getByRole('button', { name: 'Polyurea' }).click();
  await field('size.grease_new').getByRole('button', { name: 'Lithium', exact: true }).click();
  await expect(verdict(page)).toContainText('These greases do not mix');
});
