import { demoJob, signedIn } from './helpers';
import { expect, type Page, test } from './worker';

test.use({ serviceWorkers: 'allow' });

/** A workshop's network at its far end. */
const SLOW = { offline: false, latency: 400, downloadThroughput: 50_000, uploadThroughput: 50_000 };

async function slowed(page: Page): Promise<void> {
  const network = await page.context().newCDPSession(page);
  await network.send('Network.enable');
  await network.send('Network.emulateNetworkConditions', SLOW);
}

/** What of the program itself came over the network. */
const overTheNetwork = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .filter((one) => /\/build\//.test(one.name) && (one as PerformanceResourceTiming).transferSize > 0)
      .map((one) => one.name),
  );

/** How long until the jobs of the board can be read, in ms from asking for the page. */
async function untilRead(page: Page): Promise<number> {
  const begun = Date.now();
  await page.goto('/board', { waitUntil: 'commit' });
  await expect(page.getByText('Parcel moped 7, front wheel')).toBeVisible({ timeout: 30_000 });
  return Date.now() - begun;
}

test('on a slow network the jobs can be read soon, and at once when the page was here before', async ({
  browser,
  baseURL,
}) => {
  test.setTimeout(90_000);
  const context = await browser.newContext({ baseURL, serviceWorkers: 'allow' });
  const page = await context.newPage();
  await signedIn(page);
  await slowed(page);
  test.info().annotations.push({ type: 'first', description: `${await untilRead(page)}` });
  // How much had to come for it is what the network makes of it: two round trips and this many bytes.
  const came = await page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .concat(performance.getEntriesByType('navigation'))
      .filter((one) => /\.(js|css|woff2)$|\/board$|\/api\//.test(new URL(one.name).pathname))
      .reduce((sum, one) => sum + (one as PerformanceResourceTiming).transferSize, 0),
  );
  expect(came / 50_000, 'seconds of the network alone').toBeLessThan(6);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.close();

  const again = await context.newPage();
  await slowed(again);
  await untilRead(again);
  // Nothing of the page itself comes over the network a second time, and what was known is shown before it is asked for.
  expect(await overTheNetwork(again)).toEqual([]);
  await context.close();
});

test('another view is there without waiting for its script', async ({ browser, baseURL }) => {
  const context = await browser.newContext({ baseURL, serviceWorkers: 'allow' });
  const page = await context.newPage();
  await signedIn(page);
  await page.goto('/board');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  const job = await demoJob(page, 'Campsite trail bike 1');
  await page.goto(`/jobs/${job}/seat`);
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
  await page.evaluate(() => performance.clearResourceTimings());
  await page.getByRole('link', { name: 'Tool wall' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tool wall');
  expect(await overTheNetwork(page)).toEqual([]);
  await context.close();
});
