import { goTo, kept, openJobByHand, PNG, station } from './helpers';
import { HUBS } from './hubs/hubs';
import { Mechanic } from './hubs/mechanic';
import { expect, type Page, test } from './worker';

/** What ./test printed for an empty server: the address under which a shop begins. */
const BEGIN = process.env.BEGIN_URL ?? '';

/** Types into a field as a person does, one key after the other. */
async function typed(page: Page, label: string, text: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type(text, { delay: 5 });
}

/** Opens a job on a machine that was not here before; nothing is touched. */
async function openByKeys(page: Page, name: string, complaint: string, pattern: string): Promise<number> {
  await page.goto('/board');
  await press(page, 'Open a job');
  await page.getByRole('combobox', { name: 'Machine' }).focus();
  await page.keyboard.type(name, { delay: 5 });
  await page.keyboard.press('Enter');
  await expect(page.getByText('Not seen before: it is noted.')).toBeVisible();
  await page.locator(`label[data-kind="${pattern}"] input`).focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('What the customer says').focus();
  await page.keyboard.type(complaint, { delay: 5 });
  await press(page, 'Open it');
  await page.waitForURL(/\/jobs\/\d+\/check_in/);
  return Number(page.url().match(/jobs\/(\d+)/)?.[1]);
}

/** Presses what has the focus, as keys do. */
async function press(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name, exact: true }).focus();
  await page.keyboard.press('Enter');
}

// All that is asked here is asked of that server.
if (BEGIN !== '') test.use({ baseURL: new URL(BEGIN).origin });

// One after the other: the second works in the shop that the first began.
test.describe.configure({ mode: 'serial' });

async function signInAs(page: Page, email: string, password: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.keyboard.press('Enter');
  await page.waitForURL('**/board');
}

test('a shop begins without demo data, and its first job is opened, worked and signed by keyboard', async ({
  page,
}) => {
  test.skip(BEGIN === '', 'needs the empty server of ./test browser');
  test.setTimeout(180_000);
  await page.goto(BEGIN);
  await expect(page.getByRole('heading', { name: 'Begin' })).toBeVisible();

  // Nothing typed is lost when something is wrong, and each field says its own.
  await typed(page, 'Name of the shop', 'Knock and Hum');
  await typed(page, 'Press', 'strong');
  await typed(page, 'Your name', 'Sunna');
  await typed(page, 'E-mail you sign in with', 'Sunna@knock.example');
  await typed(page, 'Password', 'short');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Choose a password of at least 8 signs.')).toBeVisible();
  await typed(page, 'Password', 'needle and cage');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Press')).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByLabel('Name of the shop')).toHaveValue('Knock and Hum');
  await page.getByRole('button', { name: 'Millimetres' }).focus();
  await page.keyboard.press('Space');
  await typed(page, 'Press', '12 t');
  await page.keyboard.press('Enter');

  await expect(page.getByRole('heading', { name: 'Your tool wall' })).toBeVisible();
  await press(page, 'Hang a starter set');
  await expect(page.getByText(/^✓ \d+ tools hang on the wall/)).toBeVisible();
  await page.getByRole('link', { name: 'On', exact: true }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: 'Open the first job' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Open a job' })).toBeVisible();
  await page.keyboard.press('Escape');

  // Empty rooms say what they will hold.
  for (const [room, title] of [
    ['/board', 'The bench is clear'],
    ['/machines', 'No machine yet'],
    ['/ahead', 'Nothing falls due'],
    ['/parts', 'Nothing is ordered'],
  ] as const) {
    await page.goto(room);
    await expect(page.getByRole('heading', { name: title })).toBeVisible();
  }
  const hub = HUBS.find((one) => one.pattern === 'single-ring');
  if (!hub) throw new Error('There is no such hub.');
  const job = await openByKeys(page, 'Sled of the pier', hub.complaint, hub.pattern);
  await new Mechanic(page, job, hub, 'keys').work();
  await kept(page);
  await page.goto('/board');
  await press(page, 'Show signed jobs');
  await expect(page.getByText('Sled of the pier')).toBeVisible();

  // The address is used up, for everybody.
  await page.goto(BEGIN);
  await expect(page.getByRole('heading', { name: 'This address begins no shop' })).toBeVisible();
});

test('a phone takes a photo over the network, under the name of the shop', async ({ page, browser }) => {
  test.skip(BEGIN === '', 'needs the empty server of ./test browser');
  await signInAs(page, 'sunna@knock.example', 'needle and cage');
  await openJobByHand(page, 'Pier bicycle', 'Rumbles', 'pair-sleeve');
  await station(page, 'Strip');
  await goTo(page, 'Axle out');
  await page.locator('[data-place="part.axle"]').getByRole('button', { name: 'By phone' }).click();
  const address = (await page.getByText(/\/jobs\/\d+\/photo\/part\.axle$/).textContent()) ?? '';
  expect(address).toMatch(/^https:\/\/workshop\.test:\d+\/jobs\//);
  await expect(page.getByText('Only this machine reaches that.')).toHaveCount(0);

  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const camera = await phone.newPage();
  await camera.goto(address);
  await camera.waitForURL('**/sign-in');
  await camera.getByLabel('E-mail').fill('sunna@knock.example');
  await camera.getByLabel('Password').fill('needle and cage');
  await camera.keyboard.press('Enter');
  await expect(camera.getByRole('heading', { name: 'Axle' })).toBeVisible();
  // By TLS all that a phone can do is there, and its cookies go no other way.
  expect(await camera.evaluate(() => window.isSecureContext)).toBe(true);
  expect((await phone.cookies()).filter((one) => !one.secure)).toEqual([]);
  await camera.locator('input[type=file]').setInputFiles({ name: 'IMG_1.png', mimeType: 'image/png', buffer: PNG });
  await expect(camera.getByRole('img', { name: 'Axle, no. 1' })).toBeVisible();
  await kept(camera);
  await phone.close();

  await page.reload();
  await goTo(page, 'Axle out');
  await expect(page.locator('[data-place="part.axle"] a img')).toHaveCount(1);
});
