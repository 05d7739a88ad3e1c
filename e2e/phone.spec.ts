import { networkInterfaces } from 'node:os';
import AxeBuilder from '@axe-core/playwright';
import { type Browser, type BrowserContext, expect, type Page, test } from '@playwright/test';
import { addBuild, at, dataFolder, demo, enter, Hobrek } from './parts/hobrek.js';

const P = 'main/source/power';
const T = 'main/work/torque';

const onNetwork = Object.values(networkInterfaces())
  .flatMap((each) => each ?? [])
  .some(({ family, internal, address }) => family === 'IPv4' && !internal && !address.startsWith('169.254.'));

/** A Hobrek that phones can be let into, its main screen, and a phone on the same network. */
async function onShedNetwork(browser: Browser, main: Page) {
  const data = dataFolder();
  const hobrek = new Hobrek(data.path, { HOBREK_LAN: '1' });
  const pocket = await browser.newContext({ viewport: { width: 390, height: 800 }, hasTouch: true });
  const end = async () => {
    await pocket.close();
    await hobrek.stop();
    data.remove();
  };
  const address = await hobrek.address();
  const { id, build } = await addBuild(address, { ...demo(), name: 'Crusher in the shed' });
  await main.goto(`${address}/`);
  await main.getByRole('link', { name: 'Phone' }).click();
  const shownCode = async () => {
    await main.getByRole('button', { name: 'Show a code' }).click();
    return ((await main.getByTestId('code').textContent()) ?? '').replace(/\s/g, '');
  };
  const code = await shownCode();
  const far = ((await main.getByRole('region', { name: 'let a device in' }).locator('b').textContent()) ?? '').trim();
  const phone = await pocket.newPage();
  const wrong: string[] = [];
  phone.on('pageerror', ({ message }) => wrong.push(message));
  await phone.goto(`${far}/builds/${id}`);
  await expect(phone.getByRole('heading', { name: 'Let this device in' })).toBeVisible();
  const letIn = async (by: string) => {
    await phone.getByLabel('Code').fill(by);
    await phone.getByLabel('What this device is called').fill('Ode’s phone');
    await phone.getByRole('button', { name: 'Let in' }).click();
  };
  return { address, id, build, code, far, phone, wrong, shownCode, letIn, end };
}

test('a phone is let in by the code of the main screen, and works over plain http', async ({ page: main, browser }) => {
  test.skip(!onNetwork, 'this machine is on no network');
  test.setTimeout(150_000);
  const { address, id, build, code, far, phone, wrong, letIn, end } = await onShedNetwork(browser, main);
  try {
    expect(far).toMatch(/^http:\/\/\d+\.\d+\.\d+\.\d+:\d+$/);
    expect((await new AxeBuilder({ page: main }).analyze()).violations).toEqual([]);
    await expect(phone.getByText(build.name)).toHaveCount(0);
    expect((await new AxeBuilder({ page: phone }).analyze()).violations).toEqual([]);
    await letIn(code === '000000' ? '111111' : '000000');
    await expect(phone.getByRole('alert')).toContainText('This code does not fit');
    await letIn(`${code.slice(0, 3)} ${code.slice(3)}`);

    // The page that it came for, and all of it works where the browser holds back what it has only for secure pages.
    await expect(phone.getByTestId('sentence')).toBeVisible();
    expect(await phone.evaluate(() => isSecureContext)).toBe(false);
    await enter(phone, P, '1 hp');
    await expect(phone.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
    await phone.goto(`${far}/builds/${id}/log`);
    await phone.getByLabel('What happened, what was measured').fill('Read off in the shed.');
    await phone.getByRole('button', { name: 'Write down' }).click();
    await expect(phone.getByText('Read off in the shed.', { exact: true })).toBeVisible();

    // The main screen sees the change and the device; each follows the other.
    await expect(main.getByText('Ode’s phone')).toBeVisible();
    await main.goto(`${address}/builds/${id}`);
    await expect(await at(main, P)).toHaveValue('1 hp');
    await phone.goto(`${far}/builds/${id}`);
    await expect(phone.getByTestId('sentence')).toBeVisible();
    await enter(main, P, '0.55 kW');
    await expect(await at(phone, P)).toHaveValue('0.55 kW');
    expect(wrong).toEqual([]);
  } finally {
    await end();
  }
});

test('a phone is sent away while it types; what was typed goes in when it is let in again, by the square', async ({ page: main, browser }) => {
  test.skip(!onNetwork, 'this machine is on no network');
  test.setTimeout(150_000);
  const { address, id, code, far, phone, wrong, shownCode, letIn, end } = await onShedNetwork(browser, main);
  try {
    await letIn(code);
    await expect(phone.getByTestId('sentence')).toBeVisible();
    await phone.route('**/api/builds/*', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
    await enter(phone, T, '9 N·m');
    await expect(phone.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'away');
    await main.getByRole('button', { name: 'send away' }).click();
    await expect(main.getByText('None.')).toBeVisible();
    await phone.unroute('**/api/builds/*');
    await expect(phone.getByRole('heading', { name: 'Let this device in' })).toBeVisible();
    const next = await shownCode();
    await phone.goto(`${far}/builds/${id}#${next}`);
    await expect(phone.getByLabel('Code')).toHaveValue(next);
    expect(phone.url()).not.toContain(next);
    await phone.getByRole('button', { name: 'Let in' }).click();
    await expect(phone.getByTestId('sentence')).toBeVisible();
    await expect(await at(phone, T)).toHaveValue('9 N·m');
    await expect(phone.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
    await main.goto(`${address}/builds/${id}`);
    await expect(await at(main, T)).toHaveValue('9 N·m');

    await phone.goto(`${far}/phone`);
    await phone.getByRole('button', { name: 'Send this device away' }).click();
    await expect(phone.getByRole('heading', { name: 'Let this device in' })).toBeVisible();
    expect(wrong).toEqual([]);
  } finally {
    await end();
  }
});

/** Nine tabs of one browser on the list of builds: all load, all follow, and go on when the first ones are closed or frozen. */
async function nineFollow(address: string, base: string, context: BrowserContext): Promise<void> {
  const tabs: Page[] = [];
  for (let k = 0; k < 9; k++) {
    const tab = await context.newPage();
    await tab.goto(`${base}/`);
    await expect(tab.getByRole('link', { name: 'Crusher in the shed' })).toBeVisible();
    tabs.push(tab);
  }
  const tell = async (name: string, among: readonly Page[]) => {
    await addBuild(address, { ...demo(), name });
    for (const tab of among) await expect(tab.getByRole('link', { name })).toBeVisible({ timeout: 10_000 });
  };
  await tell(`Told to all ${base}`, tabs);
  await tabs[0]?.close();
  await tell(`Told after one was closed ${base}`, tabs.slice(1));
  // Whichever of them holds the stream now: all but the last are frozen, as a phone does with what is not seen.
  for (const tab of tabs.slice(1, -1)) {
    const client = await context.newCDPSession(tab);
    await client.send('Page.setWebLifecycleState', { state: 'frozen' });
  }
  await tell(`Told to the last ${base}`, tabs.slice(-1));
  for (const tab of tabs.slice(1)) await tab.close();
}

test('nine tabs of a phone on plain http, and nine on the machine itself, all load and all follow', async ({ page: main, browser }) => {
  test.skip(!onNetwork, 'this machine is on no network');
  test.setTimeout(180_000);
  const { address, code, far, phone, letIn, end } = await onShedNetwork(browser, main);
  try {
    await letIn(code);
    await expect(phone.getByTestId('sentence')).toBeVisible();
    await nineFollow(address, far, phone.context());
    await nineFollow(address, address, main.context());
  } finally {
    await end();
  }
});

test('without being asked for, nothing listens on the network, and the page says how to ask', async ({ page }) => {
  const data = dataFolder();
  const hobrek = new Hobrek(data.path);
  try {
    await page.goto(`${await hobrek.address()}/phone`);
    await expect(page.getByText('HOBREK_LAN=1 npm start')).toBeVisible();
    await expect(page.getByText('whoever can listen on the network can read')).toBeVisible();
  } finally {
    await hobrek.stop();
    data.remove();
  }
});
