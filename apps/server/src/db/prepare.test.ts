import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterEach, beforeEach, expect, inject, it } from 'vitest';
import { freshDatabase } from '../../test/fresh-database.js';
import { configAt, repository } from '../../test/serve.js';
import type { Config } from '../platform/config.js';
import { openDatabase } from './database.js';
import { loadDemo } from './demo.js';
import { migrateDatabase } from './migrate.js';

let database: Awaited<ReturnType<typeof freshDatabase>>;
let folder: string;
let config: Config;
const known: number = JSON.parse(readFileSync(join(repository, 'apps/server/migrations/meta/_journal.json'), 'utf8')).entries.length;
/** Of the demo shed. */
const machines = readdirSync(join(repository, 'demo')).length;
const said: string[] = [];
const log = (line: string) => said.push(line);

beforeEach(async () => {
  database = await freshDatabase();
  folder = mkdtempSync(join(tmpdir(), 'hobrek-prepare-'));
  config = { ...configAt(database.url, 4310), dumps: join(folder, 'dumps'), pgDump: join(inject('pgBin'), 'pg_dump') };
  said.length = 0;
});
afterEach(async () => {
  await database.drop();
  rmSync(folder, { recursive: true });
});

async function query(text: string): Promise<pg.QueryResult> {
  const client = new pg.Client({ connectionString: database.url });
  await client.connect();
  return client.query(text).finally(() => client.end());
}

/** The migrations with one more, as a later version will bring. */
function laterMigrations(statement: string): string {
  const later = join(folder, 'migrations');
  cpSync(config.migrations, later, { recursive: true });
  const file = join(later, 'meta/_journal.json');
  const journal = JSON.parse(readFileSync(file, 'utf8'));
  journal.entries.push({ idx: journal.entries.length, version: '7', when: Date.now() + 1e9, tag: '9999_later', breakpoints: true });
  writeFileSync(file, JSON.stringify(journal));
  writeFileSync(join(later, '9999_later.sql'), statement);
  return later;
}

it('migrates an empty database without a dump, twice in a row, and two at once', async () => {
  await Promise.all([migrateDatabase(config, log), migrateDatabase(config, log)]);
  await migrateDatabase(config, log);
  expect(said).toEqual([`Migrated the database: 0 → ${known}`]);
  expect((await query('select count(*)::int as n from builds')).rows).toEqual([{ n: 0 }]);
});

it('dumps a database that holds something before it changes it, and the dump can be read back', async () => {
  await migrateDatabase(config, log);
  await query(`insert into builds (name, document, summary, engine) values ('kept', '{}', '{}', 1)`);
  await migrateDatabase({ ...config, migrations: laterMigrations('alter table builds add column colour text;') }, log);
  const [dump] = readdirSync(config.dumps);
  expect(dump).toMatch(/^before-migration-.*\.dump$/);
  const { execFileSync } = await import('node:child_process');
  const restored = execFileSync(join(inject('pgBin'), 'pg_restore'), ['--data-only', '--file=-', join(config.dumps, dump as string)], {
    encoding: 'utf8',
  });
  expect(restored).toContain('kept');
  expect(restored).not.toContain('colour');
});

it('changes nothing when the dump fails', async () => {
  await migrateDatabase(config, log);
  const later = { ...config, migrations: laterMigrations('drop table builds;'), pgDump: '/nowhere/pg_dump' };
  await expect(migrateDatabase(later, log)).rejects.toThrow(/dump before it failed .*Is \/nowhere\/pg_dump there.*Nothing was changed/);
  expect((await query('select count(*)::int as n from builds')).rows).toEqual([{ n: 0 }]);
});

it('leaves a database half migrated by nothing: a migration that fails is taken back whole', async () => {
  await migrateDatabase(config, log);
  const broken = laterMigrations('alter table builds add column colour text;\n--> statement-breakpoint\nalter table nothing add column x text;');
  await expect(migrateDatabase({ ...config, migrations: broken }, log)).rejects.toThrow();
  expect((await query(`select 1 from information_schema.columns where column_name = 'colour'`)).rows).toEqual([]);
});

it('refuses a database written by a newer version', async () => {
  await migrateDatabase({ ...config, migrations: laterMigrations('create table later (id int);') }, log);
  await expect(migrateDatabase(config, log)).rejects.toThrow(`This database has ${known + 1} migrations and this Hobrek knows ${known}`);
});

it('loads the demo once: what was deleted stays deleted', async () => {
  await migrateDatabase(config, log);
  const open = openDatabase(database.url);
  expect(await loadDemo(open, join(repository, 'demo'))).toBe(machines);
  expect((await query('select name, version from builds order by changed_at desc')).rows).toEqual(
    [
      ...['Apple crusher', 'Bowl lathe', 'Cider press', 'Clock-plate mill', 'Clock-plate tub'],
      ...['Kelp cart', 'Kindling splitter', 'Sea-glass tumbler'],
    ].map((name) => ({ name, version: 1 })),
  );
  await query('delete from builds');
  expect(await loadDemo(open, join(repository, 'demo'))).toBe(0);
  expect((await query('select count(*)::int as n from builds')).rows).toEqual([{ n: 0 }]);
  await open.$client.end();
});

it('loads it once when two start at the same time, and never among builds that are already there', async () => {
  await migrateDatabase(config, log);
  const [a, b] = [openDatabase(database.url), openDatabase(database.url)];
  const loaded = await Promise.all([loadDemo(a, join(repository, 'demo')), loadDemo(b, join(repository, 'demo'))]);
  expect(loaded.sort()).toEqual([0, machines]);
  await query(`delete from markers`);
  expect(await loadDemo(a, join(repository, 'demo'))).toBe(0);
  await Promise.all([a.$client.end(), b.$client.end()]);
});

it('names the demo file that is damaged', async () => {
  await migrateDatabase(config, log);
  writeFileSync(join(folder, 'broken.json'), '{"format": "hobrek-build", "version": 1}');
  const open = openDatabase(database.url);
  await expect(loadDemo(open, folder)).rejects.toThrow(/broken\.json: /);
  await open.$client.end();
});
