import { addBuild, demo, enter, expect, test } from './parts/hobrek.js';

/** A machine of the wall by what it is for, its name, and a field that its drawing follows with what is entered there; whether that moves what it needs. */
const machines = [
  { word: 'malt', name: 'Roll mill', field: 'roll', entry: '100 mm', moves: true },
  { word: 'branches', name: 'Garden chipper', field: 'branch', entry: '75 mm', moves: false },
  { word: 'firewood', name: 'Screw cone splitter', field: 'wide', entry: '110 mm', moves: false },
  { word: 'sunflower', name: 'Oil press', field: 'worm', entry: '70 mm', moves: true },
  { word: 'veneer', name: 'Screw press', field: 'stroke', entry: '90 mm', moves: false },
  { word: 'engine lathe', name: 'Lathe for metal', field: 'across', entry: '90 mm', moves: true },
  { word: 'faceplate', name: 'Lathe for wood', field: 'across', entry: '300 mm', moves: true },
  { word: 'deburr', name: 'Vibrating tub', field: 'radius', entry: '80 mm', moves: true },
] as const;

for (const { word, name, field, entry, moves } of machines)
  test(`from the wall to a class of motor by keys, its drawing seen changing: ${name}`, async ({ page, address }) => {
    await page.goto(`${address}/start`);
    await page.getByRole('searchbox', { name: 'find a machine' }).fill(word);
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('shopping-line')).toContainText(/Motor .*kW/);
    const drawing = page.getByRole('figure', { name: new RegExp(`${name}, drawn`) }).locator('svg');
    const before = await drawing.innerHTML();
    const sentence = await page.getByTestId('sentence').textContent();
    await page.locator(`[data-path="main/work/${field}"]`).focus();
    await page.keyboard.type(entry);
    await expect.poll(() => drawing.innerHTML()).not.toBe(before);
    if (moves) await expect(page.getByTestId('sentence')).not.toHaveText(sentence ?? '');
  });

for (const { name } of machines)
  test(`by thumb on a phone: the answer is there without scrolling: ${name}`, async ({ browser, address }) => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    const page = await context.newPage();
    await page.goto(`${address}/start`);
    await page.getByRole('button', { name: new RegExp(`^${name}`) }).tap();
    await expect(page.getByTestId('short-answer')).toContainText(/Look for a motor of/);
    await expect(page.getByTestId('short-answer')).toBeInViewport();
    await context.close();
  });

test('a tub with too little room strikes its frame as it passes resonance, and is told so as it is typed', async ({ page, address }) => {
  const { id } = await addBuild(address, { ...demo('clock-plate-tub'), name: `Tub ${Date.now()}` });
  await page.goto(`${address}/builds/${id}/work`);
  const check = page.locator('li').filter({ hasText: 'passes resonance' }).first();
  await expect(check).toContainText('It moves');
  await enter(page, 'main/work/gap', '3 mm');
  await expect(check).toContainText('strike');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(check).toContainText('It moves');
});
