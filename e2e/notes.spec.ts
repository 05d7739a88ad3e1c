import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './parts/hobrek.js';

const picture = (name: string) => fileURLToPath(new URL(`../docs/screenshots/${name}.png`, import.meta.url));

test('a note has photos and words to find it by; they go away with the shed’s file and come back with it', async ({ page, crusher, address }) => {
  test.setTimeout(120_000);
  await page.goto(`${address}/builds/${crusher.id}/log`);
  const notes = page.getByRole('listitem');
  const said = page.getByLabel('What happened, what was measured');
  const down = page.getByRole('button', { name: 'Write down' });
  await expect(down).toBeDisabled();

  // What is no picture is told so by its name; the others come.
  await page.getByTestId('photos').setInputFiles([picture('builds'), fileURLToPath(import.meta.url), picture('motor')]);
  await expect(page.getByText(/^notes\.spec\.ts: A picture is sent as image\/jpeg/)).toBeVisible();
  await expect(page.getByLabel('photos of this note').getByRole('img')).toHaveCount(2);
  await page.getByRole('button', { name: 'leave out photo 2' }).click();
  await said.fill('Belt on, 6 mm under the thumb.');
  await page.getByRole('button', { name: 'fitted' }).click();
  await page.getByLabel('another word').fill('Belt');
  await down.click();
  await expect(said).toHaveValue('');
  await said.fill('380 rpm at the roll.');
  await page.getByRole('button', { name: 'measured' }).click();
  await down.click();
  await expect(page.getByText('380 rpm at the roll.')).toBeVisible();

  await page.reload();
  await expect(page.getByText('fitted · belt')).toBeVisible();
  const shown = page.getByRole('group', { name: 'show only' });
  await shown.getByRole('button', { name: 'belt 1' }).click();
  await expect(page.getByText('380 rpm at the roll.')).toHaveCount(0);
  await shown.getByRole('button', { name: 'all 2' }).click();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

  const small = page.getByRole('button', { name: /photo 1 of 1/ });
  await small.click();
  const large = page.getByRole('dialog').getByRole('img');
  await expect(large).toBeVisible();
  expect(await large.evaluate((img: HTMLImageElement) => img.complete && img.naturalWidth)).toBeGreaterThan(1000);
  await page.keyboard.press('Escape');
  await expect(small).toBeFocused();

  const [log] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'take it as text' }).click()]);
  expect(log.suggestedFilename()).toMatch(/^crusher-\d+-log\.md$/);
  expect(await readFile(await log.path(), 'utf8')).toMatch(/\(fitted, belt, one photo\)\n\nBelt on, 6 mm under the thumb\./);

  // The file takes them along; the build is deleted and comes back out of it, photo and all.
  const file = await (await fetch(`${address}/api/shed?find=${encodeURIComponent(crusher.build.name)}`)).text();
  const { version } = (await (await fetch(`${address}/api/builds/${crusher.id}`)).json()) as { version: number };
  await fetch(`${address}/api/builds/${crusher.id}`, { method: 'DELETE', headers: { 'if-match': `"${version}"` } });
  await page.goto(address);
  await page.getByTestId('bring-in').setInputFiles({ name: 'shed.json', mimeType: 'application/json', buffer: Buffer.from(file) });
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto(`${address}/builds/${crusher.id}/log`);
  await expect(page.getByRole('img', { name: /photo 1 of 1/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /photo 1 of 1/ })).toHaveJSProperty('naturalHeight', 200);

  // Gone for good only when asked twice.
  const belt = notes.filter({ hasText: '6 mm under the thumb' });
  await belt.getByRole('button', { name: 'take out', exact: true }).click();
  await belt.getByRole('button', { name: 'leave it' }).click();
  await belt.getByRole('button', { name: 'take out', exact: true }).click();
  await belt.getByRole('button', { name: 'take out this note and its photo for good' }).click();
  await expect(page.getByText('6 mm under the thumb')).toHaveCount(0);
  await expect(page.getByText('380 rpm at the roll.')).toBeVisible();
});

test('a build that was deleted is restored from its page, with what was written down about it', async ({ page, stored, address }) => {
  await page.goto(`${address}/builds/${stored.id}/log`);
  await page.getByLabel('What happened, what was measured').fill('Bearing on the left runs warm.');
  await page.getByRole('button', { name: 'Write down' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Bearing on the left runs warm.' })).toBeVisible();
  await page.goto(`${address}/deleted`);
  const name = `restore ${stored.build.name}`;
  const before = await page.getByRole('button', { name }).count();
  const { version } = (await (await fetch(`${address}/api/builds/${stored.id}`)).json()) as { version: number };
  await fetch(`${address}/api/builds/${stored.id}`, { method: 'DELETE', headers: { 'if-match': `"${version}"` } });
  await page.reload();
  await expect(page.getByRole('button', { name })).toHaveCount(before + 1);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page.getByRole('button', { name }).first().click();
  await expect(page.getByRole('status')).toContainText(`${stored.build.name} is in the shed again.`);
  await page.getByRole('link', { name: 'Open it' }).click();
  await page.getByRole('link', { name: 'Log' }).click();
  await expect(page.getByText('Bearing on the left runs warm.')).toBeVisible();
});

test('a note that is half written is there again after another page; one that was written down is there, however soon the page was left', async ({
  page,
  crusher,
  address,
}) => {
  const log = `${address}/builds/${crusher.id}/log`;
  const said = page.getByLabel('What happened, what was measured');
  const written = page.getByRole('listitem').filter({ hasText: 'The left bearing is loose.' });
  await page.goto(log);
  await said.fill('The left bearing');
  await page.getByRole('button', { name: 'broke' }).click();
  await page.goto(address);
  await page.goto(log);
  await expect(said).toHaveValue('The left bearing');
  await expect(page.getByRole('button', { name: 'broke' })).toHaveAttribute('aria-pressed', 'true');
  await said.fill('The left bearing is loose.');
  // Left in the moment in which it is sent, before any answer.
  await page.evaluate((to) => {
    [...document.querySelectorAll<HTMLElement>('button')].find(({ textContent }) => textContent === 'Write down')?.click();
    location.href = to;
  }, address);
  await expect(page.getByRole('heading', { name: 'Builds' })).toBeVisible();
  await page.goto(log);
  await expect(written).toHaveCount(1);
  await expect(said).toHaveValue('');
});
