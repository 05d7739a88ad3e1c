import AxeBuilder from '@axe-core/playwright';
import type { Build } from '@hobrek/core';
import type { Page } from '@playwright/test';
import { addBuild, choose, demo, expect, test } from './parts/hobrek.js';

const field = (page: Page, path: string) => page.locator(`[data-path="${path}"]`);
const sentence = (page: Page) => page.getByTestId('sentence').first();

const one = (build: Build): Build['lines'][number] => build.lines[0] as Build['lines'][number];
const withSource = (name: string, source: Build['lines'][number]['source']): Build => ({ ...demo(), name, lines: [{ ...one(demo()), source }] });

/** A washing machine's motor, as far as it was looked at. */
const byHand = (name: string): Build =>
  withSource(name, {
    kind: 'no-plate',
    v: 1,
    inputs: {
      donor: { text: 'washer-belt', how: 'measured' },
      brushes: { text: 'yes', how: 'measured' },
      weight: { text: '4.9 kg', value: 4.9, unit: 'kg', how: 'measured' },
    },
  });

test('on a phone: what a motor without a plate could drive, one build taken, its sentence, undone; and what it needs', async ({
  browser,
  address,
}) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  const stamp = Date.now();
  const other = `Crusher that takes it ${stamp}`;
  const [{ id }] = [await addBuild(address, byHand(`In hand ${stamp}`)), await addBuild(address, { ...demo(), name: other })];
  await page.goto(`${address}/builds/${id}/motor`);
  await page.getByRole('link', { name: 'What it could drive' }).tap();
  const works = page.getByRole('list', { name: 'machines that it could drive' });
  await expect(works.getByRole('listitem').filter({ hasText: 'Rotary tumbler' })).toContainText(/would.*too.fast .*.times:.three.stages/);
  await expect(works.getByRole('listitem').filter({ hasText: 'Powered barrow' })).toContainText('not known');
  const row = page.getByRole('list', { name: 'builds that it could drive' }).getByRole('listitem').filter({ hasText: other });
  await expect(row).toContainText(/too.fast.*times:.(two|three).stages.*more/);
  await expect(page.getByRole('status').filter({ hasText: 'tried' })).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

  await page.getByRole('link', { name: 'What it needs' }).tap();
  await expect(page.getByRole('region', { name: 'Never' })).toContainText('Runs away unloaded');
  await expect(page.getByRole('region', { name: 'To get' })).toContainText(/Phase-angle board .*.A or more/);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

  await page.getByRole('link', { name: 'What it could drive' }).tap();
  await row.getByRole('button').tap();
  await expect(page.getByRole('region', { name: 'what is this motor' })).toBeVisible();
  await expect(sentence(page)).toContainText(/not known yet|guess/i);
  const kept = page.locator('[data-save-state]');
  await expect(kept).toHaveAttribute('data-save-state', 'kept');
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(page.locator('[data-path="main/source/power"]')).toHaveValue(/0\.55 kW/);
  await expect(kept).toHaveAttribute('data-save-state', 'kept');
  // Neither a reload nor the browser's back puts it in again.
  await page.reload();
  await expect(page.locator('[data-path="main/source/power"]')).toHaveValue(/0\.55 kW/);
  await context.close();
});

test('by keys: a machine is begun with the motor, which undo takes out again', async ({ page, address, stored }) => {
  await page.goto(`${address}/builds/${stored.id}/drives`);
  const row = page.getByRole('list', { name: 'machines that it could drive' }).getByRole('listitem').filter({ hasText: 'Rotary tumbler' });
  await expect(row).toContainText(/would.*reserve/);
  await row.getByRole('button', { name: 'Begin it: Rotary tumbler' }).focus();
  await page.keyboard.press('Enter');
  await expect(field(page, 'main/source/power')).toHaveValue('0.55 kW');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Rotary tumbler');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Pick a motor' })).toBeVisible();
});

test('a motor for another voltage drives nothing, and that is said; nothing entered is no motor', async ({ page, address }) => {
  const source = one(demo()).source;
  const wrong = withSource(`Far from home ${Date.now()}`, {
    ...source,
    inputs: { ...source.inputs, voltage: { text: '120 V', value: 120, unit: 'V', how: 'plate' } },
  });
  const { id } = await addBuild(address, wrong);
  await page.goto(`${address}/builds/${id}/drives`);
  const works = page.getByRole('list', { name: 'machines that it could drive' });
  await expect(works.getByRole('listitem').first()).toContainText(/would not.*120.V/);
  await page.goto(`${address}/start`);
  await page.getByRole('button', { name: 'I have a motor' }).first().click();
  await expect(page.getByText('Enter what is known of the motor')).toBeVisible();
  await choose(page.getByRole('combobox', { name: 'kind of source' }), 'motor without a plate');
  await expect(works.getByRole('listitem').first()).toBeVisible();
});

test('what it needs is one page on paper, without what is pressed', async ({ page, address }) => {
  const { id } = await addBuild(address, byHand(`Printed ${Date.now()}`));
  await page.goto(`${address}/builds/${id}/needs`);
  await expect(page.getByRole('region', { name: 'First power' })).toContainText('residual-current device');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print this page' })).toBeHidden();
  await expect(page.getByRole('navigation', { name: 'about the motor' })).toBeHidden();
  const height = await page.locator('main').evaluate((main) => main.getBoundingClientRect().bottom);
  // A4 with margins of a centimetre, at 96 to the inch.
  await page.setViewportSize({ width: 718, height: 1047 });
  expect(height).toBeGreaterThan(300);
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(1047);
});
