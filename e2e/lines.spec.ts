import type { Page } from '@playwright/test';
import { addBuild, at, demo, enter, expect, goTo, sample, test } from './parts/hobrek.js';

const P = 'main/source/power';

const sentence = (page: Page) => page.getByTestId('sentence');
const lines = (page: Page) => page.getByRole('navigation', { name: 'lines of the build' });
/** The name of a line, to be pressed. */
const tab = (page: Page, name: string) => lines(page).locator('button:not([aria-label])', { hasText: name });
const kept = (page: Page) => expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');

/** The crusher twice in one build; the second is called fan. */
const twice = () => {
  const build = demo();
  return { ...build, name: 'Press house', lines: [...build.lines, ...build.lines.map((line) => ({ ...line, id: 'fan', name: 'fan' }))] };
};

test('a second line, its motor too weak: the sheet shows it, the list names it, and undo takes it back', async ({ page, address }) => {
  const { id } = await addBuild(address, twice());
  await page.goto(`${address}/builds/${id}`);
  await expect(tab(page, 'motor to roll')).toHaveAttribute('aria-current', 'true');
  await expect(sentence(page)).toHaveAttribute('data-verdict', 'close');

  await tab(page, 'fan').click();
  await expect(page).toHaveURL(/\?line=fan$/);
  await enter(page, 'fan/source/power', '120 W');
  await expect(sentence(page)).toContainText('too weak');
  await expect(sentence(page)).toHaveAttribute('data-verdict', 'fails');
  await kept(page);

  // By key to the other line: it is as good as it was, and it is said where something is wrong.
  await page.locator('body').click({ position: { x: 2, y: 2 } });
  await page.keyboard.press(']');
  await expect(sentence(page)).toHaveAttribute('data-verdict', 'close');
  await expect(page.getByText(/^fan: The motor is too weak/)).toBeVisible();
  await expect(await at(page, P)).toHaveValue('0.55 kW');

  await page.goto(address);
  const row = page.getByRole('link', { name: /Press house/ });
  await expect(row).toContainText('Fan: the motor is too weak');
  await expect(row).toContainText('fan, one of 2 lines');
});

test('a line is added, renamed, put before the other and taken out; each step is undone by one', async ({ page, crusher: _ }) => {
  await expect(lines(page)).toHaveCount(0);
  await page.keyboard.press('k');
  await page.getByPlaceholder('a field, a stage, something to do').fill('add a line');
  await page.keyboard.press('Enter');
  await expect(tab(page, 'line 2')).toHaveAttribute('aria-current', 'true');
  await goTo(page, 'motor');
  await expect(page.getByLabel('Plate power')).toHaveValue('');

  await lines(page).getByRole('button', { name: 'Rename line 2' }).click();
  await page.getByLabel('name of the line').fill('motor to roll');
  await expect(page.getByRole('alert')).toHaveText('Another line is called “motor to roll”.');
  await page.getByLabel('name of the line').fill('Fan');
  await page.keyboard.press('Enter');
  await lines(page).getByRole('button', { name: 'Put Fan one place before' }).click();
  await expect(lines(page).locator('button').first()).toContainText('Fan');
  await lines(page).getByRole('button', { name: 'Take out Fan' }).click();
  await expect(lines(page)).toHaveCount(0);
  await expect(await at(page, P)).toHaveValue('0.55 kW');

  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(lines(page).locator('button').first()).toContainText('Fan');
  await kept(page);
});

for (const name of ['build-2', 'build-3']) {
  test(`${name}, kept from an older Hobrek, is whole on every page`, async ({ page, address }) => {
    const { id } = await addBuild(address, sample(name));
    const other = await addBuild(address, demo());
    const wrong: string[] = [];
    page.on('pageerror', (error) => wrong.push(error.message));
    const isClean = async () => {
      expect(wrong).toEqual([]);
      await expect(page.getByText(/\bNaN\b|undefined|Infinity/)).toHaveCount(0);
    };

    await page.goto(`${address}/builds/${id}`);
    for (const line of ['motor to roll', 'fruit']) {
      await tab(page, line).click();
      await expect(tab(page, line)).toHaveAttribute('aria-current', 'true');
      for (const stop of ['work', 'motor', 'drive']) {
        await goTo(page, stop);
        await expect(page.locator('[data-path]').first()).toBeVisible();
      }
      await isClean();
    }
    for (const stop of ['brief', 'work', 'motor', 'drive', 'log']) {
      await page.goto(`${address}/builds/${id}/${stop}`);
      await expect(page.getByRole('heading').first()).toBeVisible();
      await isClean();
    }
    await page.goto(`${address}/start/${id}`);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await isClean();
    await page.goto(`${address}/compare/${id}/${other.id}`);
    await expect(page.getByText('fruit').first()).toBeVisible();
    await isClean();
    await page.goto(address);
    await expect(page.getByRole('link', { name: new RegExp(sample(name).name) }).first()).toContainText('one of 2 lines');
    await isClean();
  });
}
