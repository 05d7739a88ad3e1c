import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { type ToldBuild, told } from '../../../../test/told.js';
import type { Known } from '../../../figure/figure.js';
import { type Kinds, loadKinds } from '../../registry.js';

let kinds: Kinds;
beforeAll(async () => {
  kinds = await loadKinds(crusher());
});

const typed = (entries: Readonly<Record<string, string>>): ToldBuild => told(afterTyping(crusher(), entries), kinds);
const check = (build: ToldBuild, name: string) => build.checks.find(({ id }) => id === `main/source/check-${name}`);
const figure = (build: ToldBuild, name: string) => build.lines[0]?.figures.get('main/source')?.get(name) as Known;
const carried = (build: ToldBuild) => build.lines[0]?.checks[0]?.margin?.worst ?? Number.NaN;

const threePhase = {
  'main/source/phases': '3',
  'main/source/start': '?',
  'main/source/power': '1.5 kW',
  'main/source/voltage': '230 V',
  'main/source/starVoltage': '400 V',
  'main/source/current': '5.9 A',
};

describe('a motor on the wall it is put to', () => {
  it('of 110 V burns on 230 V, and of 230 V does not turn on 110 V', () => {
    expect(check(typed({ 'main/source/voltage': '110 V' }), 'voltage')).toMatchObject({
      verdict: 'fails',
      says: expect.stringContaining('The plate says 110 V, the wall has 230 V: 109 % off'),
    });
    expect(check(typed({ 'supply/voltage': '110 V' }), 'voltage')?.verdict).toBe('fails');
  });

  // IEC 60034-1: zone A is ±5 %, zone B ±10 %.
  it.each([
    ['230 V', 'holds'],
    ['241 V', 'holds'],
    ['243 V', 'close'],
    ['252 V', 'close'],
    ['254 V', 'fails'],
    ['206 V', 'fails'],
  ])('of 230 V on %s %s', (wall, verdict) => {
    expect(check(typed({ 'supply/voltage': wall }), 'voltage')?.verdict).toBe(verdict);
  });

  it('between one phase and neutral where a single phase is put to three', () => {
    const there = typed({ 'supply/voltage': '400 V', 'supply/phases': '3' });
    expect(check(there, 'voltage')).toMatchObject({ verdict: 'holds', says: expect.stringContaining('231 V') });
    expect(there.cautions.join(' ')).toContain('between one phase and neutral');
    // Where it is said that the wall has one phase it has 400 V.
    expect(check(typed({ 'supply/voltage': '400 V', 'supply/phases': '1' }), 'voltage')?.verdict).toBe('fails');
  });

  // Common practice, no source: two thirds of the power and little torque at rest; 0.55 kW takes about 40 µF.
  it('of three phases on one: fails, or is close with a run capacitor, at less of its torque; with a converter it is whole', () => {
    const on = (third: string) =>
      typed({ ...threePhase, 'main/source/power': '0.55 kW', 'main/source/current': '2.6 A', 'main/source/third': third, 'supply/phases': '1' });
    const [none, with_, both, made] = [on('?'), on('run-capacitor'), on('both-capacitors'), on('converter')];
    expect([none, with_, made].map((each) => check(each, 'phases')?.verdict)).toEqual(['fails', 'close', 'holds']);
    expect(check(with_, 'phases')?.says).toMatch(/run capacitor of about .*3[0-9].* makes the third/);
    const share = (build: ToldBuild, name: string) => figure(build, name).value / figure(made, name).value;
    expect(share(with_, 'lasting-torque')).toBeCloseTo(0.7, 2);
    expect(share(with_, 'torque-at-rest')).toBeCloseTo(0.15, 2);
    expect(share(both, 'torque-at-rest')).toBeGreaterThan(2 * share(with_, 'torque-at-rest'));
  });

  // By hand: a motor of 230/400 V draws 5.9 A in delta and 5.9/√3 = 3.41 A in star, at the same power.
  it('of two voltages takes star or delta by the wall, and draws as much as that means', () => {
    const star = typed({ ...threePhase, 'supply/voltage': '400 V' });
    expect(check(star, 'voltage')?.verdict).toBe('holds');
    expect(figure(star, 'current').value).toBeCloseTo(3.406, 3);
    expect(star.cautions.join(' ')).toContain('connected in star; in delta it burns');
    const delta = typed({ ...threePhase, 'supply/voltage': '230 V', 'supply/phases': '3' });
    expect(check(delta, 'voltage')?.verdict).toBe('holds');
    expect(figure(delta, 'current').value).toBe(5.9);
    expect(delta.cautions.join(' ')).toContain('connected in delta');
    // Straight at the wall both have the same torque; behind a lead the larger current of delta loses more.
    const rest = (wall: Readonly<Record<string, string>>) =>
      figure(typed({ ...threePhase, ...wall, 'main/feed/length': '10 mm' }), 'torque-at-rest').value;
    expect(rest({ 'supply/voltage': '400 V' }) / rest({ 'supply/voltage': '230 V', 'supply/phases': '3' })).toBeCloseTo(1, 2);
  });

  it('of three phases does not start on one, and a capacitor that would run it is told', () => {
    const one = typed({ ...threePhase, 'supply/voltage': '230 V', 'supply/phases': '1' });
    // Steinmetz: 70 µF/kW at 230 V and 50 Hz.
    expect(check(one, 'phases')).toMatchObject({ verdict: 'fails', says: expect.stringContaining('90 to 120 µF') });
    expect(check(typed({ ...threePhase, 'supply/voltage': '230 V' }), 'phases')).toMatchObject({
      verdict: 'unknown',
      says: expect.stringContaining('enter phases at the wall'),
    });
  });

  // By hand: 120 · 60/4 = 1800; it lags by 75 · 1.2² = 108 rpm.
  it('of 50 Hz turns a fifth faster on 60 Hz, with less torque; of 60 Hz it burns on 50 Hz', () => {
    const faster = typed({ 'supply/frequency': '60 Hz' });
    expect(figure(faster, 'speed-on-wall').value).toBeCloseTo(1692, 0);
    expect(figure(faster, 'highest-speed').value).toBe(1800);
    expect(figure(faster, 'lasting-torque').value).toBeLessThan(0.9 * figure(faster, 'torque').value);
    expect(check(faster, 'frequency')).toMatchObject({ verdict: 'close', says: expect.stringContaining('it turns 1692 rpm, not 1425 rpm') });
    const slower = typed({ 'main/source/frequency': '60 Hz', 'main/source/speed': '1725' });
    expect(check(slower, 'frequency')).toMatchObject({ verdict: 'fails', says: expect.stringContaining('the motor burns') });
    // 460 V on 60 Hz is 383 V on 50 Hz: on 400 V it is fit.
    const fit = { ...threePhase, 'main/source/starVoltage': '?', 'main/source/voltage': '460 V', 'main/source/frequency': '60 Hz' };
    expect(check(typed({ ...fit, 'main/source/speed': '1740', 'supply/voltage': '400 V' }), 'frequency')?.verdict).toBe('close');
  });

  // By hand: 24 of 230 V at 60 for 50 Hz leave 0.087 of the flux; 75 rpm of lag over its square are 9900 rpm, more than the 1800 that the field turns.
  it('on hardly any volts per hertz does not turn: no speed below nought', () => {
    const weak = typed({ 'main/feed/voltage': '24 V', 'main/feed/frequency': '60 Hz' });
    expect(figure(weak, 'speed-on-wall')).toMatchObject({
      known: false,
      because: 'at the volts per hertz of this wall the motor is too weak to turn',
    });
    expect(weak.verdict).toBe('fails');
  });

  // By hand: 230 V and 1 to 29 A are 230 to 6670 VA: at the least they cannot drive 900 W, and likely (15 A, 3450 VA) more than the plate says.
  it('of a plate that its amps contradict has a likely power between what these can drive and what it says', () => {
    const power = figure(typed({ 'main/source/power': '900 W', 'main/source/powerIs': 'shaft', 'main/source/current': '1 to 29 A' }), 'power');
    expect(power.value).toBeLessThanOrEqual(power.high ?? power.value);
    expect(power.value).toBeGreaterThanOrEqual(power.low ?? power.value);
    expect(power.high ?? power.value).toBe(900);
  });

  it('is not judged while the wall is not entered: its figures are the plate’s', () => {
    const nowhere = typed({ 'supply/voltage': '?', 'supply/frequency': '?' });
    expect(check(nowhere, 'voltage')).toMatchObject({ verdict: 'unknown', says: expect.stringContaining('enter voltage at the wall') });
    expect(figure(nowhere, 'lasting-torque').value).toBe(figure(nowhere, 'torque').value);
    expect(check(typed({ 'supply/frequency': '?' }), 'voltage')?.verdict).toBe('unknown');
  });
});

describe('the lead', () => {
  // From memory of IEC 60335-1 and DIN VDE 0298-4: 0.5 mm² carries 3 A to 9 A, 1.5 mm² 16 to 18 A.
  it('of half a square millimetre gets hot under 9.6 A, and loses a tenth over 50 m', () => {
    const thin = typed({ 'main/feed/section': '0.5 mm²', 'main/feed/length': '50 m', 'main/source/current': '9.6 A', 'main/source/power': '1.5 kW' });
    expect(check(thin, 'lead')?.verdict).toBe('fails');
    // By hand: 2 · 50 · 0.0175/0.5 = 3.5 Ω; 33.6 V of 230 at cos φ 0.66 is 9.6 %.
    expect(check(thin, 'drop')).toMatchObject({ verdict: 'close', says: expect.stringContaining('5 % is the usual limit') });
  });

  it('on a drum carries a third', () => {
    const drum = { 'main/source/current': '9.6 A', 'main/source/power': '1.5 kW', 'main/feed/laid': 'coiled' };
    expect([check(typed({ ...drum, 'main/feed/laid': 'free' }), 'lead')?.verdict, check(typed(drum), 'lead')?.verdict]).toEqual(['holds', 'fails']);
  });

  it.each([
    ['16 A', '1.5 mm²', 'hand-reset', 'holds'],
    ['32 A', '1.5 mm²', 'hand-reset', 'fails'],
    // The lead of one machine behind its own overload protector: up to 1.6 times.
    ['20 A', '1.5 mm²', 'hand-reset', 'close'],
    ['20 A', '1.5 mm²', 'none', 'fails'],
    // NEC 240.4(D), from memory: 15 A on AWG 14, 20 A on AWG 12, 30 A on AWG 10.
    ['15 A', 'AWG 14', 'none', 'holds'],
    ['20 A', 'AWG 14', 'none', 'fails'],
    ['20 A', 'AWG 12', 'none', 'holds'],
    ['30 A', 'AWG 10', 'none', 'holds'],
  ])('a breaker of %s before %s, cut-out %s: %s', (breaker, section, protector, verdict) => {
    const there = typed({ 'supply/breaker': breaker, 'main/feed/section': section, 'main/source/protector': protector });
    expect(check(there, 'fuse')?.verdict).toBe(verdict);
  });

  it('never makes a motor stronger by being longer, nor does a wall with less voltage; a larger breaker never protects it better', () => {
    const metres = fc.double({ min: 1, max: 499, noNaN: true });
    fc.assert(
      fc.property(metres, metres, (a, b) => {
        const at = (length: number) => typed({ 'main/feed/length': `${length} m` });
        const [short, long] = [at(Math.min(a, b)), at(Math.max(a, b))];
        for (const name of ['torque-at-rest', 'most-torque', 'lasting-torque', 'voltage-at-start'])
          expect(figure(long, name).value).toBeLessThanOrEqual(figure(short, name).value + 1e-9);
        expect(carried(long)).toBeLessThanOrEqual(carried(short) + 1e-9);
      }),
      { seed: 181, numRuns: 25 },
    );
    fc.assert(
      fc.property(fc.double({ min: 100, max: 260, noNaN: true }), fc.double({ min: 0.4, max: 1, noNaN: true }), (V, share) => {
        const [less, more] = [typed({ 'supply/voltage': `${V * share} V` }), typed({ 'supply/voltage': `${V} V` })];
        for (const name of ['torque-at-rest', 'most-torque', 'lasting-torque'])
          expect(figure(less, name).value).toBeLessThanOrEqual(figure(more, name).value + 1e-9);
      }),
      { seed: 182, numRuns: 25 },
    );
    const left = (breaker: number) => check(typed({ 'supply/breaker': `${breaker} A` }), 'fuse')?.margin?.worst ?? Number.NaN;
    for (const breaker of [6, 10, 16, 20, 25]) expect(left(breaker * 1.2)).toBeLessThan(left(breaker));
  });

  it('of a kilometre, on hardly any volts, on another frequency: a sentence, no number that is none', () => {
    for (const entries of [
      { 'main/feed/length': '1 km', 'main/feed/section': '0.2 mm²' },
      { 'supply/voltage': '6 V' },
      { 'supply/frequency': '400 Hz' },
      { 'supply/frequency': '16.7 Hz', 'supply/voltage': '1000 V' },
      { 'main/source/voltage': '1 V', 'main/source/current': '2000 A' },
    ]) {
      const there = typed(entries);
      expect(there.says.length).toBeGreaterThan(20);
      expect(JSON.stringify(there.checks)).not.toMatch(/NaN|Infinity/);
      for (const each of there.checks) for (const side of [each.has, each.needs]) if (side.known) expect(Number.isFinite(side.value)).toBe(true);
    }
  });
});

describe('a start', () => {
  it('of what is loaded later is that of the empty machine; a small breakaway torque means the same', () => {
    const loads = { 'main/work/breakaway': '?', 'main/work/torque': '40 N·m' };
    const starts = (entries: Readonly<Record<string, string>>) => check(typed({ ...loads, ...entries }), 'starts')?.verdict;
    // 8.2 to 12.3 N·m at rest; 40 N·m over 3.333 and 0.96 are 12.5, a tenth of it 1.25.
    expect([starts({ 'main/work/loaded': 'up-to-speed' }), starts({ 'main/work/loaded': 'from-rest', 'main/work/breakaway': '40 N·m' })]).toEqual([
      'holds',
      'fails',
    ]);
    const empty = typed({ 'main/work/breakaway': '1 N·m', 'main/work/torque': '7.9 N·m' });
    const full = typed({ 'main/work/breakaway': '7.9 N·m', 'main/work/torque': '7.9 N·m' });
    expect(figure(empty, 'runs-up-in').value).toBeLessThan(figure(full, 'runs-up-in').value);
    // Loaded, both turn as fast.
    expect(figure(empty, 'settles-at').value).toBeCloseTo(figure(full, 'settles-at').value, 0);
  });

  // IEC 60034-12, design N: they start with 1.3 to 2 times their rated torque, and do not fall under 1.2 of it on the way (from memory).
  it.each(['0.18 kW', '0.55 kW', '1.1 kW', '2.2 kW', '4 kW', '7.5 kW', '15 kW'])(
    'of a three-phase motor of %s is not said to hang under eight tenths of its rated torque',
    (power) => {
      const T_n = (Number.parseFloat(power) * 1000) / ((1425 * Math.PI) / 30);
      const behind = `${(0.8 * T_n * 3.333 * 0.93).toFixed(3)} N·m`;
      const there = typed({
        ...threePhase,
        'main/source/power': power,
        'main/source/current': '?',
        'supply/voltage': '400 V',
        'supply/breaker': '63 A',
        'main/feed/section': '10 mm²',
        'main/work/torque': behind,
        'main/work/breakaway': behind,
        'main/work/loaded': 'from-rest',
      });
      expect(check(there, 'starts')?.verdict).toBe('holds');
      expect(check(there, 'runs-up')?.says).toContain('up to speed in');
    },
  );

  it('of a pump is lighter with its valve shut', () => {
    const pump = (loaded: string) =>
      figure(
        typed({ 'main/work/growth': 'square', 'main/work/torque': '11 N·m', 'main/work/breakaway': '1.5 N·m', 'main/work/loaded': loaded }),
        'runs-up-in',
      ).value;
    expect(pump('up-to-speed')).toBeLessThan(pump('from-rest'));
  });

  it('heats the winding less than as many seconds at rest', () => {
    const there = typed({});
    expect(figure(there, 'heated-for').value).toBeLessThan(figure(there, 'runs-up-in').value);
    expect(figure(there, 'heated-for').value).toBeGreaterThan(0.1 * figure(there, 'runs-up-in').value);
  });

  it('by itself, where hands clear it, fails; a release that the cut-out drops out cures it, and a plain one does not', () => {
    const restart = (entries: Readonly<Record<string, string>>) => check(typed(entries), 'restart')?.verdict;
    expect(restart({ 'main/source/protector': 'self-resetting' })).toBe('fails');
    expect(restart({ 'main/source/protector': 'self-resetting', 'main/source/noVolt': 'apart' })).toBe('fails');
    expect(restart({ 'main/source/protector': 'self-resetting', 'main/source/noVolt': 'through' })).toBeUndefined();
    expect(restart({ 'main/source/protector': 'self-resetting', 'main/work/handsClear': 'no' })).toBeUndefined();
    expect(restart({ 'main/source/protector': '?' })).toBe('unknown');
    expect(restart({})).toBeUndefined();
  });
});

it('a circuit feeds √3 times as much by three phases, with the efficiency and power factor of that size', () => {
  // 5.5 kW on 3 × 16 A, 400 V holds; 120 V and 15 A feed about 0.75 to 1.1 kW (common practice, no source).
  const pump = typed({
    ...threePhase,
    'main/source/power': '5.5 kW',
    'main/source/starVoltage': '?',
    'main/source/voltage': '400 V',
    'main/source/current': '11 A',
    'supply/voltage': '400 V',
    'main/work/torque': '80 N·m',
  });
  expect(check(pump, 'circuit')?.verdict).toBe('holds');
  const outlet = typed({
    'supply/voltage': '120 V',
    'main/source/voltage': '120 V',
    'supply/breaker': '15 A',
    'main/source/start': 'capacitor-run',
    'main/source/current': '?',
  });
  const feeds = check(outlet, 'circuit')?.has as Known;
  expect((feeds.low ?? 0) / 750).toBeGreaterThan(0.95);
  expect((feeds.high ?? 0) / 1100).toBeLessThan(1.25);
});

it('a plate that does not say of what is taken as shaft power where its amps agree, and is not known where they do not', () => {
  // 550 W of 230 V · 4.1 A are 58 %: 0.56 to 0.71 of efficiency times 0.59 to 0.74 of power factor, too little for a power factor alone… of a run capacitor.
  const run = { 'main/source/powerIs': '?', 'main/source/start': 'capacitor-run' };
  expect(figure(typed(run), 'power')).toMatchObject({ value: 550 });
  expect(figure(typed(run), 'power').low).toBeUndefined();
  expect(typed(run).notWorkedOut).toContain('taken as shaft power since its amps agree');
  // At 2.6 A it would be 92 %: a power factor.
  const drawn = figure(typed({ ...run, 'main/source/current': '2.6 A' }), 'power');
  expect([drawn.low !== undefined && drawn.low < 0.8 * 550, drawn.high]).toEqual([true, 550]);
});
