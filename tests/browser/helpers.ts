import { expect, type Locator, type Page } from './worker';

/** A photograph of nothing much: a PNG of one point. */
export const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

/** People of the demo shop. */
export const PEOPLE = { mechanic: 'ines', owner: 'tove', apprentice: 'pim' } as const;

/** Signs in on the page, as a person does. */
export async function signInByHand(page: Page, who: keyof typeof PEOPLE = 'mechanic'): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('E-mail').fill(`${PEOPLE[who]}@ferryworks.example`);
  await page.getByLabel('Password').fill('bearing');
  await page.keyboard.press('Enter');
  await page.waitForURL('**/board');
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeVisible();
  await expect(page.getByText('Fetching')).toHaveCount(0);
}

/** Sends something as the page would, with its token. */
async function post<T>(page: Page, address: string, data: Record<string, unknown>, status: number): Promise<T> {
  const token = (await page.context().cookies()).find((one) => one.name === 'XSRF-TOKEN')?.value ?? '';
  const answer = await page.request.post(address, {
    headers: { 'X-XSRF-TOKEN': decodeURIComponent(token), Accept: 'application/json' },
    data,
  });
  expect(answer.status(), address).toBe(status);
  return (await answer.json()) as T;
}

/** Signed in, on no page yet: for tests that go to their own. */
export async function signedIn(page: Page, who: keyof typeof PEOPLE = 'mechanic'): Promise<void> {
  await page.request.get('/sanctum/csrf-cookie');
  await post(page, '/api/v1/session', { email: `${PEOPLE[who]}@ferryworks.example`, password: 'bearing' }, 200);
}

/** Signed in, on the board, with what stands there: for tests that go on from it. */
export async function signIn(page: Page, who: keyof typeof PEOPLE = 'mechanic'): Promise<void> {
  await signedIn(page, who);
  await page.goto('/board');
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeVisible();
  await expect(page.getByText('Fetching')).toHaveCount(0);
}

/** Chooses how a hub is built, by its picture. */
export const pickKind = (page: Page, kind: string): Promise<void> => page.locator(`label[data-kind="${kind}"]`).click();

/** Opens a job on a machine that was not here before, on the page as a person does, and says its number. */
export async function openJobByHand(page: Page, name: string, complaint: string, pattern: string): Promise<number> {
  await page.goto('/board');
  await page.getByRole('button', { name: 'Open a job' }).click();
  await page.getByRole('combobox', { name: 'Machine' }).fill(name);
  await page.getByRole('listbox', { name: 'Machines' }).getByRole('option', { name: 'not seen before' }).click();
  await pickKind(page, pattern);
  await page.getByLabel('What the customer says').fill(complaint);
  await page.getByRole('button', { name: 'Open it' }).click();
  await page.waitForURL(/\/jobs\/\d+\/check_in/);
  return Number(page.url().match(/jobs\/(\d+)/)?.[1]);
}

/** The same by keys, as far as they go: three taps are left. */
export async function openJobByKeys(page: Page, name: string, complaint: string, pattern: string): Promise<number> {
  await page.goto('/board');
  await page.getByRole('button', { name: 'Open a job' }).click();
  await page.getByRole('combobox', { name: 'Machine' }).focus();
  await page.keyboard.type(name);
  await expect(page.getByRole('option', { name: 'not seen before' })).toBeVisible();
  await page.keyboard.press('Enter');
  await pickKind(page, pattern);
  await page.getByLabel('What the customer says').focus();
  await page.keyboard.type(complaint);
  await page.getByRole('button', { name: 'Open it' }).click();
  await page.waitForURL(/\/jobs\/\d+\/check_in/);
  return Number(page.url().match(/jobs\/(\d+)/)?.[1]);
}

/** Picks a machine that was here before, by keyboard. */
export async function pickMachine(page: Page, name: string): Promise<void> {
  const box = page.getByRole('combobox', { name: 'Machine' });
  await box.fill(name);
  await expect(page.getByRole('listbox', { name: 'Machines' }).getByRole('option', { selected: true })).toContainText(
    name,
  );
  await box.press('Enter');
  await expect(page.getByRole('listbox', { name: 'Machines' })).toHaveCount(0);
}

/** A job on a machine that was not here before, open at a station or another view of it: for tests that are about what comes after. */
export async function openJobAt(
  page: Page,
  at: string,
  name: string,
  complaint = 'Rumbles downhill',
  pattern = 'pair-sleeve',
): Promise<number> {
  const machine = await post<{ id: number }>(page, '/api/v1/machines', { name }, 201);
  const job = await post<{ id: number }>(
    page,
    '/api/v1/jobs',
    { machine_id: machine.id, wheel: 'Front wheel', pattern, complaint },
    201,
  );
  await page.goto(`/jobs/${job.id}/${at}`);
  await expect(page.getByRole('heading').first()).toBeVisible();
  return job.id;
}

/** The same, at Check in. */
export const openJob = (page: Page, name: string, complaint?: string, pattern?: string): Promise<number> =>
  openJobAt(page, 'check_in', name, complaint, pattern);

/** The open job of a demo machine, wherever on the board it stands by now. */
async function demoCard(page: Page, machine: string): Promise<{ id: number; waits_at: string }> {
  let cursor = '';
  do {
    const answer = await page.request.get(`/api/v1/jobs${cursor && `?cursor=${cursor}`}`);
    const body = (await answer.json()) as {
      data: { id: number; waits_at: string; machine: { name: string } }[];
      next_cursor: string | null;
    };
    const found = body.data.find((one) => one.machine.name === machine);
    if (found) return found;
    cursor = body.next_cursor ?? '';
  } while (cursor);
  throw new Error(`No open job of ${machine}.`);
}

export const demoJob = async (page: Page, machine: string): Promise<number> => (await demoCard(page, machine)).id;

/** Opens the job of a demo machine where it waits, as the board does. */
export async function demo(page: Page, machine: string): Promise<void> {
  const card = await demoCard(page, machine);
  await page.goto(`/jobs/${card.id}/${card.waits_at}`);
  await expect(page.getByRole('heading', { level: 1, name: new RegExp(machine) })).toBeVisible();
}

export const field = (page: Page, place: string): Locator => page.locator(`input[data-place="${place}"]`);

/** Types a reading and presses Enter, as a caliper with a cable does. */
export async function type(page: Page, place: string, text: string): Promise<void> {
  await field(page, place).fill(text);
  await field(page, place).press('Enter');
}

/** Taps an answer. */
export const tap = (page: Page, place: string, label: string): Promise<void> =>
  page.locator(`[data-place="${place}"]`).getByRole('button', { name: label, exact: true }).click();

/** Taps what is done by doing it. */
export const tick = (page: Page, place: string): Promise<void> => page.locator(`button[data-place="${place}"]`).click();

export const goTo = async (page: Page, step: string): Promise<void> => {
  const starts = new RegExp(`^\\d+ ?${step.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`);
  await page.getByRole('region', { name: 'Steps' }).getByRole('button', { name: starts }).click();
  await expect(page.getByRole('heading', { level: 2, name: step })).toBeVisible();
};

export async function station(page: Page, name: string): Promise<void> {
  const link = page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: new RegExp(`${name} ?\\d+ of`) });
  await link.click();
  await expect(link).toHaveAttribute('aria-current', 'page');
}

/** The verdict that stands first on the right. */
export const verdict = (page: Page): Locator =>
  page.getByRole('region', { name: 'Verdict', exact: true }).locator('h3').first();

export const kept = (page: Page): Promise<void> => expect(page.getByTestId('keeping')).toHaveText('All kept');

interface Entry {
  place: string;
  value: Record<string, unknown> | null;
  id: string;
}

/** Every record of a job as the server has it, oldest first. */
export async function records(page: Page, job: number): Promise<Entry[]> {
  const all: Entry[] = [];
  let cursor = '';
  do {
    const answer = await page.request.get(`/api/v1/jobs/${job}/records${cursor && `?cursor=${cursor}`}`);
    const body = (await answer.json()) as { data: Entry[]; next_cursor: string | null };
    all.push(...body.data);
    cursor = body.next_cursor ?? '';
  } while (cursor);
  return all.reverse();
}

/** Puts entries into a job through the API, for a test that is about what comes after. */
export async function enter(
  page: Page,
  job: number,
  entries: { place: string; entry: Record<string, unknown> }[],
): Promise<void> {
  for (const one of entries) {
    await post(page, `/api/v1/jobs/${job}/records`, { ...one, id: crypto.randomUUID() }, 201);
  }
}
