import { readFile } from 'node:fs/promises';
import { enter, goTo, kept, openJob, signedIn, signIn, station, tap, type, verdict } from './helpers';
import { expect, type Page, test } from './worker';

/** One try of a cone by keyboard alone: mark, Enter, play at the rim, Enter, then along the answers. */
async function tryCone(page: Page, mark: number | null, rim: string, felt: string): Promise<void> {
  await page.locator('#cone-mark').focus();
  if (mark !== null) await page.keyboard.type(String(mark));
  await page.keyboard.press('Enter');
  await expect(page.locator('#cone-rim')).toBeFocused();
  if (rim) await page.keyboard.type(rim);
  await page.keyboard.press('Enter');
  for (let i = 0; i < 5 && (await page.locator(':focus').textContent()) !== felt; i++) await page.keyboard.press('Tab');
  await expect(page.locator(':focus')).toHaveText(felt);
  await page.keyboard.press('Enter');
  await kept(page);
}

test('a cone is set in three tries by keyboard', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Coach bicycle', 'Wobbles', 'cup-cone');
  await station(page, 'Set');
  await goTo(page, 'Set the cone');
  await expect(verdict(page)).toHaveText('Tighten until it just touches, then back off a little');
  await page.getByLabel('Rim play read').selectOption('dial_gauge');

  // Loose by 48°: read before and after the nut, so the nut's own move is learnt.
  await tryCone(page, 0, '1.2', 'Plain play');
  await expect(page.getByRole('list', { name: 'Tries' }).getByRole('listitem')).toHaveCount(1);
  await expect(verdict(page)).toHaveText(/tighter$/);
  await page.getByRole('button', { name: 'Locked', exact: true }).click();
  await tryCone(page, 0, '0.9', 'Plain play');
  await expect(verdict(page)).toHaveText(/^3\d° tighter$/);
  await expect(page.getByRole('img', { name: /^Set the mark at [56] minutes$/ })).toBeVisible();

  // The proposal is shown, never entered: a feel without a mark is asked where the cone stands, and keeps nothing.
  await expect(page.locator('#cone-mark')).toHaveValue('');
  await page.getByRole('button', { name: 'Locked', exact: true }).click();
  await page.getByRole('button', { name: 'Smooth, no play' }).click();
  await expect(page.getByRole('alert')).toHaveText('Where does the mark stand now, in minutes of a clock?');
  await expect(page.locator('#cone-mark')).toBeFocused();
  await expect(page.getByRole('list', { name: 'Tries' }).getByRole('listitem')).toHaveCount(2);

  // Set where it was proposed, said with one tap, and locked: nothing is felt any more.
  await page.getByRole('button', { name: /^It stands where proposed: [56] min$/ }).click();
  await tryCone(page, null, '', 'Smooth, no play');
  await expect(verdict(page)).toHaveText('Right');
  await expect(page.getByRole('region', { name: 'Verdict', exact: true })).toContainText('2 lockings');

  // Taken back, it is open again; nothing of it is lost.
  await page.getByRole('button', { name: 'Take try 3 back' }).click();
  await expect(verdict(page)).toHaveText(/tighter$/);
});

test('a tractor hub on tapers is set to its slot, read by dial and pinned', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Pinned trailer', 'Runs hot', 'taper-pair');
  await station(page, 'Set');
  await goTo(page, 'Nut to its slot');
  await type(page, 'set.taper.thread', '3/4-16');
  await type(page, 'set.taper.slots', '6');
  await type(page, 'set.taper.backed_off', '1/8 turn');
  await expect(verdict(page)).toHaveText('No slot serves: shim 0.123 mm');
  await tap(page, 'set.taper.holes', 'Two, half a slot apart');
  await type(page, 'set.taper.backed_off', '17');
  await expect(verdict(page)).toHaveText('Pin at slot 1, 17° back from zero');
  await expect(page.getByRole('img', { name: 'The nut: slot 1, 0.075 mm of end play' })).toBeVisible();
  await type(page, 'set.taper.dial', '0.2');
  await expect(verdict(page)).toHaveText('Too loose');
  await type(page, 'set.taper.dial', '0.07');
  await expect(verdict(page)).toHaveText('In the band, by dial');
  await goTo(page, 'A new pin, spread');
  await tap(page, 'set.pins', 'Old one again');
  await expect(verdict(page)).toHaveText('A new pin');
  await type(page, 'set.taper.hole', '4.0');
  await expect(page.getByRole('region', { name: 'Verdict', exact: true })).toContainText('Split pin 4');
  await expect(verdict(page)).toHaveText('A new pin');
  await tap(page, 'set.pins', 'New and spread');
  const onward = page.getByRole('region', { name: 'Verdict', exact: true });
  await expect(onward).toContainText('Just before: A new pin, spread');
  await expect(onward).toContainText('Split pin 4');
});

test('loose balls by count, an axle in the middle, washers for the float, a wrench with an adapter @long', async ({
  page,
}) => {
  await signedIn(page);
  await openJob(page, 'Counted bicycle', 'Grinds', 'cup-cone');
  await station(page, 'Seat');
  await goTo(page, 'Sprocket-side balls in');
  await type(page, 'seat.balls_right.circle', '21');
  await type(page, 'seat.balls_right.ball', '1/4 in');
  await type(page, 'seat.balls_right.found', '11');
  await expect(verdict(page)).toHaveText('10 balls: one too many came out');
  await expect(page.getByRole('img', { name: /^11 balls on their circle/ })).toBeVisible();
  await station(page, 'Set');
  await goTo(page, 'Axle ends as they were');
  await type(page, 'set.ends.left', '4.2');
  await type(page, 'set.ends.right', '6.6');
  await expect(verdict(page)).toHaveText('Move it 1.20 mm towards the plain side');
  await goTo(page, 'Tighten wheel nuts or quick-release');
  await type(page, 'fastener.wheel_nuts.torque', '30');
  await tap(page, 'fastener.wheel_nuts.source', 'Manual');
  await page.getByText('Grade, wrench and adapter').click();
  await type(page, 'fastener.wheel_nuts.adapter', '60');
  await type(page, 'fastener.wheel_nuts.wrench_length', '300');
  await expect(verdict(page)).toHaveText('Set it to 25.0 N·m');

  await openJob(page, 'Floating barrow', 'Knocks', 'flanged-wheel');
  await station(page, 'Set');
  await goTo(page, 'A little float');
  await type(page, 'set.float.space', '84.6');
  await type(page, 'set.float.wheel', '79.4');
  await type(page, 'set.float.washers', '4.6');
  await expect(verdict(page)).toHaveText('Floats 0.60 mm');
});

test('what is turned for a conversion is taken with its cartridge, set in, and stands on the list', async ({
  page,
}) => {
  await signedIn(page);
  await openJob(page, 'Lined moped', 'Cups are pitted', 'cup-cone-conversion');
  await station(page, 'Size');
  await goTo(page, 'Cartridges for the old seats');
  await type(page, 'size.cup_seat_left', '34.0');
  await type(page, 'size.cup_seat_right', '34.3');
  await type(page, 'size.axle_diameter', '10');
  await expect(verdict(page)).toHaveText('6200, with pieces to make');
  await page.getByRole('button', { name: 'Use 6200', exact: true }).click();
  await expect(page.getByText('goes in', { exact: true })).toBeVisible();
  await kept(page);

  await goTo(page, 'Made ring, plain side: into the old seat');
  await page.getByRole('button', { name: 'Fit it' }).click();
  await kept(page);
  await goTo(page, 'Will the bore hold: plain-side bearing');
  await expect(page.getByText('The bore of the made ring, once it stands in the hub')).toBeVisible();
  await station(page, 'Source');
  const made = page.getByRole('listitem').filter({ hasText: 'Turned: 34.00 mm outside, 30.00 mm bore, 9.00 mm long' });
  await expect(made).toContainText('to make');
  await expect(made).not.toContainText('not sized');

  // Another cartridge takes its own pieces along, and leaves these.
  await station(page, 'Size');
  await goTo(page, 'Cartridges for the old seats');
  await type(page, 'size.cup_seat_left', '30.0');
  await type(page, 'size.cup_seat_right', '30.0');
  await expect(verdict(page)).toHaveText('6200 goes straight in');
  await page.getByRole('button', { name: 'Use 6200', exact: true }).click();
  await kept(page);
  await expect(page.getByRole('region', { name: 'Steps' })).not.toContainText('Made ring');
});

test('a hub of cups becomes one of cartridges, from the seats to the signature and out as a file @long', async ({
  page,
}) => {
  await signedIn(page);
  const job = await openJob(page, 'Converted moped', 'Cups are pitted', 'cup-cone-conversion');
  await station(page, 'Size');
  await goTo(page, 'Cartridges for the old seats');
  await type(page, 'size.cup_seat_left', '34.0');
  await type(page, 'size.cup_seat_right', '34.3');
  await type(page, 'size.cup_seat_depth', '10');
  await expect(verdict(page)).toHaveText(/with pieces to make$/);
  const drawing = page.getByRole('listitem').filter({ hasText: 'Ring, plain side' }).getByRole('link', { name: 'SVG' });
  const piece = await page.request.get((await drawing.getAttribute('href')) ?? '');
  expect(piece.headers()['content-type']).toContain('svg');
  await type(page, 'size.cup_seat_left', '32.0');
  await type(page, 'size.cup_seat_right', '32.0');
  await expect(verdict(page)).toHaveText('6201 goes straight in');
  await kept(page);

  // What is done at the stations between, as the bench keeps it.
  const parts = ['bearing_right', 'sleeve', 'bearing_left', 'axle', 'spacer_right', 'lock_nut_right', 'spacer_left'];
  await enter(page, job, [
    ...[...parts, 'lock_nut_left'].map((part) => ({
      place: `part.${part}`,
      entry: part.startsWith('bearing')
        ? { state: 'fitted', new: true, way_round: 'marked face out' }
        : { state: 'fitted' },
    })),
    { place: 'seat.look_through', entry: { choice: 'seen' } },
    { place: 'set.axle_passes', entry: { choice: 'by_hand' } },
    { place: 'set.turns', entry: { choice: 'free' } },
    { place: 'set.pins', entry: { choice: 'none' } },
  ]);
  await page.reload();
  await station(page, 'Set');
  await goTo(page, 'Axle ends as they were');
  await type(page, 'set.ends.left', '11');
  await type(page, 'set.ends.right', '11.1');
  await expect(verdict(page)).toHaveText('In the middle');

  await station(page, 'Prove');
  for (const one of ['spins', 'no_play', 'seated', 'stops', 'brake_free', 'disc_clean', 'towel'])
    await tap(page, `prove.${one}`, 'Passed');
  await goTo(page, 'Before and after');
  await tap(page, 'prove.after.spin', 'Quiet');
  await goTo(page, 'Say why each caution is acceptable');
  const words = page.getByRole('region', { name: 'Say why each caution is acceptable' }).getByRole('textbox');
  for (let i = 0; i < (await words.count()); i++) {
    await words.nth(i).fill('Converted by the drawing');
    await words.nth(i).press('Enter');
  }
  await kept(page);
  await goTo(page, 'Sign it off');
  await expect(verdict(page)).toHaveText('Ready to sign');
  await page.getByRole('button', { name: 'Sign as Ines' }).click();
  await expect(page.getByText(/^Signed by Ines/)).toBeVisible();

  // After the signature: a word below it, and the whole job as a file that another board takes.
  await page.getByLabel('Add a correction or a word').fill('Spacer left is 8.2');
  await page.getByRole('button', { name: 'Add it under your name' }).click();
  await expect(page.getByRole('region', { name: 'Added after' })).toContainText('Spacer left is 8.2');
  const waiting = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Job as a file' }).click();
  const path = await (await waiting).path();
  expect(JSON.parse(await readFile(path, 'utf8')).format).toBe('clean-race-job');
  await page.goto('/board');
  await page
    .getByLabel('Job file')
    .setInputFiles({ name: 'job.json', mimeType: 'application/json', buffer: await readFile(path) });
  await page.waitForURL((url) => /jobs\/\d+\/check_in/.test(url.pathname) && !url.pathname.includes(`/${job}/`));
  await station(page, 'Prove');
  await goTo(page, 'Sign it off');
  await expect(page.getByText(/^Taken in from/)).toBeVisible();
  await expect(page.getByText('Signed by Ines at Ferry Works, checked.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Sign as Ines' }), 'nobody signed it here').toBeVisible();
  await expect(page.getByRole('region', { name: 'Added after' })).toContainText('Spacer left is 8.2');
});

test('with a spacer tube on the tray nobody signs', async ({ page }) => {
  await signedIn(page);
  const job = await openJob(page, 'Forgotten sleeve');
  await enter(page, job, [{ place: 'part.sleeve', entry: { state: 'on_tray' } }]);
  await page.reload();
  await station(page, 'Prove');
  await goTo(page, 'Sign it off');
  await expect(verdict(page)).toHaveText('Not yet');
  const lying = page.getByRole('listitem').filter({ hasText: 'Still lies on the tray: Spacer tube' });
  await expect(lying).toHaveCount(1);
  await expect(lying.getByRole('link', { name: 'Seat' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Sign as Ines' })).toBeDisabled();
});

test('a bench day is put in order by keyboard, and planned anew', async ({ page }) => {
  await signedIn(page);
  await page.goto('/bench-day');
  const list = page.getByRole('list', { name: 'Order of the day' });
  await expect(list.getByRole('listitem').first()).toBeVisible();
  await page.getByLabel('From', { exact: true }).selectOption('480');
  await expect(page.getByRole('img', { name: /^The day: 08:00/ })).toBeVisible();
  const names = () => list.getByRole('listitem').getByRole('link').allTextContents();
  const [first, second] = await names();
  const ordered = page.waitForResponse((one) => one.request().method() === 'PUT' && one.url().includes('/bench-day'));
  await list
    .getByRole('listitem')
    .nth(1)
    .getByRole('button', { name: /earlier$/ })
    .press('Enter');
  expect((await ordered).status()).toBe(200);
  await expect.poll(async () => (await names()).slice(0, 2)).toEqual([second, first]);
  await page.reload();
  await expect.poll(async () => (await names()).slice(0, 2)).toEqual([second, first]);
});

test('what falls due is looked at, and a calendar has its address from the owner', async ({ page }) => {
  await signIn(page, 'owner');
  await page.keyboard.press('a');
  await expect(page).toHaveURL(/ahead/);
  const item = page.getByRole('listitem').filter({ hasText: 'Left bore: compound next time' });
  await expect(item).toContainText('Parcel moped 3, front wheel');
  await expect(page.getByRole('region', { name: 'Late' }).getByRole('listitem').first()).toContainText('days late');
  await item.getByRole('button', { name: 'Looked at' }).click();
  await expect(item).toHaveCount(0);
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(item).toHaveCount(1);
  await expect(page.getByRole('button', { name: 'Take back' })).toHaveCount(0);
  await page.goto('/shop');
  await page.getByRole('button', { name: /^Make a(n| new) address$/ }).click();
  const address = await page.getByLabel('Address').inputValue();
  const feed = await page.request.get(new URL(address).pathname);
  expect(feed.headers()['content-type']).toContain('text/calendar');
  expect(await feed.text()).toContain('BEGIN:VEVENT');
  await page.getByRole('button', { name: 'No calendar any more' }).click();
  await expect(page.getByLabel('Address')).toHaveCount(0);
  expect((await page.request.get(new URL(address).pathname)).status()).toBe(404);
});
