import { goTo, kept, openJob, signedIn, station, tap, type, verdict } from './helpers';
import { expect, type Page, test } from './worker';

/** Depths as a caliper with a cable types them: a value, Enter, the next. */
async function wedge(page: Page, first: string, depths: string[]): Promise<void> {
  await page.locator(`input[data-place="${first}"]`).focus();
  for (const depth of depths) {
    await page.keyboard.type(depth);
    await page.keyboard.press('Enter');
  }
}

/** The patterns there are, and the name of every step of seating one; read from the running program. */
async function plan(page: Page, job: number): Promise<{ id: string; title: string; parts: string[] }[]> {
  const answer = await page.request.get(`/api/v1/jobs/${job}`);
  const report = (await answer.json()).report as {
    stations: {
      station: string;
      steps: { id: string; title: { text: string }; asks: { kind: string; place: string }[] }[];
    }[];
  };
  return (report.stations.find((one) => one.station === 'seat')?.steps ?? []).map((step) => ({
    id: step.id,
    title: step.title.text,
    parts: step.asks.filter((ask) => ask.kind === 'part').map((ask) => ask.place),
  }));
}

test('a bearing is seated with corrections at the clock face, by keyboard alone', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Clock moped');
  await station(page, 'Seat');
  await goTo(page, 'Start the first bearing square');
  const at = 'seat.left.start';
  await wedge(page, `${at}.12`, ['2.00', '2.25', '2.50', '2.25']);
  await expect(verdict(page)).toHaveText('Tap at 12');
  await expect(page.getByRole('img', { name: "Tap here: 12 o'clock" })).toContainText('tap here');
  await kept(page);

  // Tapped at 12, read again: straighter. The trend says so.
  await wedge(page, `${at}.12`, ['3.10', '3.20', '3.25', '3.18']);
  await expect(page.getByText('It is coming straight')).toBeVisible();
  await wedge(page, `${at}.12`, ['4.10', '4.11', '4.12', '4.11']);
  await expect(verdict(page)).toHaveText('Square: go on');
  await kept(page);

  // Another place may be read by tapping the face; three are enough.
  await page.getByRole('button', { name: '6 places' }).click();
  await expect(page.locator(`input[data-place="${at}.10"]`)).toBeVisible();

  // Cocked past saving: out, and the places are free again.
  await page.getByRole('button', { name: '4 places' }).click();
  await wedge(page, `${at}.12`, ['4.10', '4.60', '5.00', '4.60']);
  await expect(verdict(page)).toHaveText('Drive it back out');
  await page.getByRole('button', { name: 'It is out, start again' }).click();
  await expect(page.locator(`input[data-place="${at}.12"]`)).toHaveValue('');
  await expect(page.getByText('It is coming straight')).toHaveCount(0);
});

// The quickest and the slowest each time; those between before an issue is called done.
for (const [delay, mark] of [
  [2, ''],
  [15, ' @long'],
  [40, ' @long'],
  [80, ''],
] as const) {
  test(`a caliper that types at ${delay} ms a key while no field has the focus fills the fields that wait${mark}`, async ({
    page,
  }) => {
    await signedIn(page);
    const job = await openJob(page, `Loose caliper ${delay}`);
    await station(page, 'Seat');
    await goTo(page, 'Start the first bearing square');
    const at = 'seat.left.start';
    await wedge(page, `${at}.12`, ['4.10', '4.60', '5.00', '4.60']);
    await expect(verdict(page)).toHaveText('Drive it back out');
    await page.getByRole('button', { name: 'It is out, start again' }).click();
    for (const depth of ['2.10', '2.12', '2.10', '2.08']) {
      await page.keyboard.type(depth, { delay });
      await page.keyboard.press('Enter', { delay });
    }
    await expect(verdict(page)).toHaveText('Square: go on');
    await expect(page).toHaveURL(new RegExp(`/jobs/${job}/seat`));
    for (const [hour, depth] of [
      ['12', '2.10'],
      ['3', '2.12'],
      ['6', '2.10'],
      ['9', '2.08'],
    ]) {
      await expect(page.locator(`input[data-place="${at}.${hour}"]`)).toHaveValue(depth ?? '');
    }
    await kept(page);

    // Nothing waits: it is said, and leads nowhere.
    await page.getByRole('heading', { level: 1 }).click();
    await page.keyboard.type('-7.1', { delay });
    await page.keyboard.press('Enter');
    await expect(page.getByRole('status').filter({ hasText: '-7.1 came' })).toBeVisible();
    await expect(page).toHaveURL(new RegExp(`/jobs/${job}/seat`));
    await page.getByRole('button', { name: 'Put away' }).click();
    // A single digit is still the way to a station.
    await page.keyboard.press('3');
    await expect(page).toHaveURL(new RegExp(`/jobs/${job}/size`));
  });
}

test('a sign is not given up for a key that comes late', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Late caliper');
  await station(page, 'Seat');
  await goTo(page, 'Seals, both sides');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('-', { delay: 1_500 });
  await page.keyboard.type('7.1', { delay: 15 });
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: /(^|[^-\d])7\.1 came/ })).toHaveCount(0);
  await expect
    .poll(async () =>
      [
        ...(await page
          .locator('input[data-place]')
          .evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value))),
        ...(await page.getByRole('status').allInnerTexts()),
      ].join(' '),
    )
    .toContain('-7.1');
});

test('a rough face is read off a reference first', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Cast knuckle', 'Growls', 'knuckle-wide');
  await station(page, 'Seat');
  await goTo(page, 'Start it square: wheel bearing');
  await tap(page, 'seat.bearing.face', 'Rough: reference first');
  for (const [hour, face] of [
    ['12', 0.9],
    ['3', 0.4],
    ['6', 0.1],
    ['9', 0.6],
  ] as const) {
    await type(page, `seat.bearing.ref.${hour}`, (20 + face).toFixed(2));
    await type(page, `seat.bearing.start.${hour}`, (5 + face).toFixed(2));
  }
  // A reference set doubles the doubt: the look decides.
  await expect(verdict(page)).toHaveText('Too coarse to tell');
  await tap(page, 'seat.bearing.start.eye', 'Level all round');
  await expect(verdict(page)).toHaveText('Square: go on');
});

test('the press is watched live to the stop, and its trace is kept', async ({ page }) => {
  await signedIn(page);
  const job = await openJob(page, 'Press moped');
  await station(page, 'Seat');
  await goTo(page, 'Down to its shoulder');
  const gauge = page.getByRole('region', { name: 'Press gauge' });
  await gauge.getByLabel('What the simulated press plays').selectOption('cocked');
  await gauge.getByLabel('How fast').selectOption('3');
  await gauge.getByRole('button', { name: 'Watch the press' }).click();
  await expect(gauge.getByRole('status')).toContainText('Cocked: stop', { timeout: 15_000 });
  await expect(gauge.getByRole('button', { name: 'Watch the press' })).toBeVisible({ timeout: 15_000 });
  await expect(verdict(page)).toHaveText('Cocked: stop');
  await kept(page);

  await gauge.getByLabel('What the simulated press plays').selectOption('good');
  await gauge.getByLabel('How fast').selectOption('8');
  await gauge.getByRole('button', { name: 'Watch the press' }).click();
  await expect(gauge.getByRole('status')).toContainText('Going in as reckoned');
  await expect(gauge.getByRole('status')).toContainText('Home: stop', { timeout: 15_000 });
  await expect(gauge.getByText('sharp rise', { exact: true })).toBeVisible();
  await expect(verdict(page)).toHaveText('Home: stop', { timeout: 15_000 });

  // It is there after a reload, goes out as CSV, and that comes in again.
  await page.reload();
  await goTo(page, 'Down to its shoulder');
  await expect(gauge.getByRole('status')).toContainText('Home: stop');
  const csv = await page.request.get(
    (await gauge.getByRole('link', { name: 'This trace as CSV' }).getAttribute('href')) ?? '',
  );
  expect(await csv.text()).toMatch(/^travel_mm,force_n/);
  await gauge
    .locator('input[type=file]')
    .setInputFiles({ name: 'trace.csv', mimeType: 'text/csv', buffer: await csv.body() });
  await expect
    .poll(async () => (await (await page.request.get(`/api/v1/jobs/${job}/seats/left/traces`)).json()).data.length)
    .toBe(3);
  await gauge
    .locator('input[type=file]')
    .setInputFiles({ name: 'odd.csv', mimeType: 'text/csv', buffer: Buffer.from('a,b\n1,2\n') });
  await expect(gauge.getByRole('alert')).toContainText('No column is called travel');
});

test('a warm hub shows the seconds that are left', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Warm moped');
  await station(page, 'Size');
  await goTo(page, 'The hub');
  await tap(page, 'size.hub_material', 'Aluminium');
  await type(page, 'size.room_temperature', '18');
  await goTo(page, 'Will the bore hold: left bearing');
  await tap(page, 'fit.left.feel', 'Wants firm driving');
  await station(page, 'Seat');
  await goTo(page, 'Warm it to');
  await type(page, 'seat.hub_temperature', '85');
  const clock = page.getByRole('timer');
  await expect(clock).toContainText(/\d+:\d\d/);
  const before = await clock.textContent();
  await expect(clock).not.toHaveText(before ?? '', { timeout: 5_000 });
  await type(page, 'seat.hub_temperature', '20');
  await expect(clock).toContainText('0:00');
  await expect(verdict(page)).toHaveText('Warm it again');
});

test('what must be in first is said at the step, and stops who goes on without it', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Hasty moped');
  await station(page, 'Seat');
  await goTo(page, 'Seals, both sides');
  await expect(page.getByRole('note')).toContainText('Left bearing is not in');
  await page.locator('[data-place="part.seal_left"]').getByRole('button', { name: 'Fit it' }).click();
  await expect(page.getByRole('heading', { name: 'Left bearing first' })).toBeVisible();
});

for (const pattern of [
  'pair-sleeve',
  'pair-axle-shoulder',
  'freehub-body',
  'pair-tube-axle',
  'cup-cone',
  'cup-cone-conversion',
  'single-ring',
  'knuckle-wide',
  'knuckle-pair',
  'live-carrier',
  'shaft-bearing',
  'spindle',
  'flanged-wheel',
  'taper-pair',
]) {
  // One of each family each time; the others before an issue is called done.
  const mark = ['pair-sleeve', 'taper-pair'].includes(pattern) ? '' : ' @long';
  test(`the seating of a ${pattern} is walked to its end${mark}`, async ({ page }) => {
    await signedIn(page);
    const job = await openJob(page, `Walk of ${pattern}`, 'Rumbles', pattern);
    await station(page, 'Seat');
    const steps = await plan(page, job);
    expect(steps.length).toBeGreaterThan(4);
    for (const [i, step] of steps.entries()) {
      await expect(page.locator('[aria-current="step"]')).toContainText(String(i + 1));
      for (const place of step.parts) {
        const part = place.slice('part.'.length);
        await page.locator(`[data-place="${place}"]`).getByRole('button', { name: 'Fit it' }).click();
        await expect(page.locator(`g[data-part="${part}"]`)).toHaveAttribute('data-state', 'fitted');
      }
      await expect(page.getByRole('note')).toHaveCount(0);
      // By the list: what is optional is passed over by Next, and a step that is done leads on by itself.
      const list = page.getByRole('region', { name: 'Steps' }).getByRole('button');
      if (i < steps.length - 1) await list.nth(i + 1).click();
    }
    await kept(page);
    const parts = steps.flatMap((step) => step.parts);
    const report = (await (await page.request.get(`/api/v1/jobs/${job}`)).json()).report;
    const fitted = report.tray.filter((one: { state: string }) => one.state === 'fitted');
    expect(fitted).toHaveLength(parts.length);
  });
}

test('the tool wall goes out as a list, comes in again, and a tool is measured anew', async ({ page }) => {
  await signedIn(page);
  await page.goto('/tools');
  await expect(page.getByRole('img', { name: /Drivers by outside diameter/ })).toBeVisible();
  await page.getByRole('button', { name: 'Read a list' }).click();
  const list = 'name,kind,outside_mm,opening_mm,length_mm\nList cup,cup,51.6,42,70\nno face,cup,,,\n';
  await page
    .locator('input[aria-label="List of tools"]')
    .setInputFiles({ name: 'tools.csv', mimeType: 'text/csv', buffer: Buffer.from(list) });
  await expect(page.getByRole('status')).toContainText('1 new tool');
  await expect(page.getByText('Line 3: Type the outside of its face.')).toBeVisible();
  await page.getByRole('button', { name: 'Hang them up' }).click();
  const hung = page.getByRole('listitem').filter({ hasText: 'List cup' });
  await expect(hung).toContainText('51.6 mm / 42.0 mm');
  await page.getByRole('button', { name: 'Measure List cup anew' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Outside of its face').fill('51.4');
  await sheet.getByRole('button', { name: 'Keep these sizes' }).click();
  await expect(hung).toContainText('51.4 mm / 42.0 mm');
  await page.getByRole('button', { name: 'Measure List cup anew' }).click();
  await sheet.getByRole('button', { name: 'Take it down' }).click();
  await expect(hung).toHaveCount(0);
});

test('a reading is as good as the gauge on the wall, and stays so when that is gone', async ({ page }) => {
  await signedIn(page);
  const job = await openJob(page, `Gauge trial ${Date.now()}`);
  const over = async (instrument: string, text: string) => {
    await page.goto(`/jobs/${job}/size`);
    await goTo(page, 'Shoulder, spacer tube, faces');
    await page.getByLabel('Instrument for Over both faces').selectOption(instrument);
    await type(page, 'size.over_faces', text);
    await kept(page);
  };
  const says = page.locator('[data-place="size.over_faces"]').locator('xpath=ancestor::div[2]');
  await over('feeler', '104');
  await expect(says).toContainText('± 0.02');
  await page.goto('/tools');
  await page.getByLabel('Name').fill('Old feelers');
  await page.getByLabel('Kind').selectOption('gauge');
  await page.getByLabel('Reads as').selectOption('feeler');
  await page.getByLabel('Reads to ±').fill('0,045');
  await page.getByRole('button', { name: 'Hang it up' }).click();
  const hung = page.getByRole('listitem').filter({ hasText: 'Old feelers' });
  await expect(hung).toContainText('± 0.045');
  await over('feeler', '104.1');
  await expect(says).toContainText('± 0.045');
  await page.goto('/tools');
  await page.getByRole('button', { name: 'Measure Old feelers anew' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Take it down' }).click();
  await expect(hung).toHaveCount(0);
  await page.goto(`/jobs/${job}/size`);
  await goTo(page, 'Shoulder, spacer tube, faces');
  await expect(says).toContainText('± 0.045');
});

test('a driver that is not there is drawn to be made', async ({ page }) => {
  await signedIn(page);
  await openJob(page, 'Shaft cart', 'Growls', 'shaft-bearing');
  await station(page, 'Seat');
  await goTo(page, 'Choose the driver');
  await expect(verdict(page)).toHaveText('Nothing on the wall will do');
  const svg = await page.request.get((await page.getByRole('link', { name: 'SVG' }).getAttribute('href')) ?? '');
  expect(await svg.text()).toContain('Choose the driver');
  const dxf = await page.request.get((await page.getByRole('link', { name: 'DXF' }).getAttribute('href')) ?? '');
  expect(await dxf.text()).toContain('ENTITIES');
});
