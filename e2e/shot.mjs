// node e2e/shot.mjs name=path[@width][@dark] …
import { chromium } from '@playwright/test';

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--headless', '--no-sandbox', '--disable-gpu'] });
const list = await (await fetch('http://127.0.0.1:4401/api/builds')).json();
for (const each of process.argv.slice(2)) {
  const [name, rest] = each.split('=');
  const [path, ...opts] = rest.split('@');
  const w = Number(opts.find((o) => /^\d+$/.test(o)) ?? 1280);
  const page = await browser.newPage({ viewport: { width: w, height: w < 500 ? 844 : 800 }, colorScheme: opts.includes('dark') ? 'dark' : 'light' });
  const real = path.replace(/\{([^}]+)\}/g, (_, n) => list.find((b) => b.name.toLowerCase().includes(n))?.id);
  await page.goto(`http://127.0.0.1:4401/${real}`);
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(900);
  await page.screenshot({ path: `/tmp/shots/${name}.png` });
  await page.close();
}
await browser.close();
