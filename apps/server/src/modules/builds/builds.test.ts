import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { BuildLog, ListedBuild, Problem, StoredBuild } from '@hobrek/contracts';
import { type Build, blankBuild, engineVersion } from '@hobrek/core';
import { PDFDocument } from 'pdf-lib';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { repository, type Served, serve, statusOf } from '../../../test/serve.js';
import { BuildsRepository } from './builds.repository.js';

const demo = (): Build => JSON.parse(readFileSync(join(repository, 'demo/apple-crusher.json'), 'utf8')) as Build;
let served: Served;
beforeAll(async () => {
  served = await serve();
});
afterAll(() => served.stop());

const add = async (build: Build = demo()): Promise<StoredBuild> => (await served.ask('POST', 'builds', build)).json() as Promise<StoredBuild>;
const save = (id: string, version: number | string, build: unknown, headers: Record<string, string> = {}) =>
  served.ask('PUT', `builds/${id}`, build, { 'if-match': typeof version === 'number' ? `"${version}"` : version, ...headers });
const problemOf = async (response: Response): Promise<Problem> => {
  expect(response.headers.get('content-type')).toContain('application/problem+json');
  const problem = (await response.json()) as Problem;
  expect(problem.status).toBe(response.status);
  return problem;
};
const named = (name: string): Build => ({ ...demo(), name });

describe('a person’s units', () => {
  // 11.794 N·m / 1.3558 = 8.70 lbf·ft, by hand; 8 N·m = 5.90 lbf·ft.
  it('are those of the list’s sentences and figures, for whoever sends the request alone', async () => {
    const { id } = await add(named('Inches'));
    const listed = async (query: string) =>
      ((await (await served.ask('GET', `builds?find=Inches${query}`)).json()) as ListedBuild[]).find((each) => each.id === id)?.summary;
    const [inch, metric] = await Promise.all([listed('&units=inch'), listed('')]);
    expect(inch?.torque).toEqual({ number: '5.90', symbol: 'lbf·ft' });
    expect(inch?.says).toContain('the work needs 5.90 lbf·ft');
    expect(metric?.torque).toEqual({ number: '8', symbol: 'N·m' });
    // Many at once, by turns, in one process: none is told in another's.
    const both = await Promise.all(Array.from({ length: 30 }, (_, k) => listed(k % 2 === 0 ? '&units=inch' : '&units=metric')));
    for (const [k, summary] of both.entries()) expect(summary).toEqual(k % 2 === 0 ? inch : metric);
  });

  it('are those of the page', async () => {
    const { id } = await add();
    const page = async (query: string) => (await (await served.ask('GET', `builds/${id}/page.pdf?${query}`)).arrayBuffer()).byteLength;
    expect(await page('units=inch')).not.toBe(await page('units=metric'));
  });
});

describe('builds as they are', () => {
  it('come newest first, as many as were asked for, at most 25 at a time, whole and as of today', async () => {
    for (let k = 0; k < 27; k++) await add(named(`Wholly ${k}`));
    const whole = async (query: string) => (await (await served.ask('GET', `builds/whole?find=Wholly&${query}`)).json()) as StoredBuild[];
    const first = await whole('from=0&many=8');
    expect(first.map(({ build }) => build.name)).toEqual(Array.from({ length: 8 }, (_, k) => `Wholly ${26 - k}`));
    expect(first[0]?.build).toEqual(named('Wholly 26'));
    expect(await whole('from=0&many=100')).toHaveLength(25);
    expect(await whole('from=25')).toHaveLength(2);
    expect(await whole('from=27')).toEqual([]);
  });
});

describe('an address or a header that is not as it should be', () => {
  it.each([
    ['builds?units=furlongs', 'units'],
    ['builds?sort=best', 'sort'],
    ['builds?many=101', 'many'],
    ['builds?from=-1', 'from'],
    ['builds/whole?many=101', 'many'],
    ['builds/whole?from=-1', 'from'],
    ['builds?from=1e9', 'from'],
    ['builds?find=x&find=y', 'find'],
    ['builds?find=%00', 'find'],
    ['builds/count?find=x&find=y', 'find'],
    ['shed?find=%00', 'find'],
    [`builds/${randomUUID()}/page.pdf?paper=a0`, 'paper'],
    [`builds/${randomUUID()}/notes?from=first`, 'from'],
    [`builds/${randomUUID()}/photos/${randomUUID()}?size=huge`, 'size'],
  ])('%s is refused by its name', async (path, name) => {
    const problem = await problemOf(await served.ask('GET', path));
    expect(problem).toMatchObject({ status: 400, code: 'request-refused', complaints: [{ path: name }] });
  });

  it.each(['save-id', 'step-id'])('%s is refused by its name', async (name) => {
    const { id } = await add();
    const problem = await problemOf(await save(id, 1, demo(), { [name]: 'three' }));
    expect(problem).toMatchObject({ status: 400, code: 'request-refused', complaints: [{ path: name }] });
  });

  it('looks for as much of a long text as a name can hold', async () => {
    await add(named('x'.repeat(90)));
    expect(await (await served.ask('GET', `builds/count?find=${'x'.repeat(90)}`)).json()).toEqual({ builds: 1 });
  });
});

describe('a build on paper', () => {
  it.each([
    ['a4', [595.28, 841.89]],
    ['letter', [612, 792]],
  ])('is one page of %s that another reader opens', async (paper, size) => {
    const { id } = await add();
    const answer = await served.ask('GET', `builds/${id}/page.pdf?paper=${paper}`);
    expect(answer.headers.get('content-type')).toContain('application/pdf');
    const pdf = await PDFDocument.load(await answer.arrayBuffer());
    expect(pdf.getPageCount()).toBe(1);
    const { width, height } = pdf.getPage(0).getSize();
    expect([width, height].map(Math.round)).toEqual(size.map(Math.round));
    expect(pdf.getTitle()).toBe('Apple crusher');
  });

  const pages = async (build: Build, paper: string) => {
    const { id } = await add(build);
    const answer = await served.ask('GET', `builds/${id}/page.pdf?paper=${paper}`);
    return (await PDFDocument.load(await answer.arrayBuffer())).getPageCount();
  };
  const demos = readdirSync(join(repository, 'demo')).filter((file) => file.endsWith('.json'));

  it.each(demos)('is one page whatever the machine: %s', async (file) => {
    const build = JSON.parse(readFileSync(join(repository, 'demo', file), 'utf8')) as Build;
    for (const paper of ['a4', 'letter']) expect([paper, await pages(build, paper)]).toEqual([paper, 1]);
  });

  it('is one page with two lines', async () => {
    const { lines } = demo();
    const two = { ...demo(), lines: [...lines, ...lines.map((line) => ({ ...line, id: 'fan', name: 'fan' }))] };
    for (const paper of ['a4', 'letter']) expect([paper, await pages(two, paper)]).toEqual([paper, 1]);
  });

  it('that is blank, or not there, is no fault', async () => {
    const { id } = await add(blankBuild('Ω ≥ 漢'));
    expect((await served.ask('GET', `builds/${id}/page.pdf`)).status).toBe(200);
    expect((await served.ask('GET', `builds/${randomUUID()}/page.pdf`)).status).toBe(404);
  });
});

describe('a build', () => {
  it('is kept and comes back the same', async () => {
    const stored = await add();
    expect(stored).toMatchObject({ version: 1, build: demo(), notices: [] });
    const answer = await served.ask('GET', `builds/${stored.id}`);
    expect(answer.headers.get('etag')).toBe('"1"');
    expect(await answer.json()).toEqual(stored);
  });

  it('is listed with what the server worked out itself', async () => {
    const stored = await add(named('Listed'));
    const list = (await (await served.ask('GET', 'builds')).json()) as ListedBuild[];
    expect(list.find((each) => each.id === stored.id)).toMatchObject({
      name: 'Listed',
      summary: { verdict: 'close', path: '0.55 kW motor → V-belt 75 mm to 250 mm → roll', torque: { number: '8', symbol: 'N·m' } },
    });
    expect(list[0]?.id).toBe(stored.id);
  });

  it('is found by its name or its sentence, and what fails comes first when chosen', async () => {
    const weak = named('Weakling 100 %_');
    const [line] = weak.lines as [Build['lines'][number]];
    const power = { text: '100 W', value: 100, unit: 'W', how: 'plate' } as const;
    await add({ ...weak, lines: [{ ...line, source: { ...line.source, inputs: { ...line.source.inputs, power } } }] });
    const list = async (query: string) => ((await (await served.ask('GET', `builds?${query}`)).json()) as ListedBuild[]).map((each) => each.name);
    expect(await list('find=weakLING')).toEqual(['Weakling 100 %_']);
    expect(await list(`find=${encodeURIComponent('100 %_')}`)).toEqual(['Weakling 100 %_']);
    expect(await list(`find=${encodeURIComponent('is too weak')}`)).toEqual(['Weakling 100 %_']);
    expect((await list('sort=worst'))[0]).toBe('Weakling 100 %_');
    const byName = await list('sort=name');
    expect(byName).toEqual([...byName].sort((a, b) => a.localeCompare(b, 'en', { sensitivity: 'base' })));
  });

  it('is listed a hundred at a time, each once, and counted', async () => {
    for (let k = 0; k < 105; k++) await add(named(`Paged ${String(k).padStart(3, '0')}`));
    const page = async (from: number | string) => (await (await served.ask('GET', `builds?find=paged&from=${from}`)).json()) as ListedBuild[];
    const [first, second] = [await page(0), await page(100)];
    expect([first.length, second.length]).toEqual([100, 5]);
    expect(new Set([...first, ...second].map(({ name }) => name)).size).toBe(105);
    expect(await (await served.ask('GET', 'builds/count?find=paged')).json()).toEqual({ builds: 105 });
    // By name the hundred and fourth is the last: where it is, and as a row of its own.
    const last = (await (await served.ask('GET', 'builds?find=paged&sort=name&from=104')).json()) as [ListedBuild];
    expect(last.map(({ name }) => name)).toEqual(['Paged 104']);
    const one = (path: string) => served.ask('GET', `builds/${last[0].id}/${path}`).then((answer) => answer.json());
    expect(await one('place?find=paged&sort=name')).toEqual({ place: 104 });
    expect(await one('place?find=nothing')).toEqual({ place: null });
    expect(await one('listed')).toEqual(last[0]);
    expect((await (await served.ask('GET', 'builds?find=paged&many=7')).json()) as ListedBuild[]).toHaveLength(7);
  });

  it('is worked out again when its summary was made by an older engine', async () => {
    const stored = await add(named('Old engine'));
    const client = new pg.Client({ connectionString: served.url });
    await client.connect();
    await client.query(`update builds set engine = 0, summary = '{"verdict":"fails"}' where id = $1`, [stored.id]);
    const list = (await (await served.ask('GET', 'builds')).json()) as ListedBuild[];
    expect(list.find((each) => each.id === stored.id)?.summary.verdict).toBe('close');
    expect((await client.query('select engine from builds where id = $1', [stored.id])).rows[0]).toEqual({ engine: engineVersion });
    await client.end();
  });

  it('that was kept in format 1 is answered, compared and told in format 2, and kept so when it is saved next', async () => {
    const { id } = await add();
    const file = JSON.parse(readFileSync(join(repository, 'packages/contracts/test/samples/build-1.json'), 'utf8'));
    const client = new pg.Client({ connectionString: served.url });
    await client.connect();
    await client.query('update builds set document = $2 where id = $1', [id, file]);
    await client.query('update revisions set document = $2 where build = $1', [id, file]);
    const { build } = (await (await served.ask('GET', `builds/${id}`)).json()) as StoredBuild;
    expect(build).toMatchObject({ version: 2, lines: [{ settings: [{ id: 'slow' }] }], forces: [{ name: 'scraper spring' }] });
    expect((await save(id, 1, { ...build, name: 'Went on' })).status).toBe(200);
    const log = (await (await served.ask('GET', `builds/${id}/log`)).json()) as BuildLog;
    expect(log.revisions[0]?.changes).toEqual(['Name Apple crusher → Went on']);
    expect(await (await served.ask('GET', `builds/${id}/revisions/1`)).json()).toMatchObject({ version: 2 });
    const kept = await client.query(`select document->'version' as version from builds where id = $1`, [id]);
    expect(kept.rows).toEqual([{ version: 2 }]);
    await client.end();
  });

  it('is saved on top of the version it started from', async () => {
    const { id } = await add();
    const saved = await save(id, 1, named('Twice'));
    expect(saved.status).toBe(200);
    expect(saved.headers.get('etag')).toBe('"2"');
    expect(await saved.json()).toMatchObject({ version: 2, build: { name: 'Twice' } });
  });

  it('may hold a draft and have nothing else entered', async () => {
    const blank = blankBuild('Blank');
    const line = { ...blank.lines[0], source: { ...blank.lines[0]?.source, inputs: { power: { text: '', how: 'plate', draft: '1/' } } } };
    const stored = await add({ ...blank, lines: [line] } as Build);
    expect(stored.build.lines[0]?.source.inputs.power).toEqual({ text: '', how: 'plate', draft: '1/' });
  });

  it('is gone when deleted, for a save as well', async () => {
    const { id } = await add();
    expect((await served.ask('DELETE', `builds/${id}`)).status).toBe(428);
    expect((await served.ask('DELETE', `builds/${id}`, undefined, { 'if-match': '"7"' })).status).toBe(412);
    expect((await served.ask('DELETE', `builds/${id}`, undefined, { 'if-match': '"1"' })).status).toBe(204);
    expect((await problemOf(await served.ask('GET', `builds/${id}`))).code).toBe('not-found');
    expect((await save(id, 1, demo())).status).toBe(404);
    expect((await served.ask('DELETE', `builds/${id}`, undefined, { 'if-match': '"1"' })).status).toBe(404);
  });
});

describe('no update is lost', () => {
  it('a save that does not say its version is refused: 428', async () => {
    const { id } = await add();
    for (const match of ['', '1', 'W/"1"', '*', '"one"']) expect((await problemOf(await save(id, match, demo()))).code).toBe('version-missing');
    expect((await problemOf(await served.ask('PUT', `builds/${id}`, demo()))).status).toBe(428);
  });

  it('a stale one is refused and changes nothing: 412', async () => {
    const { id } = await add();
    await save(id, 1, named('First'));
    const problem = await problemOf(await save(id, 1, named('Second')));
    expect(problem).toMatchObject({
      code: 'version-stale',
      status: 412,
      detail: 'The change was made from version 1; version 2 is there now. Nothing was overwritten.',
    });
    expect(((await (await served.ask('GET', `builds/${id}`)).json()) as StoredBuild).build.name).toBe('First');
  });

  it('of many at once from the same version exactly one is written', async () => {
    const { id } = await add();
    const answers = await Promise.all(Array.from({ length: 12 }, (_, k) => save(id, 1, named(`Racer ${k}`))));
    expect(answers.map((answer) => answer.status).sort()).toEqual([200, ...Array.from({ length: 11 }, () => 412)]);
    const winner = (await answers.find((answer) => answer.ok)?.json()) as StoredBuild;
    expect(((await (await served.ask('GET', `builds/${id}`)).json()) as StoredBuild).build.name).toBe(winner.build.name);
  });

  it('the same save sent again, its answer lost, is no conflict and is written once', async () => {
    const { id } = await add();
    const headers = { 'save-id': randomUUID() };
    await save(id, 1, named('Sent twice'), headers);
    const again = await save(id, 1, named('Sent twice'), headers);
    expect(again.status).toBe(200);
    expect(await again.json()).toMatchObject({ version: 2, build: { name: 'Sent twice' } });
    expect((await save(id, 1, named('Another'), { 'save-id': randomUUID() })).status).toBe(412);
  });

  it('a save id is no pass: under the id of the last save, but from another version, it is stale all the same', async () => {
    const { id } = await add();
    const headers = { 'save-id': randomUUID() };
    await save(id, 1, named('First'), headers);
    await save(id, 2, named('Second'), { 'save-id': randomUUID() });
    for (const version of [1, 2, 5]) expect((await save(id, version, named('Under an old id'), headers)).status).toBe(412);
    // The last save’s own id, from versions that it did not start from.
    const last = { 'save-id': randomUUID() };
    await save(id, 3, named('Third'), last);
    for (const version of [1, 2, 5]) expect((await save(id, version, named('Once more'), last)).status).toBe(412);
    expect(((await (await served.ask('GET', `builds/${id}`)).json()) as StoredBuild).build.name).toBe('Third');
  });
});

describe('what is refused', () => {
  it.each([
    ['a cut text', '{"format": "hobrek-build", "ver', 400, 'bad-json'],
    ['an empty body', '', 400, 'build-refused'],
    ['a bare word', '"build"', 400, 'bad-json'],
    ['an empty object', '{}', 400, 'build-refused'],
    ['a list', '[]', 400, 'build-refused'],
    ['deep nesting', `${'{"a":'.repeat(5000)}1${'}'.repeat(5000)}`, 400, 'build-refused'],
    ['a nul character', JSON.stringify({ name: 'a\u0000' }), 400, 'build-refused'],
    ['a poisoned name', '{"__proto__": {"admin": true}}', 400, 'build-refused'],
    ['more than two megabytes', JSON.stringify({ notes: 'x'.repeat(2_100_000) }), 413, 'too-large'],
  ])('%s', async (_, body, status, code) => {
    expect(await problemOf(await served.ask('POST', 'builds', body))).toMatchObject({ status, code });
  });

  it('an absurd value, with the field named and what it takes', async () => {
    const build = JSON.parse(JSON.stringify(demo()));
    build.lines[0].source.inputs.power.value = -5;
    const problem = await problemOf(await served.ask('POST', 'builds', build));
    expect(problem).toMatchObject({ code: 'build-refused', detail: 'lines.0.source.inputs.power.value: must not be less than 1 (it is -5)' });
    expect(problem.complaints).toHaveLength(1);
  });

  it('anything but JSON', async () => {
    const forms = await Promise.all(
      ['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data'].map((type) =>
        served.ask('POST', 'builds', JSON.stringify(demo()), { 'content-type': type }),
      ),
    );
    for (const form of forms) expect((await problemOf(form)).code).toBe('wrong-type');
  });

  it.each(['builds/1', 'builds/../builds/x', `builds/${randomUUID()}`, 'nothing', ''])('an address where there is nothing: %s', async (path) => {
    expect((await problemOf(await served.ask('GET', path))).code).toBe('not-found');
  });
});

const rawStatus = (headers: Record<string, string>, path = '/api/builds') => statusOf(served.port, path, headers);

describe('only its own pages', () => {
  it.each([
    ['another name', { host: 'shed.example' }],
    ['a name that begins alike', { host: 'localhost.example' }],
    ['a page elsewhere', { origin: 'http://shed.example' }],
    ['a page on another port', { origin: 'http://127.0.0.1:1' }],
    ['a page of no origin', { origin: 'null' }],
    ['a foreign picture', { 'sec-fetch-site': 'cross-site' }],
  ])('refuses %s: 403', async (_, headers) => {
    expect(await rawStatus(headers)).toBe(403);
    expect(await rawStatus({ ...headers, 'if-match': '"1"' }, '/api/health')).toBe(403);
  });

  it('answers to each of its own names', async () => {
    for (const name of ['127.0.0.1', 'localhost', '[::1]'])
      expect(await rawStatus({ host: `${name}:${served.port}`, origin: `http://${name}:${served.port}` })).toBe(200);
  });

  it('lets pages run no script but its own', async () => {
    const { headers } = await served.ask('GET', 'health');
    const policy = headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("script-src 'self';");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('x-powered-by')).toBeNull();
  });
});

it('lists by an index, not by sorting the whole table', async () => {
  const client = new pg.Client({ connectionString: served.url });
  await client.connect();
  await client.query(`insert into builds (name, document, summary, engine) select 'b', '{}', '{}', 1 from generate_series(1, 3000); `);
  await client.query('analyze builds');
  const plan = await client.query('explain select * from builds order by changed_at desc, id limit 500');
  expect(plan.rows.map((row) => row['QUERY PLAN']).join('\n')).toContain('Index Scan using builds_changed_at');
  await client.query(`delete from builds where name = 'b'`);
  await client.end();
});

describe('a build that begins on a device', () => {
  it('is there with its first save, under the id that it was given, with a log that begins', async () => {
    const id = randomUUID();
    const saveId = randomUUID();
    const first = await save(id, 0, named('Begun here'), { 'save-id': saveId, 'step-id': randomUUID(), by: 'Ann' });
    expect(first.status).toBe(200);
    expect(await first.json()).toMatchObject({ id, version: 1, build: { name: 'Begun here' } });
    // The answer was lost on the way: the same save again is the same.
    expect(await (await save(id, 0, named('Begun here'), { 'save-id': saveId })).json()).toMatchObject({ version: 1 });
    expect((await (await served.ask('GET', `builds/${id}/log`)).json()).revisions).toMatchObject([{ version: 1, by: 'Ann', changes: ['Begun'] }]);
    expect((await save(id, 1, named('Went on'))).status).toBe(200);
  });

  it('over one that is there is refused, and nothing is overwritten', async () => {
    const { id } = await add(named('Was here'));
    expect(await problemOf(await save(id, 0, named('Mine')))).toMatchObject({ code: 'version-stale' });
    expect((await (await served.ask('GET', `builds/${id}`)).json()).build.name).toBe('Was here');
  });

  it('in two saves at once is begun once', async () => {
    const id = randomUUID();
    const both = await Promise.all(['One', 'Other'].map((name) => save(id, 0, named(name), { 'save-id': randomUUID() })));
    expect(both.map(({ status }) => status).sort()).toEqual([200, 412]);
  });

  it('that is none is refused with the field named, and there is nothing', async () => {
    const id = randomUUID();
    expect(await problemOf(await save(id, 0, { ...demo(), lines: 5 }))).toMatchObject({ code: 'build-refused' });
    expect((await served.ask('GET', `builds/${id}`)).status).toBe(404);
    expect((await save('no-id', 0, demo())).status).toBe(404);
  });
});

describe('a build that was deleted', () => {
  const remove = (id: string, version: number) => served.ask('DELETE', `builds/${id}`, undefined, { 'if-match': `"${version}"` });
  const listed = async () => ((await (await served.ask('GET', 'builds/deleted')).json()) as { id: string }[]).map(({ id }) => id);
  const shed = async () => ((await (await served.ask('GET', 'builds')).json()) as ListedBuild[]).map(({ id }) => id);

  it('is in no list, opens no more, takes no note, and is brought back with its log', async () => {
    const { id } = await add(named('Thrown away'));
    await save(id, 1, named('Thrown away, changed'));
    expect((await remove(id, 2)).status).toBe(204);
    expect(await shed()).not.toContain(id);
    expect((await served.ask('GET', `builds/${id}`)).status).toBe(404);
    expect((await served.ask('GET', `builds/${id}/log`)).status).toBe(404);
    expect((await save(id, 2, named('From a page that slept'))).status).toBe(404);
    expect((await save(id, 0, named('As if new'))).status).toBe(404);
    expect((await served.ask('POST', `builds/${id}/notes`, { text: 'late', by: 'Ann' })).status).toBe(404);
    expect((await remove(id, 3)).status).toBe(404);
    expect(await listed()).toContain(id);

    const back = (await (await served.ask('POST', `builds/${id}/bring-back`, {})).json()) as StoredBuild;
    expect(back.build.name).toBe('Thrown away, changed');
    expect(back.version).toBeGreaterThan(2);
    expect(await shed()).toContain(id);
    expect(await listed()).not.toContain(id);
    // A page that slept through it cannot save over it unseen.
    expect((await save(id, 2, named('From a page that slept'))).status).toBe(412);
    expect((await save(id, back.version, named('Goes on'))).status).toBe(200);
    const { revisions } = (await (await served.ask('GET', `builds/${id}/log`)).json()) as { revisions: { changes: string[] }[] };
    expect(revisions.length).toBeGreaterThanOrEqual(3);
    expect((await served.ask('POST', `builds/${id}/bring-back`, {})).status).toBe(404);
  });

  it('is gone for good after 30 days; brought in again it starts above any version that it had', async () => {
    const { id, build } = await add(named('Long gone'));
    for (let version = 1; version < 5; version++) await save(id, version, { ...build, notes: `${version}` });
    await remove(id, 5);
    const client = new pg.Client({ connectionString: served.url });
    await client.connect();
    const repositoryOf = served.app.get(BuildsRepository, { strict: false });
    expect(await repositoryOf.forget(new Date(Date.now() + 29 * 86_400_000))).toBe(0);
    expect(await repositoryOf.forget(new Date(Date.now() + 31 * 86_400_000))).toBeGreaterThanOrEqual(1);
    expect((await client.query('select count(*)::int as many from revisions where build = $1', [id])).rows).toEqual([{ many: 0 }]);
    await client.end();
    expect(await listed()).not.toContain(id);
    expect((await served.ask('POST', `builds/${id}/bring-back`, {})).status).toBe(404);
    expect((await save(id, 0, build)).status).toBe(404);
    const entry = { id, changedAt: new Date().toISOString(), build, notes: [] };
    expect(await (await served.ask('POST', 'shed/bring', entry)).json()).toMatchObject({ what: 'new' });
    const again = (await (await served.ask('GET', `builds/${id}`)).json()) as StoredBuild;
    expect(again.version).toBeGreaterThan(5);
    for (let version = 1; version <= 6; version++) expect((await save(id, version, named('From a page that slept'))).status).toBe(412);
  });

  it('and brought in from a file is that of the file, above what it was, with the notes that it had', async () => {
    const { id, build } = await add(named('Deleted, in a file'));
    await served.ask('POST', `builds/${id}/notes`, { text: 'oiled', by: 'Ann' });
    await remove(id, 1);
    const entry = { id, changedAt: new Date().toISOString(), build: { ...build, notes: 'of the file' }, notes: [] };
    expect(await (await served.ask('POST', 'shed/bring', entry)).json()).toMatchObject({ what: 'new' });
    const again = (await (await served.ask('GET', `builds/${id}`)).json()) as StoredBuild;
    expect([again.build.notes, again.version > 2]).toEqual(['of the file', true]);
    const log = (await (await served.ask('GET', `builds/${id}/log`)).json()) as { notes: { text: string }[] };
    expect(log.notes.map(({ text }) => text)).toEqual(['oiled']);
  });
});
