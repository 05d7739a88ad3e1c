import AxeBuilder from '@axe-core/playwright';
import { addBuild, choose, demo, expect, test } from './parts/hobrek.js';

test('an overhung pulley’s shaft: begun from what is known, found too thin, what would do is told, one is done, and all of it undone', async ({
  page,
  address,
}) => {
  const { id } = await addBuild(address, { ...demo('kindling-splitter'), name: `Thin shaft ${Date.now()}` });
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
  await expect(shaft.getByRole('img', { name: 'the shaft as it lies' })).toBeVisible();
  await expect(shaft.getByText(/is too thin: at .* it is stressed with .* on every turn/)).toBeVisible();
  const cures = shaft.getByRole('region', { name: 'what would cure it' });
  await expect(cures.getByRole('listitem').first()).toBeVisible();
  await expect(cures).toContainText(/nearer to the bearing|right beside the bearing/);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

  // Along the shaft by keys: the figures of each place.
  const along = shaft.getByRole('slider', { name: 'place along the shaft' });
  await along.focus();
  const before = await along.getAttribute('aria-valuetext');
  await page.keyboard.press('ArrowRight');
  await expect(along).not.toHaveAttribute('aria-valuetext', before ?? '');
  await expect(along).toHaveAttribute('aria-valuetext', /moment .*N·m, torque .*N·m, deflection/);

  // One is done by hand: a thicker bar.
  await field('/bar/diameter').fill('50 mm');
  await field('/bar/diameter').press('Tab');
  await expect(shaft.getByText(/is too thin/)).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(shaft.getByText(/is too thin/)).toBeVisible();

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
  await expect(page.getByRole('img', { name })).toBeVisible();
  const wheel = page.locator('[data-path$="-out/at"]');
  await wheel.fill('900 mm');
  await wheel.press('Tab');
  await expect(page.getByText(/It cannot lie so: off the end of a shaft of 300 mm/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(page.getByRole('img', { name })).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await context.close();
});
