import { chromium } from '@playwright/test';

const at = 'http://127.0.0.1:4401';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
page.on('pageerror', (e) => console.log('ERR', e.message));
const id = (await (await page.request.get(`${at}/api/builds`)).json()).find((b) => b.name === 'Bowl lathe').id;
await page.goto(`${at}/builds/${id}/finder`);
await page.locator('summary').filter({ hasText: 'Wishes' }).click();
for (const [k, v] of Object.entries({ speed1: '400 to 480', speed2: '700 to 850', speed3: '1150 to 1350', stages: '1' })) {
  await page.locator(`[data-path="finder/${k}"]`).fill(v);
}
await page.locator('[data-path="finder/stages"]').press('Tab');
await page.waitForFunction(() => document.querySelector('[data-testid=found-says]')?.getAttribute('aria-busy') === 'false', { timeout: 60000 });
await page.waitForTimeout(1500);
await page.screenshot({ path: '/tmp/shots/s1.png', fullPage: true });
await page.locator('summary').filter({ hasText: 'Wishes' }).click();
await page.getByRole('button', { name: 'Use this drive' }).click();
await page.waitForTimeout(500);
await page.screenshot({ path: '/tmp/shots/s2.png', fullPage: true });
await page.goto(`${at}/builds/${id}/drive`);
await page.waitForTimeout(1500);
await page.screenshot({ path: '/tmp/shots/s3.png', fullPage: true });
await browser.close();
