import { randomUUID } from 'node:crypto';
import type { BuildLog, StoredBuild } from '@hobrek/contracts';
import { type Build, blankBuild, enter, placesOf, withInput } from '@hobrek/core';
import pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { type Served, serve } from '../../../test/serve.js';
import { BuildsRepository } from './builds.repository.js';

let served: Served;
beforeAll(async () => {
  served = await serve();
});
afterAll(() => served.stop());

const typing = (build: Build, text: string): Build => {
  const place = placesOf(build).find((each) => each.path === 'main/source/power');
  if (!place) throw new Error('no field');
  return withInput(build, place.path, enter(place.field, text, place.input).input);
};
const logOf = async (id: string) => (await (await served.ask('GET', `builds/${id}/log`)).json()) as BuildLog;

/** Adds a build and saves it once per text, each under the step given beside it. */
async function worked(...steps: [string, string][]): Promise<StoredBuild> {
  const stored = (await (await served.ask('POST', 'builds', blankBuild('Mill'), { by: encodeURIComponent('Żaneta') })).json()) as StoredBuild;
  let { build } = stored;
  for (const [k, [text, step]] of steps.entries()) {
    build = typing(build, text);
    await served.ask('PUT', `builds/${stored.id}`, build, { 'if-match': `"${k + 1}"`, 'step-id': step, by: 'Ode' });
  }
  return stored;
}

it('takes the saves of one step as one revision, and says what changed in words', async () => {
  const [one, two] = [randomUUID(), randomUUID()];
  const { id } = await worked(['1', one], ['1 h', one], ['1 hp', one], ['2 hp', two]);
  const { revisions } = await logOf(id);
  expect(revisions.map(({ version, by, changes }) => [version, by, changes])).toEqual([
    [5, 'Ode', ['Plate power 1 hp → 2 hp']],
    [4, 'Ode', ['Plate power not known → 1 hp']],
    [1, 'Żaneta', ['Begun']],
  ]);
});

it('begins another after five minutes, even in the same step', async () => {
  const step = randomUUID();
  const { id } = await worked(['1 hp', step]);
  const client = new pg.Client({ connectionString: served.url });
  await client.connect();
  await client.query(`update revisions set started_at = now() - interval '6 minutes' where build = $1`, [id]);
  await client.end();
  await served.ask('PUT', `builds/${id}`, typing(blankBuild('Mill'), '3 hp'), { 'if-match': '"2"', 'step-id': step });
  expect((await logOf(id)).revisions.map(({ version }) => version)).toEqual([3, 2, 1]);
});

it('does not go on with a step across another’s save: what that one saved is a revision of its own, and so is what comes after', async () => {
  const [mine, theirs] = [randomUUID(), randomUUID()];
  const { id, build } = await worked(['1 hp', mine], ['2 hp', theirs], ['3 hp', mine]);
  expect((await logOf(id)).revisions.map(({ version }) => version)).toEqual([4, 3, 2, 1]);
  for (const [version, text] of [
    [2, '1 hp'],
    [3, '2 hp'],
    [4, '3 hp'],
  ] as const) {
    expect(await (await served.ask('GET', `builds/${id}/revisions/${version}`)).json()).toEqual(typing(build, text));
  }
});

it('gives back what a build was', async () => {
  const { id, build } = await worked(['1 hp', randomUUID()], ['2 hp', randomUUID()]);
  expect(await (await served.ask('GET', `builds/${id}/revisions/1`)).json()).toEqual(build);
  expect(await (await served.ask('GET', `builds/${id}/revisions/2`)).json()).toEqual(typing(build, '1 hp'));
  for (const version of ['9', 'x', '0', '-1']) expect((await served.ask('GET', `builds/${id}/revisions/${version}`)).status).toBe(404);
});

it('keeps notes, newest first, and refuses what is none', async () => {
  const { id } = await worked();
  const write = (body: unknown) => served.ask('POST', `builds/${id}/notes`, body);
  expect((await write({ text: 'Belt squeals above 400 rpm', by: 'Ode' })).status).toBe(201);
  expect((await write({ text: 'Tension again: 6 mm under the thumb', by: '' })).status).toBe(201);
  expect((await logOf(id)).notes.map(({ text, by }) => [text, by])).toEqual([
    ['Tension again: 6 mm under the thumb', ''],
    ['Belt squeals above 400 rpm', 'Ode'],
  ]);
  for (const bad of [{}, [], { text: '', by: '' }, { text: 7, by: '' }, { text: 'x'.repeat(4001), by: '' }, { text: 'x', by: '', colour: 1 }]) {
    expect(await (await write(bad)).json()).toMatchObject({ status: 400, code: 'note-refused' });
  }
  expect((await served.ask('POST', `builds/${randomUUID()}/notes`, { text: 'x', by: '' })).status).toBe(404);
});

it('goes with its build', async () => {
  const { id } = await worked();
  await served.ask('DELETE', `builds/${id}`, undefined, { 'if-match': '"1"' });
  expect((await served.ask('GET', `builds/${id}/log`)).status).toBe(404);
});

it('is thinned with age: a week whole, then the last of each day, after a quarter the last of each week; first and newest stay', async () => {
  const { id } = await worked(['1 hp', randomUUID()]);
  const client = new pg.Client({ connectionString: served.url });
  await client.connect();
  const now = new Date('2026-11-25T12:00:00Z');
  const states: [version: number, at: string][] = [
    [10, '2026-05-04T08:00Z'], // more than a quarter ago: Monday …
    [11, '2026-05-06T08:00Z'],
    [12, '2026-05-08T08:00Z'], // … and Friday of one week
    [13, '2026-05-12T08:00Z'], // the next week
    [20, '2026-11-10T08:00Z'], // two weeks ago, one day
    [21, '2026-11-10T09:00Z'],
    [22, '2026-11-11T09:00Z'],
    [30, '2026-11-24T08:00Z'], // this week
    [31, '2026-11-24T08:01Z'],
  ];
  await client.query('delete from revisions where build = $1', [id]);
  for (const [version, at] of states) {
    await client.query(`insert into revisions (build, version, document, saved_at) select id, $2, document, $3 from builds where id = $1`, [
      id,
      version,
      at,
    ]);
  }
  const repository = served.app.get(BuildsRepository, { strict: false });
  const left = async () =>
    (await client.query('select version from revisions where build = $1 order by version', [id])).rows.map(({ version }) => version);
  expect(await repository.thin(now)).toBe(2);
  // 10 is the first of all; 11 falls to 12, 20 to 21.
  expect(await left()).toEqual([10, 12, 13, 21, 22, 30, 31]);
  expect(await repository.thin(now)).toBe(0);
  // Left alone for years, the newest is still there.
  await repository.thin(new Date('2036-01-01T00:00:00Z'));
  expect(await left()).toEqual(expect.arrayContaining([10, 31]));
  await client.end();
});

it('reaches every note: the newest at once, the others as they are asked for', async () => {
  const { id } = await worked();
  const client = new pg.Client({ connectionString: served.url });
  await client.connect();
  await client.query(
    `insert into notes (build, text, at) select $1, 'note ' || n, timestamptz '2026-01-01' + n * interval '1 minute' from generate_series(1, 2001) n`,
    [id],
  );
  await client.end();
  const { notes, olderNotes } = await logOf(id);
  expect([notes.length + olderNotes, notes[0]?.text]).toEqual([2001, 'note 2001']);
  const all = notes.map(({ text }) => text);
  for (;;) {
    const next = (await (await served.ask('GET', `builds/${id}/notes?from=${all.length}`)).json()) as { text: string }[];
    if (next.length === 0) break;
    all.push(...next.map(({ text }) => text));
  }
  expect(all).toEqual(Array.from({ length: 2001 }, (_, k) => `note ${2001 - k}`));
  expect((await served.ask('GET', `builds/${id}/notes?from=nowhere`)).status).toBe(400);
});
