import { type ChildProcess, spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { StoredBuild } from '@hobrek/contracts';
import type { Build } from '@hobrek/core';
import { test as base, type Locator, type Page } from '@playwright/test';

const root = resolve(import.meta.dirname, '../..');

export const demo = (name = 'apple-crusher'): Build => JSON.parse(readFileSync(join(root, `demo/${name}.json`), 'utf8')) as Build;

/** A build as one was kept once, among the samples. */
export const sample = (name: string): Build => JSON.parse(readFileSync(join(root, `packages/contracts/test/samples/${name}.json`), 'utf8')) as Build;

/**
 * A folder for a Hobrek of its own; the cluster's owner can pass through. Tests that run side by side look for a port
 * from places of their own: what one has let go of, and comes back to, no other takes meanwhile.
 */
export function dataFolder(): { path: string; remove: () => void } {
  const path = mkdtempSync(join(tmpdir(), 'hobrek-e2e-'));
  chmodSync(path, 0o755);
  const beside = Number(process.env.TEST_PARALLEL_INDEX ?? 0);
  if (beside > 0) writeFileSync(join(path, 'web-port'), String(4310 + 100 * beside));
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

/** The stop where a field of an element is entered. */
const stopOf = (element: string | undefined) => (element === 'source' || element === 'feed' ? 'motor' : element === 'work' ? 'work' : 'drive');

/** Goes to a stop of the build that is open, by its link; on a phone the stops are behind a thumb. */
export async function goTo(page: Page, stop: string): Promise<void> {
  if ((page.viewportSize()?.width ?? 1280) < 640) {
    // While something is typed there the thumbs make room for the keyboard.
    await page.evaluate(() => document.activeElement instanceof HTMLElement && document.activeElement.blur());
    await page.getByRole('button', { name: 'Stops' }).click();
  }
  const link = page.getByRole('navigation', { name: 'stops' }).locator(`a[href*="/${stop}"]`).first();
  await link.click();
  // The page before is shown until the next is loaded. On a phone the list of stops goes with it.
  await link.and(page.locator(':not([aria-current="page"])')).waitFor({ state: 'detached' });
}

/** Goes to where a field is entered, by its stop and its stage, and opens its group. @param path `main/belt/driven` */
export async function at(page: Page, path: string): Promise<Locator> {
  const field = page.locator(`[data-path="${path}"]`);
  if ((await field.count()) === 0) {
    const [line, element] = path.split('/');
    const stop = stopOf(element);
    await goTo(page, stop);
    if (stop === 'drive') await page.locator(`[data-stage="${line}/${element}"] button.font-head`).click();
    await field.waitFor({ state: 'attached' });
  }
  await field.evaluate((each) => each.closest('details')?.setAttribute('open', ''));
  return field;
}

/** Enters a text into a field, or chooses it there, wherever on the build the page is. */
export async function enter(page: Page, path: string, text: string): Promise<void> {
  const field = await at(page, path);
  if ((await field.getAttribute('role')) === 'combobox') await choose(field, text);
  else await field.fill(text);
}

/** What is entered there. */
export const entered = async (page: Page, path: string): Promise<string> => (await at(page, path)).inputValue();

interface Fixtures {
  /** A crusher of this test's own, for a page that the test goes to itself. */
  readonly stored: StoredBuild;
  /** The same, opened. */
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
  stored: async ({ address }, use) => use(await addBuild(address, { ...demo(), name: `Crusher ${Date.now()}` })),
  crusher: async ({ address, page, stored }, use) => {
    await page.goto(`${address}/builds/${stored.id}`);
    await page.getByTestId('sentence').waitFor();
    await use(stored);
  },
});

export { expect } from '@playwright/test';
