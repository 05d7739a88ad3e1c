// @vitest-environment node
import { atOnce, type Build, blankBuild, enter, evaluateBuild, jobs, loadKinds, placesOf, remedyFor, withInput, wordingFor } from '@hobrek/core';
import { expose } from 'comlink';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { workerSide } from './worker-side.js';

const typed = (build: Build, entries: Readonly<Record<string, string>>): Build =>
  Object.entries(entries).reduce((now, [path, text]) => {
    const place = placesOf(now).find((each) => each.path === `main/${path}`);
    if (!place) throw new Error(`No field ${path}`);
    return withInput(now, place.path, enter(place.field, text, undefined).input);
  }, build);

/** A machine whose motor does not carry the work, so that something would cure it. */
const weak = typed(blankBuild('Crusher'), {
  'source/power': '1/2 hp',
  'source/powerIs': 'shaft',
  'source/speed': '1425',
  'belt/driver': '75',
  'belt/driven': '250',
  'work/torque': '12',
});

type Listener = Parameters<MessagePort['addEventListener']>[1];

/** A worker that is really spoken to, in this place, and can be broken. */
class Beside {
  static all: Beside[] = [];
  onerror: ((event: { message: string }) => void) | null = null;
  ended = false;
  private readonly ports = new MessageChannel();
  constructor() {
    Beside.all.push(this);
    expose(workerSide, this.ports.port2);
    this.ports.port1.start();
  }
  postMessage(message: unknown, transfer: Transferable[] = []) {
    this.ports.port1.postMessage(message, transfer);
  }
  addEventListener(type: string, listener: Listener) {
    this.ports.port1.addEventListener(type, listener);
  }
  removeEventListener(type: string, listener: Listener) {
    this.ports.port1.removeEventListener(type, listener);
  }
  /** Hears nothing more, as one that is stuck. */
  deafen() {
    this.ports.port1.close();
  }
  terminate() {
    this.ended = true;
    this.ports.port1.close();
  }
}

const given = { build: weak, units: 'metric' } as const;
/** The same with six guesses, which are tried in a hundred ways. */
const guessed = {
  ...given,
  build: typed(weak, {
    'source/power': '300 to 500 W',
    'work/torque': '8 to 14',
    'belt/friction': '0.3 to 0.6',
    'belt/efficiency': '90 to 97 %',
    'source/speed': '1400 to 1440',
    'work/breakaway': '10 to 16',
  }),
};

describe('what is worked out beside the page', () => {
  let workOut: typeof import('./calculator.js').workOut;
  let newest: typeof import('./calculator.js').newest;
  beforeEach(async () => {
    Beside.all = [];
    vi.resetModules();
    vi.stubGlobal('Worker', Beside);
    vi.stubGlobal('navigator', { hardwareConcurrency: 8 });
    ({ workOut, newest } = await import('./calculator.js'));
  });
  afterEach(() => {
    for (const each of Beside.all) each.terminate();
    vi.unstubAllGlobals();
    vi.useRealTimers();
  });

  it('is what the page itself would find, in the person’s units', async () => {
    const kinds = await loadKinds(weak);
    const here = remedyFor(weak, kinds, evaluateBuild(weak, kinds), wordingFor(weak));
    expect(here).toMatch(/would do, with reserve/);
    expect((await workOut('remedy', given)).says).toBe(here);
    expect(Beside.all).toHaveLength(1);
  });

  it('is answered to the one who asked, however many ask, on three workers at the most', async () => {
    const blank = { build: blankBuild('Blank'), units: 'metric' } as const;
    const [one, other, ...more] = await Promise.all([
      workOut('remedy', given),
      workOut('remedy', blank),
      ...Array.from({ length: 6 }, () => workOut('remedy', given)),
    ]);
    expect([other?.says, ...new Set(more.map(({ says }) => says))]).toEqual(['', one?.says]);
    expect(Beside.all).toHaveLength(3);
  });

  it('leaves a core to the page', async () => {
    vi.stubGlobal('navigator', { hardwareConcurrency: 2 });
    await Promise.all([workOut('remedy', given), workOut('decided', given), workOut('guesses', given)]);
    expect(Beside.all).toHaveLength(1);
  });

  it('tells how far it is, never backwards', async () => {
    const told: number[] = [];
    const answer = await workOut('guesses', guessed, { progress: (share) => told.push(share) });
    expect(answer).toEqual(atOnce(await jobs.guesses(guessed)));
    expect(told.length).toBeGreaterThan(0);
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(told.every((share) => share > 0 && share <= 1)).toBe(true);
  });

  it('is answered of a hundred questions that follow each other for the newest alone', async () => {
    const questions = newest();
    const answered: number[] = [];
    const ends: string[] = [];
    await Promise.all(
      Array.from({ length: 100 }, async (_, k) => {
        await new Promise((done) => setTimeout(done, 3 * k));
        const build = { ...guessed.build, name: `Crusher ${k}` };
        await workOut('guesses', { ...guessed, build }, { signal: questions.begin() }).then(
          () => answered.push(k),
          (error: Error) => ends.push(error.name),
        );
      }),
    );
    expect(answered).toEqual([99]);
    expect(new Set(ends)).toEqual(new Set(['AbortError']));
    expect(Beside.all.length).toBeLessThanOrEqual(3);
    // Nobody is still at it: the next question is answered at once by one who is there already.
    expect((await workOut('remedy', given)).says).toMatch(/would do/);
    expect(Beside.all.every(({ ended }) => !ended)).toBe(true);
  });

  it('that is stopped before it is begun is not begun', async () => {
    const stopped = AbortSignal.abort();
    await expect(workOut('remedy', given, { signal: stopped })).rejects.toThrow();
    expect(Beside.all).toHaveLength(0);
  });

  it('that fails is told to the one who asked', async () => {
    const broken = { ...weak, lines: weak.lines.map((line) => ({ ...line, work: { ...line.work, kind: 'nothing-known' } })) };
    await expect(workOut('remedy', { build: broken, units: 'metric' })).rejects.toThrow();
    expect((await workOut('remedy', given)).says).toMatch(/would do/);
  });

  it('is begun again on another worker where one dies in the middle, and told where that dies too', async () => {
    const first = workOut('guesses', guessed, { progress: () => Beside.all.at(0)?.onerror?.({ message: 'out of memory' }) });
    expect(await first).toEqual(atOnce(await jobs.guesses(guessed)));
    expect(Beside.all.map(({ ended }) => ended)).toEqual([true, false]);

    const second = workOut('guesses', guessed, { progress: () => Beside.all.at(-1)?.onerror?.({ message: 'out of memory' }) });
    await expect(second).rejects.toThrow('has stopped: out of memory');
    expect((await workOut('remedy', given)).says).toMatch(/would do/);
  });

  it('is begun again where a worker falls silent', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const silent = workOut('remedy', given);
    Beside.all[0]?.deafen();
    await vi.advanceTimersByTimeAsync(10_100);
    vi.useRealTimers();
    expect((await silent).says).toMatch(/would do/);
    expect(Beside.all.map(({ ended }) => ended)).toEqual([true, false]);
  });

  it('is done here where there are no workers', async () => {
    vi.unstubAllGlobals();
    expect((await workOut('remedy', given)).says).toMatch(/would do, with reserve/);
  });
});
