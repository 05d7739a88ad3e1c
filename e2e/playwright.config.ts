import { defineConfig } from '@playwright/test';

/** Debian's Chromium, kept from calling anywhere. */
const args = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  // Much of a test is waiting for a server that starts: two side by side keep two cores busy.
  workers: 2,
  // What passes only at its second try is named at the end of a run, and more than a few of it fail the run (bin/test.mjs).
  retries: 1,
  // None takes half a minute on a quiet machine; a busy one may take eight times as long.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json']],
  use: { actionTimeout: 60_000, viewport: { width: 1280, height: 800 }, launchOptions: { executablePath: '/usr/bin/chromium', args } },
});
