import { demoJob, field, goTo, kept, openJobAt, records, signedIn, signIn, signInByHand } from './helpers';
import { expect, type Page, test } from './worker';

const CODES = { ines: '2468', pim: '13579' } as const;

/** Somebody chooses a code of their own, on their page. */
async function choose(page: Page, code: string): Promise<void> {
  await page.goto('/people');
  const form = page.getByRole('form', { name: 'Your code at the bench' });
  await form.getByLabel('Present password').click();
  await page.keyboard.type('bearing');
  await form.getByLabel('Four to six digits').click();
  await page.keyboard.type(code);
  await page.keyboard.press('Enter');
  await expect(form.getByText('✓ Kept')).toBeVisible();
}

/** Who stands here gives way to another: name, digits, Enter. */
async function takeOver(page: Page, from: string, to: string, code: string): Promise<void> {
  await page.getByRole('button', { name: `${from} stands here. Take over.` }).click();
  const sheet = page.getByRole('dialog', { name: 'Who stands here' });
  await sheet.getByRole('button', { name: to, exact: true }).click();
  await page.keyboard.type(code);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: `${to} stands here. Take over.` })).toBeVisible();
}

test('at a bench people take over by a code, each entry carries who it was, and it locks', async ({ page }) => {
  test.setTimeout(150_000);
  // Each has chosen a code; the owner makes this browser a bench and says after how long it asks.
  await signIn(page, 'apprentice');
  await choose(page, CODES.pim);
  await signIn(page);
  await choose(page, CODES.ines);
  await signedIn(page, 'owner');
  await page.goto('/shop');
  const benches = page.getByRole('region', { name: 'Benches' });
  await benches.getByLabel('This device stands at').click();
  await page.keyboard.type('Left bench');
  await page.keyboard.press('Enter');
  await expect(benches.getByText('this one')).toBeVisible();
  await benches.getByRole('button', { name: '2 min', exact: true }).click();
  await expect(benches.getByRole('button', { name: '2 min', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');

  await page.clock.install();
  await signInByHand(page);
  const job = await demoJob(page, 'Parcel moped 3');
  await page.goto(`/jobs/${job}/check_in`);
  await goTo(page, 'Measure before you strip');
  await field(page, 'check.axle_left').fill('11.5');
  await page.keyboard.press('Enter');
  await kept(page);

  // A wrong code is said, and the page stays where it was; the right one takes less than three seconds.
  await page.getByRole('button', { name: 'Ines stands here. Take over.' }).click();
  const sheet = page.getByRole('dialog', { name: 'Who stands here' });
  await sheet.getByRole('button', { name: 'Pim', exact: true }).click();
  await page.keyboard.type('0000');
  await page.keyboard.press('Enter');
  await expect(sheet.getByText('That is not the code of Pim.')).toBeVisible();
  await page.keyboard.type(CODES.pim);
  const begun = Date.now();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Pim stands here. Take over.' })).toBeVisible();
  expect(Date.now() - begun).toBeLessThan(3_000);
  await field(page, 'check.axle_right').fill('11.6');
  await page.keyboard.press('Enter');
  await kept(page);
  const by = await page.request.get(`/api/v1/jobs/${job}/records`);
  const all = (await by.json()).data as { place: string; by: string }[];
  expect(all.find((one) => one.place === 'check.axle_left')?.by).toBe('Ines');
  expect(all.find((one) => one.place === 'check.axle_right')?.by).toBe('Pim');
  expect((await records(page, job)).length).toBeGreaterThan(2);

  // Nobody touches it: it asks who stands there, whatever is pressed, and after a reload too.
  await page.clock.fastForward('02:05');
  const locked = page.getByRole('dialog', { name: 'Left bench is locked' });
  await expect(locked).toBeVisible();
  await page.keyboard.press('Escape');
  await page.reload();
  await expect(locked).toBeVisible();
  await locked.getByRole('button', { name: 'Ines', exact: true }).click();
  await page.keyboard.type(CODES.ines);
  await page.keyboard.press('Enter');
  await expect(locked).toHaveCount(0);

  // A code is enough for the bench, and for nothing of the shop; to sign it is asked for again.
  await takeOver(page, 'Ines', 'Pim', CODES.pim);
  await takeOver(page, 'Pim', 'Ines', CODES.ines);
  await page.goto('/people');
  const form = page.getByRole('form', { name: 'Your code at the bench' });
  await form.getByLabel('Present password').fill('bearing');
  await form.getByLabel('Four to six digits').fill('9999');
  await page.keyboard.press('Enter');
  await expect(form.getByText('For that the password is wanted: sign in with it here.')).toBeVisible();
  await page.goto(`/jobs/${job}/prove`);
  await goTo(page, 'Sign it off');
  await expect(page.getByLabel('Code of Ines, to sign')).toBeVisible();
});

test('what somebody entered without a network is sent in their name, whoever is there when it comes back', async ({
  page,
  context,
}) => {
  await signedIn(page, 'owner');
  await page.goto('/shop');
  const benches = page.getByRole('region', { name: 'Benches' });
  await benches.getByLabel('This device stands at').fill('Right bench');
  await page.keyboard.press('Enter');
  await expect(benches.getByText('this one')).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');

  await signInByHand(page);
  const job = await demoJob(page, 'Post scooter');
  await page.goto(`/jobs/${job}/check_in`);
  await goTo(page, 'Measure before you strip');
  await expect(field(page, 'check.axle_left')).toBeVisible();
  await context.setOffline(true);
  await field(page, 'check.axle_left').fill('12.5');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('keeping')).toContainText('1 waiting');

  // Her session is over before the network is back; another signs in.
  await context.clearCookies({ name: 'clean_race_session' });
  await context.clearCookies({ name: /^remember_/ });
  await context.setOffline(false);
  await page.goto('/sign-in');
  await page.getByLabel('E-mail').fill('pim@ferryworks.example');
  await page.getByLabel('Password').fill('bearing');
  await page.keyboard.press('Enter');
  await page.waitForURL('**/board');
  await kept(page);
  const sent = async () =>
    (
      (await (await page.request.get(`/api/v1/jobs/${job}/records`)).json()).data as { place: string; by: string }[]
    ).find((one) => one.place === 'check.axle_left');
  await expect.poll(async () => (await sent())?.by).toBe('Ines');
});

test('without a network a known person takes over by their code, and a stranger is named before the signature', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000);
  await signIn(page, 'apprentice');
  await choose(page, CODES.pim);
  await signedIn(page, 'owner');
  await page.goto('/shop');
  const benches = page.getByRole('region', { name: 'Benches' });
  await benches.getByLabel('This device stands at').fill('Far bench');
  await page.keyboard.press('Enter');
  await expect(benches.getByText('this one')).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  await signInByHand(page);
  // Pim was here once while the server could be asked: the device knows him.
  await takeOver(page, 'Ines', 'Pim', CODES.pim);
  const job = await openJobAt(page, 'check_in', 'Far bench bike');
  await goTo(page, 'Measure before you strip');
  await page.waitForFunction(() => localStorage.getItem('clean-race-hands') !== null);

  await context.setOffline(true);
  const sheet = page.getByRole('dialog', { name: 'Who stands here' });
  await page.getByRole('button', { name: 'Pim stands here. Take over.' }).click();
  await sheet.getByRole('button', { name: 'Somebody else: named later' }).click();
  await expect(page.getByRole('button', { name: 'Not yet named stands here. Take over.' })).toBeVisible();
  await field(page, 'check.axle_left').fill('12.5');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Not yet named stands here. Take over.' }).click();
  await sheet.getByRole('button', { name: 'Pim', exact: true }).click();
  await page.keyboard.type('0000');
  await page.keyboard.press('Enter');
  await expect(sheet.getByText('That is not the code of Pim.')).toBeVisible();
  await page.keyboard.type(CODES.pim);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Pim stands here. Take over.' })).toBeVisible();
  await field(page, 'check.axle_right').fill('12.6');
  await page.keyboard.press('Enter');

  // The network is back: his entry goes by itself, and whoever stands here shows it once more.
  await context.setOffline(false);
  const back = page.getByRole('dialog', { name: 'The network is back: who stands here' });
  await expect(back).toBeVisible({ timeout: 20_000 });
  await back.getByRole('button', { name: 'Pim', exact: true }).click();
  await page.keyboard.type(CODES.pim);
  await page.keyboard.press('Enter');
  await expect(back).toHaveCount(0);
  const by = async (place: string) =>
    (
      (await (await page.request.get(`/api/v1/jobs/${job}/records`)).json()).data as { place: string; by: string }[]
    ).find((one) => one.place === place)?.by;
  await expect.poll(() => by('check.axle_right')).toBe('Pim');
  expect(await by('check.axle_left')).toBeUndefined();

  await page.goto(`/jobs/${job}/prove`);
  await goTo(page, 'Sign it off');
  await expect(page.getByText('Entries of this job are not yet named')).toBeVisible();
  await page.getByRole('button', { name: 'They are mine, Pim' }).click();
  await expect.poll(() => by('check.axle_left')).toBe('Pim');
  await expect(page.getByText('Entries of this job are not yet named')).toHaveCount(0);
});
