/**
 * People work while the database, the server and the start command are killed under them, through `npm start` itself. `npm run soak` sets how long; in the ordinary
 * run three of them are killed once.
 */
import { type ChildProcess, spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';

const root = resolve(import.meta.dirname, '..');
const seconds = Number(process.env.HOBREK_SOAK ?? 0);
const demo = JSON.parse(readFileSync(join(root, 'demo/apple-crusher.json'), 'utf8'));
const wait = (ms: number) => new Promise((soon) => setTimeout(soon, ms));

let seed = 29;
/** A whole number under `many`, the same ones at every run. */
function drawn(many: number): number {
  seed = (seed * 1_664_525 + 1_013_904_223) % 2 ** 32;
  return Math.floor((seed / 2 ** 32) * many);
}

const folder = mkdtempSync(join(tmpdir(), 'hobrek-soak-'));
chmodSync(folder, 0o755);
let hobrek: ChildProcess;
let base = '';
/** Every second word of the terminal is looked for its address. */
function start(): ChildProcess {
  const { HOBREK_PORT: _port, DATABASE_URL: _url, ...env } = process.env;
  const child = spawn(process.execPath, [join(root, 'bin/start.mjs')], {
    env: { ...env, HOBREK_DATA: folder, HOBREK_THROW_AWAY: '1' },
    stdio: ['ignore', 'pipe', 'ignore'],
  });
  child.stdout?.on('data', (piece) => {
    base = /Hobrek is (?:already running )?at (\S+)/.exec(String(piece))?.[1] ?? base;
  });
  return child;
}
const isOver = (child: ChildProcess) => child.exitCode !== null || child.signalCode !== null;

/** Answered, or not: no answer and 503 say nothing of what was done. */
async function ask(method: string, path: string, body?: object, headers: Record<string, string> = {}): Promise<Response | undefined> {
  try {
    const answer = await fetch(`${base}/api/${path}`, {
      method,
      headers: { 'content-type': 'application/json', ...headers },
      signal: AbortSignal.timeout(20_000),
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
    // Read to its end: half an answer is none.
    const text = await answer.text();
    return answer.status >= 500 ? undefined : new Response(answer.status === 204 ? null : text, { status: answer.status });
  } catch {
    return undefined;
  }
}

async function read<T>(path: string): Promise<T | undefined> {
  for (;;) {
    const answer = await ask('GET', path);
    if (answer?.ok) return (await answer.json()) as T;
    if (answer?.status === 404) return undefined;
    await wait(100);
  }
}

interface Stored {
  readonly id: string;
  readonly version: number;
  readonly build: { readonly name: string; readonly brief: string };
}
/** What a person was told is kept; and how much of it there was. */
interface Known {
  readonly version: number;
  readonly brief: string;
  readonly notes: readonly string[];
  /** Sent, not answered, and not there when it was looked up: a server that is ending may still have done it after that. */
  readonly maybe: readonly string[];
}
const maybeBegun = new Set<string>();
const told = { saves: 0, notes: 0, begun: 0, deleted: 0, unanswered: 0, shared: 0 };

/** Begins, edits, writes notes and deletes builds of their own; each act that was not answered is looked up, and was done whole or not at all. */
async function person(name: string, isOver: () => boolean): Promise<Map<string, Known>> {
  const mine = new Map<string, Known>();
  let count = 0;
  const begin = async () => {
    const id = crypto.randomUUID();
    const build = { ...demo, name: `${name} ${++count}`, brief: '' };
    const answer = await ask('PUT', `builds/${id}`, build, { 'if-match': '"0"' });
    told.begun++;
    if (!answer) told.unanswered++;
    else expect(answer.status).toBeLessThan(300);
    const there = await read<Stored>(`builds/${id}`);
    if (answer) expect(there).toBeDefined();
    if (there) mine.set(id, { version: there.version, brief: '', notes: [], maybe: [] });
    else maybeBegun.add(id);
  };
  const edit = async (id: string, known: Known) => {
    const brief = `${name} ${++count}`;
    const answer = await ask('PUT', `builds/${id}`, { ...demo, name, brief }, { 'if-match': `"${known.version}"` });
    if (answer?.status === 200) {
      told.saves++;
      mine.set(id, { ...known, version: known.version + 1, brief });
      return;
    }
    const there = await read<Stored>(`builds/${id}`);
    if (answer) {
      // Refused: what was sent before and not answered was done after all.
      if (there) expect(known.maybe).toContain(there.build.brief);
      else expect(known.maybe).toContain('deleted');
    } else told.unanswered++;
    if (!there) mine.delete(id);
    else {
      const now = `${there.version} ${there.build.brief}`;
      if (!answer)
        expect([
          `${known.version} ${known.brief}`,
          `${known.version + 1} ${brief}`,
          ...known.maybe.map((each) => `${known.version + 1} ${each}`),
        ]).toContain(now);
      mine.set(id, { ...known, version: there.version, brief: there.build.brief, maybe: [...known.maybe, brief] });
    }
  };
  const note = async (id: string, known: Known) => {
    const text = `${name} ${++count}`;
    const answer = await ask('POST', `builds/${id}/notes`, { text, by: name });
    if (answer?.status === 404) {
      expect(known.maybe).toContain('deleted');
      mine.delete(id);
    } else if (answer) {
      expect(answer.status).toBe(201);
      told.notes++;
      mine.set(id, { ...known, notes: [...known.notes, text] });
    } else {
      told.unanswered++;
      mine.set(id, { ...known, maybe: [...known.maybe, text] });
    }
  };
  const remove = async (id: string, known: Known) => {
    const answer = await ask('DELETE', `builds/${id}`, undefined, { 'if-match': `"${known.version}"` });
    if (answer && answer.status !== 204) return edit(id, known);
    if (!answer) told.unanswered++;
    const there = await read<Stored>(`builds/${id}`);
    if (answer) expect(there).toBeUndefined();
    if (there) mine.set(id, { ...known, maybe: [...known.maybe, 'deleted'] });
    else {
      mine.delete(id);
      told.deleted++;
    }
  };
  while (!isOver()) {
    const [id, known] = [...mine][drawn(mine.size)] ?? [];
    const what = drawn(10);
    if (!id || !known || (what === 0 && mine.size < 6)) await begin();
    else if (what === 1 && mine.size > 2) await remove(id, known);
    else if (what < 5) await note(id, known);
    else await edit(id, known);
    await wait(drawn(40));
  }
  return mine;
}

const notesOf = async (id: string): Promise<string[]> =>
  ((await read<{ notes: { text: string }[] }>(`builds/${id}/log`)) as { notes: { text: string }[] }).notes.map(({ text }) => text);

/** Several count up in one build, each their own number: what one was told is saved, no other may save away. @returns how far it was told, and how far at most */
async function counting(id: string, own: string, isOver: () => boolean): Promise<readonly [number, number]> {
  let [sure, most] = [0, 0];
  while (!isOver()) {
    const there = (await read<Stored>(`builds/${id}`)) as Stored;
    const counts = JSON.parse(there.build.brief || '{}') as Record<string, number>;
    expect(counts[own] ?? 0).toBeGreaterThanOrEqual(sure);
    expect(counts[own] ?? 0).toBeLessThanOrEqual(most);
    const next = (counts[own] ?? 0) + 1;
    most = next;
    const answer = await ask(
      'PUT',
      `builds/${id}`,
      { ...demo, name: 'Shared', brief: JSON.stringify({ ...counts, [own]: next }) },
      { 'if-match': `"${there.version}"` },
    );
    if (answer?.ok) {
      sure = next;
      told.shared++;
    } else if (answer) {
      expect(answer.status).toBe(412);
      most = Math.max(sure, next - 1);
    }
    await wait(drawn(60));
  }
  return [sure, most];
}

/** Processes that another began. */
function childrenOf(pid: number): number[] {
  return readdirSync('/proc').flatMap((each) => {
    try {
      const [, rest = ''] = readFileSync(`/proc/${each}/stat`, 'utf8').split(/\) /);
      return /^\d+$/.test(each) && Number(rest.split(' ')[1]) === pid ? [Number(each)] : [];
    } catch {
      return [];
    }
  });
}
const commandOf = (pid: number) => readFileSync(`/proc/${pid}/cmdline`, 'utf8');
const postmaster = () => Number(readFileSync(join(folder, 'cluster/postmaster.pid'), 'utf8').split('\n')[0]);

const kills: readonly (readonly [string, () => void])[] = [
  ['PostgreSQL', () => process.kill(postmaster(), 'SIGKILL')],
  // One process of PostgreSQL killed makes it end all others and recover.
  ['a process of PostgreSQL', () => process.kill(childrenOf(postmaster()).at(-1) as number, 'SIGKILL')],
  ['the start command', () => hobrek.kill('SIGKILL')],
  ['the server', () => process.kill(childrenOf(hobrek.pid as number).find((pid) => commandOf(pid).includes('main.js')) as number, 'SIGKILL')],
];

/** Who lost PostgreSQL alone saves again within so long: nothing is started anew but PostgreSQL. */
const postgres_s = 20;
/** A start takes seconds of computing, on a busy machine several times as long: how long is printed, and only what does not come back at all fails. */
const givenUp_ms = 90_000;

/** Until a build can be saved again. @returns how long it took, s */
async function recovered(probe: string): Promise<number> {
  const from = Date.now();
  for (;;) {
    if (isOver(hobrek)) {
      hobrek = start();
      await wait(300);
    }
    const there = await ask('GET', `builds/${probe}`);
    if (there?.ok) {
      const { version } = (await there.json()) as Stored;
      const saved = await ask('PUT', `builds/${probe}`, { ...demo, name: 'Probe', brief: `${Date.now()}` }, { 'if-match': `"${version}"` });
      if (saved?.ok) return (Date.now() - from) / 1_000;
    }
    expect(Date.now() - from, 'a build cannot be saved any more').toBeLessThan(givenUp_ms);
    await wait(200);
  }
}

beforeAll(async () => {
  hobrek = start();
  while (!base) await wait(100);
}, 60_000);
afterAll(async () => {
  hobrek.kill('SIGINT');
  while (!isOver(hobrek)) await wait(100);
  rmSync(folder, { recursive: true, force: true });
}, 30_000);

it('nothing acknowledged is lost and nothing is half done, whatever is killed', { timeout: 3 * givenUp_ms + 2_000 * seconds }, async () => {
  const until = Date.now() + 1_000 * seconds;
  let over = false;
  const [shared, probe] = [crypto.randomUUID(), crypto.randomUUID()];
  for (const id of [shared, probe])
    expect((await ask('PUT', `builds/${id}`, { ...demo, name: 'Shared', brief: '' }, { 'if-match': '"0"' }))?.ok).toBe(true);
  const people = ['Ann', 'Bo', 'Cy'].map((name) => person(name, () => over));
  const counters = ['a', 'b'].map((own) => counting(shared, own, () => over));
  // One that finds something wrong ends the others.
  const wrong = Promise.all([...people, ...counters]).then(
    () => undefined,
    (error: unknown) => error,
  );
  const took: string[] = [];
  let slowest = 0;
  for (let k = 0; k < 3 || Date.now() < until; k++) {
    const [what, kill] = kills[k < kills.length ? k : drawn(kills.length)] as (typeof kills)[number];
    await wait(500 + drawn(seconds > 0 ? 4_000 : 500));
    const before = hobrek;
    kill();
    await wait(20);
    const s = await recovered(probe);
    // PostgreSQL comes back by itself; only who lost the server or the start command has to start again.
    if (what.includes('PostgreSQL')) {
      expect(hobrek).toBe(before);
      expect(s, what).toBeLessThan(postgres_s);
    }
    slowest = Math.max(slowest, s);
    took.push(`${what} ${s.toFixed(1)} s`);
  }
  await wait(500);
  over = true;
  const error = await wrong;
  if (error) throw error;
  process.stdout.write(`${took.length} kills (${took.slice(0, 12).join(', ')}), slowest ${slowest.toFixed(1)} s; ${JSON.stringify(told)}\n`);
  expect(told.saves).toBeGreaterThan(20);

  const all = new Map((await Promise.all(people)).flatMap((mine) => [...mine]));
  const list = (await read<{ id: string; version: number }[]>('builds')) as { id: string; version: number }[];
  const begun = list.filter(({ id }) => all.has(id));
  const others = list.filter(({ id }) => !all.has(id) && !maybeBegun.has(id));
  expect(new Map(begun.map(({ id, version }) => [id, version]))).toEqual(new Map([...all].map(([id, { version }]) => [id, version])));
  // Besides theirs: the two of this test, and the demo’s.
  expect(others.length).toBe(2 + readdirSync(join(root, 'demo')).filter((file) => file.endsWith('.json')).length);
  for (const [id, { version, brief, notes, maybe }] of all) {
    const stored = (await read<Stored>(`builds/${id}`)) as Stored;
    expect([stored.version, stored.build.brief]).toEqual([version, brief]);
    const there = await notesOf(id);
    expect(there).toEqual(expect.arrayContaining([...notes]));
    expect([...notes, ...maybe]).toEqual(expect.arrayContaining(there));
    expect(new Set(there).size).toBe(there.length);
  }
  const counts = JSON.parse(((await read<Stored>(`builds/${shared}`)) as Stored).build.brief) as Record<string, number>;
  for (const [k, [sure, most]] of (await Promise.all(counters)).entries()) {
    expect(counts['ab'[k] as string]).toBeGreaterThanOrEqual(sure);
    expect(counts['ab'[k] as string]).toBeLessThanOrEqual(most);
  }
});
