import type { Browser } from '@playwright/test';
import { demoJob, goTo, records, signedIn, signIn } from './helpers';
import { expect, type Page, test } from './worker';

/** The owner adds somebody on the page and is shown a code for them. */
async function added(page: Page, name: string, role: string): Promise<{ email: string; code: string }> {
  const email = `${name.toLowerCase()}@ferryworks.example`;
  await page.goto('/people');
  const form = page.getByRole('form', { name: 'Add somebody' });
  await form.getByLabel('Name', { exact: true }).click();
  await page.keyboard.type(name);
  await page.keyboard.press('Tab');
  await page.keyboard.type(email);
  await form.getByLabel('Role').selectOption({ label: role });
  await form.getByRole('button', { name: 'Add' }).click();
  return { email, code: await coded(page, name) };
}

/** A code for one person, from their sheet. */
async function coded(page: Page, name: string): Promise<string> {
  const sheet = page.getByRole('dialog', { name });
  await expect(sheet).toBeVisible();
  await sheet.getByRole('button', { name: 'Make a code' }).click();
  const code = await sheet.getByLabel('Code', { exact: true }).textContent();
  await sheet.getByRole('button', { name: 'Close' }).click();
  return code ?? '';
}

/** Another browser of the shop, where nobody is signed in. */
const elsewhere = async (browser: Browser, baseURL: string | undefined): Promise<Page> =>
  (await browser.newContext({ baseURL })).newPage();

async function join(page: Page, email: string, code: string, password: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByRole('link', { name: 'I have a code' }).click();
  await expect(page.getByLabel('E-mail the code is for')).toBeFocused();
  await page.keyboard.type(email);
  await page.keyboard.press('Tab');
  await page.keyboard.type(code);
  await page.keyboard.press('Tab');
  await page.keyboard.type(password);
  await page.keyboard.press('Enter');
}

test('somebody joins by a code, works, leaves, and what they entered keeps their name', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page, 'owner');
  const { email, code } = await added(page, 'Runa', 'Mechanic');
  await expect(page.getByText('has not joined yet: give a code')).toBeVisible();

  const hers = await elsewhere(browser, baseURL);
  await join(hers, email, 'AAAAA-AAAAA', 'grease and balls');
  await expect(hers.getByText('There is no such code for this address')).toBeVisible();
  await hers.getByLabel('Code', { exact: true }).fill('');
  await hers.getByLabel('Code', { exact: true }).click();
  await hers.keyboard.type(code.toLowerCase().replace('-', ' '));
  await hers.keyboard.press('Enter');
  await hers.waitForURL('**/board');
  const job = await demoJob(hers, 'Parcel moped 3');
  await hers.goto(`/jobs/${job}/check_in`);
  await expect(hers.getByText('· Runa')).toBeVisible();
  await expect(hers.getByRole('link', { name: 'Log' })).toHaveCount(0);

  // She leaves: where she is signed in, it ends with the next thing she does.
  await page.reload();
  await page.getByRole('button', { name: 'Runa: role, code, leave' }).click();
  const sheet = page.getByRole('dialog', { name: 'Runa' });
  await sheet.getByRole('button', { name: 'Leaves the shop' }).click();
  await sheet.getByRole('button', { name: 'Yes, Runa leaves' }).click();
  await expect(sheet.getByRole('button', { name: 'Take them back' })).toBeVisible();
  await sheet.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('list', { name: 'People' }).getByText(/^left /)).toBeVisible();
  await hers.goto('/machines');
  await hers.waitForURL('**/sign-in');
  await hers.context().close();

  await page.getByRole('link', { name: 'Log' }).click();
  const log = page.getByRole('list', { name: 'Log' });
  for (const line of ['Tove added Runa as mechanic', 'Tove made a code for Runa', 'Runa joined', 'Tove let Runa leave'])
    await expect(log.getByText(line)).toBeVisible();
});

test('a forgotten password is replaced by a code, and ends every session that was', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page, 'owner');
  const { email, code } = await added(page, 'Odd', 'Apprentice');
  const old = await elsewhere(browser, baseURL);
  await join(old, email, code, 'grease and balls');
  await old.waitForURL('**/board');

  await page.getByRole('button', { name: 'Odd: role, code, leave' }).click();
  const another = await coded(page, 'Odd');
  const fresh = await elsewhere(browser, baseURL);
  await fresh.goto(`/join?email=${encodeURIComponent(email)}&code=${another}`);
  await expect(fresh.getByLabel('Choose a password')).toBeFocused();
  await fresh.keyboard.type('needle and cage');
  await fresh.keyboard.press('Enter');
  await fresh.waitForURL('**/board');
  await old.goto('/machines');
  await old.waitForURL('**/sign-in');
  await old.getByLabel('E-mail').fill(email);
  await old.getByLabel('Password').fill('grease and balls');
  await old.keyboard.press('Enter');
  await expect(old.getByText('No one signs in with this address and password.')).toBeVisible();
  await old.context().close();
  await fresh.context().close();
});

test('whoever stands at the counter reads a job and keeps what the customer says, and no reading', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page, 'owner');
  const { email, code } = await added(page, 'Kari', 'Counter');
  const hers = await elsewhere(browser, baseURL);
  await join(hers, email, code, 'grease and balls');
  await hers.waitForURL('**/board');
  const job = await demoJob(hers, 'Parcel moped 3');
  await hers.goto(`/jobs/${job}/check_in`);
  await goTo(hers, 'Rock it, spin it, listen');
  await expect(hers.locator('[data-place="check.rock_3_9"] button').first()).toBeDisabled();
  await hers.goto(`/jobs/${job}/source`);
  await hers.getByRole('button', { name: /Ask the customer/ }).click();
  await hers.locator('[data-place="source.customer.1.asked"]').click();
  await hers.keyboard.type('Both sides, or the left one only?');
  await hers.keyboard.press('Enter');
  await expect(hers.getByTestId('keeping')).toHaveText('All kept');
  const asked = (await records(hers, job)).filter((one) => one.place === 'source.customer.1.asked');
  expect(asked.map((one) => one.value?.text)).toEqual(['Both sides, or the left one only?']);
  await hers.context().close();
});

test('machines come in from a list, read before they are noted', async ({ page }) => {
  await signedIn(page, 'owner');
  await page.goto('/machines');
  await page.getByRole('button', { name: 'Read a list' }).click();
  const sheet = page.getByRole('dialog', { name: 'Read a list of machines' });
  await sheet.getByLabel('List of machines').setInputFiles({
    name: 'machines.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Customer;Machine;Make\nPier Café;Cargo trike 9;Dotterel Box\nPier Café;;Nameless\n'),
  });
  await expect(sheet.getByText('1 new machine')).toBeVisible();
  await expect(sheet.getByText('Line 3: No name.')).toBeVisible();
  await sheet.getByRole('button', { name: 'Note them' }).click();
  await page.getByLabel('Name, model or owner').fill('Cargo trike 9');
  await expect(page.getByText('Dotterel Box · Pier Café')).toBeVisible();
});

test('what is noted of the shop is changed on its page, and only by the owner', async ({ page }) => {
  await signedIn(page, 'owner');
  await page.goto('/shop');
  const rate = page.getByLabel('Labour rate for an hour');
  await rate.click();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('fifty', { delay: 5 });
  await page.keyboard.press('Enter');
  await expect(page.getByText('"fifty" is not an amount').or(page.getByText(/not an amount/))).toBeVisible();
  await expect(rate).toHaveValue('fifty');
  await rate.click();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('61,50', { delay: 5 });
  await page.keyboard.press('Enter');
  await expect(page.getByText('All kept')).toBeVisible();
  await expect(rate).toHaveValue('61.50');
  await page.getByRole('button', { name: 'Hidden', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Hidden', exact: true })).toHaveAttribute('aria-pressed', 'true');
  const job = await demoJob(page, "Warden's trail bike");
  await page.goto(`/jobs/${job}/source`);
  await page.getByRole('button', { name: /The list to buy/ }).click();
  await page.getByRole('button', { name: 'Show prices' }).click();
  await expect(page.getByRole('link', { name: /Quote for the customer/ })).toBeVisible();
  await page.goto('/shop');
  await page.getByLabel('Labour rate for an hour').fill('54.00');
  await page.keyboard.press('Enter');
  await expect(page.getByText('All kept')).toBeVisible();
  await page.request.delete('/api/v1/session');
  await signedIn(page);
  await page.goto('/shop');
  await expect(page.getByLabel('Labour rate for an hour')).toBeDisabled();
});
