import { demo, goTo, pickKind, signedIn, signIn, station } from './helpers';
import { expect, test } from './worker';

test('the keys do what the help sheet says', async ({ page }) => {
  await signIn(page);
  await page.keyboard.press('m');
  await expect(page).toHaveURL(/machines/);
  await page.keyboard.press('f');
  await expect(page).toHaveURL(/finder/);
  await expect(page.getByLabel('Ask: a number')).toBeFocused();
  await page.keyboard.press('Escape');
  await page.keyboard.press('w');
  await expect(page).toHaveURL(/tools/);
  await page.keyboard.press('b');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'What the keys do' })).toBeVisible();
  await page.keyboard.press('m');
  await expect(page, 'no shortcut works under a sheet').toHaveURL(/board/);
  await page.keyboard.press('Escape');
  await demo(page, 'Parcel moped 7');
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
  for (const [key, where] of ['check_in', 'strip', 'size', 'source', 'seat', 'set', 'prove'].map(
    (one, i) => [String(i + 1), one] as const,
  )) {
    await page.keyboard.press(key);
    await expect(page).toHaveURL(new RegExp(`/${where}$`));
  }
  await page.keyboard.press('3');
  await goTo(page, 'Left bearing');
  await expect(page.getByRole('heading', { level: 2, name: 'Left bearing' })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { level: 2, name: 'Right bearing' })).toBeVisible();
  await page.keyboard.press('p');
  await expect(page.getByRole('heading', { level: 2, name: 'Left bearing' })).toBeVisible();
});

test('a wrong password is said beside the field and keeps the address', async ({ page }) => {
  await page.goto('/board');
  await expect(page).toHaveURL(/sign-in/);
  await page.getByLabel('E-mail').fill('ines@ferryworks.example');
  await page.getByLabel('Password').fill('wrong');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toHaveText('No one signs in with this address and password.');
  await expect(page.getByLabel('E-mail')).toHaveValue('ines@ferryworks.example');
});

test('signing out leaves nothing behind on the page', async ({ page }) => {
  await signIn(page);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page).toHaveURL(/sign-in/);
  await page.goto('/board');
  await expect(page).toHaveURL(/sign-in/);
});

test('the theme and the units are remembered for the person', async ({ page }) => {
  await signIn(page, 'owner');
  await page.keyboard.press('t');
  const remembered = page.waitForResponse(
    (answer) => answer.request().method() === 'PATCH' && (answer.request().postData() ?? '').includes('units'),
  );
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: 'Units: in. Change.' })).toBeVisible();
  await remembered;
  await page.reload();
  await expect(page.locator('html')).toHaveClass(/dark/);
  await expect(page.getByRole('button', { name: 'Units: in. Change.' })).toBeVisible();
  await page.keyboard.press('t');
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: 'Units: mm. Change.' })).toBeVisible();
});

test('no style or script is refused by the page policy', async ({ page }) => {
  const refused: string[] = [];
  page.on('console', (message) => {
    if (/Content Security Policy|Refused to/i.test(message.text())) refused.push(message.text());
  });
  await signedIn(page);
  await demo(page, 'Parcel moped 7');
  await station(page, 'Size');
  await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Finder' }).click();
  await expect(page.getByRole('heading', { name: 'Finder' })).toBeVisible();
  expect(refused).toEqual([]);
});

test('the first load is at most 220 kB of script', async ({ page }) => {
  const scripts: Promise<number>[] = [];
  page.on('response', (response) => {
    if (response.url().endsWith('.js'))
      scripts.push(
        response
          .headerValue('content-length')
          .then(async (length) => Number(length) || (await response.request().sizes()).responseBodySize),
      );
  });
  await page.goto('/sign-in');
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await page.waitForLoadState('networkidle');
  const bytes = (await Promise.all(scripts)).reduce((sum, one) => sum + one, 0);
  expect(bytes).toBeGreaterThan(20_000);
  expect(bytes).toBeLessThan(220_000);
});

test('the finder answers while it is typed and says what is missing', async ({ page }) => {
  await signedIn(page);
  await page.goto('/finder/press-force');
  await page.getByRole('button', { name: 'Fill in an example' }).click();
  await expect(page.getByRole('heading', { level: 3 }).first()).toHaveText('Light work: 1345 N');
  await page.getByLabel('Outside diameter of the hub around the bearing, mm').fill('40');
  await expect(page.getByRole('alert')).toHaveText('The hub must be larger outside than the bearing it holds.');
  await page.goto('/finder/bearing-from-caliper');
  await page.getByLabel('Bore, mm').fill('20.0');
  await page.getByLabel('Outside diameter, mm').fill('47.0');
  await page.getByLabel('Width, mm').fill('14');
  await expect(page.getByRole('region', { name: 'Verdict', exact: true })).toContainText('6204');
  await page.goto('/finder/square');
  await page.getByRole('button', { name: 'Fill in an example' }).click();
  await expect(page.getByRole('heading', { level: 3 }).filter({ hasText: 'Drive it back out' })).toBeVisible();
});

test('a tool is hung on the wall by a mechanic, not by an apprentice', async ({ page }) => {
  await signedIn(page);
  await page.goto('/tools');
  await page.getByLabel('Name').fill('Exhaust pipe end');
  await page.getByLabel('Kind').selectOption('pipe');
  await page.getByLabel('Outside of its face').fill('1 3/4 in');
  await page.getByLabel('Opening').fill('60');
  await page.getByLabel('Length').fill('80');
  await page.getByRole('button', { name: 'Hang it up' }).click();
  await expect(page.getByRole('alert')).toHaveText('The opening is not smaller than the outside of the tool.');
  await expect(page.getByLabel('Name')).toHaveValue('Exhaust pipe end');
  await page.getByLabel('Opening').fill('40');
  await page.getByRole('button', { name: 'Hang it up' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Exhaust pipe end' })).toContainText('44.5 mm / 40.0 mm');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  await signedIn(page, 'apprentice');
  await page.goto('/tools');
  await expect(page.getByRole('listitem').filter({ hasText: 'Exhaust pipe end' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Hang it up' })).toHaveCount(0);
});

test('what is missing to open a job is said beside its field', async ({ page }) => {
  await signIn(page);
  await page.getByRole('button', { name: 'Open a job' }).click();
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Choose the machine.' })).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'Write what the customer says' })).toBeVisible();
});

test('a job is found by its machine, its owner or its number', async ({ page }) => {
  await signIn(page);
  const lines = page.getByRole('listitem');
  await page.getByRole('searchbox', { name: 'Machine, owner or job' }).fill('post SCOOT');
  await expect(lines).toHaveCount(1);
  await expect(lines).toContainText('Post scooter, front wheel');
  const number = (await lines.textContent())?.match(/Job (\d+)/)?.[1] ?? '';
  await page.getByRole('searchbox').fill(number);
  await expect(lines.filter({ hasText: 'Post scooter' })).toHaveCount(1);
  await page.getByRole('searchbox').fill('no such thing');
  await expect(page.getByRole('heading', { name: 'No open job with "no such thing"' })).toBeVisible();
  await page.getByRole('searchbox').press('Escape');
  await expect(lines.nth(5)).toBeVisible();
});

test('a machine is picked by a few letters, and a new one is noted once', async ({ page }) => {
  await signIn(page);
  await page.getByRole('button', { name: 'Open a job' }).click();
  const box = page.getByRole('combobox', { name: 'Machine' });
  const options = page.getByRole('listbox', { name: 'Machines' }).getByRole('option');
  await box.fill('harbour bi');
  await expect(options).toHaveText([/^Harbour bicycle 4/, /^harbour binot seen before$/]);
  await box.press('ArrowDown');
  await expect(options.nth(1)).toHaveAttribute('aria-selected', 'true');
  const name = `Pier winch ${Date.now()}`;
  await box.fill(name);
  await expect(options).toHaveCount(1);
  await box.press('Enter');
  await expect(page.getByText('Not seen before: it is noted.')).toBeVisible();
  await page.getByLabel('Owner', { exact: true }).fill('Harbour Hire');
  await pickKind(page, 'taper-pair');
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByRole('alert')).toContainText('Write what the customer says');
  await expect(box).toHaveValue(name);
  await page.getByLabel('What the customer says').fill('Groans under load');
  await page.getByRole('button', { name: 'Open it' }).click();
  await page.waitForURL(/check_in/);
  await page.goto('/machines');
  await page.getByRole('searchbox').fill(name);
  await expect(page.getByRole('listitem')).toHaveCount(1);
  await expect(page.getByRole('listitem')).toContainText('On the bench');
});

test('a job that is not there says so', async ({ page }) => {
  await signedIn(page);
  await page.goto('/jobs/999999/seat');
  await expect(page.getByRole('alert')).toContainText('Not here');
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
});

test('on a phone the page fits and every target is large enough for a thumb', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 780 });
  await signIn(page);
  for (const address of ['/board', '/jobs/2/check_in', '/tools', '/finder']) {
    await page.goto(address);
    await expect(page.getByRole('heading').first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth), address).toBeLessThanOrEqual(390);
  }
  await page.goto('/jobs/2/check_in');
  for (const button of await page.locator('main fieldset button').all()) {
    expect((await button.boundingBox())?.height).toBeGreaterThanOrEqual(44);
  }
});

test('whoever is quicker than the list of machines has the job opened as soon as the machine is known', async ({
  page,
}) => {
  await signIn(page);
  await page.getByRole('button', { name: 'Open a job' }).click();
  let letGo = () => {};
  const gate = new Promise<void>((open) => {
    letGo = open;
  });
  await page.route(/api\/v1\/machines(\?|$)/, async (route) => {
    await gate;
    await route.continue();
  });
  await page.getByRole('combobox', { name: 'Machine' }).focus();
  await page.keyboard.type('Hurried barrow');
  await page.keyboard.press('Enter');
  await pickKind(page, 'single-ring');
  await page.getByLabel('What the customer says').focus();
  await page.keyboard.type('Squeals');
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByText('Choose the machine.')).toHaveCount(0);
  letGo();
  await page.waitForURL(/\/jobs\/\d+\/check_in/);
  await expect(page.getByRole('heading', { level: 1, name: /Hurried barrow/ })).toBeVisible();
});
