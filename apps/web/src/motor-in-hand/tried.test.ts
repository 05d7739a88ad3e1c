import { blankBuild, type InPlace, workTargets } from '@hobrek/core';
import { beforeEach, expect, it, vi } from 'vitest';
import { workOut } from '../workers/calculator.js';
import { buildsTried, stopWorks, worksTried } from './tried.js';

vi.mock('../workers/calculator.js', () => ({ workOut: vi.fn() }));

const [line] = blankBuild('Shed').lines;
const motor = (): InPlace => ({ source: (line as NonNullable<typeof line>).source, supply: {} });
const tries = () => vi.mocked(workOut).mock.calls.filter(([name]) => name === 'drives');

/** Answered when it is said so; stopped as a worker is. */
function waitingWorker() {
  const waiting: { readonly answer: () => void; readonly fail: (error: Error) => void }[] = [];
  vi.mocked(workOut).mockImplementation(
    ((name: string, _: unknown, { signal }: { signal: AbortSignal }) =>
      new Promise((done, fail) => {
        signal.throwIfAborted();
        signal.addEventListener('abort', () => fail(signal.reason));
        if (name === 'drives') waiting.push({ answer: () => done([]), fail });
        else done(0);
      })) as never,
  );
  return waiting;
}
const soon = () => new Promise((done) => setTimeout(done));

beforeEach(() => {
  stopWorks();
  vi.clearAllMocks();
});

it('tries every kind of work once, one portion after the other, and keeps what was told', async () => {
  const waiting = waitingWorker();
  const of = motor();
  const told = worksTried(of, 'metric');
  for (let k = 0; k < told.length; k++) {
    await soon();
    expect(tries()).toHaveLength(k + 1);
    waiting[k]?.answer();
  }
  await Promise.all(told);
  expect(tries().flatMap(([, given]) => (given && 'targets' in given ? given.targets : []))).toEqual(workTargets);
  expect(worksTried({ ...of }, 'metric')).toBe(told);
  expect(tries()).toHaveLength(told.length);
});

it('of another motor, or told in other units, it is tried anew and what was under way ends', async () => {
  waitingWorker();
  const of = motor();
  const first = worksTried(of, 'metric');
  await soon();
  const others = [worksTried(of, 'inch'), worksTried(motor(), 'inch')];
  expect(new Set([first, ...others]).size).toBe(3);
  for (const told of [first, others[0]]) await expect(told?.[0]).rejects.toThrow('Another motor is tried');
});

it('what failed or was stopped is tried anew the next time', async () => {
  const waiting = waitingWorker();
  const of = motor();
  const first = worksTried(of, 'metric');
  await soon();
  waiting[0]?.fail(new Error('It broke.'));
  await expect(first.at(-1)).rejects.toThrow('It broke.');
  const second = worksTried(of, 'metric');
  expect(second).not.toBe(first);
  stopWorks();
  await expect(second[0]).rejects.toThrow();
  expect(worksTried(of, 'metric')).not.toBe(second);
});

it('a build is tried again only once it was changed, or with another motor', async () => {
  const rowOf = (id: string) => ({ id, line: 'main' });
  vi.mocked(workOut).mockImplementation(((_: string, { targets }: { targets: readonly { id: string }[] }) =>
    Promise.resolve(targets.map(({ id }) => rowOf(id)))) as never);
  const stored = (id: string, version: number) => ({ id, version, changedAt: '', build: blankBuild(id), notices: [] });
  const of = motor();
  const tryThem = (motorOf: InPlace, builds: readonly ReturnType<typeof stored>[]) =>
    buildsTried(motorOf, 'metric', builds, new AbortController().signal);
  const tried = () => tries().map(([, given]) => (given && 'targets' in given ? given.targets.map((target) => 'id' in target && target.id) : []));
  expect(await tryThem(of, [stored('a', 1), stored('b', 1)])).toEqual([rowOf('a'), rowOf('b')]);
  expect(await tryThem(of, [stored('a', 1), stored('b', 2), stored('c', 1)])).toEqual([rowOf('a'), rowOf('b'), rowOf('c')]);
  expect(await tryThem(of, [stored('c', 1)])).toEqual([rowOf('c')]);
  expect(await tryThem(motor(), [stored('c', 1)])).toEqual([rowOf('c')]);
  expect(tried()).toEqual([['a', 'b'], ['b', 'c'], ['c']]);
});
