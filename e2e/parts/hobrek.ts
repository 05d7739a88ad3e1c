import { type ChildProcess, spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { StoredBuild } from '@hobrek/contracts';
import type { Build } from '@hobrek/core';
import { test as base, type Locator } from '@playwright/test';

const root = resolve(import.meta.dirname, '../..');

export const demo = (name = 'apple-crusher'): Build => JSON.parse(readFileSync(join(root, `demo/${name}.json`), 'utf8')) as Build;

/** A folder for a Hobrek of its own; the cluster's owner can pass through. */
export function dataFolder(): { path: string; remove: () => void } {
  const path = mkdtempSync(join(tmpdir(), 'hobrek-e2e-'));
  chmodSync(path, 0o755);
  return { path, remove: () => rmSync(path, { recursive: true, force: true }) };
}

/** The start command, as `npm start` runs it, on data of its own. */
export class Hobrek {
  said = '';
  readonly child: ChildProcess;
  private readonly ended: Promise<number | null>;

  constructor(data: string, env: Record<string, string> = {}) {
    const { HOBREK_PORT: _port, DATABASE_URL: _url, ...rest } = process.env;
    this.child = spawn(process.execPath, [join(root, 'bin/start.mjs')], {
      cwd: root,
      env: { ...rest, HOBREK_DATA: data, HOBREK_THROW_AWAY: '1', ...env },
    });
    for (const stream of [this.child.stdout, this.child.stderr]) stream?.on('data', (piece) => (this.said += piece));
    this.ended = new Promise((done) => this.child.once('exit', done));
  }

  /** The address it prints. @throws Error with all it said, when it ends instead */
  async address(): Promise<string> {
    const found = () => /Hobrek is (?:already running )?at (http:\S+)/.exec(this.said)?.[1];
    const gone = this.ended.then((code) => code);
    for (;;) {
      const address = found();
      if (address) return address;
      const code = await Promise.race([gone, new Promise<'going'>((done) => setTimeout(() => done('going'), 50))]);
      if (code !== 'going' && !found()) throw new Error(`It ended with ${code}: ${this.said}`);
    }
  }

  /** @returns the exit code */
  async stop(signal: NodeJS.Signals = 'SIGINT'): Promise<number | null> {
    if (this.child.exitCode === null && this.child.signalCode === null) this.child.kill(signal);
    return this.ended;
  }

  exit(): Promise<number | null> {
    return this.ended;
  }
}

export async function addBuild(address: string, build: Build): Promise<StoredBuild> {
  const response = await fetch(`${address}/api/builds`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(build),
  });
  return (await response.json()) as StoredBuild;
}

/** Chooses one of a list, by its words or by its value. */
export async function choose(field: Locator, what: string): Promise<void> {
  await field.click();
  const list = field.page().getByRole('listbox');
  await list
    .getByRole('option', { name: what, exact: true })
    .or(list.locator(`[data-value="${what}"]`))
    .first()
    .click();
}

interface Fixtures {
  /** A crusher of this test's own, opened. */
  readonly crusher: StoredBuild;
}

/** One running Hobrek for all tests of a file that look at pages. */
export const test = base.extend<Fixtures, { address: string }>({
  address: [
    // biome-ignore lint/correctness/noEmptyPattern: Playwright reads the fixtures a fixture needs from this pattern
    async ({}, use) => {
      const data = dataFolder();
      const hobrek = new Hobrek(data.path);
      await use(await hobrek.address());
      await hobrek.stop();
      data.remove();
    },
    { scope: 'worker', timeout: 120_000 },
  ],
  crusher: async ({ address, page }, use) => {
    const stored = await addBuild(address, { ...demo(), name: `Crusher ${Date.now()}` });
    await page.goto(`${address}/builds/${stored.id}`);
    await page.getByTestId('sentence').waitFor();
    await use(stored);
  },
});

export { expect } from '@playwright/test';
