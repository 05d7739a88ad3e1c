import AxeBuilder from '@axe-core/playwright';
import type { Build } from '@hobrek/core';
import type { Page } from '@playwright/test';
import { addBuild, at, choose, demo, expect, test } from './parts/hobrek.js';

/** The crusher with a motor in hand that has no plate. */
function withoutPlate(): Build {
  const build = demo();
  const [line] = build.lines as [Build['lines'][number]];
  return { ...build, name: `Motor in hand ${Date.now()}`, lines: [{ ...line, source: { ...line.source, kind: 'no-plate', v: 1, inputs: {} } }] };
}

const likeliest = (page: Page) => page.getByRole('region', { name: 'what is this motor' }).getByRole('list').filter({ hasText: '%' }).last();

test('on a phone, by touch: a washing machine’s motor without a plate, its wires, taken into the build, and all of it undone', async ({
  browser,
  address,
}) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  const { id } = await addBuild(address, withoutPlate());
  await page.goto(`${address}/builds/${id}/motor`);
  const panel = page.getByRole('region', { name: 'what is this motor' });
  await expect(panel.getByRole('heading', { name: 'What did it come out of?' })).toBeVisible();
  await choose(panel.getByRole('combobox', { name: 'What it came out of' }), 'washing machine, front loader with a belt');
  await expect(panel.getByText(/^would (settle|narrow) it.* · (half )?a minute$/)).toBeVisible();
  await expect(
    panel.getByRole('heading', { name: 'Are there brushes?' }).or(panel.getByRole('heading', { name: /capacitor|switches|stator|turn/ })),
  ).toBeVisible();
  // Whatever comes first, brushes are seen.
  for (let k = 0; k < 6 && !(await panel.getByRole('heading', { name: 'Are there brushes?' }).isVisible()); k++)
    await panel.getByRole('button', { name: 'Another look first' }).tap();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await panel.getByRole('button', { name: /^two or four carbon blocks/ }).tap();
  await expect(likeliest(page)).toContainText(/universal motor with brushes.*9\d.%/);
  // One answer taken back and given wrongly: the motor is found again by the others, and that one is doubted.
  await panel.getByRole('button', { name: 'two or four carbon blocks on copper bars' }).first().tap();
  await panel.getByRole('button', { name: /^a plain rotor/ }).tap();
  await expect(likeliest(page)).not.toContainText(/universal motor with brushes.*9\d.%/);
  await panel.getByRole('button', { name: 'a plain rotor, nothing rubs on it' }).first().tap();
  await panel.getByRole('button', { name: /^two or four carbon blocks/ }).tap();

  await panel.getByRole('button', { name: /^universal motor with brushes$/ }).tap();
  await expect(panel).toBeHidden();
  const power = await at(page, 'main/source/power');
  await expect(power).toHaveValue(/^\d+ to \d+ W$/);
  await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(panel).toBeVisible();
  await expect(likeliest(page)).toContainText('universal motor with brushes');
  // What was looked at is kept with the build, and can be gone on with.
  await page.getByRole('button', { name: 'Redo' }).tap();
  await expect(panel).toBeHidden();
  await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
  await page.reload();
  await page.getByRole('button', { name: 'Look again' }).tap();
  await expect(likeliest(page)).toContainText('universal motor with brushes');
  await context.close();
});

test('readings name the wires; those that cannot be true are named, and the others kept', async ({ page, address }) => {
  const build = withoutPlate();
  const [line] = build.lines as [Build['lines'][number]];
  const row = (id: string, between: string, ohms: number) => ({
    id,
    inputs: {
      between: { text: between, how: 'measured' as const },
      ohms: { text: `${ohms} Ω`, value: ohms, unit: 'Ω' as const, how: 'measured' as const },
    },
  });
  const readings = { text: '', how: 'measured' as const, rows: [row('a', '1-2', 2), row('b', '1-3', 4.4), row('c', '2-3', 6.4)] };
  const inputs = { capacitor: { text: 'run', how: 'measured' as const }, readings };
  const { id } = await addBuild(address, { ...build, lines: [{ ...line, source: { ...line.source, inputs } }] });
  await page.goto(`${address}/builds/${id}/motor`);
  const panel = page.getByRole('region', { name: 'what is this motor' });
  await expect(panel).toContainText('common to both windings');
  await expect(panel).toContainText('the winding of the capacitor, 4.4 Ω to the common');
  const reading = await at(page, 'main/source/readings/c/ohms');
  await reading.fill('20 Ω');
  await expect(panel.getByRole('alert')).toContainText('2 Ω, 4.4 Ω and 20 Ω between three wires of one winding: two should add to the third');
  await expect(await at(page, 'main/source/readings/b/ohms')).toHaveValue('4.4 Ω');
});

test('by keys alone an answer is given, and gone back to', async ({ page, address }) => {
  const { id } = await addBuild(address, withoutPlate());
  await page.goto(`${address}/builds/${id}/motor`);
  const panel = page.getByRole('region', { name: 'what is this motor' });
  const later = panel.getByRole('button', { name: 'Another look first' });
  await later.focus();
  await page.keyboard.press('Enter');
  const answer = panel.locator('li > button[aria-pressed]').first();
  const says = (await answer.locator('span').first().textContent()) ?? '';
  await answer.focus();
  await page.keyboard.press('Enter');
  // The next look follows for the keys, and nothing of the screens that are made ready behind it.
  await page.keyboard.press('Tab');
  expect(await panel.evaluate((shown) => shown.contains(document.activeElement))).toBe(true);
  await expect(page.locator(':focus')).toBeVisible();
  const back = panel.getByRole('button', { name: says, exact: true });
  await back.focus();
  await page.keyboard.press('Enter');
  await expect(panel.locator('button[aria-pressed="true"]')).toContainText(says);
});

test('a motor in hand without a plate, from the start: found, and what it could drive is said', async ({ page, address }) => {
  await page.goto(`${address}/start`);
  await page.getByRole('button', { name: 'I have a motor' }).first().click();
  await choose(page.getByRole('combobox', { name: 'kind of source' }), 'motor without a plate');
  const panel = page.getByRole('region', { name: 'what is this motor' });
  await choose(panel.getByRole('combobox', { name: 'What it came out of' }), 'bench grinder');
  for (let k = 0; k < 8 && !(await panel.getByRole('heading', { name: 'Is there a capacitor?' }).isVisible()); k++)
    await panel.getByRole('button', { name: 'Another look first' }).click();
  await panel.getByRole('button', { name: /^a capacitor of 1 to 80 µF/ }).click();
  await panel.getByRole('button', { name: 'induction motor, run capacitor', exact: true }).click();
  await expect(page.locator('[data-path="main/source/power"]')).toHaveValue(/^\d+ to \d+ W$/);
  await expect(page.getByRole('list', { name: 'machines that it could drive' }).getByRole('listitem').first()).toContainText(/would|not known/);
});
