import { chromium } from '@playwright/test';

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
page.on('pageerror', (e) => console.log('ERR', e.message));
await page.addInitScript(() => {
  window.long = [];
  new PerformanceObserver((l) => {
    for (const e of l.getEntries()) window.long.push(Math.round(e.duration));
  }).observe({ type: 'longtask', buffered: true });
});
const builds = await (await page.request.get('http://127.0.0.1:4401/api/builds')).json();
const id = builds.find((b) => b.name === 'Bowl lathe').id;
await page.goto(`http://127.0.0.1:4401/builds/${id}/drive`);
await page.waitForTimeout(3000);
for (let round = 0; round < 2; round++) {
  await page.evaluate(() => {
    window.long.length = 0;
  });
  const t = Date.now();
  await page.getByRole('link', { name: 'Find a drive' }).click();
  await page.getByRole('list', { name: 'drives that were found' }).waitFor();
  console.log('first rows', Date.now() - t, 'ms', await page.evaluate(() => JSON.stringify(window.long)));
  await page.waitForFunction(() => document.querySelector('[data-testid=found-says]')?.getAttribute('aria-busy') === 'false');
  console.log('all', Date.now() - t, 'ms', await page.evaluate(() => JSON.stringify(window.long)));
  if (round === 0) await page.getByRole('link', { name: 'What is there' }).click();
  await page.waitForTimeout(1000);
}
await page.locator('summary').filter({ hasText: 'Wishes' }).click();
for (const v of ['300 mm', '500 mm']) {
  await page.locator('[data-path="wishes/mostHeight"]').fill('');
  await page.waitForTimeout(2500);
  await page.evaluate(() => {
    window.long.length = 0;
  });
  const t = Date.now();
  await page.locator('[data-path="wishes/mostHeight"]').pressSequentially(v, { delay: 60 });
  await page.waitForFunction(() => document.querySelector('[data-testid=found-says]')?.getAttribute('aria-busy') === 'false');
  await page.waitForTimeout(200);
  console.log('typed', v, Date.now() - t, 'ms', await page.evaluate(() => JSON.stringify(window.long)));
}
await browser.close();
