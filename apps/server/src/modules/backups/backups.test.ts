import { mkdirSync, mkdtempSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Backup, Problem } from '@hobrek/contracts';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { configAt, serve } from '../../../test/serve.js';
import { backUpDaily, listBackups, pathOfBackup } from './backups.js';

let dumps: string;
beforeEach(() => {
  dumps = mkdtempSync(join(tmpdir(), 'hobrek-dumps-'));
});
afterEach(() => rmSync(dumps, { recursive: true, force: true }));

const put = (name: string, daysAgo: number) => {
  writeFileSync(join(dumps, name), 'x');
  const at = new Date(Date.now() - daysAgo * 86_400_000);
  utimesSync(join(dumps, name), at, at);
};

describe('backups in a folder', () => {
  it('are listed newest first, and nothing else of the folder is', async () => {
    put('daily-2026-01-01.dump', 3);
    put('before-migration-a.dump', 1);
    put('secret.txt', 0);
    put('daily-x.dump.12.part', 0);
    expect((await listBackups(dumps)).map(({ name }) => name)).toEqual(['before-migration-a.dump', 'daily-2026-01-01.dump']);
    expect(await listBackups(join(dumps, 'missing'))).toEqual([]);
  });

  it('are found by a name that is in the list, never by a path', async () => {
    mkdirSync(join(dumps, 'sub'));
    put('daily-a.dump', 1);
    expect(await pathOfBackup(dumps, 'daily-a.dump')).toBe(join(dumps, 'daily-a.dump'));
    for (const name of ['../daily-a.dump', 'sub/daily-a.dump', '..', '', 'secret.txt']) expect(await pathOfBackup(dumps, name)).toBeNull();
  });

  it('are made once a day, the last seven kept; those made by hand stay', async () => {
    const served = await serve();
    const settings = { ...configAt(served.url, 1), dumps };
    for (let day = 1; day <= 9; day++) put(`daily-${day}.dump`, day + 1);
    put('by-hand-old.dump', 400);
    expect(await backUpDaily(settings)).toContain('daily-');
    const names = (await listBackups(dumps)).map(({ name }) => name);
    expect(names.filter((name) => name.startsWith('daily-'))).toHaveLength(7);
    expect(names).toContain('by-hand-old.dump');
    expect(await backUpDaily(settings)).toBeNull();
    await served.stop();
  });
});

it('a backup is made, listed and taken away through the interface; where it cannot be, it says why', async () => {
  const served = await serve(undefined, { HOBREK_DUMPS: dumps });
  const [made] = (await (await served.ask('POST', 'backups', {})).json()) as Backup[];
  expect(made?.name).toMatch(/^by-hand-/);
  const file = await served.ask('GET', `backups/${made?.name}`);
  expect((await file.arrayBuffer()).byteLength).toBe(made?.bytes);
  expect((await served.ask('GET', 'backups/daily-none.dump')).status).toBe(404);
  await served.stop();

  const without = await serve(undefined, { HOBREK_DUMPS: dumps, HOBREK_PG_DUMP: join(dumps, 'no-such-program') });
  const refused = await without.ask('POST', 'backups', {});
  expect(refused.status).toBe(503);
  expect(((await refused.json()) as Problem).code).toBe('backup-failed');
  await without.stop();
});
