import AxeBuilder from '@axe-core/playwright';
import type { Build } from '@hobrek/core';
import { addBuild, demo, expect, test } from './parts/hobrek.js';

/** The crusher’s motor on a shredder for flower pots. */
function pots(): Build {
  const build = demo();
  const [line] = build.lines as [Build['lines'][number]];
  const size = (text: string, value: number, unit: 'mm' | '1') => ({ text, value, unit, how: 'measured' as const });
  const inputs = {
    material: { text: 'hdpe', how: 'measured' as const },
    wall: size('2 mm', 2, 'mm'),
    reach: size('10 mm', 10, 'mm'),
    over: size('130 mm', 130, 'mm'),
    blades: size('14', 14, '1'),
    hooks: size('2', 2, '1'),
  };
  return { ...build, name: `Pots ${Date.now()}`, lines: [{ ...line, work: { kind: 'shredder', v: 1, inputs } }] };
}

test('from the wall to a class of motor by keys, its drawing seen changing', async ({ page, address }) => {
  await page.goto(`${address}/start`);
  await page.getByRole('searchbox', { name: 'find a machine' }).fill('plastic');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('shopping-line')).toContainText(/Motor .*kW/);
  await expect(page.getByTestId('sentence')).toContainText('by its peaks');
  const drawing = page.getByRole('figure', { name: /Shredder, drawn/ }).locator('svg');
  const before = await drawing.innerHTML();
  const over = page.locator('[data-path="main/work/over"]');
  await expect(over).toBeFocused();
  await page.keyboard.type('200 mm');
  await expect.poll(() => drawing.innerHTML()).not.toBe(before);
  const line = await page.getByTestId('shopping-line').textContent();
  await page.locator('[data-path="main/work/wall"]').fill('6 mm');
  await expect(page.getByTestId('shopping-line')).not.toHaveText(line ?? '');
});

test('by thumb on a phone: the answer is there without scrolling', async ({ browser, address }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await page.goto(`${address}/start`);
  await page.getByRole('button', { name: /^Shredder/ }).tap();
  await expect(page.getByTestId('short-answer')).toContainText(/Look for a motor of/);
  await expect(page.getByTestId('short-answer')).toBeInViewport();
  await context.close();
});

test('the order of its blades is stepped by keys and dragged; the strip and the peaks follow, and undo takes it back', async ({ page, address }) => {
  const { id } = await addBuild(address, pots());
  await page.goto(`${address}/builds/${id}/work`);
  const strip = page.getByRole('region', { name: 'hooks over one turn' });
  await expect(strip).toContainText('3 hooks at once at the most');
  expect((await new AxeBuilder({ page }).include('section[aria-label="hooks over one turn"]').analyze()).violations).toEqual([]);
  const second = strip.getByRole('spinbutton', { name: 'place of blade 2', exact: true });
  await expect(second).toHaveAttribute('aria-valuenow', '2');
  await second.focus();
  await page.keyboard.press('ArrowDown');
  await expect(second).toHaveAttribute('aria-valuenow', '1');
  await expect(second).toBeFocused();
  const order = page.locator('[data-path="main/work/order"]');
  await expect(order).toHaveValue('1-1-3-4-5-6-7-8-9-10-11-12-13-14');
  await strip.getByRole('button', { name: 'all in line' }).click();
  await expect(strip).toContainText('14 hooks at once at the most');
  await expect(order).toHaveValue('1');
  await expect(page.locator('li').filter({ hasText: 'not spread evenly' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(strip).not.toContainText('14 hooks');
  const box = await second.boundingBox();
  if (!box) throw new Error('The blade is not on the page');
  await page.mouse.move(box.x + 8, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + 8, box.y - 40, { steps: 6 });
  await page.mouse.up();
  await expect(second).toHaveAttribute('aria-valuenow', '5');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(second).toHaveAttribute('aria-valuenow', '1');
});
