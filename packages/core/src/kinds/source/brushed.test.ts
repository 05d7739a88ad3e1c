import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { Solver } from '../../../test/odex.js';
import { check, direct, figure, put } from '../../../test/on-the-crusher.js';
import { randomLines } from '../../../test/random-lines.js';
import { type ToldBuild } from '../../../test/told.js';
import { highEnd, type Known, lowEnd } from '../../figure/figure.js';
import { walk } from '../../procedures/walk-line.js';
import { type Kinds, loadKinds } from '../registry.js';
import { runSeries } from '../shared/brushed/series-motor.js';
import { pullOutAt } from './stepper/pull-out.js';

let kinds: Kinds;
beforeAll(async () => {
  kinds = await loadKinds();
});

interface Truth {
  readonly power_W: { readonly low: number; readonly high: number };
  readonly speed_rpm: number;
  readonly current_A: number;
}
const motors = JSON.parse(readFileSync(new URL('../../../test/reference/known-motors.json', import.meta.url), 'utf8')) as readonly {
  readonly id: string;
  readonly truth: Truth;
}[];
const truthOf = (id: string): Truth => motors.find((each) => each.id === id)?.truth as Truth;

const holds = (figure: Known, value: number, off = 0) => {
  expect(lowEnd(figure)).toBeLessThanOrEqual(value * (1 + off));
  expect(highEnd(figure)).toBeGreaterThanOrEqual(value * (1 - off));
};

const treadmill = { voltage: '130 V', current: '10 A', speed: '4300', power: '2.75 hp', powerIs: 'peak', resistance: '1.3 to 2.0' };

describe('known motors whose plate is complete, at the point of the plate', () => {
  it.each([
    ['km-07', 'pm-dc', treadmill, direct('130 V')],
    ['km-10', 'pm-dc', { voltage: '24 V', current: '13.8 A', speed: '2700', power: '250 W', powerIs: 'shaft' }, direct('24 V')],
    [
      'km-13',
      'pm-dc',
      { voltage: '90 V', current: '5.2 A', speed: '1750', power: '1/2 hp', powerIs: 'shaft', resistance: '1.4 to 1.9' },
      direct('90 V'),
    ],
    [
      'km-03',
      'universal',
      { voltage: '120 V', current: '12 A', speed: '20000', power: '2.25 hp', powerIs: 'shaft', resistance: '1.1 to 1.5' },
      { voltage: '120 V', current: 'ac', frequency: '60 Hz', phases: '1' },
    ],
    [
      'km-01',
      'universal',
      { voltage: '230 V', power: '1200 W', powerIs: 'input', speed: '30000', resistance: '3.9 to 4.7' },
      { voltage: '230 V', current: 'ac', frequency: '50 Hz', phases: '1' },
    ],
    [
      'km-05',
      'universal',
      { voltage: '230 V', power: '550 W', powerIs: 'input', speed: '22000', resistance: '13.6 to 15.1' },
      { voltage: '230 V', current: 'ac', phases: '1' },
    ],
  ] as const)('%s, %s', (id, kind, entries, feed) => {
    const { power_W, speed_rpm, current_A } = truthOf(id);
    const build = put(kind, entries, feed);
    const power = figure(build, 'power');
    // Power as likely within what is true of it, and its band about as wide.
    expect(power.value).toBeGreaterThanOrEqual(power_W.low);
    expect(power.value).toBeLessThanOrEqual(power_W.high);
    holds(figure(build, 'speed'), speed_rpm, 0.06);
    holds(figure(build, 'current'), current_A, 0.05);
    holds(figure(build, 'torque'), (30 * power.value) / (Math.PI * speed_rpm), 0.06);
  });

  it('horsepower that volts and amps cannot make is said to be sales talk', () => {
    const build = put('universal', { voltage: '120 V', current: '12 A', speed: '20000', power: '2.25 hp', powerIs: 'shaft' });
    expect(check(build, 'plate')).toMatchObject({ verdict: 'unknown', says: expect.stringContaining('sales talk') });
  });
});

// km-05: 2800 on the plate of a drill is its chuck's.
it('the speed of a chuck is no speed of a universal motor', () => {
  expect(check(put('universal', { voltage: '230 V', power: '550 W', powerIs: 'input', speed: '2800' }), 'geared')?.verdict).toBe('unknown');
});

describe('other known motors whose plate is complete', () => {
  const one = { phases: '1', powerIs: 'shaft', start: 'capacitor-start' };
  it.each([
    [
      'km-16',
      'plate-motor',
      { power: '1/3 hp', voltage: '115 V', frequency: '60 Hz', phases: '1', speed: '1725', current: '6.2 A', powerIs: 'shaft', start: 'split-phase' },
    ],
    ['km-20', 'plate-motor', { ...one, power: '1.5 hp', voltage: '230 V', frequency: '60 Hz', speed: '3450', current: '10.5 A' }],
    [
      'km-29',
      'plate-motor',
      {
        power: '2.2 kW',
        voltage: '230 V',
        frequency: '50 Hz',
        phases: '1',
        speed: '2850',
        current: '14 A',
        powerIs: 'shaft',
        start: 'both-capacitors',
      },
    ],
    [
      'km-33',
      'plate-motor',
      { power: '1.5 kW', voltage: '400 V', frequency: '50 Hz', phases: '3', speed: '1410', current: '3.5 A', powerIs: 'shaft' },
    ],
    ['km-35', 'plate-motor', { power: '4 kW', voltage: '400 V', frequency: '50 Hz', phases: '3', speed: '2890', current: '8 A', powerIs: 'shaft' }],
    [
      'km-40',
      'brushless',
      { sort: 'servo', power: '400 W', current: '2.7 A', torque: '1.27 N·m', speed: '3000', voltage: '300 V', sensors: 'encoder' },
    ],
    ['km-41', 'brushless', { sort: 'servo', power: '2.83 kW', current: '6.9 A', speed: '3000', voltage: '560 V', sensors: 'encoder' }],
  ] as const)('%s, %s', (id, kind, entries) => {
    const { power_W, speed_rpm, current_A } = truthOf(id);
    const build = put(kind, entries);
    const power = figure(build, 'power');
    expect(power.value).toBeGreaterThanOrEqual(power_W.low);
    expect(power.value).toBeLessThanOrEqual(power_W.high);
    holds(figure(build, 'speed'), speed_rpm, 0.02);
    holds(figure(build, 'current'), current_A, 0.05);
    holds(figure(build, 'torque'), (30 * power.value) / (Math.PI * speed_rpm), 0.03);
  });

  // The box’s output: 46 rpm, 0.27 kW within 220 to 310 W.
  it('km-46, a worm gearmotor', () => {
    const build = put('gearmotor', {
      inside: 'three-phase',
      power: '0.37 kW',
      speed: '46',
      ratio: '30',
      gears: 'worm',
      voltage: '400 V',
      current: '1.1 A',
    });
    const { power_W } = truthOf('km-46');
    expect(lowEnd(figure(build, 'power'))).toBeLessThanOrEqual(power_W.high);
    expect(highEnd(figure(build, 'power'))).toBeGreaterThanOrEqual(power_W.low);
  });
});

describe('what is better known is never less sure', () => {
  const band = (known: Known) => highEnd(known) - lowEnd(known);
  it.each([
    ['pm-dc', { voltage: '130 V', current: '10 A', speed: '4300' }, 'resistance', '1.4 Ω', ['torque-at-rest', 'held-current', 'highest-speed']],
    ['pm-dc', { voltage: '130 V', current: '10 A', speed: '4300' }, 'power', '1 kW', ['power', 'torque']],
    ['universal', { voltage: '230 V', power: '1200 W', powerIs: 'input', speed: '20000' }, 'resistance', '6 Ω', ['torque-at-rest', 'held-current']],
    ['universal', { voltage: '230 V', power: '1200 W', powerIs: 'input', speed: '20000' }, 'current', '5.5 A', ['held-current', 'current']],
    ['stepper', { holding: '2.2 N·m', current: '4.2 A', resistance: '0.6', speed: '600' }, 'inductance', '3.2 mH', ['torque']],
    ['gearmotor', { inside: 'dc', power: '40 W', speed: '42', ratio: '60' }, 'gears', 'worm', ['power', 'torque-at-rest']],
  ] as const)('%s with its %s', (kind, entries, name, text, figures) => {
    const feed = kind === 'stepper' ? direct('48 V') : kind === 'pm-dc' ? direct('130 V') : {};
    const [less, more] = [put(kind, entries, feed), put(kind, { ...entries, [name]: text }, feed)];
    for (const each of figures) expect(band(figure(more, each)), each).toBeLessThanOrEqual(band(figure(less, each)) * (1 + 1e-9));
  });
});

describe('the wrong supply', () => {
  it('a motor with magnets on the mains', () => {
    expect(check(put('pm-dc', treadmill, { voltage: '120 V', current: 'ac' }), 'direct')?.verdict).toBe('fails');
  });

  // By hand: half the volts, less what brushes and resistance take, at less current since its fan is slower.
  it('half the voltage is about half the speed and the torque that its slower fan leaves', () => {
    const [whole, half] = [put('pm-dc', treadmill, direct('130 V')), put('pm-dc', treadmill, direct('65 V'))];
    const share = figure(half, 'speed').value / figure(whole, 'speed').value;
    expect(share).toBeGreaterThan(0.42);
    expect(share).toBeLessThan(0.5);
    expect(figure(half, 'torque').value).toBeLessThan(figure(whole, 'torque').value);
    expect(figure(half, 'torque').value).toBeGreaterThan(0.7 * figure(whole, 'torque').value);
  });

  it('twice the voltage', () => {
    expect(check(put('pm-dc', treadmill, direct('260 V')), 'over')?.verdict).toBe('fails');
  });

  it('a universal motor on direct current is faster, since nothing goes into reactance', () => {
    const entries = { voltage: '230 V', power: '1200 W', powerIs: 'input', speed: '20000' };
    const [ac, dc] = [put('universal', entries, { voltage: '230 V', current: 'ac' }), put('universal', entries, direct('230 V'))];
    expect(figure(dc, 'speed').value).toBeGreaterThan(1.02 * figure(ac, 'speed').value);
    expect(figure(dc, 'torque-at-rest').value).toBeGreaterThan(figure(ac, 'torque-at-rest').value);
  });

  it('a cleaner’s motor without its fan runs away, and withstands less', () => {
    const entries = { voltage: '230 V', power: '1200 W', powerIs: 'input', speed: '30000' };
    const [with_, without] = [put('universal', entries), put('universal', { ...entries, fan: 'none' })];
    expect(figure(without, 'highest-speed').value).toBeGreaterThan(1.3 * figure(with_, 'highest-speed').value);
    expect(figure(without, 'torque').value).toBeLessThan(0.5 * figure(with_, 'torque').value);
    expect(check(without, 'runaway')?.verdict).toBe('close');
  });
});

describe('solved a second way: circuit and shaft, moment by moment', () => {
  // V = R i + L di/dt + k ω, J dω/dt = k i − T_f − T.
  it('a motor with magnets settles where the straight line meets the load', () => {
    const [V, R, L, k, T_f, T, J] = [48, 0.8, 0.002, 0.25, 0.15, 2.35, 0.001];
    const solver = new Solver(2);
    const { y } = solver.solve((_, [i = 0, w = 0]) => [(V - R * i - k * w) / L, (k * i - T_f - T) / J], 0, [0, 0], 1);
    // dc-point-01: 10 A, 160 rad/s.
    expect(y[0]).toBeCloseTo(10, 3);
    expect(y[1]).toBeCloseTo(160, 2);
  });

  // v = (R + K ω) i + L di/dt with v = √2 V sin, at a speed that is held: mean of K i² over a half wave.
  it.each([8_000, 15_000, 20_000])('a series motor on alternating current at %d rpm', (n) => {
    const motor = { V_n: 230, I_n: 5, pf: 0.95, n: 15_000, P: 640, R: 6, s: 1e6, w: 0.5 };
    const run = runSeries(motor, { V: 230, x: 1, r: 0, air: 1 });
    const omega = (n * Math.PI) / 30;
    const E = 0.95 * 230 - 30;
    const K = E / ((15_000 * Math.PI) / 30) / 5;
    const L = (230 * Math.sqrt(1 - 0.95 ** 2)) / 5 / (2 * Math.PI * 50);
    const solver = new Solver(2);
    const slope = (t: number, [i = 0]: number[]) => [(Math.SQRT2 * 230 * Math.sin(2 * Math.PI * 50 * t) - (6 + K * omega) * i) / L, K * i * i];
    const settled = solver.solve(slope, 0, [0, 0], 0.2).y;
    const { y } = solver.solve(slope, 0.2, settled, 0.22);
    const made = ((y[1] as number) - (settled[1] as number)) / 0.02;
    const I = run?.current(n) as number;
    expect(made).toBeCloseTo(K * I * I, 4);
  });
});

// A synchronous machine of two phases, tried at every angle between its field and its volts: T = k·I·cos of what is in line with turning.
it.each([60, 300, 900])('a stepper follows the most that any load angle makes at %d rpm', (n) => {
  const [k, R, L, p, V] = [1.7, 0.6, 5, 50, 48];
  const [omega, X] = [(Math.PI * n) / 30, (p * (Math.PI * n * L)) / 30_000];
  const made = Array.from({ length: 3_600 }, (_, d) => {
    const angle = (d * Math.PI) / 1_800;
    // Volts less what turning makes, over the impedance: the part of the current in line with the turning.
    const [re, im] = [V * Math.cos(angle) - k * omega, V * Math.sin(angle)];
    return (k * (re * R + im * X)) / (R ** 2 + X ** 2);
  });
  expect(pullOutAt({ k, R, L, p, V, I: 1e6, u: 1 }, n)).toBeCloseTo(Math.max(0, ...made), 3);
});

it('a series motor at rest has what its curve has there, by its own resistance', () => {
  const entries = { field: 'series', voltage: '110 V', current: '4.7 A', speed: '1450', power: '0.37 kW', powerIs: 'shaft' };
  const [thick, thin] = ['1.5 Ω', '3 Ω'].map((resistance) => put('wound-dc', { ...entries, resistance }, direct('110 V')));
  const [more, less] = [figure(thick as ToldBuild, 'torque-at-rest').value, figure(thin as ToldBuild, 'torque-at-rest').value];
  // Half the resistance is twice the current, and of a field that the iron leaves room for more than twice the torque.
  expect(more).toBeGreaterThan(2 * less);
});

describe('properties of a series motor', () => {
  const motor = fc.record({
    V_n: fc.double({ min: 12, max: 400, noNaN: true }),
    I_n: fc.double({ min: 0.2, max: 30, noNaN: true }),
    pf: fc.double({ min: 0.85, max: 1, noNaN: true }),
    n: fc.double({ min: 1_000, max: 40_000, noNaN: true }),
    s: fc.double({ min: 0.3, max: 5, noNaN: true }),
    w: fc.double({ min: 0, max: 0.9, noNaN: true }),
    drop: fc.double({ min: 0.05, max: 0.3, noNaN: true }),
    eta: fc.double({ min: 0.3, max: 0.7, noNaN: true }),
    u: fc.double({ min: 0.3, max: 1.1, noNaN: true }),
  });

  it('more load is never faster, no more comes out than goes in, the top is over every speed at work', () => {
    let compared = 0;
    fc.assert(
      fc.property(motor, ({ V_n, I_n, pf, n, s, w, drop, eta, u }) => {
        const made = { V_n, I_n, pf, n, P: Math.min(eta, 0.97 * (pf - drop)) * V_n * I_n, R: (drop * V_n) / I_n, s, w };
        const run = runSeries(made, { V: u * V_n, x: 1, r: 0, air: 1 });
        // On so few volts its own friction holds it.
        if (!run || run.torque(0) <= 0) return;
        compared++;
        const top = run.top();
        expect(Number.isFinite(top)).toBe(true);
        let before = Number.POSITIVE_INFINITY;
        for (let k = 0; k <= 12; k++) {
          const at = (top * k) / 12;
          const [T, I] = [run.torque(at), run.current(at)];
          expect(T).toBeLessThanOrEqual(before + 1e-9);
          before = T;
          expect((T * at * Math.PI) / 30).toBeLessThanOrEqual(u * V_n * I * (1 + 1e-9));
        }
        expect(Math.abs(run.torque(top))).toBeLessThan(1e-3 * Math.max(run.torque(0), 1e-6));
      }),
      { seed: 29, numRuns: 400 },
    );
    expect(compared).toBeGreaterThan(300);
  });
});

it('of a thousand random motors of these kinds none is faster at work than unloaded, and none pulls harder the faster it turns', () => {
  const { line } = randomLines(29);
  const falling = new Set(['pm-dc', 'universal', 'wound-dc']);
  const seen = new Map<string, number>();
  for (let k = 0; k < 9_000; k++) {
    const random = line();
    const { kind } = random.source;
    if (!falling.has(kind) && kind !== 'brushless' && kind !== 'gearmotor') continue;
    const { runningUp, walked } = walk({ ...random, stages: [], stations: random.stations.slice(0, 1) }, kinds);
    const own = walked.figures.get('main/source');
    const [top, speed] = [own?.get('highest-speed'), own?.get('speed')];
    if (top?.known && speed?.known) expect(top.value, kind).toBeGreaterThanOrEqual(speed.value * (1 - 1e-9));
    if (top?.known) seen.set(kind, (seen.get(kind) ?? 0) + 1);
    for (const { torque, top_rpm } of falling.has(kind) ? (runningUp?.curves ?? []) : []) {
      const at = Array.from({ length: 9 }, (_, n) => torque((top_rpm * n) / 8));
      const slack = 1e-6 * Math.max(...at.map(Math.abs));
      for (let n = 1; n < at.length; n++) expect(at[n] as number, `${kind} ${at}`).toBeLessThanOrEqual((at[n - 1] as number) + slack);
    }
  }
  for (const kind of [...falling, 'brushless', 'gearmotor']) expect(seen.get(kind), kind).toBeGreaterThan(20);
});
