import { execFileSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Problem, StoredBuild } from '@hobrek/contracts';
import type { Build } from '@hobrek/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startCluster } from '../../../bin/parts/database.mjs';
import { configAt, freePort, repository, type Served, serve } from '../test/serve.js';
import { migrateDatabase } from './db/migrate.js';
import { problemFrom } from './platform/problem-filter.js';

const demo = (name: string): Build => ({ ...(JSON.parse(readFileSync(join(repository, 'demo/apple-crusher.json'), 'utf8')) as Build), name });

/** A disk of its own, small enough to be filled; null where this machine lets nobody make one. */
function smallDisk(): { readonly path: string; readonly remove: () => void } | null {
  const path = mkdtempSync(join(tmpdir(), 'hobrek-small-disk-'));
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=120m,mode=0755', 'hobrek-test', path], { stdio: 'ignore' });
  } catch {
    rmSync(path, { recursive: true, force: true });
    return null;
  }
  return {
    path,
    remove: () => {
      execFileSync('umount', ['--lazy', path]);
      rmSync(path, { recursive: true, force: true });
    },
  };
}

const disk = smallDisk();

describe.skipIf(!disk)('a disk that is full', () => {
  const folder = disk?.path ?? '';
  let served: Served;
  let cluster: Awaited<ReturnType<typeof startCluster>>;
  beforeAll(async () => {
    process.env.HOBREK_ON_DISK = folder;
    chmodSync(folder, 0o755);
    // Not a throw-away one: it writes as a real one does.
    cluster = await startCluster({ folder });
    await migrateDatabase(configAt(cluster.url, await freePort()), () => {});
    served = await serve(cluster.url);
  }, 120_000);
  afterAll(async () => {
    await served.stop();
    await cluster.stop();
    delete process.env.HOBREK_ON_DISK;
    disk?.remove();
  });

  it('is answered for in words; nothing acknowledged is lost, and when there is room again it goes on', { timeout: 240_000 }, async () => {
    const { id } = (await (await served.ask('POST', 'builds', demo('Before'))).json()) as StoredBuild;
    const save = (version: number, name: string) => served.ask('PUT', `builds/${id}`, demo(name), { 'if-match': `"${version}"` });
    let version = 1;
    expect((await save(version++, 'Kept')).status).toBe(200);

    fill(join(folder, 'filler'));
    let refused: Response | undefined;
    // What is set aside already takes some more.
    while (!refused && version < 5000) {
      const answer = await save(version, `Kept ${version}`);
      if (answer.ok) version += 1;
      else refused = answer;
    }
    expect(refused?.status).toBe(503);
    expect((await refused?.json()) as Problem).toMatchObject({ code: 'disk-full', detail: expect.stringContaining('Nothing was changed') });
    // Whatever else fails meanwhile: a file that cannot be read back has codes of its own.
    expect(problemFrom(Object.assign(new Error('could not read block 0'), { code: 'XX001' })).code).toBe('disk-full');
    expect((await (await served.ask('GET', 'health')).json()) as object).toMatchObject({ server: 'up' });

    rmSync(join(folder, 'filler'), { recursive: true });
    expect(problemFrom(Object.assign(new Error('could not read block 0'), { code: 'XX001' })).code).toBe('fault');
    // As the start command does: joined if it still runs, started if the full disk ended it.
    cluster = await startCluster({ folder });
    const kept = async () => (await (await served.ask('GET', `builds/${id}`)).json()) as StoredBuild;
    await expect.poll(async () => (await kept()).version, { timeout: 30_000 }).toBe(version);
    expect((await kept()).build.name).toBe(version === 2 ? 'Kept' : `Kept ${version - 1}`);
    expect((await save(version, 'After')).status).toBe(200);
    expect((await kept()).build.name).toBe('After');
  });
});

/** Writes until nothing more goes onto the disk. */
function fill(path: string): void {
  mkdirSync(path);
  for (const size of [1 << 20, 1 << 14, 1 << 10]) {
    for (let k = 0; ; k++) {
      try {
        writeFileSync(join(path, `${size}-${k}`), Buffer.alloc(size, 1));
      } catch {
        break;
      }
    }
  }
}
