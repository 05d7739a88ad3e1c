import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { Solver } from '../../test/odex.js';
import { type Figure, fixed, highEnd, type Known, known, lowEnd } from '../figure/figure.js';
import { carriedTorque } from '../formulas/transmission/carried-torque.js';
import { drivenSpeed } from '../formulas/transmission/driven-speed.js';
import { neededBefore } from '../formulas/transmission/needed-before.js';
import { contextAt } from '../kinds/context.js';
import type { StageKind, StageReady } from '../kinds/kind.js';
import { kindHeads, loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { elementsOf } from '../machine/paths.js';
import { withStageAdded } from '../machine/reshape.js';
import { say, sayAll, wordingFor } from '../wording/wording.js';
import { chainOf, loadThrough } from './chain.js';
import { evaluateBuild } from './evaluate-build.js';
import { openElement } from './opened.js';
import { walk } from './walk-line.js';

const kinds = await loadKinds();
const folder = new URL('../../../../demo/', import.meta.url);
const demos = readdirSync(folder)
  .filter((name) => name.endsWith('.json'))
  .map((name) => [name, JSON.parse(readFileSync(new URL(name, folder), 'utf8')) as Build] as const);

const walked = (build: Build) => walk(build.lines[0] as Build['lines'][number], kinds, build);
const value = (figure: Figure | undefined): number => (figure as Known).value;
const rpm = 30 / Math.PI;

/** Where something falls through nought, by two hundred halvings. */
function bisected(surplus: (n: number) => number, from: number, to: number): number {
  let [below, above] = [from, to];
  expect([surplus(below) > 0, surplus(above) <= 0]).toEqual([true, true]);
  for (let k = 0; k < 200; k++) {
    const n = (below + above) / 2;
    if (surplus(n) > 0) below = n;
    else above = n;
  }
  return above;
}

describe.each(demos)('%s', (_name, build) => {
  const { walked: line, runningUp } = walked(build);
  const [first] = line.stations;

  it('runs where an integration of its run-up comes to stand still', () => {
    if (!runningUp) {
      // A person at a crank runs as he likes.
      expect(first?.running).toBeNull();
      return;
    }
    const [, curve] = runningUp.curves;
    const J = value(line.figures.get('main/source')?.get('inertia-at-motor'));
    const startsEmpty = runningUp.load(value(first?.running?.flow)) < 0.999 * value(first?.running?.effort);
    const load = startsEmpty ? () => value(first?.running?.effort) : runningUp.load;
    const solver = new Solver(1);
    solver.absoluteTolerance = 1e-9;
    solver.relativeTolerance = 1e-9;
    // What is loaded once it runs is followed down from its highest speed, the others up from rest; long enough for either.
    const from = startsEmpty ? curve.top_rpm / rpm : 0;
    const { y } = solver.solve((_t, [omega]) => [(curve.torque((omega as number) * rpm) - load((omega as number) * rpm)) / J], 0, [from], 60);
    expect((y[0] as number) * rpm).toBeCloseTo(value(first?.running?.flow), 1);
  });

  it('runs within a millionth of where a bisection ends', () => {
    if (!runningUp) return;
    const [, { torque, top_rpm }] = runningUp.curves;
    const settles = value(first?.running?.flow);
    // What is loaded once it runs is held against what it needs then.
    const isLoadedLater = runningUp.load(settles) < 0.999 * value(first?.running?.effort);
    const needs = isLoadedLater ? () => value(first?.running?.effort) : runningUp.load;
    const above = bisected((n) => torque(n) - needs(n), settles - 0.02 * top_rpm, Math.min(top_rpm, settles + 0.02 * top_rpm));
    expect(Math.abs(settles / above - 1)).toBeLessThan(1e-6);
  });

  it('runs up in the time that an integration takes, to a thousandth', () => {
    const time = line.figures.get('main/source')?.get('runs-up-in');
    if (!runningUp || !time?.known) return;
    const [, curve] = runningUp.curves;
    const J = value(line.figures.get('main/source')?.get('inertia-at-motor'));
    // Up to where it would stay as it runs up: what is loaded later is empty until then.
    const settles = value(line.figures.get('main/source')?.get('settles-at'));
    const upTo = 0.98 * bisected((n) => curve.torque(n) - runningUp.load(n), settles - 0.02 * curve.top_rpm, curve.top_rpm);
    // Time over speed, dt/dω = J over the surplus: it needs no looking for when it gets there. A switch that opens on the way is a step: up to it, and on from it.
    const stops = [0, ...(curve.switch_rpm !== null && curve.switch_rpm < upTo ? [curve.switch_rpm] : []), upTo];
    const seconds = stops.slice(1).reduce((sum, to, k) => {
      const solver = new Solver(1);
      solver.absoluteTolerance = 1e-10;
      solver.relativeTolerance = 1e-10;
      const [from, end] = [(stops[k] as number) / rpm, to / rpm];
      const inside = (omega: number) => Math.min(Math.max(omega * rpm, (stops[k] as number) + 1e-9), to - 1e-9);
      return sum + (solver.solve((omega) => [J / (curve.torque(inside(omega)) - runningUp.load(inside(omega)))], from, [0], end).y[0] as number);
    }, 0);
    expect(Math.abs(value(time) / seconds - 1)).toBeLessThan(1e-3);
  });

  it('loses on the way what does not arrive, to a thousandth of a millionth', () => {
    for (const [k, stage] of (build.lines[0]?.stages ?? []).entries()) {
      const [before, behind] = [line.stations[k]?.running?.power, line.stations[k + 1]?.running?.power];
      if (!before?.known || !behind?.known) continue;
      const own = line.figures.get(`main/${stage.id}`);
      const lost = value(own?.get('running-lost-to-friction')) + (own?.has('running-lost-to-slip') ? value(own.get('running-lost-to-slip')) : 0);
      expect(Math.abs(before.value - behind.value - lost)).toBeLessThan(1e-9 * before.value);
    }
  });

  it('is likely between its least and its most', () => {
    for (const { running } of line.stations)
      for (const figure of running ? [running.flow, running.effort, running.power] : []) {
        if (!figure.known) continue;
        expect(figure.value).toBeGreaterThanOrEqual(lowEnd(figure));
        expect(figure.value).toBeLessThanOrEqual(highEnd(figure));
      }
  });
});

// By hand: 345 N at wheels of 330 mm are 56.925 N·m; over 38/11 and 0.96 of the chain 17.1649, over 15 and 0.8 of the worm 1.43041 N·m. A governed engine of 1.8 kW
// at 3600 rpm has 4.77465 N·m there and nothing 6 % above, at 3816, in a straight line: 3816 − 216 · 1.43041/4.77465 = 3751.29 rpm; 1.43041 N·m at that are 561.9 W.
it('the kelp cart by hand: its engine turns at 3751 rpm with 562 W on the droop of its governor', () => {
  const [, build] = demos.find(([name]) => name === 'kelp-cart.json') as (typeof demos)[number];
  const [motor, , wheels] = walked(build).walked.stations;
  expect(value(motor?.running?.flow)).toBeCloseTo(3751.29, 2);
  expect(value(motor?.running?.effort)).toBeCloseTo(1.43041, 5);
  expect(value(motor?.running?.power)).toBeCloseTo(561.9, 1);
  expect(value(wheels?.running?.effort)).toBeCloseTo(56.925, 9);
});

describe('the crusher, by hand', () => {
  const { walked: line } = walked(crusher());
  const [motor, roll] = line.stations;

  // Kloss's relation the other way round, which nothing here uses: from 2 / (s/s_b + s_b/s) = T/T_b follows s = s_b (m - √(m² - 1)) with m = T_b/T.
  it('turns at 1447 rpm: the slip at which Kloss’s relation has what 8 N·m at the roll take of it', () => {
    const T = 8 / ((250 / 75) * 0.96);
    const T_b = value(line.figures.get('main/source')?.get('most-torque'));
    // A motor with a start capacitor has 2.2 times its rated torque at most; a long lead takes some of the torque, and no slip.
    const s_b = 0.05 * (2.2 + Math.sqrt(2.2 ** 2 - 1));
    const m = T_b / T;
    const n = 1500 * (1 - s_b * (m - Math.sqrt(m * m - 1)));
    expect(T).toBeCloseTo(2.5, 4);
    expect(n).toBeCloseTo(1447, 0);
    expect(value(motor?.running?.flow)).toBeCloseTo(n, 3);
    expect(value(motor?.running?.effort)).toBeCloseTo(2.5, 4);
    // 2.5 N·m at 151.5 rad/s; a hundredth of slip less behind the belt, and 8 N·m there.
    expect(value(motor?.running?.power)).toBeCloseTo((2.5 * n) / rpm, 1);
    expect(value(roll?.running?.flow)).toBeCloseTo((n * 0.99) / (10 / 3), 3);
    expect(value(roll?.running?.effort)).toBe(8);
  });

  it('says both where they differ by more than 15 %, and nothing where they do not', () => {
    const says = (typed: Record<string, string>) => {
      const build = afterTyping(crusher(), typed);
      return sayAll(evaluateBuild(build, kinds).says, wordingFor(build));
    };
    expect(says({})).toContain('It runs at 1447 rpm and 379 W; full load is 550 W at 1425 rpm.');
    expect(says({ 'main/work/torque': '11.5 N m' })).not.toContain('full load');
  });

  it.each([
    [{ 'main/source/power': '90 W' }, 'it does not run up: it never leaves rest'],
    [
      { 'main/work/torque': '40 N m', 'main/work/breakaway': '2 N m', 'main/work/loaded': 'from-rest' },
      /^it does not run up: it hangs at [\d.]+ rpm and overheats/i,
    ],
    [{ 'main/work/torque': '80 N m', 'main/work/breakaway': '2 N m', 'main/work/loaded': 'up-to-speed' }, 'it stalls once it is loaded'],
  ])('%j does not run, and says why', (typed, why) => {
    const build = afterTyping(crusher(), typed as Record<string, string>);
    const running = walked(build).walked.stations[0]?.running;
    expect(running).not.toBeNull();
    for (const figure of [running?.flow, running?.effort, running?.power]) {
      expect(figure?.known).toBe(false);
      if (figure?.known) continue;
      const because = figure?.because ?? '';
      expect(typeof because === 'string' ? because : say(because, wordingFor(build))).toMatch(why);
    }
  });
});

// A fan at half the slip: with the square of its speed it takes more there than at full load.
it('work that grows with the square of its speed takes more where it runs faster, by the affinity laws', () => {
  const { walked: line } = walked(afterTyping(crusher(), { 'main/work/growth': 'square' }));
  const [, roll] = line.stations;
  const faster = value(roll?.running?.flow) / value(roll?.flow);
  expect(faster).toBeGreaterThan(1.01);
  expect(value(roll?.running?.effort)).toBeCloseTo(8 * faster ** 2, 6);
});

/** A stage of every kind as it begins. */
const stages: readonly (readonly [string, StageReady])[] = kindHeads('stage').map((kind) => {
  const build = withStageAdded(crusher(), 'main', 1, kind.kind, kind.begins?.(3));
  const placed = elementsOf(build.lines[0] as Build['lines'][number])[3] as ReturnType<typeof elementsOf>[number];
  const { inputs, path } = openElement(placed, kinds);
  return [kind.kind, (kinds.get(`stage:${kind.kind}`) as StageKind).ready(inputs, contextAt(path, kind, new Map()))];
});

describe.each(stages)('%s in plain numbers', (kind, { passes, ratio, efficiency, slip }) => {
  const ends = { heaviest: lowEnd, likely: (figure: Known) => figure.value, lightest: highEnd } as const;

  it.each(['heaviest', 'likely', 'lightest'] as const)(
    'is what its figures are, at the end that is %s; nothing is gained or lost otherwise',
    (end) => {
      const passing = passes(end);
      if (!passing) {
        expect([kind, ratio.known && efficiency.known && slip.known]).toEqual([kind, false]);
        return;
      }
      const at = (figure: Figure<'1'>) => fixed('1', ends[end](figure as Known<'1'>), '');
      const [i, k, s] = [at(ratio), at(efficiency), at(slip)];
      const states = fc.record({ flow: fc.double({ min: 1, max: 5_000, noNaN: true }), effort: fc.double({ min: 0.01, max: 500, noNaN: true }) });
      fc.assert(
        fc.property(states, (driving) => {
          const driven = passing.forward(driving);
          expect(driven.flow).toBe(value(drivenSpeed({ n1: known('rpm', driving.flow, i.origin), i, s })));
          expect(driven.effort).toBe(value(carriedTorque({ T1: known('N·m', driving.effort, i.origin), i, k })));
          const back = passing.backward(driven);
          expect(back.effort).toBe(value(neededBefore({ T_2: known('N·m', driven.effort, i.origin), i, k })));
          // There and back again it is what it was, and what is lost is the shares of speed and of torque.
          expect(back.flow / driving.flow).toBeCloseTo(1, 12);
          expect(back.effort / driving.effort).toBeCloseTo(1, 12);
          expect((driven.flow * driven.effort) / (driving.flow * driving.effort)).toBeCloseTo(k.value * (1 - s.value), 12);
        }),
        { seed: 24, numRuns: 1_000 },
      );
    },
  );
});

describe('a chain of stages', () => {
  const known_ = stages.flatMap(([, stage]) => (stage.passes('likely') ? [stage] : []));

  it('has its load at the source the same whether it is worked out at every speed or once', () => {
    expect(known_.length).toBeGreaterThan(3);
    const even = chainOf(known_, 'likely');
    if (!even) throw new Error('not known');
    fc.assert(
      fc.property(
        fc.constantFrom(0, 1, 2),
        fc.double({ min: 1, max: 3_000, noNaN: true }),
        fc.double({ min: 0.1, max: 100, noNaN: true }),
        (growth, n, torque) => {
          const demand = { torque, at: 423, growth };
          const once = loadThrough(even, demand)(n);
          expect(loadThrough({ ...even, isEven: false }, demand)(n) / once).toBeCloseTo(1, 10);
        },
      ),
      { seed: 25, numRuns: 500 },
    );
  });

  it('is not known while one of its stages is not', () => {
    const open = stages.find(([, stage]) => !stage.passes('likely'))?.[1];
    expect(open).toBeDefined();
    expect(chainOf([...known_, open as StageReady], 'likely')).toBeNull();
  });
});
