import { field, goTo, kept, openJob, pickKind, signedIn, station, tap, type } from './helpers';
import { expect, test } from './worker';

test('a kind of hub entered wrongly is put right by its picture, and what was measured stays', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Wrongly opened trike', 'Rumbles', 'pair-tube-axle');
  await station(page, 'Size');
  await goTo(page, 'Shoulder, spacer tube, faces');
  await type(page, 'size.over_faces', '104');
  await kept(page);
  await page.getByRole('button', { name: 'Correct or close' }).click();
  const sheet = page.getByRole('dialog', { name: /^Job \d+$/ });
  await sheet.getByLabel('Which wheel').fill('Rear left');
  await sheet.getByRole('button', { name: 'Another', exact: true }).click();
  await pickKind(page, 'pair-sleeve');
  await sheet.getByRole('button', { name: 'Put it right' }).click();
  await expect(sheet).toHaveCount(0);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Wrongly opened trike, rear left');
  await expect(page.locator('g[data-part="seal_left"]')).toBeVisible();
  await goTo(page, 'Shoulder, spacer tube, faces');
  await expect(field(page, 'size.over_faces')).toHaveValue('104');
});

test('a job opened by mistake is closed with a reason, leaves the board, and is taken up again', async ({ page }) => {
  await signedIn(page);
  const job = await openJob(page, 'Opened twice barrow');
  await page.getByRole('button', { name: 'Correct or close' }).click();
  const sheet = page.getByRole('dialog', { name: /^Job \d+$/ });
  await expect(sheet.getByRole('button', { name: 'Close it', exact: true })).toBeDisabled();
  await sheet.getByLabel('Why').fill('Opened twice');
  await sheet.getByRole('button', { name: 'Close it', exact: true }).click();
  const note = page.getByRole('note').filter({ hasText: 'Closed without a signature' });
  await expect(note).toContainText('Opened twice. Ines,');
  await expect(page.locator('button[data-ordinary], fieldset button:enabled')).toHaveCount(0);
  await page.goto('/board');
  await page.getByRole('searchbox').fill('Opened twice barrow');
  await expect(page.locator(`main a[href^="/jobs/${job}/"]`)).toHaveCount(0);
  await page.goto(`/jobs/${job}/check_in`);
  await page.getByRole('button', { name: 'Take it up again' }).click();
  await expect(note).toHaveCount(0);
  await page.goto('/board');
  await page.getByRole('searchbox').fill('Opened twice barrow');
  await expect(page.locator(`main a[href^="/jobs/${job}/"]`)).not.toHaveCount(0);
});

test('a kind is chosen by keyboard: arrows look through them, Enter takes one', async ({ page }) => {
  await signedIn(page);
  await page.goto('/board');
  await page.getByRole('button', { name: 'Open a job' }).click();
  const kinds = page.getByRole('group', { name: 'How its hub is built' });
  await expect(kinds.getByRole('radio')).toHaveCount(15);
  await kinds.getByRole('radio').first().focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(kinds.getByRole('radio').nth(2)).toBeChecked();
  await page.keyboard.press('Enter');
  await expect(kinds.getByRole('radio')).toHaveCount(0);
  await expect(kinds.getByRole('button', { name: 'Another', exact: true })).toBeVisible();
});

test('a hub nobody has seen into is checked in, and says itself how it is built once it is open', async ({ page }) => {
  await signedIn(page);
  const job = await openJob(page, 'Unknown barrow', 'Wobbles', 'not-sure');
  await expect(page.getByText('Only an outline: how it is built is not said yet')).toBeVisible();
  await goTo(page, 'Rock it, spin it, listen');
  await tap(page, 'check.spin', 'Rumbles all round');
  await station(page, 'Size');
  await expect(page.getByRole('heading', { level: 2, name: 'How is it built' })).toBeVisible();
  await pickKind(page, 'flanged-wheel');
  await page.getByRole('button', { name: 'It is built so' }).click();
  await expect(page.getByRole('region', { name: 'Steps' })).toContainText('Outer bearing');
  await expect(page.locator('g[data-part="flanged_bearing_left"]')).toBeVisible();
  await page.goto(`/jobs/${job}/check_in`);
  await goTo(page, 'Rock it, spin it, listen');
  await expect(page.locator('[data-place="check.spin"] button[aria-pressed="true"]')).toHaveText('Rumbles all round');
});
