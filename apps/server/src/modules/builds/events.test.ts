import type { StoredBuild } from '@hobrek/contracts';
import { type Build, blankBuild } from '@hobrek/core';
import pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { listenAt } from '../../../test/listen.js';
import { type Served, serve } from '../../../test/serve.js';

let one: Served;
let other: Served;
const streams: AbortController[] = [];
beforeAll(async () => {
  one = await serve();
  other = await serve(one.url);
});
afterAll(async () => {
  for (const stream of streams) stream.abort();
  await other.stop();
  await one.stop();
});

const listen = (at: Served) => listenAt(at.base, streams);

const add = async (at: Served): Promise<StoredBuild> => (await at.ask('POST', 'builds', blankBuild('Heard'))).json() as Promise<StoredBuild>;

it('tells the pages of every server on the database what any of them changed', async () => {
  const heard = await Promise.all([listen(one), listen(other)]);
  const { id, build } = await add(one);
  await other.ask('PUT', `builds/${id}`, { ...build, name: 'Changed' } satisfies Build, { 'if-match': '"1"' });
  await one.ask('PUT', `builds/${id}`, build, { 'if-match': '"1"' });
  await one.ask('DELETE', `builds/${id}`, undefined, { 'if-match': '"2"' });
  const wanted = [1, 2, 3].map((version) => ({ id, version }));
  for (const each of heard) await expect.poll(() => each).toEqual(wanted);
});

it('hears again by itself after its connection was cut, and says that something may have been missed', async () => {
  const heard = await listen(one);
  const client = new pg.Client({ connectionString: one.url });
  await client.connect();
  await client.query(`select pg_terminate_backend(pid) from pg_stat_activity where query ilike 'listen %' and datname = current_database()`);
  await client.end();
  await expect.poll(() => heard, { timeout: 10_000 }).toContainEqual({ missed: true });
  const { id } = await add(one);
  await expect.poll(() => heard).toContainEqual({ id, version: 1 });
});
