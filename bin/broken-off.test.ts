/** What is ended or killed at any moment leaves nothing running and nothing half done. Seeded; `HOBREK_MOMENTS=50` for more of them. */
import { type ChildProcess, spawn } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, readdirSync, readFileSync, readlinkSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Cluster, startCluster } from './parts/database.mjs';
import { beside, programOn } from './parts/database-programs.mjs';
import { holdings } from './parts/holdings.mjs';

const root = resolve(import.meta.dirname, '..');
const many = Number(process.env.HOBREK_MOMENTS ?? 6);

/** The same moments at every run: shares of the whole. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_664_525 + 1_013_904_223) % 2 ** 32;
    return state / 2 ** 32;
  };
}

const folderOf = (name: string): string => {
  const folder = mkdtempSync(join(tmpdir(), `hobrek-${name}-`));
  chmodSync(folder, 0o755);
  return folder;
};

const begin = (script: string, folder: string, ...words: string[]): ChildProcess => {
  const { HOBREK_PORT: _port, DATABASE_URL: _url, ...env } = process.env;
  return spawn(process.execPath, [join(root, 'bin', script), ...words], {
    cwd: folder,
    env: { ...env, INIT_CWD: folder, HOBREK_DATA: folder, HOBREK_THROW_AWAY: '1' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
};

const ended = (child: ChildProcess): Promise<number | null> =>
  child.exitCode !== null || child.signalCode !== null ? Promise.resolve(child.exitCode) : new Promise((done) => child.once('exit', done));

/** Processes that work on a folder: named in their command, or with their place in it. */
function workersOn(folder: string): string[] {
  return readdirSync('/proc').flatMap((pid) => {
    if (!/^\d+$/.test(pid) || Number(pid) === process.pid) return [];
    try {
      const command = readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ');
      const isDead = /\) Z /.test(readFileSync(`/proc/${pid}/stat`, 'utf8'));
      return !isDead && (command.includes(folder) || readlinkSync(`/proc/${pid}/cwd`).startsWith(folder)) ? [`${pid} ${command}`] : [];
    } catch {
      return [];
    }
  });
}

describe('a start that is ended', () => {
  const next = seeded(22);
  it.each(Array.from({ length: many }, (_, k) => [k, Math.round(4_000 * next() ** 1.5)]))(
    'by Ctrl-C, moment %i after %i ms, stops all that it started',
    async (k, after) => {
      const folder = folderOf('ended');
      try {
        const start = begin('start.mjs', folder);
        await new Promise((soon) => setTimeout(soon, after));
        start.kill(k % 3 === 2 ? 'SIGTERM' : 'SIGINT');
        // A terminal sends it again to who is impatient.
        if (k % 2 === 1) setTimeout(() => start.kill('SIGINT'), 150);
        // Ended before it had begun to listen for it, it has no code of its own.
        expect([0, 130, null]).toContain(await ended(start));
        await expect.poll(() => workersOn(folder), { timeout: 10_000 }).toEqual([]);
      } finally {
        rmSync(folder, { recursive: true, force: true });
      }
    },
    30_000,
  );
});

describe('a backup or a restore that is broken off', () => {
  const folder = folderOf('broken');
  let cluster: Cluster;
  const now = { dumped: '', there: '' };
  const sql = async (...statements: string[]) => {
    const client = new pg.Client({ connectionString: cluster.url });
    await client.connect();
    for (const statement of statements) await client.query(statement);
    await client.end();
  };
  beforeAll(async () => {
    cluster = await startCluster({ folder, testing: true });
    await sql(
      'create table builds (id int primary key, document jsonb)',
      `insert into builds select n, jsonb_build_object('name', 'Of the dump ' || n) from generate_series(1, 2000) n`,
    );
    await ended(begin('backup.mjs', folder, 'shed.dump'));
    now.dumped = (await holdings(cluster.url)).print;
    await sql(`update builds set document = '{"name":"There"}' where id % 2 = 0`);
    now.there = (await holdings(cluster.url)).print;
    expect(now.there).not.toBe(now.dumped);
    await cluster.stop();
  }, 60_000);
  afterAll(async () => {
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  });

  const nextOfBackup = seeded(24);
  it.each(Array.from({ length: many }, (_, k) => [k, Math.round(2_500 * nextOfBackup())]))(
    'backup, moment %i after %i ms, leaves a whole file or none under its name, and the shed as it was',
    async (k, after) => {
      const file = join(folder, `of-moment-${k}.dump`);
      const backup = begin('backup.mjs', folder, file);
      await new Promise((soon) => setTimeout(soon, after));
      const isKilled = k % 2 === 0;
      backup.kill(isKilled ? 'SIGKILL' : 'SIGINT');
      await ended(backup);
      // Who was asked to end has stopped all that it started; who was killed could not, and the next to come takes it over.
      if (!isKilled) {
        await expect.poll(() => workersOn(folder), { timeout: 10_000 }).toEqual([]);
        expect(existsSync(`${file}.half`)).toBe(false);
      }
      cluster = await startCluster({ folder, testing: true, tidy: true });
      expect((await holdings(cluster.url)).print).toBe(now.there);
      if (existsSync(file)) {
        expect(statSync(file).mode & 0o777).toBe(0o600);
        // Whole to its end: put back into a database of its own, it is what was there.
        const other = beside(cluster.url, 'of_a_backup');
        const client = new pg.Client({ connectionString: beside(cluster.admin, 'postgres') });
        await client.connect();
        await client.query('create database of_a_backup owner hobrek_own');
        await programOn(cluster.bin, other, 'pg_restore', ['--exit-on-error', '--no-owner', '--dbname=of_a_backup', file]);
        expect((await holdings(other)).print).toBe(now.there);
        await client.query('drop database of_a_backup');
        await client.end();
      }
      await cluster.stop();
      // Nothing is in the way of the next, whatever was left.
      rmSync(file, { force: true });
      if (k === 0) {
        const again = begin('backup.mjs', folder, file);
        expect(await ended(again)).toBe(0);
        expect(existsSync(`${file}.half`)).toBe(false);
      }
    },
    30_000,
  );

  const next = seeded(23);
  it.each(Array.from({ length: many }, (_, k) => [k, Math.round(3_500 * next())]))(
    'restore, ended or killed, moment %i after %i ms, has changed all or nothing',
    async (k, after) => {
      const restore = begin('restore.mjs', folder, 'shed.dump', '--over');
      let said = '';
      restore.stdout?.on('data', (piece) => (said += piece));
      await new Promise((soon) => setTimeout(soon, after));
      restore.kill(k % 2 === 0 ? 'SIGKILL' : 'SIGINT');
      await ended(restore);
      // The next start finishes or takes back what it finds, and says so.
      const told: string[] = [];
      cluster = await startCluster({ folder, testing: true, tidy: true, say: (line) => told.push(line) });
      const { print, builds } = await holdings(cluster.url);
      expect(builds).toBe(2000);
      if (said.includes('Put back')) expect(print).toBe(now.dumped);
      expect([now.there, now.dumped]).toContain(print);
      const client = new pg.Client({ connectionString: cluster.admin });
      await client.connect();
      const { rows } = await client.query(`select datname from pg_database where datname like 'hobrek%'`);
      await client.end();
      expect(rows).toEqual([{ datname: 'hobrek' }]);
      if (print === now.dumped) await sql(`update builds set document = '{"name":"There"}' where id % 2 = 0`);
      await cluster.stop();
    },
    30_000,
  );

  // As it would be found where one was broken off between its two names, or right behind them.
  it('restore, between its statements is finished or taken back, and said', async () => {
    cluster = await startCluster({ folder, testing: true });
    const asAdmin = async (...statements: string[]) => {
      const client = new pg.Client({ connectionString: beside(cluster.admin, 'postgres') });
      await client.connect();
      for (const statement of statements) await client.query(statement);
      await client.end();
    };
    const tidied = async () => {
      const told: string[] = [];
      cluster = await startCluster({ folder, testing: true, tidy: true, say: (line) => told.push(line) });
      return { told: told.join(' '), print: (await holdings(cluster.url)).print };
    };
    await asAdmin('create database hobrek_restored');
    expect(await tidied()).toEqual({ told: expect.stringContaining('broken off before it changed anything'), print: now.there });
    await asAdmin('create database hobrek_replaced');
    expect(await tidied()).toEqual({ told: expect.stringContaining('what it replaced is taken away now'), print: now.there });
    await asAdmin('alter database hobrek rename to hobrek_replaced', 'create database hobrek_restored');
    expect(await tidied()).toEqual({ told: expect.stringContaining('what was there before it is back'), print: now.there });
    await cluster.stop();
  }, 30_000);
});
