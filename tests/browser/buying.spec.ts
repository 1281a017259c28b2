import { goTo, kept, openJob, signedIn, signIn, station, type, verdict } from './helpers';
import { expect, test } from './worker';

test('a price list is looked at line by line, its columns told, and taken', async ({ page }) => {
  await signedIn(page);
  await page.goto('/parts/suppliers');
  const name = `Counter ${Date.now()}`;
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Carriage for one parcel').fill('4,50');
  await page.getByRole('button', { name: 'Note it' }).click();
  const row = page
    .locator('div')
    .filter({ has: page.getByRole('heading', { name }) })
    .last();
  await expect(row).toBeVisible();
  await page
    .getByRole('heading', { name })
    .locator('xpath=ancestor::div[2]')
    .getByRole('button', { name: 'Price list' })
    .click();
  const sheet = page.getByRole('dialog', { name: `Price list of ${name}` });
  await sheet.getByLabel('CSV file with a header line').setInputFiles({
    name: 'prices.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('what;how much\n6204-2RS;1.00\n;2.00\n6205-2RS;ask\n'),
  });
  await expect(sheet.getByRole('alert')).toContainText('No column looks like the article number');
  await sheet.getByLabel('CSV file with a header line').setInputFiles({
    name: 'prices.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('article;how much;price\n6204-2RS;9;1.00\n;2.00;3\n6205-2RS;4;ask\n'),
  });
  await expect(sheet).toContainText('1 of 3 rows can be taken');
  await expect(sheet).toContainText('Line 3');
  await expect(sheet).toContainText('Line 4');
  await sheet.getByLabel('Price', { exact: true }).selectOption({ label: 'how much' });
  await expect(sheet).toContainText('2 of 3 rows can be taken');
  await sheet.getByRole('button', { name: /Take these 2 prices/ }).click();
  await expect(sheet).toBeHidden();
  await expect(page.getByText(/2 articles/).first()).toBeVisible();
});

test('a job is bought from the shelf and from counters, and booked in when it comes', async ({ page }) => {
  await signedIn(page);
  const job = await openJob(page, `Buying trial ${Date.now()}`);
  await page.goto('/parts/shelf');
  await page.getByLabel('What it is').fill('6005 2RS');
  await page.getByLabel('How many').fill('1');
  await page.getByRole('button', { name: 'Put it down' }).click();
  await expect(page.getByRole('button', { name: 'One more 6005 2RS' })).toBeVisible();

  await page.goto(`/jobs/${job}/size`);
  await page.getByLabel('Stamped on the ring').fill('6005 2RS');
  await page.keyboard.press('Enter');
  await page.goto(`/jobs/${job}/strip`);
  for (const side of ['left', 'right']) {
    const tray = await page.request.get('/sanctum/csrf-cookie');
    expect(tray.ok()).toBe(true);
    const token = (await page.context().cookies()).find((one) => one.name === 'XSRF-TOKEN')?.value ?? '';
    const kept = await page.request.post(`/api/v1/jobs/${job}/records`, {
      headers: { 'X-XSRF-TOKEN': decodeURIComponent(token), Accept: 'application/json' },
      data: {
        id: crypto.randomUUID(),
        place: `part.bearing_${side}`,
        entry: { state: 'on_tray', condition: 'replace' },
      },
    });
    expect(kept.status()).toBe(201);
  }
  await page.goto(`/jobs/${job}/source`);
  const cheapest = page.getByRole('region', { name: /^Cheapest/ });
  await expect(cheapest).toContainText('1×');
  await page.getByRole('button', { name: /off the shelf/ }).click();
  await expect(page.getByRole('button', { name: /off the shelf/ })).toBeHidden();
  await expect(cheapest).toContainText('2×');
  await cheapest.getByRole('button', { name: 'Order this way' }).dblclick();
  await expect(page.getByText(/2 ordered/)).toBeVisible();

  await page.goto('/parts/orders');
  const order = page.getByRole('region', { name: /^Order/ }).first();
  await expect(order).toContainText('0 of 2 here');
  await order.getByRole('button', { name: /^\+1 / }).click();
  await expect(order).toContainText('1 of 2 here');
  await order.getByRole('button', { name: 'All of it came' }).click();
  await expect(order).toContainText('All here');
});

test('bearings are weighed against the assembly while the price is typed', async ({ page }) => {
  await signedIn(page);
  await page.goto('/jobs/5/source');
  await page.getByRole('region', { name: 'Steps' }).getByRole('button', { name: 'Bearings or the assembly' }).click();
  await page.getByLabel('The assembly, new').fill('240.00');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: /^Verdict: Bearings:/ })).toContainText(
    'They meet where the assembly costs',
  );
});

test('what only the customer can decide waits on the board until their answer stands', async ({ page }) => {
  await signIn(page);
  const name = `Question trial ${Date.now()}`;
  await openJob(page, name);
  const line = page.getByRole('listitem').filter({ hasText: name });
  await station(page, 'Source');
  await goTo(page, 'Ask the customer');
  await type(page, 'source.customer.1.asked', 'Sleeve it, or a new hub?');
  await expect(verdict(page)).toHaveText('Waits for the customer');
  await kept(page);
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(line).toContainText('Asked: Sleeve it, or a new hub?');
  await expect(line).toContainText('customer decides');
  await line.getByRole('link').click();
  await station(page, 'Source');
  await goTo(page, 'Ask the customer');
  await type(page, 'source.customer.1.answer', 'Sleeve it');
  await expect(page.getByRole('region', { name: 'Steps' }).getByText('Ask the customer again')).toBeVisible();
  await kept(page);
  await page.getByRole('link', { name: 'Board' }).click();
  await expect(line).toContainText('Rumbles downhill');
  await expect(line).not.toContainText('customer decides');
});
