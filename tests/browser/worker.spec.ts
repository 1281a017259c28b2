import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { field, goTo, openJob, records, signIn } from './helpers';
import { expect, type Page, test } from './worker';

test.skip(!process.env.NGINX_CONFS, 'needs the servers that ./test starts');
test.use({ serviceWorkers: 'allow' });

const freePort = (): Promise<number> =>
  new Promise((found) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      const port = typeof address === 'object' && address ? address.port : 0;
      probe.close(() => found(port));
    });
  });

/** A server of this test's own before the same application, that it can stop and start again. */
async function front(conf: string) {
  const port = await freePort();
  const own = mkdtempSync(join(tmpdir(), 'clean-race-front-'));
  const file = join(own, 'nginx.conf');
  const text = readFileSync(conf, 'utf8')
    .replace(/listen 127\.0\.0\.1:\d+;/, `listen 127.0.0.1:${port};`)
    .replace(/pid [^;]+;/, `pid ${own}/pid;`);
  writeFileSync(file, text);
  const nginx = (...rest: string[]) => execFileSync('/usr/sbin/nginx', ['-c', file, '-e', `${own}/log`, ...rest]);
  return {
    address: `http://127.0.0.1:${port}`,
    start: () => nginx(),
    stop: () => nginx('-s', 'stop'),
  };
}

/** The shell is laid into this browser: from now on it opens without a server. */
const laid = (page: Page) => page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));

test.describe('with a server of its own', () => {
  let server: Awaited<ReturnType<typeof front>>;
  let up = false;
  test.beforeEach(async ({ nginx }) => {
    server = await front(nginx);
    server.start();
    up = true;
  });
  test.afterEach(() => {
    if (up) server.stop();
  });

  test('with the server gone it opens on the job it showed last, works on, and sends when it is back', async ({
    browser,
  }) => {
    test.setTimeout(120_000);
    const context = await browser.newContext({ baseURL: server.address, serviceWorkers: 'allow' });
    const page = await context.newPage();
    await signIn(page);
    const job = await openJob(page, 'Left on the pier');
    await laid(page);
    server.stop();
    up = false;
    await page.close();

    // Opened anew, as from the home screen of the tablet.
    const again = await context.newPage();
    await again.goto('/');
    await expect(again).toHaveURL(new RegExp(`/jobs/${job}/check_in$`));
    await expect(again.getByRole('heading', { level: 1 })).toContainText('Left on the pier');
    await goTo(again, 'Measure before you strip');
    await field(again, 'check.axle_left').fill('11.5');
    await again.keyboard.press('Enter');
    await expect(again.getByTestId('keeping')).toContainText('1 waiting to be kept');

    // A view that was never opened here: our own words for what is missing, and a way on; then it comes by itself.
    await again.getByRole('link', { name: 'Tool wall' }).click();
    await expect(again.getByRole('heading', { level: 1 })).toHaveText('Tool wall');
    await expect(again.getByRole('alert')).toContainText('The workshop server does not answer', { timeout: 30_000 });
    server.start();
    up = true;
    await expect(again.getByRole('heading', { name: 'Drivers' }).or(again.getByText('36 socket')).first()).toBeVisible({
      timeout: 20_000,
    });
    await expect
      .poll(async () => (await records(again, job)).some((one) => one.place === 'check.axle_left'))
      .toBe(true);
    await context.close();
  });

  test('the shell can be installed, and holds every view of this build', async ({ browser }) => {
    const context = await browser.newContext({ baseURL: server.address, serviceWorkers: 'allow' });
    const page = await context.newPage();
    await signIn(page);
    await laid(page);
    const manifest = await (await page.request.get('/app.webmanifest')).json();
    expect(manifest).toMatchObject({ name: 'Clean Race', start_url: '/', display: 'standalone' });
    for (const icon of manifest.icons) expect((await page.request.get(icon.src)).status(), icon.src).toBe(200);
    expect((await page.request.get('/sw.js')).headers()['cache-control']).toBe('no-cache');
    const kept = await page.evaluate(async () => {
      const urls: string[] = [];
      for (const name of await caches.keys()) {
        for (const one of await (await caches.open(name)).keys()) urls.push(new URL(one.url).pathname);
      }
      return urls;
    });
    const built = JSON.parse(readFileSync('public/build/manifest.json', 'utf8')) as Record<string, { file: string }>;
    for (const { file } of Object.values(built)) {
      if (/\.(js|css|woff2)$/.test(file)) expect(kept, file).toContain(`/build/${file}`);
    }
    await context.close();
  });
});

test('a view whose scripts cannot be had says so in our own words, with the ways back', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({ baseURL, serviceWorkers: 'block' });
  const page = await context.newPage();
  await signIn(page);
  await page.route('**/assets/ToolWall*', (route) => route.abort());
  await page.getByRole('link', { name: 'Tool wall' }).click();
  const fault = page.getByRole('alert');
  await expect(fault.getByRole('heading', { level: 1 })).toHaveText('This view did not come');
  await expect(fault).toContainText('What was entered is kept.');
  await fault.getByRole('button', { name: 'To the board' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('On the bench');
  await context.close();
});
