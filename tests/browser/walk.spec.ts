import { goTo, kept, openJobByHand, PNG, records, signInByHand, station, tap, tick, type, verdict } from './helpers';
import { expect, test } from './worker';

test('a wheel from complaint to signed record, with caliper, rule and good hands', async ({ page }) => {
  test.setTimeout(180_000);
  await signInByHand(page);
  const job = await openJobByHand(page, 'Sandpiper 250', 'Hums at speed, started after the ford', 'pair-sleeve');

  // Check in, by keyboard alone: Tab to an answer, Space to give it.
  await page.keyboard.press('n');
  const answer = async (place: string, label: string) => {
    await page.locator(`[data-place="${place}"]`).getByRole('button', { name: label, exact: true }).focus();
    await page.keyboard.press('Space');
  };
  await answer('check.caliper', 'Off, and hung up');
  await page.keyboard.press('Tab');
  await answer('check.rock_3_9', 'Play at the hub');
  await answer('check.rock_12_6', 'Play at the hub');
  await answer('check.spin', 'Rumbles all round');
  await expect(verdict(page)).toContainText('Suspect the wheel bearings');
  await expect(page.getByText('Not to be ridden')).toBeVisible();
  await page.keyboard.press('n');
  await answer('check.ring_side', 'Left side');
  await page.locator('input[data-place="check.axle_left"]').focus();
  for (const typed of ['11.5', '9', '24.1', '18,6', '0.3', '0.2']) {
    await page.keyboard.type(typed);
    await page.keyboard.press('Enter');
  }
  // What was kept is asked of the server.
  await kept(page);
  const measured = (await records(page, job)).filter((one) => one.place === 'check.seal_right');
  expect(measured.map((one) => one.value?.typed)).toEqual(['0.2']);

  // Strip: parts leave the axle line for the tray, in order.
  await page.keyboard.press('Escape');
  await page.locator('body').click({ position: { x: 640, y: 20 } });
  await page.keyboard.press('2');
  await goTo(page, 'Tools, before the first bolt');
  await tick(page, 'strip.tools.done');
  await goTo(page, 'Make it safe');
  await tick(page, 'strip.safe.done');
  await goTo(page, 'Axle out');
  const lay = async (part: string, condition: string) => {
    const ask = page.locator(`[data-place="part.${part}"]`);
    await ask.getByRole('button', { name: condition, exact: true }).click();
    await expect(page.locator(`g[data-part="${part}"]`)).toHaveAttribute('data-state', 'on_tray');
  };
  await lay('axle', 'Use');
  await type(page, 'fastener.axle_nut.spanner', '24');
  await type(page, 'fastener.axle_nut.thread', 'M16 × 1.5');
  await goTo(page, 'Lift the wheel out');
  await lay('spacer_left', 'Use');
  await lay('spacer_right', 'Use, look again');
  await goTo(page, 'Seals out');
  await lay('seal_left', 'Replace');
  await page
    .locator('[data-place="part.seal_right"] input[type=file]')
    .setInputFiles({ name: 'seal.png', mimeType: 'image/png', buffer: PNG });
  await expect(page.locator('[data-place="part.seal_right"] img')).toBeVisible();
  await lay('seal_right', 'Replace');
  await goTo(page, 'Snap ring out');
  await lay('snap_ring_left', 'Use');
  await tick(page, 'strip.rings.done');
  await goTo(page, 'Push the spacer tube aside');
  await tick(page, 'strip.crescent.done');
  await goTo(page, 'Right bearing out');
  await lay('bearing_right', 'Replace');
  await goTo(page, 'Spacer tube out');
  await lay('sleeve', 'Use');
  await goTo(page, 'Left bearing out');
  await lay('bearing_left', 'Replace');
  await goTo(page, 'Clean and look');
  await tap(page, 'strip.look.bore_left', 'Use');
  await tap(page, 'strip.look.bore_right', 'Use');
  const tray = page.getByRole('region', { name: 'Tray' });
  await expect(tray).toContainText('1Axle');
  await expect(tray).toContainText('9Left bearing');

  // Size: the caliper first, then what it may mean is taken; bores read at two depths; hands last.
  await station(page, 'Size');
  await type(page, 'size.left.bore', '20.02');
  await type(page, 'size.left.outside', '46.97');
  await type(page, 'size.left.width', '13.95');
  await expect(verdict(page)).toContainText('6204');
  await page.getByRole('button', { name: '6204', exact: true }).click();
  await expect(page.locator('input[data-place="size.left.number"]')).toHaveValue('6204 2RS');
  await goTo(page, 'Right bearing');
  await page.getByRole('button', { name: 'Same as the first: 6204 2RS' }).click();
  await expect(verdict(page)).toHaveText('6204 2RS');
  await goTo(page, 'The hub');
  await type(page, 'size.hub_outside', '66');
  await type(page, 'size.room_temperature', '18');
  await tap(page, 'size.hub_material', 'Aluminium');
  await tap(page, 'size.hub_finish', 'Paint');
  await goTo(page, 'Shoulder, spacer tube, faces');
  await tap(page, 'size.ledges', 'One: the spacer tube stops the second');
  await type(page, 'size.over_faces', '104.00');
  await type(page, 'size.ledge_depth', '23.20');
  await type(page, 'size.groove_edge', '9.10');
  await type(page, 'size.sleeve_length', '57.60');
  for (const side of ['left', 'right']) {
    await goTo(page, `Will the bore hold: ${side} bearing`);
    await page.locator(`input[data-place="bore.${side}.lip.12"]`).focus();
    for (const typed of ['46.98', '46.98', '46.99', '46.98', '46.97', '46.98']) {
      await page.keyboard.type(typed);
      await page.keyboard.press('Enter');
    }
    await tap(page, `fit.${side}.feel`, 'Wants firm driving');
    await kept(page);
    await goTo(page, `Will the bore hold: ${side} bearing`);
    await expect(verdict(page)).toHaveText('The bore will hold it');
  }
  await goTo(page, 'Heat and force');
  await tap(page, 'size.way', 'Draw bolt');
  await page.waitForURL('**/source');
  await station(page, 'Size');
  await goTo(page, 'Heat and force');
  await expect(verdict(page)).toHaveText(/^Warm the hub to 5\d °C$/);
  await expect(page.getByText(/Light work: \d+ N/)).toBeVisible();

  // Source: what came beside what came out.
  await station(page, 'Source');
  await expect(page.getByText('6204, contact seal on both sides, 20 × 47 × 14 mm')).toBeVisible();
  await tick(page, 'source.list.done');
  await goTo(page, 'Match: left bearing');
  await type(page, 'source.left.number', '6204 RS1');
  await expect(verdict(page)).toHaveText('Not the same bearing');
  await type(page, 'source.left.number', '6204 DDU');
  await expect(verdict(page)).toHaveText('It matches');
  await goTo(page, 'Match: left bearing');
  await type(page, 'source.left.width', '13.96');
  await goTo(page, 'Match: right bearing');
  await page.getByRole('button', { name: 'Same as the first: 6204 DDU' }).click();
  await expect(verdict(page)).toHaveText('It matches');

  // Seat, by keyboard: readings run from field to field.
  await station(page, 'Seat');
  await tick(page, 'seat.clean.done');
  await goTo(page, 'Left side first');
  await tick(page, 'seat.first.done');
  await goTo(page, 'Choose the driver');
  await expect(verdict(page)).toHaveText('Take the 42 cup');
  await page
    .getByRole('button', { name: /^.*42 cup/ })
    .first()
    .click();
  await goTo(page, 'Warm it to');
  await tap(page, 'seat.warmed', 'Warm');
  const clock = async (side: string, stage: string, depths: string[]) => {
    await page.locator(`input[data-place="seat.${side}.${stage}.12"]`).focus();
    for (const typed of depths) {
      await page.keyboard.type(typed);
      await page.keyboard.press('Enter');
    }
  };
  await goTo(page, 'Start the first bearing square');
  await clock('left', 'start', ['3.00', '3.40', '3.80', '3.40']);
  await expect(verdict(page)).toHaveText('Drive it back out');
  await page.getByRole('button', { name: 'It is out, start again' }).click();
  await expect(page.locator('input[data-place="seat.left.start.12"]')).toHaveValue('');
  await clock('left', 'start', ['2.10', '2.12', '2.10', '2.08']);
  await expect(verdict(page)).toHaveText('Square: go on');
  await goTo(page, 'Down to its shoulder');
  await clock('left', 'home', ['9.24', '9.22', '9.22', '9.24']);
  await tap(page, 'seat.left.home.signs', 'The note went dull and low');
  await tap(page, 'seat.left.home.signs', 'A feeler will not go under');
  await expect(verdict(page)).toHaveText('Home');
  const fit = (part: string) =>
    page
      .locator(`[data-place="part.${part}"]`)
      .getByRole('button', { name: /^Fit (it|a new one)$/ })
      .click();
  await fit('bearing_left');
  await goTo(page, 'Snap ring in');
  await fit('snap_ring_left');
  await tap(page, 'seat.ring_seated', 'All round');
  await goTo(page, 'Spacer tube in, and look through');
  await fit('sleeve');
  await tap(page, 'seat.look_through', 'Spacer tube seen');
  await goTo(page, 'Start the second bearing square');
  await tap(page, 'seat.right.start.eye', 'Level all round');
  await expect(verdict(page)).toHaveText('Level by eye: go on');
  await goTo(page, 'The second, just to the spacer tube');
  await clock('right', 'home', ['8.84', '8.86', '8.86', '8.84']);
  await expect(verdict(page)).toHaveText('0.36 mm to go');
  await expect(page.getByText(/Turn the M12 nut 37°/)).toBeVisible();
  await clock('right', 'home', ['9.18', '9.20', '9.20', '9.18']);
  await tap(page, 'seat.pair_feel', 'The spacer tube can only be nudged');
  await tap(page, 'seat.pair_feel', 'Clamped, it turns free');
  await expect(verdict(page)).toHaveText('There');
  await tap(page, 'seat.right.home.eye', 'Level all round');
  await fit('bearing_right');
  await goTo(page, 'Seals, both sides');
  await fit('seal_left');
  await fit('seal_right');

  // Set: figures with their sources, in order.
  await station(page, 'Set');
  await fit('spacer_left');
  await fit('spacer_right');
  await fit('axle');
  await tap(page, 'set.axle_passes', 'By hand');
  await goTo(page, 'Tighten axle nut');
  await expect(page.locator('input[data-place="fastener.axle_nut.spanner"]')).toHaveValue('24');
  await type(page, 'fastener.axle_nut.torque', '59 ft-lb');
  await tap(page, 'fastener.axle_nut.source', 'Manual');
  await expect(verdict(page)).toHaveText('80.0 N·m');
  await tick(page, 'fastener.axle_nut.done');
  await goTo(page, 'Tighten pinch bolts');
  await type(page, 'fastener.pinch_bolts.torque', '20');
  await tap(page, 'fastener.pinch_bolts.source', 'Manual');
  await tick(page, 'fastener.pinch_bolts.done');
  await goTo(page, 'Tighten caliper bolts');
  await type(page, 'fastener.caliper_bolts.torque', '22');
  await tap(page, 'fastener.caliper_bolts.source', 'Manual');
  await tick(page, 'fastener.caliper_bolts.done');
  await goTo(page, 'Clamped, does it turn free');
  await tap(page, 'set.turns', 'Free');
  await tap(page, 'set.pins', 'None here');
  await expect(
    page.getByRole('navigation', { name: 'Stations' }).getByRole('img', { name: 'settled', exact: true }),
  ).toHaveCount(6);

  // Prove: every check, a note, the name.
  await station(page, 'Prove');
  for (const one of ['spins', 'no_play', 'stops', 'brake_free', 'rings_seen', 'seals_level', 'towel']) {
    await tap(page, `prove.${one}`, 'Passed');
  }
  await goTo(page, 'Sign it off');
  await expect(page.getByRole('button', { name: 'Sign as Ines' })).toBeDisabled();
  await expect(page.getByText('Not passed: disc, where there is one, wiped of fingerprints').first()).toBeVisible();
  await goTo(page, 'The last checks');
  await tap(page, 'prove.disc_clean', 'Passed');
  await goTo(page, 'Carry forward');
  await type(page, 'prove.carry', 'Right spacer: seal track worn');
  await type(page, 'prove.carry_when', '12 000 km');
  await goTo(page, 'Sign it off');
  await expect(verdict(page)).toHaveText('Ready to sign');
  await page.getByRole('button', { name: 'Sign as Ines' }).click();
  await expect(page.getByText(/^Signed by Ines/)).toBeVisible();

  // The record lasts: the card, and the machine's history.
  const card = await page.request.get(`/files/jobs/${job}/card.pdf`);
  expect(card.headers()['content-type']).toBe('application/pdf');
  expect((await card.body()).subarray(0, 4).toString()).toBe('%PDF');
  await page.getByRole('link', { name: 'History of Sandpiper 250' }).click();
  await expect(page.getByText('Carried forward: Right spacer: seal track worn. Look again: 12 000 km')).toBeVisible();
  await expect(page.getByText('Signed by Ines')).toBeVisible();
});
