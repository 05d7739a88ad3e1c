import { execFileSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Build } from '@hobrek/core';
import { expect, test } from '@playwright/test';
import { addBuild, at, dataFolder, demo, enter, Hobrek } from './parts/hobrek.js';

const P = 'main/source/power';
const T = 'main/work/torque';

/** Process of the PostgreSQL on a folder. */
const postmaster = (folder: string): number => Number(readFileSync(join(folder, 'cluster/postmaster.pid'), 'utf8').split('\n')[0]);

test('PostgreSQL is killed twice while someone types: it comes back by itself, and nothing is lost', async ({ page, context }) => {
  test.setTimeout(120_000);
  const data = dataFolder();
  const hobrek = new Hobrek(data.path, { HOBREK_THROW_AWAY: '0' });
  try {
    const address = await hobrek.address();
    const { id } = await addBuild(address, demo());
    await page.goto(`${address}/builds/${id}`);
    const list = await context.newPage();
    await list.goto(address);
    const state = page.locator('[data-save-state]');
    await enter(page, P, '1 hp');
    await expect(state).toHaveAttribute('data-save-state', 'kept');
    for (const [k, torque] of ['9 N·m', '6.5 N·m'].entries()) {
      process.kill(postmaster(data.path), 'SIGKILL');
      const killed = Date.now();
      await enter(page, T, torque);
      await enter(page, P, `${k + 1} hp`);
      await (await at(page, P)).press('Enter');
      await expect(state).toHaveAttribute('data-save-state', 'kept', { timeout: 60_000 });
      expect(Date.now() - killed).toBeLessThan(20_000);
      const { build } = (await (await fetch(`${address}/api/builds/${id}`)).json()) as { build: Build };
      expect([build.lines[0]?.work.inputs.torque?.text, build.lines[0]?.source.inputs.power?.text]).toEqual([torque, `${k + 1} hp`]);
      // Who looks at the list hears of it again by himself.
      await expect(list.getByRole('link', { name: /Apple crusher/ }).first()).toContainText(`needs ${torque}`, { timeout: 60_000 });
    }
    expect(hobrek.said.match(/PostgreSQL had ended by itself, and runs again/g)?.length).toBe(2);
    await page.reload();
    await expect(await at(page, T)).toHaveValue('6.5 N·m');
    expect(await hobrek.stop('SIGINT')).toBe(0);
  } finally {
    await hobrek.stop();
    data.remove();
  }
});

test('PostgreSQL that cannot be started is told in the terminal with its last words; the page says that typing is kept; mended, it goes on', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000);
  const data = dataFolder();
  const hobrek = new Hobrek(data.path);
  try {
    const address = await hobrek.address();
    const { id } = await addBuild(address, demo());
    await page.goto(`${address}/builds/${id}`);
    await page.getByTestId('sentence').waitFor();
    const state = page.locator('[data-save-state]');
    const settings = join(data.path, 'cluster/postgresql.conf');
    const whole = readFileSync(settings, 'utf8');
    writeFileSync(settings, `${whole}\nno_such_setting = 5\n`);
    process.kill(postmaster(data.path), 'SIGKILL');
    await enter(page, T, '9 N·m');
    await (await at(page, T)).press('Enter');
    await expect(state).toHaveAttribute('data-save-state', 'away');
    await expect(page.getByRole('alert')).toContainText('The database does not answer. What you typed is kept on this device and will be sent.');
    await expect.poll(() => hobrek.said, { timeout: 60_000 }).toContain('could not be started 3 times in a row');
    expect(hobrek.said).toContain('no_such_setting');
    expect((await (await fetch(`${address}/api/health`)).json()).database).toBe('down');
    // A page that is opened meanwhile says what is the matter, and opens by itself once it can.
    const late = await context.newPage();
    await late.goto(`${address}/builds/${id}`);
    await expect(late.getByText('The database does not answer.')).toBeVisible();
    writeFileSync(settings, whole);
    await expect(state).toHaveAttribute('data-save-state', 'kept', { timeout: 60_000 });
    await expect(page.getByRole('alert')).toHaveCount(0);
    await expect(await at(late, T)).toHaveValue('9 N·m', { timeout: 60_000 });
  } finally {
    await hobrek.stop();
    data.remove();
  }
});

/** A disk of its own, small enough to be filled; null where this machine lets nobody make one. */
function smallDisk(): { readonly path: string; readonly remove: () => void } | null {
  const { path, remove } = dataFolder();
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=140m,mode=0755', 'hobrek-test', path], { stdio: 'ignore' });
  } catch {
    remove();
    return null;
  }
  return {
    path,
    remove: () => {
      execFileSync('umount', ['--lazy', path]);
      remove();
    },
  };
}

/** Writes until nothing more goes onto the disk. */
function fill(path: string): void {
  mkdirSync(path);
  for (const size of [1 << 20, 1 << 14, 1 << 10])
    for (let k = 0; ; k++) {
      try {
        writeFileSync(join(path, `${size}-${k}`), Buffer.alloc(size, 1));
      } catch {
        break;
      }
    }
}

test('the disk is filled until PostgreSQL stops, while someone types: it is said in words, and goes on once there is room', async ({ page }) => {
  const disk = smallDisk();
  test.skip(disk === null, 'this machine lets nobody make a small disk');
  if (!disk) return;
  test.setTimeout(180_000);
  const hobrek = new Hobrek(disk.path, { HOBREK_THROW_AWAY: '0' });
  try {
    const address = await hobrek.address();
    const { id } = await addBuild(address, demo());
    await page.goto(`${address}/builds/${id}`);
    const state = page.locator('[data-save-state]');
    for (const round of [1, 2, 3]) {
      fill(join(disk.path, 'filler'));
      // What is set aside already takes some saves more; then PostgreSQL ends, or is ended.
      if (round > 1) process.kill(postmaster(disk.path), 'SIGKILL');
      for (let k = 0; (await state.getAttribute('data-save-state')) !== 'away' && k < 3_000; k++) {
        await enter(page, T, `${(5 + k / 1000).toFixed(3)} N·m`);
        await (await at(page, T)).press('Enter');
      }
      await expect(state).toHaveAttribute('data-save-state', 'away');
      await expect(page.getByRole('alert')).toContainText('The disk is full. What you typed is kept on this device and will be sent.', {
        timeout: 60_000,
      });
      await enter(page, T, `9.${round} N·m`);
      await (await at(page, T)).press('Enter');
      rmSync(join(disk.path, 'filler'), { recursive: true });
      await expect(state).toHaveAttribute('data-save-state', 'kept', { timeout: 60_000 });
      const { build } = (await (await fetch(`${address}/api/builds/${id}`)).json()) as { build: Build };
      expect(build.lines[0]?.work.inputs.torque?.text).toBe(`9.${round} N·m`);
    }
  } finally {
    await hobrek.stop();
    disk.remove();
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
    await enter(page, T, '16 N·m');
    await expect(other.getByTestId('sentence')).toHaveAttribute('data-verdict', 'fails');
    await expect(list.getByRole('link', { name: /Watched/ })).toContainText('is too weak');
    // The tab that holds the stream goes; the others still hear.
    await other.close();
    await enter(page, T, '5 N·m');
    await expect(list.getByRole('link', { name: /Watched/ })).toContainText('The motor is strong enough');
  } finally {
    await hobrek.stop();
    data.remove();
  }
});
