import AxeBuilder from '@axe-core/playwright';
import type { Build } from '@hobrek/core';
import { addBuild, choose, demo, expect, sample, test } from './parts/hobrek.js';

/** A demo build of which no shaft is entered. */
function bare(name: string): Build {
  const { forces: _, ...build } = demo(name);
  const lines = build.lines.map((line) => ({ ...line, stations: line.stations.map(({ shaft: __, ...station }) => station) }));
  return { ...build, lines, shafts: [], name: `Bare ${name} ${Date.now()}` };
}

test('an overhung pulley’s shaft: begun from what is known, found too thin, what would do is told, one is done, and all of it undone', async ({
  page,
  address,
}) => {
  const { id } = await addBuild(address, bare('kindling-splitter'));
  await page.goto(`${address}/builds/${id}/drive`);
  await page.getByRole('link', { name: 'Shafts' }).click();
  await page.getByRole('button', { name: 'Enter the cone shaft' }).click();
  const shaft = page.getByRole('region', { name: 'cone shaft', exact: true });
  await expect(shaft.getByRole('heading', { name: 'Bearings' })).toBeVisible();
  const field = (end: string) => shaft.locator(`[data-path$="${end}"]`);
  await field('/bar/diameter').fill('14 mm');
  await choose(field('/bar/metal'), 'bright');
  await field('/belt-out/at').fill('20 mm');
  await field('/b1/at').fill('120 mm');
  await page.locator('[data-path$="-tool/force"]').fill('450 N');
  await page.locator('[data-path$="-tool/force"]').press('Tab');
  await expect(shaft.getByRole('group', { name: 'the shaft as it lies' })).toBeVisible();
  await expect(shaft.getByText(/is too thin: at .* it is stressed with .* on every turn/)).toBeVisible();
  const cures = shaft.getByRole('region', { name: 'what would cure it' });
  await expect(cures.getByRole('listitem').first()).toBeVisible();
  await expect(cures).toContainText(/nearer to the bearing|right beside the bearing/);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

  // Along the shaft by keys: the figures of each place.
  const along = shaft.getByRole('slider', { name: 'place along the shaft' });
  await along.focus();
  const told = await along.getAttribute('aria-valuetext');
  await page.keyboard.press('ArrowRight');
  await expect(along).not.toHaveAttribute('aria-valuetext', told ?? '');
  await expect(along).toHaveAttribute('aria-valuetext', /moment .*N·m, torque .*N·m, .*MPa, deflection/);
  await expect(shaft.getByText(/it twists by .*, and deflects by .* at the driven wheel/)).toBeVisible();
  const atWork = await along.getAttribute('aria-valuetext');
  await shaft.getByRole('radio', { name: /^in a jam/ }).check();
  await expect(along).not.toHaveAttribute('aria-valuetext', atWork ?? '');
  await shaft.getByRole('radio', { name: 'at work' }).check();
  await expect(along).toHaveAttribute('aria-valuetext', atWork ?? '');

  // The first that cures it is made with a press, and taken back.
  const before = { diameter: await field('/bar/diameter').inputValue(), at: await field('/belt-out/at').inputValue() };
  await cures
    .getByRole('listitem')
    .filter({ hasText: /a shaft of .*nothing of it fails then/i })
    .first()
    .getByRole('button', { name: /^Change it so/ })
    .click();
  await expect(shaft.getByText(/is too thin/)).toBeHidden();
  await expect(field('/bar/diameter')).not.toHaveValue(before.diameter);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(shaft.getByText(/is too thin/)).toBeVisible();
  await expect(field('/bar/diameter')).toHaveValue(before.diameter);

  // Its pulley is moved by keys, and its bearing by dragging.
  const pulley = shaft.getByRole('slider', { name: /^place of driven wheel/ });
  await pulley.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(field('/belt-out/at')).toHaveValue('31 mm');
  await pulley.blur();
  const bearing = shaft.getByRole('slider', { name: 'place of bearing A' });
  const box = (await bearing.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 100, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(field('/b1/at')).not.toHaveValue('120 mm');
  const there = Number.parseFloat(await field('/b1/at').inputValue());
  expect(there).toBeLessThan(110);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(field('/b1/at')).toHaveValue('120 mm');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(field('/belt-out/at')).toHaveValue(before.at);

  // A second piece, and out again; then the whole shaft.
  await shaft.getByRole('button', { name: '+ tube' }).click();
  await expect(shaft.getByRole('region', { name: /^tube 2/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(shaft.getByRole('region', { name: /^tube 2/ })).toBeHidden();
  await shaft.getByRole('button', { name: /^take it out/ }).click();
  await expect(page.getByRole('button', { name: 'Enter the cone shaft' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(shaft.getByText(/is too thin/)).toBeVisible();
  await page.reload();
  await expect(shaft.getByText(/is too thin/)).toBeVisible();
});

test('on a phone: a shaft is read and entered by thumb, and what cannot be is named', async ({ browser, address }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  const { id } = await addBuild(address, { ...demo('apple-crusher'), name: `Shaft by thumb ${Date.now()}` });
  await page.goto(`${address}/builds/${id}/shafts`);
  await page
    .getByRole('button', { name: /^Enter the/ })
    .last()
    .tap();
  const name = 'the shaft as it lies';
  const diameter = page.locator('[data-path$="/bar/diameter"]');
  await diameter.fill('25 mm');
  await diameter.press('Tab');
  await expect(page.getByRole('group', { name })).toBeVisible();
  const wheel = page.locator('[data-path$="-out/at"]');
  await wheel.fill('900 mm');
  await wheel.press('Tab');
  await expect(page.getByText(/It cannot lie so: off the end of a shaft of 300 mm/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(page.getByRole('group', { name })).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await context.close();
});

test('a lathe’s spindle from a mower’s axle, begun from one line of words by keys alone', async ({ page, address }) => {
  const { id } = await addBuild(address, bare('bowl-lathe'));
  await page.goto(`${address}/builds/${id}/shafts`);
  const known = page.getByRole('textbox', { name: 'What is known of it' });
  await known.focus();
  await page.keyboard.type('25 mm axle, about 320 long, two bearings, of purple');
  await expect(page.getByText('Understood: 25 mm thick, 288 to 352 mm long, 2 bearings, an axle.')).toBeVisible();
  await expect(page.getByText(/Not understood: “of purple”/)).toBeVisible();
  await known.fill('25 mm axle, about 320 long, two bearings');
  await page.getByRole('button', { name: 'Enter the spindle' }).focus();
  await page.keyboard.press('Enter');
  const shaft = page.getByRole('region', { name: 'spindle', exact: true });
  await expect(shaft.getByText(/^The spindle is stressed with .* on every turn at .*; it lasts with .*MPa\.$/)).toBeVisible();
  await expect(shaft.getByText(/^The spindle holds in a jam: it withstands .*N·m/)).toBeVisible();
  await expect(shaft.locator('[data-path$="/bar/length"]')).toHaveValue('about 320');
  // Its whirl is drawn, and its figures are a table.
  await shaft.getByRole('radio', { name: 'whirl' }).focus();
  await page.keyboard.press('Space');
  await expect(shaft.getByText(/^it whirls at .*rpm, .*rpm, .*rpm, and turns at up to .*rpm/)).toBeVisible();
  await shaft.getByText('These figures as a table').focus();
  await page.keyboard.press('Enter');
  await expect(shaft.getByRole('row').nth(2)).toContainText('mm');
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
});

test('a shredder’s hexagon shaft is a rung of the jam: of scrap it bends before the motor stalls, a thicker one holds longer', async ({
  page,
  address,
}) => {
  const press = bare('cider-press');
  const [line] = press.lines as [Build['lines'][number]];
  const [pots] = sample('build-21').lines as [Build['lines'][number]];
  const stations = line.stations.map((station, k) => (k === line.stations.length - 1 ? { ...station, name: 'shredder' } : station));
  const { id } = await addBuild(address, { ...press, lines: [{ ...line, stations, work: pots.work }] });
  await page.goto(`${address}/builds/${id}/shafts`);
  await page.getByRole('textbox', { name: 'What is known of it' }).fill('hexagon 20, 400 long, two bearings, scrap');
  await page.getByRole('button', { name: 'Enter the shredder shaft' }).click();
  await page.locator('[data-path$="-tool/force"]').fill('3 kN');
  await page.locator('[data-path$="-tool/force"]').press('Tab');
  const shaft = page.getByRole('region', { name: 'shredder shaft', exact: true });
  await expect(shaft.getByText(/^In a jam the shredder shaft is bent or twisted for good: it withstands/)).toBeVisible();
  await page.goto(`${address}/builds/${id}`);
  await expect(page.getByRole('button', { name: /^shredder shaft bends/ })).toBeVisible();
  await expect(page.getByText(/In a jam the shredder shaft is bent or twisted for good: it withstands/).first()).toBeVisible();
});

test('shafts are taken to the lathe as a drawing, once they are entered', async ({ page, address }) => {
  const { id } = await addBuild(address, demo('kelp-cart'));
  await page.goto(`${address}/builds/${id}`);
  await page.getByRole('button', { name: 'Export' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'the shafts in true millimetres (DXF)' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/-shafts\.dxf$/);
  const none = await addBuild(address, bare('kelp-cart'));
  await page.goto(`${address}/builds/${none.id}`);
  await page.getByRole('button', { name: 'Export' }).click();
  await expect(page.getByRole('menuitem', { name: 'the drawing in true millimetres (DXF)' })).toBeVisible();
  await expect(page.getByRole('menuitem', { name: /^the shafts/ })).toHaveCount(0);
});
