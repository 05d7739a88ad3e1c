import { type Build, blankBuild } from '@hobrek/core';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { SaveQueue, type SaveState } from './save-queue.js';

interface Call {
  readonly name: string;
  readonly match: string;
  readonly saveId: string;
}

const calls: Call[] = [];
const states: SaveState[] = [];
const acknowledged: string[] = [];
/** What the page does when the build was changed elsewhere. */
let meet: (base: Build) => Build | 'nothing' | 'choose' = () => 'choose';
/** What the server answers to each save in turn; when the list is empty it writes. */
const answers: (() => Promise<Response>)[] = [];
let stands = 1;

const json = (body: unknown, status = 200) => Promise.resolve(new Response(JSON.stringify(body), { status }));
const problem = (status: number, code: string) => () => json({ code, status, title: '', detail: `${code}.` }, status);
const written = () => json({ id: 'b', version: ++stands, changedAt: '2026-11-25T10:42:00Z', build: {}, notices: [] });

beforeEach(() => {
  vi.useFakeTimers();
  calls.length = states.length = answers.length = acknowledged.length = 0;
  meet = () => 'choose';
  stands = 1;
  vi.stubGlobal('fetch', (_: string, init?: RequestInit) => {
    if (init?.method !== 'PUT') return json({ id: 'b', version: stands, changedAt: '2026-11-25T10:42:00Z', build: {}, notices: [] });
    const headers = init.headers as Record<string, string>;
    calls.push({ name: JSON.parse(init.body as string).name, match: headers['if-match'] ?? '', saveId: headers['save-id'] ?? '' });
    return (answers.shift() ?? written)();
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const queue = () =>
  new SaveQueue(
    'b',
    { version: 1, build: blankBuild('base') },
    {
      tell: (state) => states.push(state),
      sending: () => {},
      acknowledged: ({ build }) => acknowledged.push(build.name),
      merge: (base) => meet(base),
    },
  );
const push = (to: SaveQueue, ...names: string[]) => {
  for (const name of names) to.push(blankBuild(name), '00000000-0000-4000-8000-000000000000');
};
const settle = () => vi.advanceTimersByTimeAsync(60_000);

describe('the save queue', () => {
  it('sends one at a time, each on top of the last, and only the newest that waits', async () => {
    push(queue(), 'a', 'b', 'c');
    await settle();
    expect(calls.map(({ name, match }) => [name, match])).toEqual([
      ['a', '"1"'],
      ['c', '"2"'],
    ]);
    expect(states.map(({ state }) => state)).toEqual(['keeping', 'keeping', 'kept']);
    expect(states.at(-1)?.says).toMatch(/^kept \d\d:\d\d$/);
  });

  it.each([
    ['the server is away', () => Promise.reject(new TypeError('Failed to fetch'))],
    ['the database is away', problem(503, 'database-down')],
    ['the proxy answers with a page', () => Promise.resolve(new Response('<html>', { status: 502 }))],
  ])('keeps asking with the same save id while %s, and says so', async (_, away) => {
    answers.push(away, away, away);
    push(queue(), 'a');
    await vi.advanceTimersByTimeAsync(100);
    expect(states.at(-1)).toMatchObject({ state: 'away', says: expect.stringContaining('What you typed is kept on this device and will be sent.') });
    await settle();
    expect(calls).toHaveLength(4);
    expect(new Set(calls.map(({ saveId }) => saveId)).size).toBe(1);
    expect(states.at(-1)?.state).toBe('kept');
  });

  it('meets a build that was changed elsewhere: asks the page with the version both started from, and sends what it makes of both', async () => {
    answers.push(problem(412, 'version-stale'));
    stands = 5;
    const bases: string[] = [];
    meet = (base) => {
      bases.push(base.name);
      return blankBuild('both');
    };
    push(queue(), 'mine');
    await settle();
    expect(bases).toEqual(['base']);
    expect(calls.map(({ name, match }) => [name, match])).toEqual([
      ['mine', '"1"'],
      ['both', '"5"'],
    ]);
    expect(states.at(-1)?.state).toBe('kept');
  });

  it('waits for the person when the page cannot decide, and overwrites nothing meanwhile', async () => {
    answers.push(problem(412, 'version-stale'));
    stands = 5;
    const saves = queue();
    push(saves, 'mine');
    await settle();
    push(saves, 'mine still');
    await settle();
    expect(calls).toHaveLength(1);
    expect(states.at(-1)?.state).toBe('stale');
    saves.chosen(blankBuild('chosen'), '00000000-0000-4000-8000-000000000001');
    await settle();
    expect(calls.at(-1)).toMatchObject({ name: 'chosen', match: '"5"' });
    expect(acknowledged).toEqual(['chosen']);
  });

  it('catches up with what someone else saved, and sends nothing when there is nothing of its own', async () => {
    stands = 4;
    meet = () => 'nothing';
    const saves = queue();
    saves.heard(4);
    await settle();
    expect(calls).toHaveLength(0);
    push(saves, 'mine');
    await settle();
    expect(calls).toMatchObject([{ name: 'mine', match: '"4"' }]);
    saves.heard(5);
    await settle();
    expect(calls).toHaveLength(1);
  });

  it('says what the server refused, and saves again at the next change', async () => {
    answers.push(problem(400, 'build-refused'));
    const saves = queue();
    push(saves, 'a');
    await settle();
    expect(states.at(-1)).toEqual({ state: 'refused', says: 'Not kept: build-refused.' });
    push(saves, 'b');
    await settle();
    expect(states.at(-1)?.state).toBe('kept');
  });

  it('still sends what is waiting after the page was left, without a word', async () => {
    const saves = queue();
    push(saves, 'a', 'b');
    saves.close();
    await settle();
    expect(calls.map(({ name }) => name)).toEqual(['a', 'b']);
    expect(states).toHaveLength(1);
  });
});
