import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Looked, Problem, Shed, StoredBuild } from '@hobrek/contracts';
import type { Build } from '@hobrek/core';
import fc from 'fast-check';
import pg from 'pg';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { repository, type Served, serve } from '../../../test/serve.js';

const demo = (name: string): Build => JSON.parse(readFileSync(join(repository, `demo/${name}.json`), 'utf8')) as Build;
let served: Served;
const sql = async (words: string) => {
  const client = new pg.Client({ connectionString: served.url });
  await client.connect();
  await client.query(words);
  await client.end();
};
beforeAll(async () => {
  served = await serve();
});
afterAll(() => served.stop());
beforeEach(() => sql('delete from builds'));

const add = async (build: Build) => (await (await served.ask('POST', 'builds', build)).json()) as StoredBuild;
const take = async (find = '') => (await (await served.ask('GET', `shed?find=${find}`)).json()) as Shed;
const at = async (path: 'look' | 'bring', entry: unknown) => (await (await served.ask('POST', `shed/${path}`, entry)).json()) as Looked;
type Entry = Shed['builds'][number];
const withName = (entry: Entry, name: string): Entry => ({ ...entry, build: { ...entry.build, name } });

describe('everything in one file', () => {
  it('goes away and comes back the same: builds, ids, dates and notes', async () => {
    for (const name of ['apple-crusher', 'kelp-cart', 'sea-glass-tumbler']) {
      const { id } = await add(demo(name));
      await served.ask('POST', `builds/${id}/notes`, { text: `Oiled the ${name}`, by: 'Inga' });
    }
    const before = await take();
    expect(before.builds).toHaveLength(3);
    await sql('delete from builds');
    for (const entry of before.builds) {
      expect((await at('look', entry)).what).toBe('new');
      expect((await at('bring', entry)).says).toBe('is in the shed now; one note was added');
    }
    expect({ ...(await take()), takenAt: '' }).toEqual({ ...before, takenAt: '' });
    for (const entry of before.builds) expect((await at('bring', entry)).what).toBe('same');
    expect({ ...(await take()), takenAt: '' }).toEqual({ ...before, takenAt: '' });
  });

  it('so do tables, settings, parts of the duty, stored forces, sections, seats and bearings', async () => {
    const kept = ['build-16', 'build-17'].map((name) =>
      JSON.parse(readFileSync(join(repository, `packages/contracts/test/samples/${name}.json`), 'utf8')),
    );
    const there = [await add(kept[0]), await add(kept[1])];
    // Of the format of today as it was written; that of before is raised.
    expect(there[1]?.build).toEqual(kept[1]);
    const before = await take();
    for (const { id, build } of there) expect(before.builds.find((entry) => entry.id === id)?.build).toEqual(build);
    await sql('delete from builds');
    for (const entry of before.builds) expect((await at('bring', entry)).what).toBe('new');
    expect({ ...(await take()), takenAt: '' }).toEqual({ ...before, takenAt: '' });
  });

  it('or only what was found', async () => {
    await add(demo('apple-crusher'));
    await add(demo('kelp-cart'));
    expect((await take('kelp')).builds.map(({ build }) => build.name)).toEqual(['Kelp cart']);
    expect((await take('nothing%20such')).builds).toEqual([]);
  });

  it('of many builds is whole and has each once', async () => {
    const { build } = await add(demo('apple-crusher'));
    await sql(`insert into builds (name, document, summary, engine) select name, document, summary, engine from builds, generate_series(1, 450)`);
    const { builds } = await take();
    expect(new Set(builds.map(({ id }) => id)).size).toBe(451);
    expect(builds.every((entry) => entry.build.name === build.name)).toBe(true);
  });
});

describe('an entry of a build that is there and differs', () => {
  it('is told apart as newer or older, with what it would change, and replaces nothing unasked', async () => {
    const { id } = await add(demo('apple-crusher'));
    const [entry] = (await take()).builds as [Entry];
    const newer = { ...withName(entry, 'Cider mill'), changedAt: new Date(Date.now() + 60_000).toISOString() };
    expect(await at('look', newer)).toMatchObject({ what: 'newer', says: expect.stringContaining('Name Apple crusher → Cider mill') });
    expect((await at('look', { ...newer, changedAt: '2020-01-01T00:00:00Z' })).what).toBe('older');
    expect((await at('bring', newer)).says).toBe('was left as it is here');
    const now = async () => ((await (await served.ask('GET', `builds/${id}`)).json()) as StoredBuild).build.name;
    expect(await now()).toBe('Apple crusher');

    expect((await at('bring', { ...newer, replace: true })).says).toContain('the log can restore that');
    expect(await now()).toBe('Cider mill');
    const was = (await (await served.ask('GET', `builds/${id}/revisions/1`)).json()) as Build;
    expect(was.name).toBe('Apple crusher');
  });
});

describe('a damaged entry', () => {
  it('is told where it is wrong, and nothing is imported', async () => {
    const { id } = await add(demo('apple-crusher'));
    const [entry] = (await take()).builds as [Entry];
    await sql('delete from builds');
    const [line] = entry.build.lines;
    const bad = { ...entry, build: { ...entry.build, lines: [{ ...line, source: { ...line?.source, kind: 'steam' } }] } };
    expect(await at('look', bad)).toMatchObject({ what: 'damaged', says: expect.stringContaining('lines.0.source') });
    expect((await at('bring', bad)).what).toBe('damaged');
    expect((await served.ask('GET', `builds/${id}`)).status).toBe(404);
  });

  it.each([
    ['id', { id: 'none' }],
    ['changedAt', { changedAt: 'yesterday' }],
    ['changedAt', { changedAt: '2026-W01-1' }],
    ['changedAt', { changedAt: '20260101' }],
    ['changedAt', { changedAt: '0000-01-01T00:00:00Z' }],
    ['changedAt', { changedAt: '2026-02-30T00:00:00Z' }],
    ['changedAt', { changedAt: '2026-01-01T25:00:00Z' }],
    ['at', { notes: [{ id: '00000000-0000-4000-8000-00000000000a', at: '+010000-01-01T00:00:00Z', by: '', text: 'x' }] }],
    ['notes', { notes: [{ text: 'no id' }] }],
    ['extra', { extra: 1 }],
    ['build', { build: 7 }],
  ])('whose %s is wrong is refused by name', async (name, wrong) => {
    const entry = {
      id: '00000000-0000-4000-8000-000000000001',
      changedAt: '2026-01-01T00:00:00Z',
      build: demo('apple-crusher'),
      notes: [],
      ...wrong,
    };
    const answer = await served.ask('POST', 'shed/bring', entry);
    expect(answer.status).toBe(400);
    const problem = (await answer.json()) as Problem;
    expect(problem.code).toBe('entry-refused');
    expect(problem.detail).toContain(name);
  });

  it('of any kind crashes nothing and changes nothing', async () => {
    const whole = { id: '00000000-0000-4000-8000-000000000002', changedAt: '2026-01-01T00:00:00Z', build: demo('apple-crusher'), notes: [] };
    const text = JSON.stringify(whole);
    const runs = Number(process.env.HOBREK_MANY ?? 300);
    // Broken by what breaks files: a run of characters lost, put in, or swapped for another.
    const damage = fc.tuple(fc.nat(text.length - 1), fc.nat(40), fc.constantFrom('', '}', '"', 'null', '1e999', '[]', '\\u0000', 'x'));
    await fc.assert(
      fc.asyncProperty(damage, async ([from, long, put]) => {
        const broken = text.slice(0, from) + put + text.slice(from + long);
        const answer = await served.ask('POST', 'shed/look', broken);
        expect(answer.status).toBeLessThan(500);
        const said = (await answer.json()) as Partial<Looked & Problem>;
        expect(said.says ?? said.detail).toBeTruthy();
      }),
      { numRuns: runs, seed: 7 },
    );
    expect((await take()).builds).toEqual([]);
  });
});

describe('notes of an entry', () => {
  const note = (id: string, text: string) => ({ id, at: '2026-01-01T00:00:00Z', by: 'Ann', text });
  const entryOf = (id: string, notes: object[]) => ({ id, changedAt: '2026-01-01T00:00:00Z', build: demo('bowl-lathe'), notes });
  const [one, other] = ['10000000-0000-4000-8000-000000000001', '20000000-0000-4000-8000-000000000002'];
  const [a, b] = ['a0000000-0000-4000-8000-00000000000a', 'b0000000-0000-4000-8000-00000000000b'];
  const notesOf = async (id: string) =>
    ((await (await served.ask('GET', `builds/${id}/log`)).json()) as { notes: { id: string; text: string }[] }).notes;

  it('whose ids are another build’s, or twice in it, have new ones, and that is told; again, they are known', async () => {
    await at('bring', entryOf(one, [note(a, 'of the one')]));
    const twice = entryOf(other, [note(a, 'of the other'), note(b, 'first'), note(b, 'second')]);
    const looked = await at('look', twice);
    expect(looked).toMatchObject({ what: 'new', notes: 3 });
    const done = await at('bring', twice);
    expect(done).toMatchObject({ notes: 3, says: 'is in the shed now; 3 notes were added; 2 notes have a new id, since its own is another’s' });
    expect((await notesOf(one)).map(({ text }) => text)).toEqual(['of the one']);
    const there = await notesOf(other);
    expect(there.map(({ text }) => text).sort()).toEqual(['first', 'of the other', 'second']);
    expect(new Set([a, ...there.map(({ id }) => id)]).size).toBe(4);
    expect(Object.values(done.ids ?? {}).every((id) => there.some((each) => each.id === id))).toBe(true);
    expect(await at('bring', twice)).toMatchObject({ what: 'same', notes: 0, says: expect.stringContaining('is here already') });
    expect(await notesOf(other)).toHaveLength(3);
  });

  it('in capitals are the same as in small letters', async () => {
    await at('bring', entryOf(one, [note(a, 'small')]));
    expect(await at('bring', entryOf(one.toUpperCase(), [note(a.toUpperCase(), 'small')]))).toMatchObject({ id: one, what: 'same', notes: 0 });
    expect(await notesOf(one)).toHaveLength(1);
  });

  it('come with their build at once, or not at all', async () => {
    const refused = await served.ask('POST', 'shed/bring', entryOf(one, [note(a, 'good'), note(b, 'a sign that no database takes: \u0000')]));
    expect(refused.status).toBeGreaterThanOrEqual(400);
    expect((await served.ask('GET', `builds/${one}`)).status).toBe(404);
    // The database itself fails between the two: the build is not there either.
    await sql(`alter table notes add constraint no_bees check (text <> 'bees')`);
    const failed = await served.ask('POST', 'shed/bring', entryOf(one, [note(a, 'bees')]));
    await sql('alter table notes drop constraint no_bees');
    expect(failed.status).toBe(500);
    expect((await served.ask('GET', `builds/${one}`)).status).toBe(404);
    expect((await at('bring', entryOf(one, [note(a, 'bees')]))).what).toBe('new');
  });
});
