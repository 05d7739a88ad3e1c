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
  retries: 0,
  // None takes half a minute on a quiet machine; a busy one may take four times as long.
  timeout: 120_000,
  expect: { timeout: 10_000 },
  reporter: [['list'], ['json']],
  use: { viewport: { width: 1280, height: 800 }, launchOptions: { executablePath: '/usr/bin/chromium', args } },
});
