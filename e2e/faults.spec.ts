import { readFileSync } from 'node:fs';
import type { StoredBuild } from '@hobrek/contracts';
import type { Build } from '@hobrek/core';
import { expect, test } from '@playwright/test';
import { addBuild, at, dataFolder, demo, enter, Hobrek } from './parts/hobrek.js';

const P = 'main/source/power';

/** The server is a child of the start command. */
function serverOf({ child }: Hobrek): number {
  const [pid] = readFileSync(`/proc/${child.pid}/task/${child.pid}/children`, 'utf8')
    .split(' ')
    .filter(Boolean)
    .filter((each) => readFileSync(`/proc/${each}/cmdline`, 'utf8').includes('apps/server'));
  return Number(pid);
}

const save = (address: string, id: string, version: number, build: Build) =>
  fetch(`${address}/api/builds/${id}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', 'if-match': `"${version}"` },
    body: JSON.stringify(build),
  });

test('the server is killed hard in the middle of 200 saves: everything that was acknowledged is there, nothing is half', async () => {
  test.setTimeout(120_000);
  const data = dataFolder();
  // With what a real start does: an acknowledged save is on the disk.
  const first = new Hobrek(data.path, { HOBREK_THROW_AWAY: '0' });
  let again: Hobrek | null = null;
  try {
    const address = await first.address();
    const { id } = await addBuild(address, demo());
    const server = serverOf(first);
    let acknowledged = 1;
    let sent = 1;
    for (let version = 1; version <= 200; version++) {
      if (version === 120) setTimeout(() => process.kill(server, 'SIGKILL'), 3);
      try {
        sent = version + 1;
        const answer = await save(address, id, version, { ...demo(), name: `Save ${version + 1}` });
        if (!answer.ok) break;
        acknowledged = version + 1;
      } catch {
        break;
      }
    }
    expect(acknowledged).toBeGreaterThan(100);
    expect(acknowledged).toBeLessThan(200);
    expect(await first.exit()).not.toBe(0);

    again = new Hobrek(data.path, { HOBREK_THROW_AWAY: '0' });
    const stored = (await (await fetch(`${await again.address()}/api/builds/${id}`)).json()) as StoredBuild;
    // The one that was under way may have been written without its answer being heard.
    expect([acknowledged, sent]).toContain(stored.version);
    expect(stored.build).toEqual({ ...demo(), name: `Save ${stored.version}` });
    const log = await (await fetch(`${await again.address()}/api/builds/${id}/log`)).json();
    expect(log.revisions[0].version).toBe(stored.version);
  } finally {
    await first.stop('SIGKILL');
    await again?.stop();
    data.remove();
  }
});

test('a tab is killed with edits that were never sent: they are there when the build is opened again', async ({ browser }) => {
  const data = dataFolder();
  const hobrek = new Hobrek(data.path);
  try {
    const address = await hobrek.address();
    const { id } = await addBuild(address, demo());
    const context = await browser.newContext();
    const page = await context.newPage();
    await page.goto(`${address}/builds/${id}`);
    await page.getByTestId('sentence').waitFor();
    await page.route('**/api/builds/**', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
    await enter(page, P, '0.9 kW');
    await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'away');
    // Gone at once, with no chance to say goodbye.
    const session = await context.newCDPSession(page);
    await Promise.all([page.waitForEvent('crash'), Promise.race([session.send('Page.crash').catch(() => undefined), page.waitForEvent('crash')])]);
    const after = await context.newPage();
    await after.goto(`${address}/builds/${id}`);
    await expect(await at(after, P)).toHaveValue('0.9 kW');
    await expect(after.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
    await context.close();
  } finally {
    await hobrek.stop();
    data.remove();
  }
});
