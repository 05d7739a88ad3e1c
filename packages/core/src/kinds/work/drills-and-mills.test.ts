import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../test/crusher.js';
import { agrees, agreesWith, knownWork, sizedWork } from '../../../test/known-work.js';
import { proves } from '../../../test/reference.js';
import { told } from '../../../test/told.js';
import type { Known } from '../../figure/figure.js';
import { speedOfRim } from '../../formulas/belt/speed-of-rim.js';
import { cutPower } from '../../formulas/cutting/cut-power.js';
import { cutVolume } from '../../formulas/cutting/cut-volume.js';
import { drillChip } from '../../formulas/cutting/drill-chip.js';
import { drillingTorque } from '../../formulas/cutting/drilling-torque.js';
import { milledChip } from '../../formulas/cutting/milled-chip.js';
import { millingTorque } from '../../formulas/cutting/milling-torque.js';
import { specificForce } from '../../formulas/cutting/specific-force.js';
import { tappingTorque } from '../../formulas/cutting/tapping-torque.js';
import { toothFeed } from '../../formulas/cutting/tooth-feed.js';
import { shaftPower } from '../../formulas/power/shaft-power.js';
import { shaftTorque } from '../../formulas/power/shaft-torque.js';
import { teethInCut } from '../../geometry/teeth-in-cut.js';
import { withKind } from '../../machine/reshape.js';
import { loadKinds } from '../registry.js';

const kinds = await loadKinds();

proves('machines', 'drill-01', ({ given }) => {
  const h = drillChip.compute({ f: given('f'), s: given('sigma') });
  const T = drillingTorque.compute({ k: given('kc11'), m: given('mc'), f: given('f'), s: given('sigma'), d: given('d'), p: 0, w: 1 });
  return { h, T, P: shaftPower.compute({ T, n: given('n') }) };
});
proves('machines', 'tap-torque-01', ({ given }) => {
  const T = tappingTorque.compute({ k: given('kc'), p: given('p'), D: given('D'), w: 1 });
  return { T, P: shaftPower.compute({ T, n: given('n') }) };
});
proves('machines', 'surface-speed-01', ({ given }) => ({ n: speedOfRim.compute({ v: given('v'), d: given('d') }) }));

describe('kw-22: a pillar drill', () => {
  const known = knownWork('kw-22');
  const half = { across: '1/2 in', feed: '0.15 mm', material: 'mild', tool: 'hss' };

  it('as it is known', async () => {
    const sized = await sizedWork('drill', half);
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('thrust'), known.expect.also?.thrust, 'thrust');
    for (const word of ['clamped', 'propeller', 'chuck key', 'no gloves']) expect(sized.cautions).toContain(word);
  });

  it('half the drill: a fifth of the torque, twice the speed', async () => {
    const [large, small] = [await sizedWork('drill', half), await sizedWork('drill', { ...half, across: '1/4 in', feed: '0.1 mm' })];
    agrees(small.need.speed as Known, { low: 1000, likely: 1250, high: 1500, unit: 'rpm' }, 'speed');
    agrees(small.need.torque as Known, { low: 1.3, likely: 1.76, high: 2.3, unit: 'N·m' }, 'torque');
    expect((large.need.torque as Known).value / (small.need.torque as Known).value).toBeGreaterThan(4.5);
  });

  it('a pilot hole hardly helps the torque, and takes much of the thrust', async () => {
    const [solid, led] = [await sizedWork('drill', half), await sizedWork('drill', { ...half, pilot: '5 mm' })];
    agrees(led.need.torque as Known, { low: 6.7, likely: 8.34, high: 12, unit: 'N·m' }, 'torque');
    // By hand: 1 − (5 / 12.7)² and 1 − 5 / 12.7.
    expect(led.figure('torque').value / solid.figure('torque').value).toBeCloseTo(0.845, 3);
    expect(led.figure('thrust').value / solid.figure('thrust').value).toBeCloseTo(0.6063, 3);
  });

  // An engine has little over its rated torque: held to what heats it alone, one that stalls would pass.
  it('what is at it for a part of the time has to be turned all the same', () => {
    const driven = (source: string, fields: Record<string, string>) =>
      told(
        afterTyping(withKind(withKind(crusher(), 'main/work', 'drill'), 'main/source', source), {
          'main/work/across': '13 mm',
          'main/work/feed': '0.15 mm',
          ...Object.fromEntries(Object.entries(fields).map(([name, text]) => [`main/source/${name}`, text])),
        }),
        kinds,
      ).checks.find(({ id }) => id === 'main/work/check-at-work')?.verdict;
    expect(driven('engine', { power: '0.2 kW', speed: '3600 rpm' })).toBe('fails');
    expect(
      driven('plate-motor', {
        power: '0.55 kW',
        speed: '1425 rpm',
        phases: '1',
        start: 'capacitor-start',
        powerIs: 'shaft',
        voltage: '230 V',
        frequency: '50 Hz',
      }),
    ).toBe('holds');
  });

  it('the top step burns a large drill and is right for a small one; what cannot be is said', async () => {
    const checks = async (fields: Record<string, string>) => (await sizedWork('drill', { ...half, ...fields })).checks;
    expect((await checks({ 'wishes/leastSpeed': '3000 rpm' }))['main/work/check-burns']).toBe('fails');
    const stepped = await checks({ slowest: '600 rpm', fastest: '3000 rpm', least: '3 mm', most: '4000 rpm' });
    expect(stepped).toMatchObject({
      'main/work/check-burns': 'holds',
      'main/work/check-range': 'holds',
      'main/work/check-bearings': 'holds',
      'main/work/check-speeds': 'holds',
    });
    expect((await checks({ slowest: '600 rpm', fastest: '6000 rpm', most: '4000 rpm' }))['main/work/check-bearings']).toBe('fails');
    expect((await checks({ slowest: '900 rpm', fastest: '600 rpm' }))['main/work/check-speeds']).toBe('fails');
    expect((await checks({ pilot: '13 mm' }))['main/work/check-pilot']).toBe('fails');
    // Nothing is left to drill: nought, not less.
    expect((await sizedWork('drill', { ...half, pilot: '13 mm' })).figure('torque').value).toBe(0);
  });
});

describe('kw-23: a bench mill', () => {
  const known = knownWork('kw-23');
  const cut = { across: '16 mm', teeth: '4', depth: '6 mm', width: '6 mm', bite: '0.05 mm', material: 'mild', tool: 'hss', most: '4000 rpm' };

  it('as it is known, by both schools', async () => {
    const sized = await sizedWork('mill', cut);
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('removal'), known.expect.also?.removal, 'removal');
    agrees(sized.figure('advance'), { low: 87 / 60, likely: 99.5 / 60, high: 140 / 60, unit: 'mm/s' }, 'feed');
    // "Specific force is half as high again as unit power for thin chips."
    const schools = sized.figure('cutting-power').value / sized.figure('power-by-volume').value;
    expect(schools).toBeGreaterThan(1.2);
    expect(schools).toBeLessThan(1.8);
    for (const word of ['guard over the belt', 'collet', 'walks out', 'snatches']) expect(sized.cautions).toContain(word);
  });

  it('a slot takes more than twice the power of a third of the width', async () => {
    const slot = await sizedWork('mill', { ...cut, width: '16 mm' });
    agrees(slot.need.torque as Known, { low: 9.5, likely: 11.3, high: 16, unit: 'N·m' }, 'torque');
    agrees(slot.need.power as Known, { low: 500, likely: 589, high: 840, unit: 'W' }, 'power');
    agrees(slot.figure('peak'), { low: 17, likely: 20.4, high: 30, unit: 'N·m' }, 'peak');
    expect(slot.checks['main/work/check-deep']).toBe('holds');
    expect((await sizedWork('mill', { ...cut, width: '16 mm', depth: '12 mm' })).checks['main/work/check-deep']).toBe('close');
  });

  it('in aluminium half the torque at three times the speed', async () => {
    const sized = await sizedWork('mill', { ...cut, material: 'aluminium' });
    agrees({ ...(sized.need.any as Known), value: (sized.need.speed as Known).value }, { low: 1400, likely: 1590, high: 1900, unit: 'rpm' }, 'speed');
    agrees(sized.need.torque as Known, { low: 2.1, likely: 2.49, high: 3.4, unit: 'N·m' }, 'torque');
    agrees(sized.need.power as Known, { low: 350, likely: 415, high: 600, unit: 'W' }, 'power');
  });

  it('a spindle good for 4000 does not take a motor of 12 000; a cut wider than its cutter is none', async () => {
    const checks = async (fields: Record<string, string>) => (await sizedWork('mill', { ...cut, ...fields })).checks;
    expect((await checks({ fastest: '12000 rpm' }))['main/work/check-bearings']).toBe('fails');
    expect((await checks({ fastest: '3900 rpm' }))['main/work/check-bearings']).toBe('holds');
    expect((await checks({ width: '20 mm' }))['main/work/check-wide']).toBe('fails');
    // The rest is answered.
    expect((await sizedWork('mill', { ...cut, width: '20 mm' })).figure('torque').value).toBeGreaterThan(0);
  });
});

it('kw-24: a router spindle in aluminium', async () => {
  const known = knownWork('kw-24');
  const sized = await sizedWork('mill', {
    across: '6 mm',
    teeth: '2',
    depth: '1.5 mm',
    width: '6 mm',
    bite: '0.03 mm',
    material: 'aluminium',
    tool: 'carbide',
    most: '24000 rpm',
  });
  agrees(sized.need.speed as Known, known.expect.speed, 'speed');
  agrees(sized.need.torque as Known, known.expect.torque, 'torque');
  agrees(sized.need.power as Known, known.expect.power, 'power');
  agrees(sized.figure('peak'), known.expect.peak, 'peak');
  agrees(sized.figure('removal'), known.expect.also?.removal, 'removal');
  // The list of outputs has 0.75 kW where such spindles are sold with 0.8.
  const [, most] = known.expect.motor.kW;
  expect((sized.need.motor?.output_W ?? 0) / 1000).toBeGreaterThanOrEqual(0.75);
  expect((sized.need.motor?.output_W ?? 0) / 1000).toBeLessThanOrEqual(most);
  for (const word of ['carbide flies', 'thin plate lifts', 'weld to the edges']) expect(sized.cautions).toContain(word);
});

describe('kw-25: tapping M10', () => {
  const known = knownWork('kw-25');
  const thread = { across: '10 mm', pitch: '1.5 mm', hole: '8.5 mm', through: 'blind', material: 'mild' };

  it('as it is known', async () => {
    const sized = await sizedWork('tapper', { ...thread, holds: 'locked' });
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('advance'), { low: 330 / 60, likely: 430 / 60, high: 530 / 60, unit: 'mm/s' }, 'feed');
    agrees(sized.figure('tap-breaks'), { low: 22, likely: 30, high: 38, unit: 'N·m' }, 'tap');
    expect(sized.cautions).toMatch(/to no more than 20.N·m/);
    for (const word of ['Rigid tapping needs position feedback', 'stop before the bottom', 'held against turning'])
      expect(sized.cautions).toContain(word);
    expect(sized.checks).toMatchObject({ 'main/work/check-hole': 'holds', 'main/work/check-feeds': 'holds' });
  });

  it('a fine thread takes less than half', async () => {
    const [coarse, fine] = [await sizedWork('tapper', thread), await sizedWork('tapper', { ...thread, pitch: '1 mm', hole: '9 mm' })];
    agrees(fine.need.torque as Known, { low: 3.1, likely: 3.6, high: 5.6, unit: 'N·m' }, 'torque');
    // By hand: (1 / 1.5)².
    expect(fine.figure('torque').value / coarse.figure('torque').value).toBeCloseTo(0.4444, 4);
  });

  it('what cannot be together is said: a tap larger than its hole lets, a rigid feed without feedback', async () => {
    const checks = async (fields: Record<string, string>) => (await sizedWork('tapper', { ...thread, ...fields })).checks;
    expect((await checks({ hole: '10 mm' }))['main/work/check-hole']).toBe('fails');
    expect((await checks({ hole: '7.5 mm' }))['main/work/check-hole']).toBe('close');
    expect((await checks({ holds: 'loose' }))['main/work/check-feeds']).toBe('fails');
    expect((await checks({ holds: 'hand' }))['main/work/check-feeds']).toBe('close');
    // A small tap in tough steel.
    expect(
      (await checks({ across: '3 mm', pitch: '0.5 mm', hole: '2.5 mm', material: 'stainless', edges: 'blunt' }))['main/work/check-breaks'],
    ).not.toBe('holds');
  });
});

// Two ways: torque by what is taken off in a turn, and power by what is taken off in a minute over the speed.
it('mean torque of a milling cutter is its power over its speed', () => {
  const [k11, m, f, a, D, d, z, n] = [1780, 0.17, 0.05, 6, 16, 6, 4, 497];
  const k = specificForce.compute({ k: k11, m, h: milledChip.compute({ f, a, D }) });
  const P = cutPower.compute({ Q: cutVolume.compute({ w: a, d, v: toothFeed.compute({ f, z, n }) }), k, w: 1.25 });
  expect(millingTorque.compute({ k: k11, m, f, a, D, d, z, w: 1.25 })).toBeCloseTo(shaftTorque.compute({ P, n }), 9);
  // kw-23, by its author: 240 W.
  expect(P).toBeCloseTo(240, 0);
});

describe('the teeth of a milling cutter', () => {
  // By hand: a slot goes half round; of four teeth two are in it, together √2 where they lie at 45° and 135°, on the average 4/π.
  it('in a slot', () => {
    const { mean, most, average } = teethInCut(16, 16, 4);
    expect(mean).toBeCloseTo(2, 12);
    expect(most).toBeCloseTo(Math.SQRT2, 12);
    expect(average).toBeCloseTo(4 / Math.PI, 12);
  });

  // A second way: what is taken off in a turn is width by depth by feed, whatever the teeth do.
  it('take off what the table feeds, and never less at their most than on the average', () => {
    fc.assert(
      fc.property(
        fc.record({
          D: fc.double({ min: 2, max: 60, noNaN: true }),
          share: fc.double({ min: 0.02, max: 1, noNaN: true }),
          z: fc.integer({ min: 1, max: 12 }),
        }),
        ({ D, share, z }) => {
          const { most, average } = teethInCut(D, share * D, z);
          // Chips of all teeth over a turn, by the arc they are cut on: f·∫sin over the arc is the width that is fed.
          expect((average * 2 * Math.PI * (D / 2)) / z).toBeCloseTo(share * D, 9);
          expect(most).toBeGreaterThanOrEqual(average - 1e-9);
          // And at their most as counted tooth by tooth at many angles of a turn.
          const over = Math.acos(1 - 2 * share);
          const pitch = (2 * Math.PI) / z;
          const sums = Array.from({ length: 400 }, (_, step) => {
            let sum = 0;
            for (let angle = (step * pitch) / 400; angle <= over; angle += pitch) sum += Math.sin(angle);
            return sum;
          });
          expect(Math.max(...sums)).toBeLessThanOrEqual(most + 1e-9);
          expect(Math.max(...sums)).toBeGreaterThan(most - ((2 * pitch) / 400) * z);
        },
      ),
    );
  });
});

it('deeper, wider and more feed never take less; a smaller cutter never turns slower', () => {
  const length = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  fc.assert(
    fc.property(
      fc.record({ w: length(0.5, 20), d: length(0.1, 20), v: length(0.1, 20), more: length(1, 3), k: length(500, 5000) }),
      ({ w, d, v, more, k }) => {
        const power = (Q: number) => cutPower.compute({ Q, k, w: 1 });
        const least = power(cutVolume.compute({ w, d, v }));
        for (const Q of [
          cutVolume.compute({ w: more * w, d, v }),
          cutVolume.compute({ w, d: more * d, v }),
          cutVolume.compute({ w, d, v: more * v }),
        ])
          expect(power(Q)).toBeGreaterThanOrEqual(least * (1 - 1e-12));
        expect(speedOfRim.compute({ v: 0.5, d: w })).toBeGreaterThanOrEqual(speedOfRim.compute({ v: 0.5, d: more * w }));
      },
    ),
  );
});
