import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { pitchLength, vBeltSections } from '../../../catalog/v-belts.js';
import type { Check } from '../../../checks/check.js';
import { flag, type Known, known } from '../../../figure/figure.js';
import { evaluateBuild } from '../../../procedures/evaluate-build.js';
import { say, wordingFor } from '../../../wording/wording.js';
import { loadKinds } from '../../registry.js';
import { groove } from './wheels.js';

const kinds = await loadKinds(crusher());
const check = (fields: Readonly<Record<string, string>>, name: string) => {
  const evaluation = evaluateBuild(afterTyping(crusher(), fields), kinds);
  return evaluation.checks.find(({ id }) => id === `main/belt/check-${name}`) as Check;
};

// ISO 4184: section A is 13 mm wide and 8 high. Common practice, no source: one and a half times its height to lift it over a rim, 12 mm.
it('needs one and a half times the belt’s height of room to lift it on', () => {
  const room = check({}, 'room-in');
  expect((room.needs as Known).value).toBeCloseTo(12, 9);
  expect(room.verdict).not.toBe('fails');
  // 53 in inside are 54.3 in at the pitch, 1379 mm, where 420 mm of centres need 1369: the motor goes 5.3 mm out. With 6 mm of slot inward that makes 11.3 mm:
  // too little for 12, enough for half a height.
  const short = check({ 'main/belt/slotIn': '6' }, 'room-in');
  expect((short.has as Known).value).toBeCloseTo(11.3, 1);
  expect(short.verdict).toBe('fails');
});

// ISO 4183: the groove of section A is 34° up to 118 mm and 38° beyond.
it('a pulley that may lie on either side of a step of the table has a groove of either angle', () => {
  const degrees = (low: number, high: number) => {
    const angle = groove('A', known('mm', (low + high) / 2, { by: 'given', field: 'd' }, [low, high], flag.guessed)) as Known;
    return [angle.low, angle.value, angle.high, angle.flags].map((each, k) => (k < 3 ? ((each ?? angle.value) * 180) / Math.PI : each));
  };
  expect(degrees(110, 124)).toEqual([34, 34, 38, flag.guessed].map((each) => expect.closeTo(each, 9)));
  expect(degrees(80, 90)).toEqual([34, 34, 34, flag.guessed].map((each) => expect.closeTo(each, 9)));
  expect(degrees(120, 140)).toEqual([38, 38, 38, flag.guessed].map((each) => expect.closeTo(each, 9)));
});

// Common practice, no source: one per cent of its length, of a 53 in belt (1346 mm inside) about 13.5 mm.
it('needs a hundredth of its length to follow its stretch', () => {
  const room = check({}, 'room-out');
  expect((room.needs as Known).value).toBeGreaterThan(13.4);
  expect((room.needs as Known).value).toBeLessThan(13.9);
});

// Machinery’s Handbook and RMA IP-20, from memory: 6500 ft/min, 33 m/s, for cast iron. By hand: π · 0.25 m · 2850 rpm are 37.3 m/s, of 3000 unloaded 39.3.
it('a pulley that is too fast for its material may burst; while that is not said it is not known', () => {
  const fast = { 'main/source/speed': '2850', 'main/belt/driver': '250 mm', 'main/belt/driven': '125 mm' };
  expect(check({ ...fast, 'main/belt/material': 'iron' }, 'rim')).toMatchObject({ verdict: 'fails' });
  expect(check({ ...fast, 'main/belt/material': 'steel' }, 'rim')).toBeUndefined();
  expect(check({ ...fast, 'main/belt/material': '?' }, 'rim')).toMatchObject({ verdict: 'unknown', unseen: ['main/belt/material'] });
  // At 5.9 m/s whatever it is made of is safe, and nothing is said.
  expect(check({ 'main/belt/material': '?' }, 'rim')).toBeUndefined();
});

it('a narrow belt may run faster than a classical one', () => {
  const at = (section: string) => (check({ 'main/belt/section': section }, 'speed').has as Known).value;
  expect([at('A'), at('SPA')]).toEqual([30, 42]);
});

describe('a belt at speed', () => {
  const fast = {
    'main/source/speed': '2850',
    'main/belt/driver': '180 mm',
    'main/belt/driven': '125 mm',
    'main/belt/push': '?',
    'main/belt/deflection': '?',
  };

  // By hand: 0.105 kg/m, ±10 %; 60 N over it is 571 m²/s², 23.9 m/s. π · 0.18 m · 3000 rpm are 28.3 m/s.
  it('that lifts off its pulleys says at which speed', () => {
    expect(check({ ...fast, 'main/belt/tension': '60 N' }, 'flies')).toMatchObject({ verdict: 'fails' });
    expect(check({ ...fast, 'main/belt/tension': '60 N' }, 'flies').has).toMatchObject({ value: expect.closeTo(23.9, 1) });
    expect(check({ ...fast, 'main/belt/tension': '400 N' }, 'flies')).toBeUndefined();
    expect(check({ 'main/belt/tension': '60 N' }, 'flies')).toBeUndefined();
  });

  it('that slips says what goes into heat', () => {
    const said = check({ 'main/belt/tension': '10 N', 'main/belt/push': '?', 'main/belt/deflection': '?' }, 'slip').says;
    expect(say(said, wordingFor(crusher()))).toMatch(/while it does, up to \d+(\.\d+)? W goes into heat at the pulley/);
  });
});

// Common practice, no source: 120° is usual, under 90° a belt is no drive. By hand: 75 and 400 mm over twice 250 mm are 40.5° off either side, 98.9°; over twice 240 mm 94.8; over 238 mm 93.9.
it('wraps 90° at the least and 120° for good', () => {
  const at = (centres: string) => check({ 'main/belt/driven': '400 mm', 'main/belt/centres': centres }, 'wrap').verdict;
  expect([at('420 mm'), at('250 mm')]).toEqual(['holds', 'close']);
  expect(check({ 'main/belt/driver': '75 mm', 'main/belt/driven': '500 mm', 'main/belt/centres': '290 mm' }, 'wrap').verdict).toBe('fails');
});

describe('sections of other standards', () => {
  // ISO 4184 and DIN 2215 (from memory): A 13 × 8, Z 10 × 6. RMA IP-23 (from memory): 4L 1/2 × 5/16 in, 5L 21/32 × 3/8. DIN 7867 (from memory): PJ 2.34 mm, PK 3.56 mm a rib. ISO 4183 (from memory): least of SPZ 63, of A 75.
  it('rows', () => {
    expect(vBeltSections.A).toMatchObject({ top_mm: 13, height_mm: 8, least_mm: 75 });
    expect(vBeltSections.Z).toMatchObject({ top_mm: 10, height_mm: 6, least_mm: 50 });
    expect(vBeltSections['4L']).toMatchObject({ top_mm: expect.closeTo(12.7, 1), height_mm: expect.closeTo(7.9, 0) });
    expect(vBeltSections['5L']).toMatchObject({ top_mm: expect.closeTo(16.67, 1), height_mm: expect.closeTo(9.5, 0) });
    expect([vBeltSections.PJ.top_mm, vBeltSections.PK.top_mm, vBeltSections.SPZ.least_mm]).toEqual([2.34, 3.56, 63]);
  });

  it('salvage practice goes under the least of the standard, and the wider of a series is the heavier', () => {
    for (const { least_mm, salvage_mm } of Object.values(vBeltSections)) expect(salvage_mm).toBeLessThan(least_mm);
    for (const series of [
      ['Z', 'A', 'B', 'C', 'D', 'E'],
      ['SPZ', 'SPA', 'SPB', 'SPC'],
      ['XPZ', 'XPA', 'XPB'],
      ['3L', '4L', '5L'],
      ['PJ', 'PK'],
    ] as const) {
      const rows = series.map((name) => vBeltSections[name]);
      for (const of of ['top_mm', 'mass_kg_m', 'least_mm'] as const)
        expect(rows.map((row) => row[of])).toEqual(rows.map((row) => row[of]).sort((a, b) => a - b));
    }
  });

  // Common practice, no source: an A53 has 55 in round its outside and takes the place of a 4L550: both run on the same pulleys at the same centres, to a few millimetres.
  it('a 4L550 is as long as an A53', () => {
    expect(Math.abs(pitchLength('4L', 55 * 25.4) - pitchLength('A', 53 * 25.4))).toBeLessThan(5);
    // Measured the other way round it is the same belt.
    expect(pitchLength('4L', 55 * 25.4 - 2 * Math.PI * 8, 'inside')).toBeCloseTo(pitchLength('4L', 55 * 25.4), 9);
    expect(pitchLength('A', 53 * 25.4 + 2 * Math.PI * 8, 'outside')).toBeCloseTo(pitchLength('A', 53 * 25.4), 9);
    expect(pitchLength('SPZ', 1000)).toBe(1000);
  });

  // Makers' lists for light-duty belts (from memory, with doubt): a 4L on 3 in at 1725 rpm about 0.6 hp, 450 W; ten ribs of PJ on 63 mm at 1450 rpm about 1.3 kW.
  it('are rated by what makers’ lists usually say', () => {
    const rated = (fields: Record<string, string>) =>
      (evaluateBuild(afterTyping(crusher(), fields), kinds).lines[0]?.figures.get('main/belt')?.get('good-for') as Known | undefined)?.value ??
      Number.NaN;
    const wide = { 'main/belt/centres': '2000 mm', 'main/belt/belt': '?' };
    const light = rated({
      ...wide,
      'main/belt/section': '4L',
      'main/belt/driver': '76.2 mm',
      'main/belt/driven': '76.2 mm',
      'main/source/speed': '1725',
    });
    expect(Math.abs(light / 450 - 1)).toBeLessThan(0.2);
    const ribs = rated({ ...wide, 'main/belt/section': 'PJ', 'main/belt/belts': '10', 'main/belt/driver': '63 mm', 'main/belt/driven': '63 mm' });
    expect(Math.abs(ribs / 1300 - 1)).toBeLessThan(0.2);
    // Cogs bend more easily: never less than the wrapped belt of the section.
    const of = (section: string) => rated({ 'main/belt/section': section });
    expect(of('AX')).toBeGreaterThan(of('A'));
  });
});

// ISO 4183 (from memory): in section E a pulley is 19.2 mm larger outside than where the cords run: one of 15 mm would have a pitch diameter below nought.
it('does not go round a pulley that is smaller outside than the belt is deep in it', () => {
  const build = afterTyping(crusher(), { 'main/belt/section': 'E', 'main/belt/diameters': 'outside', 'main/belt/driver': '15 mm' });
  const own = evaluateBuild(build, kinds).lines[0]?.figures.get('main/belt');
  const ratio = own?.get('ratio');
  expect(ratio?.known).toBe(false);
  const because = ratio && !ratio.known ? ratio.because : undefined;
  expect(typeof because === 'object' && say(because, wordingFor(build))).toMatch(/a pulley of 15 mm outside is too small for a belt of section E/i);
});
