import { spawn } from 'node:child_process';
import { chmodSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { type Cluster, startCluster } from './parts/database.mjs';

let folder: string;
const clusters: Cluster[] = [];

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hobrek-cluster-'));
  chmodSync(folder, 0o755);
});
afterEach(async () => {
  for (const cluster of clusters.splice(0)) await cluster.stop();
  rmSync(folder, { recursive: true, force: true });
});

async function start(testing = true): Promise<Cluster> {
  const cluster = await startCluster({ folder, testing });
  clusters.push(cluster);
  return cluster;
}

async function ask(cluster: Cluster, text: string): Promise<Record<string, unknown>[]> {
  const client = new pg.Client({ connectionString: cluster.url });
  await client.connect();
  return client
    .query(text)
    .then((result) => result.rows)
    .finally(() => client.end());
}

const pidFile = () => join(folder, 'cluster/postmaster.pid');
const postmaster = () => Number(readFileSync(pidFile(), 'utf8').split('\n')[0]);

function occupy(port: number): Promise<Server> {
  return new Promise((resolve) => {
    const server = createServer().listen(port, '127.0.0.1', () => resolve(server));
  });
}

it('makes a cluster with checksums, on loopback, owned by no one privileged', async () => {
  const cluster = await start();
  expect(
    await ask(
      cluster,
      `select current_setting('data_checksums') as sums, current_setting('listen_addresses') as at, current_setting('server_encoding') as text`,
    ),
  ).toEqual([{ sums: 'on', at: '127.0.0.1', text: 'UTF8' }]);
  expect(statSync(join(folder, 'cluster')).uid).not.toBe(0);
  expect(statSync(join(folder, 'secret')).mode & 0o077).toBe(0);
  await expect(ask({ ...cluster, url: cluster.url.replace(/:[^:@/]+@/, ':wrong@') }, 'select 1')).rejects.toThrow(/password/);
});

it('joins one that is running, and keeps its port over a stop', async () => {
  const first = await start();
  await ask(first, 'create table kept as select 42 as answer');
  expect((await start()).url).toBe(first.url);
  await first.stop();
  expect(existsSync(pidFile())).toBe(false);
  const again = await start();
  expect(again.port).toBe(first.port);
  expect(await ask(again, 'select answer from kept')).toEqual([{ answer: 42 }]);
});

// A killed command's stop goes on without it: joined then, the server would go away under whoever joined it.
it('joins none that is being stopped: it waits until that is over', async () => {
  const first = await start();
  const pid = postmaster();
  const stopping = spawn(process.execPath, ['-e', 'setTimeout(() => {}, 60_000)', 'pg_ctl', 'stop', '-D', join(folder, 'cluster')]);
  await new Promise((resolve) => stopping.once('spawn', resolve));
  let isThere = false;
  const second = start().then((cluster) => {
    isThere = true;
    return cluster;
  });
  await new Promise((resolve) => setTimeout(resolve, 700));
  expect(isThere).toBe(false);
  // It was broken off and the server runs on, or it has ended and there is another: either is one that stays.
  stopping.kill();
  expect((await second).joined).toBe(true);
  expect([postmaster(), (await second).port]).toEqual([pid, first.port]);
  expect(await ask(await second, 'select 1 as one')).toEqual([{ one: 1 }]);
});

it('starts once when four start at the same time', async () => {
  const all = await Promise.all([start(), start(), start(), start()]);
  expect(new Set(all.map((cluster) => cluster.url)).size).toBe(1);
});

it('comes back after its server was killed', async () => {
  // Not a throw-away one: those answer before the disk does.
  const first = await start(false);
  await ask(first, 'create table kept as select 1 as one');
  process.kill(postmaster(), 'SIGKILL');
  // It is dead once nobody listens any more.
  await expect
    .poll(() =>
      ask(first, 'select 1').then(
        () => 'up',
        () => 'down',
      ),
    )
    .toBe('down');
  expect(await ask(await start(false), 'select one from kept')).toEqual([{ one: 1 }]);
});

it('is not fooled by a pid file that names another living process', async () => {
  const first = await start();
  const contents = readFileSync(pidFile(), 'utf8');
  await first.stop();
  writeFileSync(pidFile(), contents.replace(/^\d+/, String(process.pid)));
  expect(await ask(await start(), 'select 1 as one')).toEqual([{ one: 1 }]);
});

it('takes another port when its own was taken meanwhile', async () => {
  const first = await start();
  await first.stop();
  const squatter = await occupy(first.port);
  const second = await start();
  expect(second.port).not.toBe(first.port);
  expect(await ask(second, 'select 1 as one')).toEqual([{ one: 1 }]);
  squatter.close();
});

it('begins anew after a start that was cut off while making the cluster', async () => {
  mkdirSync(join(folder, 'cluster.making/base'), { recursive: true });
  writeFileSync(join(folder, 'cluster.making/PG_VERSION'), '15\n');
  expect(await ask(await start(), 'select 1 as one')).toEqual([{ one: 1 }]);
});

// It asks the package manager first, which may be slow to say no.
it('names the package it needs for a cluster of another version', async () => {
  mkdirSync(join(folder, 'cluster'));
  writeFileSync(join(folder, 'cluster/PG_VERSION'), '8\n');
  await expect(startCluster({ folder, testing: true })).rejects.toThrow(/written by PostgreSQL 8; its package postgresql-8 is needed/);
}, 300_000);

it.each(['a "quoted" one', 'one of $HOME', 'one `touch ran`', 'one\nin two lines', 'a back\\slash'])(
  'refuses a folder called %j in words, and runs nothing',
  async (name) => {
    const odd = join(folder, name);
    const refusal = await startCluster({ folder: odd, testing: true }).then(String, String);
    expect(refusal).toMatch(/in its name, which PostgreSQL cannot be started in\. Set HOBREK_DATA to another/);
    expect(existsSync(odd)).toBe(false);
  },
);

it('works in a folder with spaces and quotes of one kind in its name', async () => {
  const odd = join(folder, "Ode's shed of builds");
  mkdirSync(odd);
  chmodSync(odd, 0o755);
  const cluster = await startCluster({ folder: odd, testing: true });
  clusters.push(cluster);
  expect(await ask(cluster, 'select 1 as one')).toEqual([{ one: 1 }]);
});

it('says in one line that its password is gone, or that a folder cannot be, and leaves nothing running', async () => {
  const first = await start();
  await first.stop();
  rmSync(join(folder, 'secret'));
  expect(await startCluster({ folder, testing: true }).then(String, String)).toMatch(/The password of the builds in .* is gone/);
  expect(existsSync(pidFile())).toBe(false);
  writeFileSync(join(folder, 'a-file'), '');
  expect(await startCluster({ folder: join(folder, 'a-file/below'), testing: true }).then(String, String)).toMatch(/cannot be made \(ENOTDIR\)/);
});
