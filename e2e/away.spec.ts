import { expect, test } from '@playwright/test';
import { startCluster } from '../bin/parts/database.mjs';
import { addBuild, dataFolder, demo, Hobrek } from './parts/hobrek.js';

test('the database stops while someone types and comes back: nothing is lost, nothing is to be chosen', async ({ page }) => {
  const data = dataFolder();
  const hobrek = new Hobrek(data.path);
  try {
    const address = await hobrek.address();
    const { id } = await addBuild(address, demo());
    await page.goto(`${address}/builds/${id}`);
    const state = page.locator('[data-save-state]');
    await page.getByLabel('Plate power').fill('1 hp');
    await expect(state).toHaveAttribute('data-save-state', 'kept');

    const cluster = await startCluster({ folder: data.path, testing: true });
    await cluster.stop();
    expect((await (await fetch(`${address}/api/health`)).json()).database).toBe('down');
    await page.getByLabel('Plate power').fill('1 1/2 hp');
    await page.getByLabel('Torque needed').fill('9 N·m');
    await expect(state).toHaveAttribute('data-save-state', 'away');
    await expect(page.getByRole('alert')).toContainText('will be sent');

    await startCluster({ folder: data.path, testing: true });
    await expect(state).toHaveAttribute('data-save-state', 'kept', { timeout: 20_000 });
    await expect(page.getByRole('alert')).toHaveCount(0);
    await page.reload();
    await expect(page.getByLabel('Plate power')).toHaveValue('1 1/2 hp');
    await expect(page.getByLabel('Torque needed')).toHaveValue('9 N·m');
  } finally {
    await hobrek.stop();
    data.remove();
  }
});

test('what one tab changes, another shows without a reload, and the list too', async ({ page, context }) => {
  const data = dataFolder();
  const hobrek = new Hobrek(data.path);
  try {
    const address = await hobrek.address();
    const { id } = await addBuild(address, { ...demo(), name: 'Watched' });
    const [other, list] = [await context.newPage(), await context.newPage()];
    await other.goto(`${address}/builds/${id}`);
    await list.goto(address);
    await page.goto(`${address}/builds/${id}`);
    await page.getByLabel('Torque needed').fill('16 N·m');
    await expect(other.getByTestId('sentence')).toHaveAttribute('data-verdict', 'fails');
    await expect(list.getByRole('link', { name: /Watched/ })).toContainText('is too weak');
    // The tab that holds the stream goes; the others still hear.
    await other.close();
    await page.getByLabel('Torque needed').fill('5 N·m');
    await expect(list.getByRole('link', { name: /Watched/ })).toContainText('The motor is strong enough');
  } finally {
    await hobrek.stop();
    data.remove();
  }
});
