import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { addBuild, demo, expect, test } from './parts/hobrek.js';

/** What can be pressed and is less than a finger needs, 44 px high; what is in a running text excepted, as WCAG 2.2, 2.5.5, has it. */
const tooSmall = (page: Page) =>
  page.evaluate(() => {
    const pressed = 'a[href], button, input:not([type=file], [type=checkbox], [type=radio]), summary, textarea, [role=combobox]';
    return [...document.querySelectorAll<HTMLElement>(pressed)]
      .filter((each) => each.checkVisibility() && !each.closest('.sr-only') && each.getBoundingClientRect().width > 0)
      .filter((each) => each.getBoundingClientRect().height < 43.5)
      .filter(
        (each) =>
          ![...(each.parentElement?.childNodes ?? [])].some((beside) => beside.nodeType === 3 && (beside.textContent ?? '').trim().length > 2),
      )
      .map((each) => `${each.tagName} ${each.ariaLabel ?? each.textContent}`);
  });

/** Pairs of what can be pressed that are less than 8 px apart; what stays over the page while it is scrolled is held against itself only. */
const tooNear = (page: Page) =>
  page.evaluate(() => {
    const pressed = 'a[href], button:not(.term), input:not([type=file]), summary, textarea, [role=combobox]';
    const all = [...document.querySelectorAll<HTMLElement>(pressed)].flatMap((each) => {
      const of = each.matches('[type=radio], [type=checkbox]') ? (each.closest('label') ?? each) : each;
      const box = of.getBoundingClientRect();
      const isShown = each.checkVisibility() && !each.closest('.sr-only') && box.width > 0;
      return isShown ? [{ of, box, over: each.closest('.fixed, .sticky'), says: each.ariaLabel ?? each.textContent ?? '' }] : [];
    });
    return all.flatMap((one, k) =>
      all.slice(k + 1).flatMap((other) => {
        if (one.over !== other.over || one.of.contains(other.of) || other.of.contains(one.of)) return [];
        const beside = Math.max(one.box.left, other.box.left) - Math.min(one.box.right, other.box.right);
        const below = Math.max(one.box.top, other.box.top) - Math.min(one.box.bottom, other.box.bottom);
        return Math.max(beside, below) < 7.5 ? [`${one.says} | ${other.says}`] : [];
      }),
    );
  });

test('on a phone: four thumbs, each comes back to its place; all that a desk has in three touches', async ({ browser, address }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  const { id } = await addBuild(address, demo('kelp-cart'));
  const thumb = (name: string) => page.getByRole('navigation', { name: 'places' }).getByText(name);
  await page.goto(`${address}/builds/${id}/drive?part=chain`);
  await page.getByLabel('Chain', { exact: true }).first().waitFor();
  const isDown = () => page.evaluate(() => scrollY);
  await page.evaluate(() => scrollTo(0, 600));
  await expect.poll(isDown).toBe(600);
  await thumb('Checks').tap();
  await expect(page.getByRole('heading', { name: /^Needs attention/ })).toBeVisible();
  await expect(page.getByLabel(/^Power path/)).toBeHidden();
  await thumb('Machine').tap();
  await expect(page.getByLabel(/^Power path/)).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Needs attention/ })).toBeHidden();
  await thumb('Fields').tap();
  await expect(page).toHaveURL(/\/drive\?part=chain$/);
  // To a pixel: where it was may end on half a one.
  await expect.poll(async () => Math.abs((await isDown()) - 600)).toBeLessThanOrEqual(1);

  // Each in three touches: the thumb, what it is, and which.
  await thumb('Stops').tap();
  await page.getByRole('button', { name: 'Export' }).tap();
  await expect(page.getByRole('menuitem', { name: 'print on one page, A4 (PDF)' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('combobox', { name: 'units of the figures' }).tap();
  await page.getByRole('option', { name: 'in, lbf·ft, hp' }).tap();
  await page.getByRole('button', { name: 'Preferences, keys' }).tap();
  await page.getByRole('radio', { name: 'evening shed' }).tap();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'evening');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Find or do' }).tap();
  await expect(page.getByPlaceholder('a field, a stage, something to do')).toBeFocused();
  await page.keyboard.press('Escape');
  await thumb('Stops').tap();
  await page.getByRole('link', { name: 'Notes, photos' }).tap();
  await expect(page.getByRole('button', { name: 'Add photos' })).toBeInViewport();
  await context.close();
});

/** A few pages a test, so that none takes long. */
const onPhone: readonly (readonly ((id: string) => string)[])[] = [
  [() => '/', (id) => `/start/${id}`, () => '/start', () => '/deleted', () => '/backups', () => '/phone'],
  [(id) => `/compare/${id}/${id}`, (id) => `/builds/${id}`, (id) => `/builds/${id}#checks`, (id) => `/builds/${id}/work`],
  [(id) => `/builds/${id}/needs`, (id) => `/builds/${id}/drives`, (id) => `/builds/${id}/finder`],
  [(id) => `/builds/${id}/motor`, (id) => `/builds/${id}/drive`, (id) => `/builds/${id}/brief`, (id) => `/builds/${id}/log`],
];
for (const paths of onPhone) {
  test(`on a phone nothing is too small for a finger, too near to another, or off the edge: ${paths.map((each) => each('id')).join(' ')}`, async ({
    browser,
    address,
  }) => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    const page = await context.newPage();
    const { id } = await addBuild(address, demo('kelp-cart'));
    for (const path of paths.map((each) => each(id))) {
      await page.goto(`${address}${path}`);
      await page.locator('main').first().waitFor();
      await page.waitForTimeout(500);
      // What is folded away has its targets too; of the finder they come once it has looked.
      if (path.endsWith('/finder')) {
        await page.getByRole('button', { name: 'Use this drive' }).waitFor();
        for (const fold of ['Wishes', 'The drawer']) await page.locator('summary').filter({ hasText: fold }).tap();
      }
      expect(await tooSmall(page), path).toEqual([]);
      expect(await tooNear(page), path).toEqual([]);
      expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
    }
    await context.close();
  });
}

test('in a window of 320 px no act of the build is lost', async ({ page, address }) => {
  const { id } = await addBuild(address, demo());
  await page.setViewportSize({ width: 320, height: 640 });
  await page.goto(`${address}/builds/${id}/drive`);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();
  await page.getByRole('button', { name: 'Stops' }).click();
  for (const name of ['Export', 'Preferences, keys', 'Find or do']) await expect(page.getByRole('button', { name })).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'stops' }).getByRole('link')).toHaveText(['Overview', 'Brief', 'Work', 'Motor', 'Drive', 'Log']);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(320);
});

test('by touch alone: a machine begun, a check read, a field changed, a note with a photo, and the build exported', async ({ browser, address }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  const thumb = (name: string) => page.getByRole('navigation', { name: 'places' }).getByText(name);
  await page.goto(`${address}/start`);
  await page.getByRole('button', { name: /^Rotary tumbler/ }).tap();
  await page.getByRole('button', { name: 'Pick a motor' }).tap();
  await page.locator('[data-path="main/source/power"]').fill('0.18 kW');
  await page.getByRole('heading', { level: 1 }).tap();
  await thumb('Checks').tap();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page
    .getByRole('region')
    .or(page.locator('main'))
    .getByRole('button', { name: /why\?$/ })
    .first()
    .tap();
  await expect(page.getByRole('dialog', { name: 'why' })).toBeVisible();
  await page.keyboard.press('Escape');
  await thumb('Stops').tap();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page.getByRole('navigation', { name: 'stops' }).getByRole('link', { name: /^Work/ }).tap();
  await page.locator('[data-path="main/work/load"]').fill('12 kg');
  await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
  await page.getByRole('heading', { level: 1 }).tap();
  await thumb('Stops').tap();
  await page.getByRole('link', { name: 'Notes, photos' }).tap();
  await page.getByTestId('photos').setInputFiles(fileURLToPath(new URL('../docs/screenshots/motor.png', import.meta.url)));
  await expect(page.getByLabel('photos of this note').getByRole('img')).toHaveCount(1);
  await page.getByLabel('What happened, what was measured').fill('Turned by hand.');
  await page.getByRole('button', { name: 'Write down' }).tap();
  await expect(page.getByText('Turned by hand.', { exact: true })).toBeVisible();
  await thumb('Stops').tap();
  await page.getByRole('button', { name: 'Export' }).tap();
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name: /its file/ }).tap()]);
  expect(JSON.parse(readFileSync(await download.path(), 'utf8')).lines[0].work.inputs.load.text).toBe('12 kg');
  await context.close();
});
