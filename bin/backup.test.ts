import { spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
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
const say = (script: string, ...words: string[]) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, [join(root, 'bin', script), ...words], {
    cwd: folder,
    encoding: 'utf8',
    env: { ...process.env, INIT_CWD: folder, HOBREK_DATA: folder, HOBREK_THROW_AWAY: '1' },
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
