import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Problem, StoredBuild } from '@hobrek/contracts';
import type { Build } from '@hobrek/core';
import { sql } from 'drizzle-orm';
import pg from 'pg';
import { describe, expect, it } from 'vitest';
import { repository, type Served, serve } from '../test/serve.js';
import { DATABASE, type Database } from './db/database.js';
import { problemFrom } from './platform/problem-filter.js';

const demo = (name: string): Build => ({ ...(JSON.parse(readFileSync(join(repository, 'demo/apple-crusher.json'), 'utf8')) as Build), name });
const add = async (served: Served, name: string) => (await (await served.ask('POST', 'builds', demo(name))).json()) as StoredBuild;
const save = (served: Served, id: string, version: number, name: string) =>
  served.ask('PUT', `builds/${id}`, demo(name), { 'if-match': `"${version}"` });

describe('a database that is slow', () => {
  it('is answered for in words within seconds, changes nothing, and is right again by itself', { timeout: 40_000 }, async () => {
    const served = await serve();
    const { id } = await add(served, 'Slow');
    const holder = new pg.Client({ connectionString: served.url });
    await holder.connect();
    await holder.query('begin');
    await holder.query('lock table builds in access exclusive mode');
    const from = Date.now();
    const answer = await save(served, id, 1, 'Never');
    expect(answer.status).toBe(503);
    expect(((await answer.json()) as Problem).detail).toContain('Nothing was changed');
    expect(Date.now() - from).toBeLessThan(15_000);
    await holder.query('rollback');
    await holder.end();
    const freed = Date.now();
    let next = await save(served, id, 1, 'Again');
    while (!next.ok && Date.now() - freed < 5_000) next = await save(served, id, 1, 'Again');
    expect(next.status).toBe(200);
    expect(((await next.json()) as StoredBuild).version).toBe(2);
    await served.stop();
  });
});

describe('a connection that breaks between two statements of a transaction', () => {
  it('fails that transaction, and the server goes on', async () => {
    const served = await serve();
    const database = served.app.get<Database>(DATABASE, { strict: false });
    const other = new pg.Client({ connectionString: served.url });
    await other.connect();
    const broken = database.transaction(async (tx) => {
      const { rows } = await tx.execute<{ pid: number }>(sql`select pg_backend_pid() as pid`);
      await other.query('select pg_terminate_backend($1)', [rows[0]?.pid]);
      // Nothing is being asked while it breaks.
      await new Promise((resolve) => setTimeout(resolve, 200));
      await tx.execute(sql`select 1`);
    });
    await expect(broken).rejects.toThrow();
    await other.end();
    expect((await served.ask('GET', 'builds')).status).toBe(200);
    await served.stop();
  });
});

describe('two servers on one database', () => {
  it('take saves in turn, and one goes on when the other is gone', async () => {
    const one = await serve();
    const two = await serve(one.url);
    const { id } = await add(one, 'Shared');
    expect((await save(two, id, 1, 'By the second')).status).toBe(200);
    expect((await save(one, id, 1, 'Stale')).status).toBe(412);
    await two.stop();
    expect((await save(one, id, 2, 'By the first')).status).toBe(200);
    await one.stop();
  });

  it('never both write on top of the same version', async () => {
    const one = await serve();
    const two = await serve(one.url);
    const { id } = await add(one, 'Raced');
    for (let version = 1; version <= 20; version++) {
      const answers = await Promise.all([save(one, id, version, 'A'), save(two, id, version, 'B')]);
      expect(answers.map(({ status }) => status).sort()).toEqual([200, 412]);
    }
    await two.stop();
    await one.stop();
  });
});

describe('a clock that goes back', () => {
  it('changes neither what is kept nor the order of the states of a build', async () => {
    const served = await serve();
    const { id } = await add(served, 'First');
    await save(served, id, 1, 'Second');
    const client = new pg.Client({ connectionString: served.url });
    await client.connect();
    // As if the states had been written by a clock that was an hour ahead.
    await client.query(`update builds set changed_at = now() + interval '1 hour'`);
    await client.query(`update revisions set saved_at = now() + interval '1 hour', started_at = now() + interval '1 hour'`);
    await client.end();
    expect((await save(served, id, 2, 'Third')).status).toBe(200);
    const { revisions } = (await (await served.ask('GET', `builds/${id}/log`)).json()) as { revisions: { version: number }[] };
    expect(revisions.map(({ version }) => version)).toEqual([3, 2, 1]);
    await served.stop();
  });
});

it.each(['53200', '53300', '57P03', '57014', '08006'])('a database that answers %s is said to be away, not broken', (code) => {
  expect(problemFrom(Object.assign(new Error('it'), { code })).code).toBe('database-down');
});

it('a disk that is full is said to be that, however deep it is told', () => {
  expect(problemFrom(Object.assign(new Error('it'), { code: '53100' })).code).toBe('disk-full');
  expect(problemFrom(new Error('query', { cause: Object.assign(new Error('it'), { code: 'ENOSPC' }) })).code).toBe('disk-full');
});
