import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import type { Check } from '../../../checks/check.js';
import { flag, type Known, known } from '../../../figure/figure.js';
import { evaluateBuild } from '../../../procedures/evaluate-build.js';
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
