import { goTo, kept, openJob, signedIn, station, tap, type } from './helpers';
import { expect, test } from './worker';

test('what this hub has besides is said once, comes off in its turn and goes on in its turn', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Ratchet bicycle', 'Slips', 'pair-axle-shoulder');
  await station(page, 'Strip');
  await goTo(page, 'How it will come apart');
  const steps = page.getByRole('region', { name: 'Steps', exact: true });
  await expect(steps).not.toContainText('Ring nut');
  for (const part of ['Ring nut with its shim', 'Ratchets and springs']) await tap(page, 'hub.also', part);
  await expect(steps).toContainText('Ring nut with its shim out');
  await expect(steps).toContainText('Ratchets and springs off');
  await kept(page);
  await station(page, 'Seat');
  await expect(steps).toContainText('Ring nut with its shim in');
  await station(page, 'Set');
  const titles = await steps.getByRole('button').allInnerTexts();
  const at = (title: string) => titles.findIndex((one) => one.includes(title));
  expect(at('Ratchets and springs on')).toBeGreaterThanOrEqual(0);
  expect(at('Freehub body on')).toBeGreaterThan(at('Ratchets and springs on'));
});

test('a kit is one line for what it brings, and what it leaves out stays', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Kit moped');
  await station(page, 'Size');
  await goTo(page, 'Left bearing');
  await type(page, 'size.left.number', '6204 2RS');
  await kept(page);
  await station(page, 'Strip');
  await goTo(page, 'Seals out');
  await page.locator('button[data-ordinary="step"]').click();
  await kept(page);
  await station(page, 'Source');
  await goTo(page, 'The list to buy');
  const work = page.locator('section[data-step="source.list"]');
  await type(page, 'source.kit.number', 'WK-206');
  await tap(page, 'source.kit.brings', 'Bearings');
  await expect(work).toContainText('Kit WK-206');
  await expect(work).not.toContainText('6204, contact seal on both sides');
});

test('nuts and bolts of its own are tightened like those that every such hub has', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Guarded quad', 'Rumbles', 'knuckle-wide');
  await goTo(page, 'Measure before you strip');
  await type(page, 'check.fasteners', 'guard bolts, mud flap');
  await kept(page);
  await station(page, 'Set');
  await goTo(page, 'Tighten guard bolts');
  await type(page, 'fastener.own_1.torque', '24');
  await tap(page, 'fastener.own_1.source', 'Manual');
  await expect(page.getByRole('region', { name: 'Verdict', exact: true })).toContainText('24');
  await expect(page.getByRole('region', { name: 'Steps' })).toContainText('Tighten mud flap');
});
