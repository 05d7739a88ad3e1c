import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { agrees, agreesWith, knownWork, sizedWork } from '../../../../test/known-work.js';
import { proves } from '../../../../test/reference.js';
import type { Known } from '../../../figure/figure.js';
import { shaftPower } from '../../../formulas/power/shaft-power.js';
import { millingPower } from '../../../formulas/work/milling-power.js';
import { nipTorque } from '../../../formulas/work/nip-torque.js';
import { shearForce } from '../../../formulas/work/shear-force.js';
import { hooksAt, hooksAtOnce, orderOf } from '../../../geometry/hooks-at-once.js';

proves('machines', 'shear-blade-01', ({ given }) => ({
  F: shearForce.compute({ tau: given('tau'), t: given('t'), w: given('w'), z: given('edges'), k: 1 }),
}));
proves('machines', 'shred-torque-01', ({ given }) => {
  const T = nipTorque.compute({ z: given('engaged'), F: given('F'), D: 2 * given('r') });
  const P_shaft = shaftPower.compute({ T, n: given('n') });
  return { T, P_shaft, P_motor: P_shaft / given('eff') };
});
for (const id of ['shred-stagger-01', 'shred-stagger-02'])
  proves('machines', id, ({ given }) => {
    // In line each blade has the place of the first; turned on by 30° the twelve of one hook go once round.
    const order = given('stagger') === 0 ? [1] : [];
    const { most, fewest, mean } = hooksAtOnce({ order, blades: given('blades'), hooks: given('hooks'), arc: given('arc') });
    return { max: most, min: fewest, mean };
  });
proves('machines', 'spec-energy-01', ({ given }) => {
  const P = millingPower.compute({ Q: given('m'), w: given('e') });
  return { P, P_in: P / given('eff') };
});

const pots = {
  sort: 'one',
  material: 'hdpe',
  wall: '2 mm',
  blade: '5 mm',
  reach: '10 mm',
  over: '130 mm',
  root: '20 mm',
  blades: '14',
  hooks: '2',
  throughput: '8 kg/h',
};
const punnets = {
  sort: 'two',
  material: 'pet',
  wall: '2.2 mm',
  blade: '8 mm',
  reach: '1/2 in',
  over: '110 mm',
  blades: '20',
  hooks: '3',
  throughput: '12 kg/h',
};
const crate = {
  sort: 'granulator',
  material: 'pp',
  wall: '3 mm',
  over: '150 mm',
  knives: '3',
  screen: '5/16 in',
  pulley: '0.17 kg·m²',
  mass: '14 kg',
  throughput: '10 kg/h',
};
const cans = { sort: 'two', material: 'cans', wall: '0.6 mm', blade: '12 mm', reach: '15 mm', over: '4 3/4 in', throughput: '17 kg/h' };

describe('as their builders know them, with what practice answers', () => {
  it('kw-01: flower pots, one shaft, fourteen thin blades', async () => {
    const known = knownWork('kw-01');
    const sized = await sizedWork('shredder', pots);
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('force-on-hook'), known.expect.also?.['force on one hook'], 'force on one hook');
    agrees(sized.figure('hooks-mean'), known.expect.also?.['hooks engaged mean'], 'hooks at once');
    // Its limit: 500 N·m on one hook, at 60 mm.
    expect((sized.figure('hook-bends').value * 60) / 1000).toBeGreaterThan(500 / 1.5);
    expect((sized.figure('hook-bends').value * 60) / 1000).toBeLessThan(500 * 1.5);
    const { throughput: _, ...byHooks } = pots;
    agrees((await sizedWork('shredder', byHooks)).figure('torque'), known.expect.torque, 'torque by hooks');
    for (const word of ['with the power on', 'reversed throws', 'guard switch', 'longer than an arm']) expect(sized.cautions).toContain(word);
  });

  it('kw-01, all blades in line: the mean stays, the peak is about three times', async () => {
    const [as, inLine] = [await sizedWork('shredder', pots), await sizedWork('shredder', { ...pots, order: '1' })];
    expect(inLine.figure('torque').value).toBeCloseTo(as.figure('torque').value, 9);
    agrees(inLine.figure('peak'), { low: 370, likely: 475, high: 940, unit: 'N·m' }, 'peak');
    expect(inLine.checks['main/work/check-order']).toBe('close');
    expect(as.checks['main/work/check-order']).toBe('holds');
  });

  it('kw-02: fruit punnets, two shafts', async () => {
    const known = knownWork('kw-02');
    const sized = await sizedWork('shredder', punnets);
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('shred-energy'), known.expect.also?.energy, 'energy');
    expect(sized.cautions).toContain('Nothing sealed');
    // By its hooks alone, with no throughput entered, it comes to as much.
    const { throughput: _, ...byHooks } = punnets;
    agrees((await sizedWork('shredder', byHooks)).figure('torque'), known.expect.torque, 'torque by hooks');
  });

  it('kw-03: a granulator; a finer screen costs twice the energy, and the cut stays; blunt knives half as much again', async () => {
    const known = knownWork('kw-03');
    const sized = await sizedWork('shredder', crate);
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('rotor-inertia'), known.expect.inertia, 'inertia');
    for (const [name, what] of [
      ['tip-speed', 'tip speed'],
      ['shred-energy', 'energy'],
      ['stored', 'stored'],
      ['one-cut', 'one cut'],
    ] as const)
      agrees(sized.figure(name), known.expect.also?.[what], what);
    expect(sized.checks['main/work/check-stores']).toBe('holds');
    const fine = await sizedWork('shredder', { ...crate, screen: '4 mm' });
    agrees(fine.figure('torque'), { low: 17, likely: 21.7, high: 28, unit: 'N·m' }, 'torque through 4 mm');
    expect(fine.figure('peak')).toMatchObject({ value: sized.figure('peak').value });
    const blunt = await sizedWork('shredder', { ...crate, edges: 'blunt' });
    agrees(blunt.need.power as Known, { low: 800, likely: 950, high: 1400, unit: 'W' }, 'power, blunt');
    agrees(blunt.figure('peak'), { low: 250, likely: 371, high: 690, unit: 'N·m' }, 'peak, blunt');
    expect(sized.cautions).toContain('runs on after it is switched off');
  });

  it('kw-04: drink cans, of which neither blades nor hooks were counted', async () => {
    const known = knownWork('kw-04');
    const sized = await sizedWork('shredder', cans);
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('force-on-hook'), known.expect.also?.['force on one hook'], 'force on one hook');
    expect(sized.cautions).toMatch(/spray cans.*gloves, but only at rest/s);
  });
});

describe('the hooks of a shaft', () => {
  it('by any order cut as much on the average; none has fewer at once than staggered, none more than in line', () => {
    const some = fc.record({
      order: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 12 }),
      blades: fc.integer({ min: 1, max: 24 }),
      hooks: fc.integer({ min: 1, max: 6 }),
      arc: fc.double({ min: 0.05, max: 1.5, noNaN: true }),
    });
    fc.assert(
      fc.property(some, (of) => {
        const { fewest, mean, most } = hooksAtOnce(of);
        const inLine = hooksAtOnce({ ...of, order: [1] }).most;
        expect(most).toBeLessThanOrEqual(inLine);
        expect(fewest).toBeLessThanOrEqual(mean + 1e-9);
        expect(most).toBeGreaterThanOrEqual(mean - 1e-9);
        // A second way: counted at many angles of a turn.
        const steps = 2000;
        const counts = Array.from({ length: steps }, (_, k) => hooksAt(of, ((k + 0.5) / steps) * 2 * Math.PI));
        expect(counts.reduce((sum, each) => sum + each, 0) / steps).toBeCloseTo(mean, 0);
        expect(Math.max(...counts)).toBeLessThanOrEqual(most);
      }),
      { numRuns: 150 },
    );
  });

  it('reads an order as it is written, and nothing else', () => {
    expect(orderOf('1-2-3')).toEqual([1, 2, 3]);
    expect(orderOf(' 1, 3 2')).toEqual([1, 3, 2]);
    for (const text of ['', 'a-b', '0-1', '1.5', '1-100']) expect(orderOf(text)).toBeNull();
  });
});

describe('what cannot be together is said, and the rest answered', () => {
  it('hooks that meet, a gap that draws in, an order that is none, a hook that bends', async () => {
    const meets = await sizedWork('shredder', { ...pots, spacer: '5 mm' });
    expect(meets.checks['main/work/check-meets']).toBe('fails');
    expect(meets.need.motor).not.toBeNull();
    const wide = await sizedWork('shredder', { ...pots, spacer: '8 mm' });
    expect(wide.checks['main/work/check-gap']).toBe('fails');
    expect((await sizedWork('shredder', { ...pots, spacer: '5.4 mm' })).checks['main/work/check-gap']).toBe('holds');
    // By hand: 8 − 7.4 mm are two gaps of 0.3 mm beside a finger that is thicker than a blade.
    const fine = await sizedWork('shredder', { ...pots, spacer: '8 mm', finger: '7.4 mm' });
    expect(fine.checks['main/work/check-gap']).toBe('holds');
    expect((await sizedWork('shredder', { ...pots, spacer: '8 mm', finger: '8 mm' })).checks['main/work/check-meets']).toBe('fails');
    // Between two shafts it is the blade of the other one.
    expect((await sizedWork('shredder', { ...pots, sort: 'two', spacer: '8 mm', finger: '7.4 mm' })).checks['main/work/check-gap']).toBe('fails');
    expect((await sizedWork('shredder', { ...pots, order: 'zigzag' })).checks['main/work/check-order']).toBe('fails');
    expect((await sizedWork('shredder', { ...pots, root: '6 mm' })).checks['main/work/check-hook']).toBe('fails');
  });

  it('colder is tougher, only of plastic; more of anything that is cut never needs less', async () => {
    const force = async (more: Readonly<Record<string, string>>) => (await sizedWork('shredder', { ...pots, ...more })).figure('force-on-hook').value;
    expect(await force({ cold: 'cold' })).toBeGreaterThan(await force({}));
    expect(await force({ cold: 'warm' })).toBeLessThan(await force({}));
    expect(await force({ material: 'card', cold: 'cold' })).toBe(await force({ material: 'card' }));
    expect(await force({ wall: '3 mm' })).toBeCloseTo(1.5 * (await force({})), 6);
    expect(await force({ reach: '12 mm' })).toBeCloseTo(1.2 * (await force({})), 6);
  });
});
