import type { Page } from '@playwright/test';
import { addBuild, demo, expect, test } from './parts/hobrek.js';

const row = (page: Page, name: string) => page.getByRole('link', { name: new RegExp(`^${name}, drawn`) });

test('a long list shows the rows in sight; back comes back to the row, the search and the order; what is saved elsewhere changes its own row', async ({
  page,
  address,
}) => {
  const names = Array.from({ length: 40 }, (_, k) => `Rowed ${String(k).padStart(2, '0')}`);
  const ids: string[] = [];
  for (const name of names) ids.push((await addBuild(address, { ...demo(), name })).id);
  await page.goto(address);
  await page.getByRole('searchbox').fill('rowed');
  await expect(page.getByText('40 found')).toBeVisible();
  await page.getByRole('button', { name: 'by name' }).click();
  await expect(page.locator('main li').first()).toContainText('Rowed 00');
  expect(await page.locator('main li').count()).toBeLessThan(20);

  await row(page, 'Rowed 00').evaluate((link) => link.setAttribute('data-same', 'yes'));
  const saved = await fetch(`${address}/api/builds/${ids[1]}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', 'if-match': '"1"' },
    body: JSON.stringify({ ...demo('sea-glass-tumbler'), name: 'Rowed 01' }),
  });
  expect(saved.ok).toBe(true);
  await expect(row(page, 'Rowed 01')).toContainText('drum');
  await expect(page.locator('[data-same]')).toContainText('Rowed 00');

  await page.mouse.wheel(0, 3_600);
  await row(page, 'Rowed 27').click();
  await expect(page.getByTestId('headline')).toBeVisible();
  await page.goBack();
  await expect(row(page, 'Rowed 27')).toBeFocused();
  await expect(row(page, 'Rowed 27')).toBeInViewport();
  await expect(page.getByRole('searchbox')).toHaveValue('rowed');
  await page.reload();
  await expect(row(page, 'Rowed 27')).toBeFocused();
});

test('after a build is deleted, brought back and copied, work goes on there', async ({ page, address }) => {
  for (const name of ['Kept 1', 'Kept 2', 'Kept 3']) await addBuild(address, { ...demo(), name });
  await page.goto(`${address}/?find=kept&order=name`);
  await page.getByRole('button', { name: 'Delete Kept 2' }).press('Enter');
  const undo = page.getByRole('button', { name: 'Undo' });
  await expect(undo).toBeFocused();
  await expect(row(page, 'Kept 2')).toBeHidden();
  await undo.press('Enter');
  await expect(row(page, 'Kept 2')).toBeFocused();
  await page.getByRole('button', { name: 'Copy Kept 2' }).press('Enter');
  await expect(row(page, 'Kept 2, copy')).toBeFocused();
  // Gone for good while the focus is on what would bring it back: on with the row below.
  await page.getByRole('button', { name: 'Delete Kept 2, copy' }).press('Enter');
  await expect(row(page, 'Kept 3')).toBeFocused({ timeout: 60_000 });
});
