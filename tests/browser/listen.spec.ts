import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import config from '../../playwright.config';
import { openJob, openJobAt, signedIn, signIn } from './helpers';
import { expect, type Locator, type Page, test } from './worker';

/** A wheel whose outer ring is hurt, by the microphone that is not there; and when its person tapped. */
const room = mkdtempSync(join(tmpdir(), 'clean-race-sound-'));
const wave = join(room, 'wheel.wav');
const taps = execFileSync('php', [
  '-d',
  'pcov.enabled=0',
  'ops/microphone-stand-in.php',
  wave,
  '--bearing=6204',
  '--fault=outer',
  '--size=45',
  '--seed=5',
  '--seconds=16',
  '--rate=48000',
])
  .toString()
  .trim()
  .split(',')
  .map(Number);

// Chromium plays the file into the page as a microphone would.
test.use({
  permissions: ['microphone'],
  launchOptions: {
    ...config.use?.launchOptions,
    args: [
      ...(config.use?.launchOptions?.args ?? []),
      '--use-fake-device-for-media-stream',
      '--use-fake-ui-for-media-stream',
      `--use-file-for-fake-audio-capture=${wave}%noloop`,
    ],
  },
});

// Fifteen seconds of sound take as long as they take.
test.describe.configure({ timeout: 120_000 });

const at = (page: Page, place: string): Locator => page.locator(`[data-place="${place}"]`);

/** Opens the recorder of a place, and records until the file that is played is through. */
async function record(page: Page, place: string, tapped: number[] = taps): Promise<void> {
  await at(page, place)
    .getByRole('button', { name: /^Record/ })
    .click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  const pad = page.getByRole('button', { name: /of 25/ });
  await expect(pad).toBeFocused();
  const clock = page.getByText(/^(1[5-9]|2\d) s$/);
  await expect(clock).toBeVisible({ timeout: 40_000 });
  const runs = Number.parseInt((await clock.textContent()) ?? '15', 10);
  // As keys would have come while it ran: a busy machine holds back what a timer presses.
  await pad.evaluate(
    (button, { times, runs }) => {
      const begun = performance.now() - 1000 * runs - 300;
      for (const time of times) {
        const key = new KeyboardEvent('keydown', { key: ' ', bubbles: true, cancelable: true });
        Object.defineProperty(key, 'timeStamp', { value: begun + 1000 * time });
        button.dispatchEvent(key);
      }
    },
    { times: tapped, runs },
  );
}

const keepIt = (page: Page): Promise<void> => page.getByRole('button', { name: 'Stop and keep' }).click();

test('a spin is recorded with a tap at each turn, listened to, and is evidence; it is played, taken along and thrown away', async ({
  page,
}) => {
  await signIn(page);
  const id = await openJobAt(page, 'size', 'Listened wheel 1');
  await page.locator('input[data-place="size.left.number"]').pressSequentially('6204');
  await page.keyboard.press('Enter');
  await page.goto(`/jobs/${id}/check_in`);
  await page
    .getByRole('button', { name: /Rock it/ })
    .first()
    .click();
  await record(page, 'check.sound_left');
  await expect(page.getByText(new RegExp(`${taps.length} of 25`))).toBeVisible();
  await expect(page.getByRole('progressbar')).toBeVisible();
  await keepIt(page);
  const sound = at(page, 'check.sound_left');
  await expect(sound.locator('strong')).toBeVisible({ timeout: 30_000 });
  // A machine that was too busy to record says so; what such a recording tells is another matter.
  if ((await sound.getByRole('alert').count()) > 0) {
    await expect(sound.getByRole('alert')).toContainText('This device was too busy and lost');
    return;
  }
  await expect(sound.getByText('Outer ring likely')).toBeVisible();
  await expect(sound.getByText('as balls pass a hurt outer ring')).toBeVisible();
  // The judgement of the step knows of it.
  await expect(page.getByRole('listitem').filter({ hasText: 'A hurt outer ring is heard' })).toBeVisible();
  await sound.getByText('Turn by turn').click();
  await expect(sound.getByRole('img', { name: 'Each turn a row' })).toBeVisible();
  await expect(sound.getByRole('img', { name: 'Orders' })).toContainText('outer ring');
  await sound.getByRole('button', { name: 'Play it' }).click();
  await expect(sound.getByRole('button', { name: 'Stop playing' })).toBeVisible();
  await sound.getByRole('button', { name: 'Stop playing' }).click();
  const address = await sound.getByRole('link', { name: 'As a WAV file' }).getAttribute('href');
  const file = await (await page.request.get(address ?? '')).body();
  expect(file.subarray(0, 4).toString()).toBe('RIFF');
  expect(file.length).toBeGreaterThan(1_000_000);
  await sound.getByRole('button', { name: 'Throw it away' }).click();
  await expect(sound.getByRole('button', { name: 'Record a spin' })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'A hurt outer ring is heard' })).toHaveCount(0);
});

test('with the network gone a recording waits like a photo, and is listened to once it is back', async ({
  page,
  context,
}) => {
  await signIn(page);
  await openJob(page, 'Listened wheel 2');
  await page
    .getByRole('button', { name: /Rock it/ })
    .first()
    .click();
  await context.setOffline(true);
  const sound = at(page, 'check.sound_right');
  // One that nobody wants is thrown away before it is sent, and is not back when the page is.
  await sound.locator('input[type="file"]').setInputFiles(wave);
  await expect(sound.getByText('It waits to be sent')).toBeVisible();
  await sound.getByRole('button', { name: 'Throw it away' }).click();
  await expect(sound.getByText('It waits to be sent')).toBeHidden();
  await record(page, 'check.sound_right', []);
  await keepIt(page);
  await expect(sound.getByText('It waits to be sent')).toBeVisible();
  await sound.getByRole('button', { name: 'Play it' }).click();
  await expect(sound.getByRole('button', { name: 'Stop playing' })).toBeVisible();
  await context.setOffline(false);
  await expect(sound.getByText(/only taps tell|Without a tap/)).toBeVisible({ timeout: 40_000 });
});

test('a phone records by the code that photos use', async ({ page }) => {
  await signIn(page);
  const id = await openJob(page, 'Listened wheel 3');
  await page
    .getByRole('button', { name: /Rock it/ })
    .first()
    .click();
  await at(page, 'check.sound_left').getByRole('button', { name: 'By phone' }).click();
  await expect(page.getByText(`/jobs/${id}/photo/check.sound_left`)).toBeVisible();
  await page.setViewportSize({ width: 390, height: 780 });
  await page.goto(`/jobs/${id}/photo/check.sound_left`);
  await expect(page.getByRole('heading', { name: /left side/ })).toBeVisible();
  await at(page, 'check.sound_left').getByRole('button', { name: 'Record a spin' }).click();
  await expect(page.getByText('those at the bench of this shop can hear it')).toBeVisible();
});

test('a file is taken, and one that is no recording is refused in a sentence', async ({ page }) => {
  await signIn(page);
  await openJob(page, 'Listened wheel 4', 'Hums', 'single-ring');
  await page
    .getByRole('button', { name: /Rock it/ })
    .first()
    .click();
  // One bearing: one button.
  await expect(page.getByRole('button', { name: 'Record a spin' })).toHaveCount(1);
  const sound = at(page, 'check.sound_one');
  const input = sound.locator('input[type="file"]');
  await input.setInputFiles({ name: 'wheel.wav', mimeType: 'audio/wav', buffer: Buffer.from('A note, not a sound.') });
  await expect(sound.getByRole('alert')).toHaveText(
    'That is no recording: it is not a WAV file, whatever its name says.',
  );
  const whole = readFileSync(wave);
  await input.setInputFiles({ name: 'cut.wav', mimeType: 'audio/wav', buffer: whole.subarray(0, 90_000) });
  await expect(sound.getByText('it was cut off on its way')).toBeVisible({ timeout: 20_000 });
  await input.setInputFiles({ name: 'wheel.wav', mimeType: 'audio/wav', buffer: whole });
  await expect(sound.getByText('As a bearing, its part unsure')).toBeVisible({ timeout: 30_000 });
});

test('how it runs out is tapped without a microphone, and judged', async ({ page }) => {
  await signIn(page);
  await openJob(page, 'Listened wheel 5');
  await page
    .getByRole('button', { name: /Rock it/ })
    .first()
    .click();
  const runs = at(page, 'check.spin_down');
  await runs.getByRole('button', { name: 'Tap the passes' }).click();
  const pad = page.getByRole('button', { name: 'Tap each time the valve passes' });
  await pad.evaluate((button) => {
    for (const time of [0, 0.41, 0.83, 1.26, 1.7, 2.15, 2.61, 3.09, 3.58, 4.09]) {
      const key = new KeyboardEvent('keydown', { key: ' ', bubbles: true, cancelable: true });
      Object.defineProperty(key, 'timeStamp', { value: 5000 + 1000 * time });
      button.dispatchEvent(key);
    }
  });
  await expect(page.getByText(/10 passes · 2.0 turns\/s/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep them' }).click();
  await expect(runs.getByText('10 passes tapped')).toBeVisible();
  await expect(page.getByRole('heading', { name: /turns\/s each second/ })).toBeVisible();
});

test('the Finder listens, too', async ({ page }) => {
  await signedIn(page);
  await page.goto('/finder/listen');
  await page
    .locator('input[type="file"]')
    .setInputFiles({ name: 'wheel.wav', mimeType: 'audio/wav', buffer: readFileSync(wave) });
  await expect(page.getByText('As a bearing, its part unsure').first()).toBeVisible({ timeout: 30_000 });
  await page.getByLabel('Times of the passes').fill(taps.join(' '));
  await page.getByLabel('Number of the bearing').fill('6204');
  await expect(page.getByText('Outer ring likely').first()).toBeVisible({ timeout: 30_000 });
  expect(page.url().length).toBeLessThan(700);
});
