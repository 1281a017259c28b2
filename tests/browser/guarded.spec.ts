import { createHmac } from 'node:crypto';
import { demoJob, signedIn } from './helpers';
import { expect, test } from './worker';

/** What a device shows: RFC 6238, written down once more and not taken from the program. */
function shown(secret: string, now = Date.now()): string {
  const bits = [...secret]
    .map((sign) => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'.indexOf(sign).toString(2).padStart(5, '0'))
    .join('');
  const key = Buffer.from((bits.match(/.{8}/g) ?? []).map((eight) => Number.parseInt(eight, 2)));
  const step = Buffer.alloc(8);
  step.writeBigUInt64BE(BigInt(Math.floor(now / 30_000)));
  const hash = createHmac('sha1', key).update(step).digest();
  const from = (hash[19] as number) & 15;
  return String((hash.readUInt32BE(from) & 0x7fffffff) % 1_000_000).padStart(6, '0');
}

test('a code beside the password is asked for at sign-in, and a recovery code stands in for a lost device', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await signedIn(page, 'apprentice');
  await page.goto('/people');
  const section = page.getByRole('region', { name: 'Time code' });
  await section.getByLabel('Present password').click();
  await page.keyboard.type('bearing');
  await page.keyboard.press('Enter');
  await expect(section.getByRole('img', { name: 'Code for your device' })).toBeVisible();
  const secret = (await section.getByText(/^[A-Z2-7]{32}$/).textContent()) ?? '';
  await section.getByLabel('What it shows now').click();
  await page.keyboard.type(shown(secret));
  await page.keyboard.press('Enter');
  const recovery = section.getByRole('list', { name: 'Recovery codes' }).getByRole('listitem');
  await expect(recovery).toHaveCount(10);
  const codes = await recovery.allTextContents();
  expect(new Set(codes).size).toBe(10);

  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  await page.getByLabel('E-mail').fill('pim@ferryworks.example');
  await page.getByLabel('Password').fill('bearing');
  await page.keyboard.press('Enter');
  const code = page.getByLabel('Code that your device shows');
  await expect(code).toBeFocused();
  // The one that switched it on is used up: half a minute later there is another.
  await page.keyboard.type(codes[0] ?? '');
  await page.keyboard.press('Enter');
  await page.waitForURL('**/board');

  await page.goto('/people');
  await expect(section.getByText('9 recovery codes are left.')).toBeVisible();
  await section.getByLabel('Present password').click();
  await page.keyboard.type('bearing');
  await page.keyboard.press('Enter');
  await expect(section.getByRole('button', { name: 'Use one' })).toBeVisible();
});

test('a token is made, shown once, sends a reading by itself, and is ended', async ({ page, baseURL, playwright }) => {
  await signedIn(page);
  await page.goto('/people');
  const section = page.getByRole('region', { name: 'Devices and scripts' });
  await section.getByLabel('What it is for').click();
  await page.keyboard.type('Bench caliper');
  await page.keyboard.press('Enter');
  const token = await section.getByLabel('Token of Bench caliper').inputValue();
  await section.getByRole('button', { name: 'It is copied' }).click();
  await expect(section.getByText('adds readings · until')).toBeVisible();

  const device = await playwright.request.newContext({
    baseURL,
    extraHTTPHeaders: { Authorization: `Bearer ${token}`, Accept: 'application/json' },
  });
  const job = await demoJob(page, 'Parcel moped 7');
  const send = () =>
    device.post(`/api/v1/jobs/${job}/records`, {
      data: { id: crypto.randomUUID(), place: 'size.over_faces', entry: { typed: '104.02' } },
    });
  expect((await send()).status()).toBe(201);
  expect((await device.get('/api/v1/jobs')).status()).toBe(403);
  await section.getByRole('button', { name: 'End Bench caliper' }).click();
  await expect(section.getByRole('button', { name: 'End Bench caliper' })).toHaveCount(0);
  expect((await send()).status()).toBe(401);
  await device.dispose();
});
