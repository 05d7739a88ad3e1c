import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { at, choose, dataFolder, expect, Hobrek, test } from './parts/hobrek.js';

const sentence = (page: Page) => page.getByTestId('sentence');
const kept = (page: Page) => expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
const field = (page: Page, path: string) => page.locator(`[data-path="${path}"]`);
const inShed = async (address: string): Promise<number> => ((await (await fetch(`${address}/api/builds/count`)).json()) as { builds: number }).builds;

test('an apple crusher from the wall to its motor, by keys alone, in under a minute at three keys a second', async ({ page, address }) => {
  await page.goto(`${address}/start`);
  const before = await inShed(address);
  let keys = 0;
  const type = async (text: string) => {
    keys += text.length;
    await page.keyboard.type(text);
  };
  const press = async (key: string) => {
    keys++;
    await page.keyboard.press(key);
  };
  await expect(page.getByPlaceholder('apple, stones, barrow')).toBeFocused();
  await type('apple');
  await press('Enter');
  await expect(field(page, 'main/work/roll')).toBeFocused();
  // Nothing is kept of what nobody typed; the answer is there all the same.
  await expect(sentence(page)).toContainText('nothing drives it yet');
  await expect(page.getByTestId('shopping-line')).toContainText('Motor 0.75 kW (1 hp), four poles');
  expect(await inShed(address)).toBe(before);
  for (const text of ['160', '240', '', '400', '12']) {
    if (text) await type(text);
    await press('Enter');
  }
  await expect(page.getByTestId('shopping-line')).toContainText('Motor 1.5 kW');
  await press('Enter');
  await expect(page.getByRole('button', { name: 'Pick a motor' })).toBeFocused();
  await press('Enter');
  await expect(field(page, 'main/source/power')).toBeFocused();
  expect(keys / 3).toBeLessThan(60);
  await type('1.5 kW');
  await expect(await at(page, 'main/work/roll')).toHaveValue('160');
  // What nobody typed went along as a guess.
  await expect(await at(page, 'main/work/fruit')).toHaveValue('70 mm');
  await kept(page);
  expect(await inShed(address)).toBe(before + 1);
});

test('by thumb: the answer without scrolling, the motor picked with it in sight', async ({ browser, address }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const page = await context.newPage();
  await page.goto(`${address}/start`);
  await page.getByRole('button', { name: /^Rotary tumbler/ }).tap();
  await expect(page.getByTestId('short-answer')).toContainText('Look for a motor of 0.06 kW');
  await expect(page.getByTestId('short-answer')).toBeInViewport();
  await field(page, 'main/work/load').fill('40 kg');
  await expect(page.getByTestId('short-answer')).toContainText('Look for a motor of 0.18 kW');
  await expect(page.getByTestId('short-answer')).toBeInViewport();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page.getByRole('button', { name: 'Pick a motor' }).tap();
  await expect(field(page, 'main/source/power')).toBeVisible();
  await expect(await at(page, 'main/work/load')).toHaveValue('40 kg');
  await context.close();
});

test('left half done, it is a build: found again after a reload, undone, and gone on with', async ({ page, address }) => {
  await page.goto(`${address}/start`);
  await page.getByRole('button', { name: /^Powered barrow/ }).click();
  await field(page, 'main/work/mass').fill('300 kg');
  await page.keyboard.press('Enter');
  await kept(page);
  await page.reload();
  await expect(field(page, 'main/work/mass')).toHaveValue('300 kg');
  await expect(field(page, 'main/work/slope')).toHaveValue('');
  await page.goto(address);
  await page
    .getByRole('link', { name: /^Powered barrow/ })
    .first()
    .click();
  await expect(sentence(page)).toContainText('What motor the axle needs is not known yet: enter');
  await page.getByRole('link', { name: 'Size the work, see which motor it needs' }).click();
  await expect(field(page, 'main/work/mass')).toHaveValue('300 kg');
  await expect(sentence(page)).toContainText('The axle needs');
  await field(page, 'main/work/mass').fill('350 kg');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(field(page, 'main/work/mass')).toHaveValue('300 kg');
});

test('another machine in between keeps what both have; what cannot be together is said, and the rest answered', async ({ page, address }) => {
  await page.goto(`${address}/start`);
  await page.getByRole('button', { name: /^Fruit crusher/ }).click();
  await field(page, 'wishes/leastSpeed').fill('600');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Rotary tumbler/ }).click();
  await expect(field(page, 'wishes/leastSpeed')).toHaveValue('600');
  await expect(page.getByRole('status').filter({ hasText: 'The load clings to the drum from 79.9 rpm on' })).toBeVisible();
  await expect(page.getByTestId('shopping-line')).toContainText('Motor');
  await field(page, 'main/work/drum').fill('as a bucket');
  await expect(page.getByTestId('shopping-line')).toContainText('Motor');
  await expect(page.getByText('as a bucket').or(field(page, 'main/work/drum'))).toHaveValue('as a bucket');
});

test('a motor alone says what it could drive, and a machine is sized to it', async ({ page, address }) => {
  await page.goto(`${address}/start`);
  await page.getByRole('button', { name: 'I have a motor' }).click();
  await expect(field(page, 'main/source/power')).toBeFocused();
  await page.keyboard.type('0.55 kW');
  await field(page, 'main/source/speed').fill('1425');
  await choose(field(page, 'main/source/powerIs'), 'shaft');
  await expect(sentence(page)).toContainText('After usual losses the motor has');
  const works = page.getByRole('list', { name: 'machines that it could drive' });
  await works.getByRole('listitem').filter({ hasText: 'Fruit crusher' }).getByRole('button', { name: 'Size it' }).click();
  await expect(page.getByTestId('shopping-line')).toContainText('Motor 0.75 kW');
  await page.getByRole('button', { name: 'Back to the build' }).click();
  // The motor is still in it, and is held against the work, whatever comes between.
  await expect(await at(page, 'main/source/power')).toHaveValue('0.55 kW');
  await expect(sentence(page)).toContainText('Between them 2.80 to 1');
  await expect(sentence(page)).toContainText('The motor may be too weak: ');
});

test('a build is copied, and the socket asked for once', async ({ page, stored, address }) => {
  await page.goto(`${address}/start`);
  await page.getByRole('button', { name: 'I have a build to copy' }).click();
  await page
    .getByRole('list', { name: 'builds to copy' })
    .getByRole('button', { name: new RegExp(stored.build.name) })
    .first()
    .click();
  await expect(page.getByLabel('name of the build')).toHaveValue(`${stored.build.name}, copy`);
  await page.goto(`${address}/start`);
  await page.getByRole('button', { name: /^Something else/ }).click();
  await page.getByRole('button', { name: '120 V, 60 Hz, 15 A' }).click();
  await expect(page.getByText('The socket in your workshop')).toBeHidden();
  await expect(page.getByText('of 120 V')).toBeVisible();
  await page.goto(`${address}/start`);
  await page.getByRole('button', { name: /^Rotary tumbler/ }).click();
  await expect(page.getByText('of 120 V')).toBeVisible();
  await expect(page.getByText('The socket in your workshop')).toBeHidden();
});

test('an empty shed says what Hobrek does, and offers the wall and a finished machine', async ({ browser }) => {
  test.setTimeout(120_000);
  const data = dataFolder();
  const hobrek = new Hobrek(data.path);
  try {
    const address = await hobrek.address();
    for (const { id, version } of (await (await fetch(`${address}/api/builds`)).json()) as { id: string; version: number }[])
      await fetch(`${address}/api/builds/${id}`, { method: 'DELETE', headers: { 'if-match': `"${version}"` } });
    const context = await browser.newContext();
    const page = await context.newPage();
    await page.goto(address);
    await expect(page.getByText('Say what the machine is to do')).toBeVisible();
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    await page.getByRole('region', { name: 'an empty shed' }).getByRole('link', { name: 'Start a build' }).click();
    await expect(page.getByRole('heading', { name: 'What is it to be?' })).toBeVisible();
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    await page.getByRole('button', { name: 'I have a build to copy' }).click();
    await expect(page.getByText('there is none yet')).toBeVisible();
    await page.goto(address);
    await page.getByRole('button', { name: 'Look at a finished one: an apple crusher' }).click();
    await expect(sentence(page)).toContainText('The motor is strong enough');
    await context.close();
  } finally {
    await hobrek.stop();
    data.remove();
  }
});
