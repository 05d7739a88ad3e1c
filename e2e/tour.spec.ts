/** The acts of the README’s tour, by keyboard alone: Tab, Enter, arrows, letters, chords, and what is typed. */
import type { Locator, Page } from '@playwright/test';
import { addBuild, demo, expect, test } from './parts/hobrek.js';

const sentence = (page: Page) => page.getByTestId('sentence');

/** Where the focus is: on the target, in its row, where the arrows go on since that is one stop of Tab, or elsewhere. */
const focusOn = (target: Locator) =>
  target.evaluate((each) => {
    if (each === document.activeElement) return 'it';
    return each.tabIndex === -1 && document.activeElement?.closest('[data-row]')?.contains(each) === true ? 'its row' : 'elsewhere';
  });

/** Goes on by Tab, and by arrows in a row, until something has the focus: whatever cannot be reached so fails. */
async function reach(page: Page, target: Locator, key = 'Tab'): Promise<void> {
  await target.first().waitFor();
  for (let k = 0; k < 150; k++) {
    const on = await focusOn(target.first());
    if (on === 'it') return;
    await page.keyboard.press(on === 'its row' ? 'ArrowRight' : key);
  }
  throw new Error(`${target} is not reached by ${key}`);
}

/** Finds something in the command list and does it. */
async function command(page: Page, words: string): Promise<void> {
  await page.keyboard.press('Control+k');
  await expect(page.getByPlaceholder('a field, a stage, something to do')).toBeFocused();
  await page.keyboard.type(words);
  await page.keyboard.press('Enter');
}
const field = (page: Page, path: string) => page.locator(`[data-path="${path}"]`);
const kept = (page: Page) => expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
const open = async (page: Page, address: string) => {
  const name = `By keys ${Date.now()}`;
  const { id } = await addBuild(address, { ...demo(), name });
  await page.goto(`${address}/builds/${id}`);
  await sentence(page).waitFor();
  return name;
};

test('from the list to a check, its part and back; a figure typed, believed and cured', async ({ page, address }) => {
  const name = `By keys ${Date.now()}`;
  await addBuild(address, { ...demo(), name });
  await page.goto(address);
  await reach(page, page.getByRole('button', { name: 'worst first' }));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'worst first' })).toHaveAttribute('aria-pressed', 'true');
  await reach(page, page.getByRole('searchbox', { name: 'find a build' }), 'Shift+Tab');
  await page.keyboard.type(name);
  await expect(page.getByText('one found')).toBeVisible();
  await reach(page, page.getByRole('link', { name }));
  await page.keyboard.press('Enter');
  await sentence(page).waitFor();
  await reach(page, page.getByRole('button', { name: 'All checks' }));
  await page.keyboard.press('Enter');
  const check = page.locator('li[data-at="main/belt"] button.text-left').first();
  await reach(page, check);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/(motor|drive|work)/);
  // Alt and the left arrow, a key of the browser itself, which here has none.
  await page.goBack();
  await expect(page.getByRole('heading', { name: /^Needs attention/ })).toBeVisible();
  await command(page, 'plate power');
  await expect(field(page, 'main/source/power')).toBeFocused();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('1/2 hp');
  await expect(sentence(page)).toContainText(/too weak|weak/);
  const cure = page.getByRole('button', { name: /^Try / }).first();
  await reach(page, cure, 'Shift+Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'what it would change' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'what it would change' })).toBeHidden();
  await expect(cure).toBeFocused();
  await command(page, 'plate power');
  await expect(field(page, 'main/source/power')).toBeFocused();
  await page.keyboard.press('F1');
  await expect(page.getByRole('dialog', { name: 'help' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(field(page, 'main/source/power')).toBeFocused();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('abc');
  await expect(field(page, 'main/source/power')).toHaveAttribute('aria-invalid', 'true');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('1,725');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('0.6 to 0.9 kW');
  await expect(sentence(page)).toContainText(/kW|power|reserve/);
  await reach(page, page.getByRole('button', { name: /Starting torque: .* Why\?/ }));
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'why' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await kept(page);
});

test('a hub, a shaft moved, a stage added, a wish, the units and the export', async ({ page, address }) => {
  await open(page, address);
  await command(page, 'hub fixing driven pulley');
  await expect.poll(() => page.evaluate(() => document.activeElement?.getAttribute('data-path'))).toBe('main/belt/drivenFixing');
  await page.keyboard.press('ArrowDown');
  await page.getByRole('option').first().waitFor();
  await page.keyboard.type('set screw');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listbox')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  const shaft = page.getByLabel(/^move the .*: arrow keys/).first();
  await reach(page, shaft);
  const before = await page.locator('[data-path="main/belt/centres"]').inputValue();
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('[data-path="main/belt/centres"]')).not.toHaveValue(before);
  await reach(page, page.getByRole('button', { name: /^add after the/ }), 'Shift+Tab');
  await page.keyboard.press('Enter');
  const what = page.getByRole('dialog', { name: 'what could go here' });
  await reach(page, what.getByRole('button', { name: /torque limiter|shear pin|Shear/i }));
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-stage]')).toHaveCount(2);
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-stage]')).toHaveCount(1);
  await reach(page, page.getByRole('navigation', { name: 'stops' }).getByRole('link', { name: /^Brief/ }), 'Shift+Tab');
  await page.keyboard.press('Enter');
  await reach(page, field(page, 'wishes/noise'));
  await page.keyboard.type('85');
  await kept(page);
  await reach(page, page.getByRole('button', { name: 'Preferences, keys' }), 'Shift+Tab');
  await page.keyboard.press('Enter');
  await reach(page, page.getByRole('radio', { name: /day|as the/ }).first());
  await page.keyboard.press('Escape');
  await reach(page, page.getByRole('button', { name: 'Export' }), 'Shift+Tab');
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem').first().waitFor();
  await page.keyboard.type('its file');
  await expect(page.getByRole('menuitem', { name: /^its file/ })).toBeFocused();
  const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')]);
  expect(download.suggestedFilename()).toMatch(/\.json$/);
  await page.keyboard.press('F6');
  await page.keyboard.press('F6');
});

test('a copy, laid beside its first; a note in the log, a state restored', async ({ page, address }) => {
  const name = await open(page, address);
  await command(page, 'plate power');
  await expect(field(page, 'main/source/power')).toBeFocused();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('0.75 kW');
  await kept(page);
  await reach(page, page.getByRole('navigation', { name: 'stops' }).getByRole('link', { name: /^Log/ }), 'Shift+Tab');
  await page.keyboard.press('Enter');
  await reach(page, page.getByLabel('What happened, what was measured'));
  await page.keyboard.type('Ran an hour.');
  await reach(page, page.getByRole('button', { name: 'Write down' }));
  await page.keyboard.press('Enter');
  await expect(page.getByText('Ran an hour.', { exact: true })).toBeVisible();
  await reach(page, page.getByRole('button', { name: /^restore/i }).last());
  await page.keyboard.press('Enter');
  await kept(page);
  await reach(page, page.getByRole('link', { name: 'Hobrek' }), 'Shift+Tab');
  await page.keyboard.press('Enter');
  await reach(page, page.getByRole('button', { name: `Copy ${name}`, exact: true }));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: `${name}, copy` })).toBeFocused();
  await reach(page, page.getByRole('button', { name: `Compare ${name}`, exact: true }));
  await page.keyboard.press('Enter');
  await reach(page, page.getByRole('button', { name: `Compare ${name}, copy` }), 'Shift+Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('better')).toBeFocused();
});
