import { existsSync } from 'node:fs';
import { defineConfig } from '@playwright/test';

// Debian's Chromium; where its build without a window is installed too, that: it needs less of a small machine.
const WINDOWLESS = '/usr/bin/chromium-headless-shell';
const browser = existsSync(WINDOWLESS) ? WINDOWLESS : '/usr/bin/chromium';

// As root it cannot have a sandbox of its own, and it must not look for the network.
const args = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  // The workshop's own name, and its authority as if it were trusted: the shop that begins is reached as phones reach it.
  '--host-resolver-rules=MAP workshop.test 127.0.0.1',
  ...(process.env.TLS_PIN ? [`--ignore-certificate-errors-spki-list=${process.env.TLS_PIN}`] : []),
];

export default defineConfig({
  testDir: 'tests/browser',
  timeout: 60_000,
  expect: { timeout: 10_000 },
  // One for each server that ./test started: what a worker does no other sees.
  workers: (process.env.BASE_URLS ?? '').trim().split(' ').length,
  reporter: 'list',
  forbidOnly: true,
  outputDir: 'test-results',
  use: {
    baseURL: process.env.BASE_URL ?? 'http://127.0.0.1:8080',
    viewport: { width: 1280, height: 800 },
    contextOptions: { reducedMotion: 'reduce' },
    // What the shell does without a network has tests of its own (worker.spec); the others speak with the server.
    serviceWorkers: 'block',
    launchOptions: { executablePath: browser, args },
  },
});
