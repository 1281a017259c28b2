// Takes the pictures in docs/screenshots from a freshly started demo: ./start --demo --fresh, then node ops/screenshots.mjs
import { chromium } from '@playwright/test';

const base = process.env.BASE_URL ?? 'http://127.0.0.1:8080';
const flags = ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run', '--disable-sync'];
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

const shoot = async (name) => {
  await page.waitForTimeout(500);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
};
const open = async (address, step) => {
  await page.goto(base + address);
  await page.getByRole('heading').first().waitFor();
  if (step) await page.getByRole('region', { name: 'Steps' }).getByRole('button', { name: step }).click();
};

await page.goto(`${base}/sign-in`);
await page.getByRole('button', { name: 'Sign in' }).waitFor();
await shoot('sign-in');
await page.getByLabel('E-mail').fill('ines@ferryworks.example');
await page.getByLabel('Password').fill('bearing');
await page.keyboard.press('Enter');
await page.waitForURL('**/board');
await page.getByRole('navigation', { name: 'Main' }).waitFor();
await shoot('board');
for (const [name, address, step] of [
  ['check-in', '/jobs/2/check_in', 'Rock it'],
  ['strip', '/jobs/19/strip', 'Rock the hub'],
  ['size-bore', '/jobs/4/size', 'Will the bore hold: left bearing'],
  ['source', '/jobs/5/source', 'The list to buy'],
  ['parts', '/parts'],
  ['seat', '/jobs/6/seat', 'Start the first'],
  ['prove', '/jobs/1/prove', 'Before and after'],
  ['bench-day', '/bench-day'],
  ['ahead', '/ahead'],
  ['machine', '/machines/2'],
  ['tool-wall', '/tools'],
]) {
  await open(address, step);
  if (name === 'prove') {
    const heard = page.locator('[data-place="prove.after.sound_left"]');
    await heard.getByRole('img', { name: 'Now, each turn a row' }).waitFor();
    await heard.evaluate((one) => one.scrollIntoView({ block: 'start' }));
  }
  await shoot(name);
}
await open('/jobs/10/set', 'Set the cone');
await page.locator('[data-place="set.cone.axle"]').getByRole('button', { name: 'Hollow, quick-release' }).click();
await page.getByLabel('Rim play read').selectOption('dial_gauge');
for (const [mark, stage, rim, felt] of [
  ['0', 'Before', '1.2', 'Plain play'],
  ['0', 'Locked', '0.9', 'Plain play'],
]) {
  await page.getByLabel('Mark, 0 to 59').fill(mark);
  await page.getByRole('button', { name: stage, exact: true }).click();
  await page.getByLabel('Play at the rim').fill(rim);
  await page.getByRole('button', { name: felt, exact: true }).click();
  await page.waitForTimeout(800);
}
await page.locator('section[aria-label="Set the cone"]').evaluate((one) => one.scrollTo(0, 0));
await shoot('set');
for (const [name, job, part] of [
  ['hub-taper', 19, 'taper_cone_left'],
]) {
  await open(`/jobs/${job}/hub`);
  await page.locator(`g[data-part="${part}"]`).press('Enter');
  await shoot(name);
}
await open('/finder?q=6204%202RS%20C3');
await page.getByRole('heading', { name: 'At the counter' }).waitFor();
await shoot('finder');
await open('/jobs/6/seat', 'Start the first');
await page.getByRole('button', { name: /^Theme/ }).click();
await shoot('seat-dark');
await page.getByRole('button', { name: /^Theme/ }).click();
await page.waitForTimeout(300);
// What the owner sees of the shop and its people.
await page.getByRole('button', { name: 'Sign out' }).click();
await page.waitForURL('**/sign-in');
await page.getByLabel('E-mail').fill('tove@ferryworks.example');
await page.getByLabel('Password').fill('bearing');
await page.keyboard.press('Enter');
await page.waitForURL('**/board');
for (const [name, address] of [
  ['shop', '/shop'],
  ['people', '/people'],
]) {
  await open(address);
  await shoot(name);
}
await browser.close();
