import { expect, test } from 'vitest';
import { shaftPower } from './shaft-power.js';

test('worked by hand: 8 N·m at 423 rpm is 8 × 44.296 rad/s = 354.4 W', () => {
  expect(shaftPower.compute({ T: 8, n: 423 })).toBeCloseTo(354.37, 1);
});

test("the shop's short form: hp = lbf·ft × rpm / 5252 (Machinery's Handbook)", () => {
  const watts = shaftPower.compute({ T: 10 * 1.3558179483, n: 5252.113 });
  expect(watts / 745.6998716).toBeCloseTo(10, 5);
});

test('a shaft at rest carries no power, whatever the torque', () => {
  expect(shaftPower.compute({ T: 120, n: 0 })).toBe(0);
});
