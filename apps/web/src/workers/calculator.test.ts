import { blankBuild, enter, evaluateBuild, loadKinds, placesOf, remedyFor, withInput, wordingFor } from '@hobrek/core';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { jobs } from './jobs.js';

/** A machine whose motor does not carry the work, so that something would cure it. */
const weak = [
  ['source/power', '1/2 hp'],
  ['source/powerIs', 'shaft'],
  ['source/speed', '1425'],
  ['belt/driver', '75'],
  ['belt/driven', '250'],
  ['work/torque', '12'],
].reduce((build, [path, text]) => {
  const place = placesOf(build).find((each) => each.path === `main/${path}`);
  return place ? withInput(build, place.path, enter(place.field, text as string, undefined).input) : build;
}, blankBuild('Crusher'));

/** A worker that does the same work in this place, and can be broken. */
class Beside {
  static all: Beside[] = [];
  onmessage: ((event: { data: unknown }) => void) | null = null;
  onerror: ((event: { message: string }) => void) | null = null;
  ended = false;
  deaf = false;
  constructor() {
    Beside.all.push(this);
  }
  postMessage({ turn, name, given }: { turn: number; name: 'remedy'; given: Parameters<(typeof jobs)['remedy']>[0] }) {
    if (this.deaf) return;
    jobs[name](structuredClone(given)).then(
      (answer) => this.onmessage?.({ data: { turn, answer } }),
      (error: Error) => this.onmessage?.({ data: { turn, failed: error.message } }),
    );
  }
  terminate() {
    this.ended = true;
  }
}

const given = { build: weak, units: 'metric' } as const;

describe('what is worked out beside the page', () => {
  let workOut: typeof import('./calculator.js').workOut;
  beforeEach(async () => {
    Beside.all = [];
    vi.resetModules();
    vi.stubGlobal('Worker', Beside);
    ({ workOut } = await import('./calculator.js'));
  });
  afterEach(() => vi.unstubAllGlobals());

  it('is what the page itself would find, in the person’s units', async () => {
    const kinds = await loadKinds(weak);
    const here = remedyFor(weak, kinds, evaluateBuild(weak, kinds), wordingFor(weak));
    expect(here).toMatch(/would do, with reserve/);
    expect(await workOut('remedy', given)).toBe(here);
    expect(Beside.all).toHaveLength(1);
  });

  it('is answered to the one who asked, however many ask', async () => {
    const blank = { build: blankBuild('Blank'), units: 'metric' } as const;
    const [one, other, third] = await Promise.all([workOut('remedy', given), workOut('remedy', blank), workOut('remedy', given)]);
    expect([other, third]).toEqual(['', one]);
  });

  it('that fails is told to the one who asked', async () => {
    const broken = { ...weak, lines: weak.lines.map((line) => ({ ...line, work: { ...line.work, kind: 'nothing-known' } })) };
    await expect(workOut('remedy', { build: broken, units: 'metric' })).rejects.toThrow();
  });

  it('is not waited for when the worker breaks; the next one asks another', async () => {
    const first = workOut('remedy', given);
    const [worker] = Beside.all;
    if (!worker) throw new Error('none was started');
    worker.deaf = true;
    const second = workOut('remedy', given);
    worker.onerror?.({ message: 'out of memory' });
    await expect(second).rejects.toThrow('out of memory');
    await expect(first).rejects.toThrow('out of memory');
    expect(worker.ended).toBe(true);
    expect(await workOut('remedy', given)).toMatch(/would do, with reserve/);
    expect(Beside.all).toHaveLength(2);
  });

  it('is done here where there are no workers', async () => {
    vi.unstubAllGlobals();
    expect(await workOut('remedy', given)).toMatch(/would do, with reserve/);
  });
});
