import { blankBuild, type InPlace, type WouldDrive, workTargets } from '@hobrek/core';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ask } from '../shared/ask.js';
import { workOut } from '../workers/calculator.js';
import { worksTried } from './tried.js';
import { useDrives } from './use-drives.js';

vi.mock('../shared/ask.js', () => ({ ask: vi.fn() }));
vi.mock('../workers/calculator.js', () => ({ workOut: vi.fn() }));

afterEach(cleanup);

const build = blankBuild('Shed');
const motor = (): InPlace => ({ source: (build.lines[0] as (typeof build.lines)[number]).source, supply: {} });
/** A shed of so many builds. */
const shed = (many: number) =>
  vi.mocked(ask).mockImplementation((path: string) => {
    const [from = 0, most = 0] = [...path.matchAll(/=(\d+)/g)].map(([, number]) => Number(number));
    return Promise.resolve(Array.from({ length: Math.max(0, Math.min(most, many - from)) }, (_, k) => ({ id: `build-${from + k}`, build })));
  });
interface Given {
  readonly targets?: readonly { readonly id?: string; readonly kind?: string }[];
}
const rowsOf = ({ targets = [] }: Given): readonly WouldDrive[] =>
  targets.map(({ id = null, kind = 'work' }) => ({
    id,
    line: 'main',
    kind,
    name: id ?? kind,
    would: 'would',
    between: '',
    says: '',
    ratio: null,
    used: null,
  }));
const worker = (answer: (given: Given, signal: AbortSignal) => Promise<readonly WouldDrive[]>) =>
  vi.mocked(workOut).mockImplementation(((_: string, given: Given, { signal }: { signal: AbortSignal }) => answer(given, signal)) as never);

beforeEach(() => vi.clearAllMocks());

it('tries every kind of work and every build but the one that is open, each once', async () => {
  shed(70);
  worker((given) => Promise.resolve(rowsOf(given)));
  const of = motor();
  const { result } = renderHook(() => useDrives(of, 'build-3'));
  await waitFor(() => expect(result.current.isGoing).toBe(false));
  const builds = result.current.rows.flatMap(({ id }) => id ?? []);
  expect(builds).toHaveLength(69);
  expect(new Set(builds).size).toBe(69);
  expect(builds).not.toContain('build-3');
  expect(result.current.failed).toBe('');
});

it('hands over a few portions at a time, however many builds there are', async () => {
  shed(500);
  const [waiting, most]: [(() => void)[], number[]] = [[], []];
  worker(
    (given) =>
      new Promise((done) => {
        waiting.push(() => done(rowsOf(given)));
        most.push(waiting.length);
      }),
  );
  const of = motor();
  const { result } = renderHook(() => useDrives(of, ''));
  await waitFor(
    () => {
      waiting.shift()?.();
      expect(result.current.isGoing).toBe(false);
    },
    { timeout: 20_000, interval: 5 },
  );
  expect(result.current.rows.filter(({ id }) => id !== null)).toHaveLength(500);
  expect(Math.max(...most)).toBeLessThanOrEqual(5);
});

it('what fails is told, what was tried by then stays, and no more is tried', async () => {
  shed(500);
  worker((given, signal) =>
    given.targets?.some(({ id }) => id === 'build-8')
      ? Promise.reject(new Error('It broke.'))
      : new Promise((done, fail) => {
          const late = setTimeout(() => done(rowsOf(given)), given.targets?.some(({ id }) => id) ? 200 : 0);
          signal.addEventListener('abort', () => {
            clearTimeout(late);
            fail(signal.reason);
          });
        }),
  );
  const of = motor();
  const { result } = renderHook(() => useDrives(of, ''));
  await waitFor(() => expect(result.current.failed).toBe('It broke.'));
  await new Promise((done) => setTimeout(done, 300));
  expect(result.current).toMatchObject({ failed: 'It broke.', isGoing: false });
  expect(result.current.rows.length).toBeGreaterThan(10);
  const handedOver = vi
    .mocked(workOut)
    .mock.calls.filter(([, given]) => given && 'targets' in given && given.targets.some((target) => 'id' in target));
  // Of twenty-one.
  expect(handedOver.length).toBeLessThan(8);
});

it('of a motor whose kinds of work were tried ahead, none is tried again', async () => {
  shed(3);
  worker((given) => Promise.resolve(rowsOf(given)));
  const of = motor();
  await Promise.all(worksTried(of, 'metric'));
  vi.mocked(workOut).mockClear();
  const same = { ...of };
  const { result } = renderHook(() => useDrives(same, ''));
  await waitFor(() => expect(result.current.isGoing).toBe(false));
  expect(result.current.rows).toHaveLength(workTargets.length + 3);
  const tried = vi.mocked(workOut).mock.calls.flatMap(([, given]) => (given && 'targets' in given ? given.targets : []));
  expect(tried.map((target) => 'id' in target && target.id)).toEqual(['build-0', 'build-1', 'build-2']);
});

it('stopped, it keeps what was tried and tries no more', async () => {
  shed(500);
  const waiting: (() => void)[] = [];
  worker(
    (given, signal) =>
      new Promise((done, fail) => {
        if (given.targets?.some(({ id }) => id)) waiting.push(() => done(rowsOf(given)));
        else done(rowsOf(given));
        signal.addEventListener('abort', () => fail(signal.reason));
      }),
  );
  const of = motor();
  const { result } = renderHook(() => useDrives(of, ''));
  await waitFor(() => expect(waiting.length).toBeGreaterThan(0));
  waiting.shift()?.();
  await waitFor(() => expect(result.current.rows.some(({ id }) => id !== null)).toBe(true));
  const { rows, stop } = result.current;
  act(() => stop());
  await waitFor(() => expect(result.current.isGoing).toBe(false));
  expect(result.current).toMatchObject({ failed: '' });
  expect(result.current.rows.length).toBe(rows.length);
});
