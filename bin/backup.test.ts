import { spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { type Cluster, startCluster } from './parts/database.mjs';
import { holdings } from './parts/holdings.mjs';

const root = resolve(import.meta.dirname, '..');
let folder: string;
let cluster: Cluster;

const sql = async (...statements: string[]) => {
  const client = new pg.Client({ connectionString: cluster.url });
  await client.connect();
  for (const statement of statements) await client.query(statement);
  await client.end();
};
const asAdmin = async (...statements: string[]) => {
  const client = new pg.Client({ connectionString: cluster.admin });
  await client.connect();
  for (const statement of statements) await client.query(statement);
  await client.end();
};
const say = (script: string, ...given: (string | Record<string, string>)[]) => {
  const words = given.filter((word) => typeof word === 'string');
  const more = Object.assign({}, ...given.filter((word) => typeof word !== 'string'));
  const { status, stdout, stderr } = spawnSync(process.execPath, [join(root, 'bin', script), ...words], {
    cwd: folder,
    encoding: 'utf8',
    env: { ...process.env, INIT_CWD: folder, HOBREK_DATA: folder, HOBREK_THROW_AWAY: '1', ...more },
  });
  return { status, said: `${stdout}${stderr}` };
};

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'hobrek-backup-'));
  chmodSync(folder, 0o755);
  cluster = await startCluster({ folder, testing: true });
  await sql(
    'create table builds (id int primary key, document jsonb)',
    'create table revisions (build int references builds on delete cascade, version int)',
    'create table notes (build int references builds on delete cascade, text text)',
    `insert into builds select n, jsonb_build_object('name', 'Müll ' || n) from generate_series(1, 40) n`,
    'insert into revisions select n, 1 from generate_series(1, 40) n',
    `insert into notes values (3, 'oiled')`,
  );
}, 120_000);
afterAll(async () => {
  await cluster.stop();
  rmSync(folder, { recursive: true, force: true });
});

it('is written while the database runs, over no file that is there, and put back row by row', { timeout: 120_000 }, async () => {
  const before = await holdings(cluster.url);
  expect(say('backup.mjs', 'shed.dump')).toMatchObject({ status: 0, said: expect.stringContaining('40 builds') });
  expect(say('backup.mjs', 'shed.dump')).toMatchObject({ status: 1, said: expect.stringContaining('is there already') });

  await sql('delete from builds where id > 5', `update builds set document = '{}'`);
  expect((await holdings(cluster.url)).print).not.toBe(before.print);
  // Not over what is there, unless told to.
  const changed = await holdings(cluster.url);
  expect(say('restore.mjs', 'shed.dump')).toMatchObject({ status: 1, said: expect.stringContaining('--over') });
  cluster = await startCluster({ folder, testing: true });
  expect(await holdings(cluster.url)).toEqual(changed);

  expect(say('restore.mjs', 'shed.dump', '--over')).toMatchObject({ status: 0, said: expect.stringContaining('Put back: 40 builds') });
  cluster = await startCluster({ folder, testing: true });
  expect(await holdings(cluster.url)).toEqual(before);
});

it('that is damaged or no backup at all is refused, and nothing is changed', { timeout: 120_000 }, async () => {
  const before = await holdings(cluster.url);
  const whole = readFileSync(join(folder, 'shed.dump'));
  writeFileSync(join(folder, 'half.dump'), whole.subarray(0, whole.length - 200));
  writeFileSync(join(folder, 'none.dump'), 'not a dump');
  for (const file of ['half.dump', 'none.dump', 'missing.dump']) {
    const { status, said } = say('restore.mjs', file, '--over');
    expect(status).toBe(1);
    expect(said).toMatch(/Nothing was changed|There is no file/);
  }
  cluster = await startCluster({ folder, testing: true });
  expect(await holdings(cluster.url)).toEqual(before);
});

it('is for its owner alone, leaves nothing half written, and is none of an empty database', { timeout: 120_000 }, async () => {
  expect(statSync(join(folder, 'shed.dump')).mode & 0o777).toBe(0o600);
  expect(readdirSync(folder).filter((name) => name.endsWith('.half'))).toEqual([]);
  await asAdmin('create database empty');
  const url = new URL(cluster.url);
  url.pathname = '/empty';
  const refused = say('backup.mjs', 'empty.dump', { DATABASE_URL: String(url) });
  expect(refused).toMatchObject({ status: 1, said: expect.stringContaining('There is nothing to back up: the database has no builds in it') });
  expect(existsSync(join(folder, 'empty.dump'))).toBe(false);
  // With DATABASE_URL it is that database that is saved.
  expect(say('backup.mjs', 'given.dump', { DATABASE_URL: cluster.url })).toMatchObject({ status: 0, said: expect.stringContaining('40 builds') });
  // A restore would go into another database than the one that is used.
  expect(say('restore.mjs', 'given.dump', '--over', { DATABASE_URL: cluster.url })).toMatchObject({
    status: 1,
    said: expect.stringContaining('DATABASE_URL is set'),
  });
});

it('of another program is refused by its tables, and one of a newer version by its migrations', { timeout: 120_000 }, async () => {
  const before = await holdings(cluster.url);
  await sql('create table invoices (id int)');
  expect(say('backup.mjs', 'foreign.dump')).toMatchObject({ status: 1, said: expect.stringContaining('tables that are not Hobrek’s: invoices') });
  spawnSync(join(cluster.bin, 'pg_dump'), ['--format=custom', `--file=${join(folder, 'foreign.dump')}`, `--dbname=${cluster.url}`]);
  await sql(
    'drop table invoices',
    'create schema drizzle',
    'create table drizzle.__drizzle_migrations (id int)',
    'insert into drizzle.__drizzle_migrations select generate_series(1, 99)',
  );
  spawnSync(join(cluster.bin, 'pg_dump'), ['--format=custom', `--file=${join(folder, 'newer.dump')}`, `--dbname=${cluster.url}`]);
  await sql('drop schema drizzle cascade');
  for (const [file, why] of [
    ['foreign.dump', 'invoices'],
    ['newer.dump', 'is of a newer Hobrek (99 migrations'],
  ] as const) {
    const { status, said } = say('restore.mjs', file, '--over');
    expect(status).toBe(1);
    expect(said).toContain(why);
    expect(said).toContain('Nothing was changed');
    // No error has the password of the cluster in it.
    expect(said).not.toContain(new URL(cluster.url).password || 'no password');
  }
  cluster = await startCluster({ folder, testing: true });
  expect(await holdings(cluster.url)).toEqual(before);
});

it('put back sends every device away, and leaves no database beside the one there is', { timeout: 120_000 }, async () => {
  await sql('create table sessions (id int)', 'insert into sessions values (1)');
  expect(say('backup.mjs', 'devices.dump').status).toBe(0);
  expect(say('restore.mjs', 'devices.dump', '--over').status).toBe(0);
  cluster = await startCluster({ folder, testing: true });
  const client = new pg.Client({ connectionString: cluster.url });
  await client.connect();
  expect((await client.query('select * from sessions')).rows).toEqual([]);
  const { rows } = await client.query(`select datname from pg_database where datname like 'hobrek%' order by 1`);
  expect(rows.map(({ datname }) => datname)).toEqual(['hobrek']);
  await client.query('drop table sessions');
  await client.end();
});

it('runs no program, whatever is in it: who works on the database and puts a backup back is no superuser', { timeout: 120_000 }, async () => {
  // Where the owner of the cluster may write.
  const open = mkdtempSync(join(tmpdir(), 'hobrek-trace-'));
  chmodSync(open, 0o777);
  const trace = join(open, 'trace');
  const client = new pg.Client({ connectionString: cluster.url });
  await client.connect();
  expect((await client.query('select usesuper from pg_user where usename = current_user')).rows).toEqual([{ usesuper: false }]);
  await client.end();
  // A view that is filled when it is put back, by a function that runs a program.
  await asAdmin(
    'create table ran (line text)',
    `create function evil() returns int language plpgsql as $f$ begin execute $c$copy ran from program 'touch ${trace}'$c$; return 1; end $f$`,
    'create materialized view filled as select evil() as one',
  );
  expect(existsSync(trace)).toBe(true);
  spawnSync(join(cluster.bin, 'pg_dump'), ['--format=custom', `--file=${join(folder, 'evil.dump')}`, `--dbname=${cluster.admin}`]);
  await asAdmin('drop materialized view filled', 'drop function evil', 'drop table ran');
  rmSync(trace);
  const before = await holdings(cluster.url);
  const { status, said } = say('restore.mjs', 'evil.dump', '--over');
  expect([status, said]).toEqual([1, expect.stringContaining('Nothing was changed')]);
  expect(said).toMatch(/permission denied|must be superuser/);
  expect(existsSync(trace)).toBe(false);
  rmSync(open, { recursive: true });
  cluster = await startCluster({ folder, testing: true });
  expect(await holdings(cluster.url)).toEqual(before);
});

it('says what it would replace, and how that comes back', { timeout: 120_000 }, async () => {
  expect(say('restore.mjs', 'shed.dump')).toMatchObject({
    status: 1,
    said: expect.stringMatching(/There are 40 builds, one note and 0 photos here\. Say --over/),
  });
  const { said } = say('restore.mjs', 'shed.dump', '--over');
  const [, back = ''] = /npm run restore -- (\S+) --over/.exec(said) ?? [];
  expect(existsSync(back)).toBe(true);
  cluster = await startCluster({ folder, testing: true });
});

it('is not put back while Hobrek runs on the same data', async () => {
  const { takeLock } = await import('./parts/lock.mjs');
  const release = await takeLock(join(folder, 'run.lock'), 0);
  expect(say('restore.mjs', 'shed.dump', '--over')).toMatchObject({ status: 1, said: expect.stringContaining('Hobrek is running on this data') });
  await release?.();
});

// The package manager is asked first, which may be slow to say no.
it('is the way on when the system no longer has the PostgreSQL that made the cluster', { timeout: 400_000 }, async () => {
  const before = await holdings(cluster.url);
  mkdirSync(join(folder, 'dumps'), { recursive: true });
  expect(say('backup.mjs', 'dumps/daily.dump').status).toBe(0);
  await cluster.stop();
  const made = join(folder, 'cluster');
  const version = readFileSync(join(made, 'PG_VERSION'), 'utf8');
  writeFileSync(join(made, 'PG_VERSION'), '8\n');
  const refusal = await startCluster({ folder, testing: true }).then(String, String);
  expect(refusal).toMatch(/written by PostgreSQL 8; its package postgresql-8 is needed/);
  const [, from = '', to = ''] = /mv (\S+) (\S+)/.exec(refusal) ?? [];
  const [, backup = ''] = /npm run restore -- (\S+)/.exec(refusal) ?? [];
  expect([from, backup]).toEqual([made, join(folder, 'dumps/daily.dump')]);

  // What it says is done: the old cluster is kept, a new one holds the same.
  renameSync(from, to);
  expect(say('restore.mjs', backup)).toMatchObject({ status: 0, said: expect.stringContaining('Put back') });
  cluster = await startCluster({ folder, testing: true });
  expect(await holdings(cluster.url)).toEqual(before);
  writeFileSync(join(to, 'PG_VERSION'), version);
});
