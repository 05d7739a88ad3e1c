import { blankBuild, type InPlace, workTargets } from '@hobrek/core';
import { beforeEach, expect, it, vi } from 'vitest';
import { ask } from '../shared/ask.js';
import { workOut } from '../workers/calculator.js';
import { stopWorks } from './tried.js';
import { tryAhead } from './try-ahead.js';

vi.mock('../shared/ask.js', () => ({ ask: vi.fn() }));
vi.mock('../workers/calculator.js', () => ({ workOut: vi.fn() }));

const [line] = blankBuild('Shed').lines;
const motor = (): InPlace => ({ source: (line as NonNullable<typeof line>).source, supply: {} });
/** A shed of so many builds, asked for in portions. */
const shed = (many: number) =>
  vi.mocked(ask).mockImplementation((path: string) => {
    const [from = 0, most = 0] = [...path.matchAll(/=(\d+)/g)].map(([, number]) => Number(number));
    const stored = (k: number) => ({ id: `build-${k}`, version: 1, changedAt: '', build: blankBuild(`${k}`), notices: [] });
    return Promise.resolve(Array.from({ length: Math.max(0, Math.min(most, many - from)) }, (_, k) => stored(from + k)));
  });
const tried = () => vi.mocked(workOut).mock.calls.flatMap(([, given]) => (given && 'targets' in given ? given.targets : []));
const buildsOf = (targets: ReturnType<typeof tried>) => targets.flatMap((target) => ('id' in target ? [target.id] : []));

beforeEach(() => {
  stopWorks();
  vi.clearAllMocks();
  vi.mocked(workOut).mockImplementation((() => Promise.resolve([])) as never);
});

it('tries every kind of work, then all of a small shed but the build that the motor is in', async () => {
  shed(12);
  await tryAhead(motor(), 'metric', 'build-3', new AbortController().signal);
  expect(tried()).toHaveLength(workTargets.length + 11);
  expect(buildsOf(tried())).not.toContain('build-3');
});

it('of a large shed tries the newest, and no more', async () => {
  shed(500);
  await tryAhead(motor(), 'metric', '', new AbortController().signal);
  expect(buildsOf(tried())).toEqual(Array.from({ length: 33 }, (_, k) => `build-${k}`));
});

it('ends when nobody looks at the motor any more', async () => {
  shed(500);
  const ending = new AbortController();
  vi.mocked(workOut).mockImplementation(((name: string) => {
    if (name === 'allKinds') ending.abort(new Error('It is not looked at any more'));
    return Promise.resolve([]);
  }) as never);
  vi.mocked(ask).mockImplementation((_, how) => (how?.signal?.aborted ? Promise.reject(how.signal.reason) : Promise.resolve([])));
  await expect(tryAhead(motor(), 'metric', '', ending.signal)).rejects.toThrow('not looked at');
  expect(buildsOf(tried())).toEqual([]);
});
