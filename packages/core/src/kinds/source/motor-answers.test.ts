import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { check, direct, figure, put } from '../../../test/on-the-crusher.js';
import { highEnd, type Known, lowEnd } from '../../figure/figure.js';
import { lockedSeconds } from '../../formulas/motor/locked-seconds.js';
import { runSeries } from '../shared/brushed/series-motor.js';
import { forAMinute } from '../shared/motor.js';
import { saturated } from '../shared/saturation.js';
import { bestMagnetising, currentFor, torqueOf } from './vector-motor/field.js';

interface Salvaged {
  readonly id: string;
  readonly seen: {
    readonly mass_kg: number | null;
    readonly diameter_mm: number | null;
    readonly length_mm: number | null;
    readonly size_of: string | null;
  };
  readonly truth: { readonly family: string; readonly power_W: { readonly v: number }; readonly speed_rpm: number };
}
const salvaged = JSON.parse(readFileSync(new URL('../../../test/reference/known-motors.json', import.meta.url), 'utf8')) as readonly Salvaged[];
const width = (each: Known) => highEnd(each) / lowEnd(each);

describe('for a minute', () => {
  // IEC 60034-1, 9.3 (from memory): commutator motors 1.5 times the rated current for a minute, three phases for two.
  it('at least one and a half times the rated current, and no more than heats copper alone to where its varnish goes', () => {
    const minute = forAMinute as Known;
    expect(lowEnd(minute)).toBeGreaterThanOrEqual(1.5);
    expect(lockedSeconds.compute({ theta_1: 75, theta_2: 160, k: minute.value, J: 6.5 })).toBeCloseTo(60, 3);
  });

  it.each([
    ['pm-dc', { voltage: '90 V', current: '5.2 A', speed: '1750', power: '1/2 hp', powerIs: 'shaft' }, direct('90 V')],
    ['universal', { voltage: '230 V', power: '590 W', powerIs: 'input', speed: '12000' }, {}],
    ['wound-dc', { field: 'series', voltage: '110 V', current: '4.7 A', speed: '1450', power: '0.37 kW', powerIs: 'shaft' }, direct('110 V')],
    ['brushless', { sort: 'servo', torque: '1.27 N·m', speed: '3000', voltage: '320 V', sensors: 'encoder' }, direct('320 V')],
    ['plate-motor', { power: '0.55 kW', powerIs: 'shaft', speed: '1425', phases: '3' }, {}],
    ['gearmotor', { inside: 'dc', speed: '42', torque: '6 N·m', gears: 'worm' }, direct('12 V')],
  ] as const)('more than for good, less than at the most: %s', (kind, entries, feed) => {
    const build = put(kind, entries, feed);
    const minute = figure(build, 'for-a-minute');
    expect(minute.value).toBeGreaterThan(1.1 * figure(build, kind === 'plate-motor' ? 'lasting-torque' : 'torque').value);
    expect(minute.value).toBeLessThanOrEqual(figure(build, kind === 'plate-motor' ? 'most-torque' : 'torque-at-rest').value);
  });

  it('no more than the supply drives through it', () => {
    const entries = { voltage: '90 V', current: '5.2 A', speed: '1750', power: '1/2 hp', powerIs: 'shaft' };
    const [all, some] = [put('pm-dc', entries, direct('90 V')), put('pm-dc', entries, { ...direct('90 V'), amps: '6 A' })];
    expect(figure(some, 'for-a-minute').value).toBeLessThan(0.7 * figure(all, 'for-a-minute').value);
  });
});

describe('a field that goes with current and volts', () => {
  // By hand: 180 V of turning at 1000 rpm and 20 A are 1.719 V·s; at 40 A, three tenths of it doubled, 2.235; (200 − 40) / 2.235 = 71.6 rad/s = 684 rpm.
  it('compound: three tenths of its field in series, iron that is not full', () => {
    const run = runSeries({ V_n: 200, I_n: 20, pf: 1, n: 1000, P: 3600, R: 1, s: 1e9, c: 0.3, w: 0 }, { V: 200, x: 0, r: 0, air: 1 });
    expect(run?.speedAt(40)).toBeCloseTo(683.8, 0);
    expect(run?.speedAt(20)).toBeCloseTo(1000, 6);
    expect(run?.current(run.speedAt(40))).toBeCloseTo(40, 4);
  });

  // Textbooks on electric machines: cumulative compound between shunt and series, in droop, in torque at rest, and unloaded.
  it('a compound motor is between a shunt and a series motor', () => {
    const entries = { voltage: '110 V', current: '10 A', speed: '1450', power: '0.8 kW', powerIs: 'shaft', resistance: '1.5 Ω' };
    const [shunt, compound, series] = ['shunt', 'compound', 'series'].map((field) => put('wound-dc', { ...entries, field }, direct('110 V')));
    for (const name of ['highest-speed', 'torque-at-rest']) {
      const [least, between, most] = [shunt, compound, series].map((build) => figure(build as never, name).value);
      expect(between, name).toBeGreaterThan(least as number);
      expect(between, name).toBeLessThan(most as number);
    }
    // Its supply is not quite smooth: a little less current for good than its plate has, and a little faster.
    expect(Math.abs(figure(compound as never, 'speed').value / 1450 - 1)).toBeLessThan(0.01);
  });

  it('a shunt motor on half its voltage turns at half with its field apart, faster with it on the same supply, and not known which anything between', () => {
    const entries = { field: 'shunt', voltage: '110 V', current: '10 A', speed: '1450', power: '0.8 kW', powerIs: 'shaft', resistance: '1 Ω' };
    const [apart, same, neither] = ['apart', 'same', ''].map((fieldFed) => {
      return figure(put('wound-dc', fieldFed ? { ...entries, fieldFed } : entries, direct('55 V')), 'speed');
    }) as [Known, Known, Known];
    // (55 − 10·1 A or less) over (110 − 10) of the speed, by the current that its slower fan allows.
    expect(apart.value).toBeGreaterThan(0.43 * 1450);
    expect(apart.value).toBeLessThan(0.5 * 1450);
    expect(same.value).toBeGreaterThan(1.1 * apart.value);
    expect(highEnd(same)).toBeLessThan(1450);
    expect(lowEnd(neither)).toBeLessThanOrEqual(lowEnd(apart) * 1.01);
    expect(highEnd(neither)).toBeGreaterThanOrEqual(highEnd(same) * 0.99);
  });
});

describe('a motor under a field-oriented drive', () => {
  const point = { T_n: 3.69, I_m: 1.49, I_q: 2.13, a: 2 };
  const half = { power: '0.55 kW', speed: '1425', voltage: '230 V', current: '2.6 A', frequency: '50 Hz', powerFactor: '0.74', sensors: 'encoder' };

  // Leonhard, Control of Electrical Drives (from memory): with a field in proportion to its current the most torque of a current is at 45°.
  it('iron that is not full: the most torque with 1/√2 of the current magnetising', () => {
    expect(bestMagnetising({ I_m: 1.5, a: 0 }, 5)).toBeCloseTo(5 / Math.SQRT2, 6);
    expect(bestMagnetising({ I_m: 1.5, a: 2 }, 5)).toBeLessThan(5 / Math.SQRT2);
  });

  it('what is best is better than a little more and a little less; a torque needs the current that makes it', () => {
    const any = fc.record({
      I: fc.double({ min: 1, max: 20, noNaN: true }),
      a: fc.double({ min: 0, max: 5, noNaN: true }),
      u: fc.double({ min: 0.05, max: 0.95, noNaN: true }),
    });
    fc.assert(
      fc.property(any, ({ I, a, u }) => {
        const motor = { ...point, a };
        const best = bestMagnetising(motor, I);
        const most = torqueOf(motor, I, best);
        expect(most).toBeGreaterThanOrEqual(torqueOf(motor, I, u * I) * (1 - 1e-9));
        expect(currentFor(motor, torqueOf(motor, I, u * I), u * I)).toBeCloseTo(I, 6);
      }),
      { seed: 29 },
    );
  });

  // By hand: sin φ = 0.6726, of which 0.85 · 2.6 A = 1.487 A magnetise and √(2.6² − 1.487²) = 2.133 A make 3.686 N·m; 5 A leave √(25 − 2.21) = 4.774 A.
  it('a 0.55 kW motor with 5 A has 8.2 N·m from rest', () => {
    const build = put('vector-motor', { ...half, most: '5 A' });
    expect(figure(build, 'rated-magnetising').value).toBeCloseTo(1.487, 2);
    expect(figure(build, 'torque-at-rest').value).toBeCloseTo((3.686 * 4.774) / 2.133, 1);
    expect(figure(build, 'poles').value).toBe(4);
    expect(figure(build, 'torque').value).toBeCloseTo(3.686, 1);
  });

  it('more magnetising current: more torque, and sooner out of volts; twice of it a tenth to a third more field', () => {
    expect(saturated(2, 1)).toBeCloseTo(4 / 3, 6);
    expect(saturated(2, 4)).toBeCloseTo(10 / 9, 6);
    const [rated, more] = [put('vector-motor', { ...half, most: '8 A' }), put('vector-motor', { ...half, most: '8 A', magnetising: '3 A' })];
    expect(figure(more, 'torque-at-rest').value).toBeGreaterThanOrEqual(figure(rated, 'torque-at-rest').value);
    expect(figure(more, 'base-speed').value).toBeLessThan(0.9 * figure(rated, 'base-speed').value);
    expect(check(more, 'iron')?.verdict).toBe('close');
    expect(check(put('vector-motor', { ...half, most: '3 A', magnetising: '3.5 A' }), 'iron')?.verdict).toBe('fails');
  });

  it('over its volts it weakens; twice over it does not get there; turned slowly its own fan leaves it less', () => {
    const at = (set: string, more = {}) => put('vector-motor', { ...half, most: '5 A', set, ...more });
    const [slow, rated, fast, most] = [at('200'), at('1200'), at('2200'), at('4000')];
    expect(check(rated, 'reach')?.verdict).toBe('holds');
    expect(check(fast, 'reach')?.verdict).toBe('close');
    expect(check(most, 'reach')?.verdict).toBe('fails');
    expect(figure(fast, 'torque').value).toBeLessThan(0.7 * figure(rated, 'torque').value);
    expect(figure(slow, 'torque').value).toBeLessThan(0.9 * figure(at('200', { fan: 'blown' }), 'torque').value);
  });

  it('without an encoder little is sure at rest, and the drive’s current is held against the work', () => {
    const blind = figure(put('vector-motor', { ...half, most: '5 A', sensors: 'none' }), 'torque-at-rest');
    expect(lowEnd(blind)).toBeLessThan(0.5 * highEnd(blind));
    const [little, enough] = ['1.7 A', '6 A'].map((most) => check(put('vector-motor', { ...half, most }), 'limit')?.verdict);
    expect([little, enough]).toEqual(['fails', 'holds']);
  });

  it('on a battery it has the volts that its drive makes of direct ones', () => {
    const build = put('vector-motor', { ...half, most: '5 A' }, direct('162.6 V'));
    // 162.6 V direct are 115 V between phases at the very most: half of the speed.
    expect(highEnd(figure(build, 'base-speed'))).toBeCloseTo(712.5, 0);
  });
});

describe('driven by its load', () => {
  it('a motor with magnets makes the volts of its speed: those of its plate less what its winding took', () => {
    const build = put(
      'pm-dc',
      { voltage: '90 V', current: '5.2 A', speed: '1750', power: '1/2 hp', powerIs: 'shaft', resistance: '1.65 Ω' },
      direct('90 V'),
    );
    const made = figure(build, 'volts-driven');
    // 90 − 5.2·1.65 = 81.4 V, and one to two and a half volts in the brushes.
    expect(lowEnd(made)).toBeGreaterThan(78.8);
    expect(highEnd(made)).toBeLessThan(80.5);
  });

  it('an induction motor on the mains holds back with at least its breakdown torque, on direct current and on a converter with none', () => {
    const entries = { power: '0.55 kW', powerIs: 'shaft', speed: '1425', phases: '3' };
    const build = put('plate-motor', entries);
    expect(figure(build, 'holds-back').value).toBeGreaterThanOrEqual(figure(build, 'most-torque').value);
    expect(figure(put('plate-motor', { ...entries, third: 'converter' }), 'holds-back')).toBeUndefined();
  });
});

describe('by its weight and its iron', () => {
  const families: Readonly<Record<string, readonly [string, Readonly<Record<string, string>>]>> = {
    universal: ['universal', {}],
    'pm-dc': ['pm-dc', {}],
    'wound-dc': ['wound-dc', { field: 'shunt' }],
    'split-phase': ['plate-motor', { phases: '1', start: 'split-phase' }],
    'capacitor-start': ['plate-motor', { phases: '1', start: 'capacitor-start' }],
    'capacitor-run': ['plate-motor', { phases: '1', start: 'capacitor-run' }],
    'two-capacitor': ['plate-motor', { phases: '1', start: 'both-capacitors' }],
    'three-phase': ['plate-motor', { phases: '3' }],
    'shaded-pole': ['plate-motor', { phases: '1', start: 'shaded-pole' }],
  };
  // km-15, a starter, is rated for seconds; km-19 has a second winding that its plate speed does not use.
  const others = new Set(['km-15', 'km-19']);
  const weighed = salvaged.filter(({ id, seen, truth }) => truth.family in families && !others.has(id) && seen.mass_kg && truth.power_W.v > 0);

  it.each(weighed.map((each) => [each.id, each] as const))('%s, weighed: its power is within what is told', (_, { seen, truth }) => {
    const [kind, entries] = families[truth.family] as (typeof families)[string];
    const power = figure(put(kind, { ...entries, speed: `${truth.speed_rpm}`, weight: `${seen.mass_kg} kg` }), 'power');
    expect(lowEnd(power)).toBeLessThanOrEqual(truth.power_W.v);
    expect(highEnd(power)).toBeGreaterThanOrEqual(truth.power_W.v);
    expect(width(power)).toBeLessThan(9);
  });

  const stacked = weighed.filter(({ seen }) => seen.size_of === 'stack' && seen.diameter_mm && seen.length_mm);
  it.each(stacked.map((each) => [each.id, each] as const))('%s, its iron measured: narrower than by its weight', (_, { seen, truth }) => {
    const [kind, entries] = families[truth.family] as (typeof families)[string];
    const typed = { ...entries, speed: `${truth.speed_rpm}`, weight: `${seen.mass_kg} kg` };
    const iron = figure(put(kind, { ...typed, stack: `${seen.length_mm} mm`, across: `${seen.diameter_mm} mm` }), 'power');
    expect(lowEnd(iron)).toBeLessThanOrEqual(truth.power_W.v);
    expect(highEnd(iron)).toBeGreaterThanOrEqual(truth.power_W.v);
    expect(width(iron)).toBeLessThanOrEqual(width(figure(put(kind, typed), 'power')) * 1.05);
  });

  it('what its plate says goes before its weight', () => {
    const plate = { power: '0.55 kW', powerIs: 'shaft', speed: '1425', phases: '3' };
    expect(figure(put('plate-motor', { ...plate, weight: '3 kg' }), 'power').value).toBe(550);
    expect(figure(put('pm-dc', { voltage: '24 V', current: '10 A', speed: '2700', weight: '40 kg' }, direct('24 V')), 'power').value).toBeLessThan(
      240,
    );
  });
});
