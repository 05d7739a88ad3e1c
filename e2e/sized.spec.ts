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
  { word: 'holes', name: 'Drill for metal', field: 'across', entry: '20 mm', moves: true },
  { word: 'end mill', name: 'Milling spindle', field: 'across', entry: '12 mm', moves: true },
  { word: 'threads', name: 'Tapping spindle', field: 'pitch', entry: '1 mm', moves: true },
  { word: 'rip', name: 'Circular saw for wood', field: 'thick', entry: '80 mm', moves: true },
  { word: 'bandsaw', name: 'Band saw', field: 'wheel', entry: '400 mm', moves: true },
  { word: 'buffing', name: 'Grinder, polisher, disc sander', field: 'across', entry: '150 mm', moves: true },
  { word: 'linisher', name: 'Belt grinder', field: 'wheel', entry: '200 mm', moves: true },
  { word: 'jointer', name: 'Planer, thicknesser', field: 'wide', entry: '300 mm', moves: true },
  { word: 'fretsaw', name: 'Scroll saw', field: 'stroke', entry: '30 mm', moves: true },
  { word: 'rosette', name: 'Ornamental lathe, rocking headstock', field: 'rosette', entry: '180 mm', moves: true },
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

for (const half of [0, 1])
  test(`by thumb on a phone each machine’s answer is there without scrolling, half ${half}`, async ({ browser, address }) => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    const page = await context.newPage();
    for (const { name } of machines.filter((_, k) => k % 2 === half)) {
      await page.goto(`${address}/start`);
      await page.getByRole('button', { name: new RegExp(`^${name}`) }).tap();
      await expect(page.getByRole('figure', { name: new RegExp(`^${name}, drawn`) })).toBeAttached();
      await expect(page.getByTestId('short-answer')).toContainText(/Look for a motor of/);
      await expect(page.getByTestId('short-answer')).toBeInViewport();
    }
    await context.close();
  });

test('a saw too fast for its blade is named, and a mill that its bearings limit', async ({ page, address }) => {
  const build = demo('bowl-lathe');
  const driving = (kind: string) =>
    addBuild(address, { ...build, name: `${kind} ${Date.now()}`, lines: build.lines.map((line) => ({ ...line, work: { kind, v: 1, inputs: {} } })) });
  const said = (text: RegExp) => page.locator('li').filter({ hasText: text }).first();
  // By hand: 1500 rpm by 80 and 112 mm are 1071.
  for (const [kind, about, word] of [
    ['circular-saw', { across: '250 mm', teeth: '24', thick: '50 mm' }, 'The blade turns too fast'],
    ['mill', { across: '16 mm', depth: '3 mm', width: '8 mm' }, 'The spindle turns too fast'],
  ] as const) {
    const { id } = await driving(kind);
    await page.goto(`${address}/builds/${id}/work`);
    for (const [field, text] of Object.entries(about)) await enter(page, `main/work/${field}`, text);
    await enter(page, 'main/work/most', '900 rpm');
    await expect(said(new RegExp(word))).toContainText(/at up to 1071.rpm/);
    await enter(page, 'main/work/most', '4000 rpm');
    await expect(page.getByText(word)).toHaveCount(0);
  }
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
