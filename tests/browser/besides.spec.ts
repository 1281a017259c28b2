import { demoJob, field, goTo, openJob, openJobAt, signedIn, signIn } from './helpers';
import { expect, test } from './worker';

test('what is kept and what is judged is said aloud where a device is told to, and nowhere else', async ({ page }) => {
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, {
      said,
      SpeechSynthesisUtterance: class {
        lang = '';
        constructor(readonly text: string) {}
      },
    });
    Object.defineProperty(window, 'speechSynthesis', {
      value: { speak: (one: { text: string }) => said.push(one.text), cancel: () => undefined },
    });
  });
  const said = () => page.evaluate(() => (window as unknown as { said: string[] }).said);
  await signedIn(page);
  await openJobAt(page, 'seat', 'Spoken to');
  await goTo(page, 'Start the first bearing square');
  await field(page, 'seat.left.start.12').fill('2.50');
  await page.keyboard.press('Enter');
  expect(await said()).toEqual([]);
  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  await page.keyboard.press('?');
  await page.getByRole('dialog').getByLabel('Say aloud what is kept and what is judged').check();
  await page.keyboard.press('Escape');
  for (const [hour, depth] of [
    ['3', '2.90'],
    ['6', '3.30'],
    ['9', '2.90'],
  ]) {
    await field(page, `seat.left.start.${hour}`).fill(depth as string);
    await page.keyboard.press('Enter');
  }
  await expect.poll(async () => (await said()).filter((one) => one === '2.90').length).toBe(2);
  await expect.poll(said).toContain('Drive it back out');
});

test('a job goes onto one sheet of paper: its steps, blanks for its readings, and a code that leads back', async ({
  page,
}) => {
  await signedIn(page);
  for (const machine of ['Campsite trail bike 1', 'Campsite quad 3', 'School bicycle 11', 'Boat trailer']) {
    const job = await demoJob(page, machine);
    await page.goto(`/jobs/${job}/check_in`);
    await page.getByRole('link', { name: 'On paper' }).click();
    await expect(page.getByRole('img', { name: 'Code that opens this job' })).toBeVisible();
    for (const station of ['Check in', 'Strip', 'Size', 'Source', 'Seat', 'Set', 'Prove'])
      await expect(page.getByRole('heading', { level: 2, name: station })).toBeVisible();
    const pdf = (
      await page.pdf({ format: 'A4', margin: { top: '10mm', bottom: '10mm', left: '10mm', right: '10mm' } })
    ).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b/g), machine).toHaveLength(1);
  }
});

test('the title of every view says what it is, and of which job', async ({ page }) => {
  await page.goto('/sign-in');
  await expect(page).toHaveTitle('Sign in · Clean Race');
  await signIn(page);
  await expect(page).toHaveTitle('On the bench · Clean Race');
  const job = await openJob(page, 'Titled', 'Hums');
  await expect(page).toHaveTitle(/^Check in · Titled, front wheel · job \d+ · Clean Race$/);
  for (const [address, title] of [
    [`/jobs/${job}/hub`, /^Parts and sizes · Titled, front wheel · job \d+ · Clean Race$/],
    ['/finder', 'Finder · Clean Race'],
    ['/finder/fit', 'Fit of a ring in its bore · Finder · Clean Race'],
    ['/parts/shelf', 'Shelf · Parts · Clean Race'],
    ['/tools', 'Tool wall · Clean Race'],
    ['/nowhere', 'No such page · Clean Race'],
  ] as const) {
    await page.goto(address);
    await expect(page, address).toHaveTitle(title);
  }
});

test('what the owner chooses of the shop the moment before they leave is kept', async ({ page }) => {
  await signedIn(page, 'owner');
  const chosen = async (): Promise<string | undefined> => {
    const { habits } = (await (await page.request.get('/api/v1/shop')).json()) as {
      habits: { name: string; chosen: string }[];
    };
    return habits.find((one) => one.name === 'heat')?.chosen;
  };
  await page.goto('/shop');
  for (const name of ['Warm first', 'Cold first', 'Warm first', 'Cold first']) {
    await page.getByRole('button', { name }).click({ noWaitAfter: true });
    await page.goto('/board', { waitUntil: 'commit' });
    await expect.poll(chosen).toBe(name === 'Warm first' ? 'warm' : 'cold');
    await page.goto('/shop');
    await expect(page.getByRole('button', { name })).toHaveAttribute('aria-pressed', 'true');
  }
});
