import fc from 'fast-check';
import { expect, it, test } from 'vitest';
import { extremes } from './extremes.js';
import { signChange } from './root.js';

test.each([
  ['the root of two', (x: number) => x * x - 2, 0, 2, Math.SQRT2],
  ['the same from above', (x: number) => x * x - 2, 2, 0, Math.SQRT2],
  ['half a turn, where the sine is nought', Math.sin, 3, 4, Math.PI],
  ['a steep one', (x: number) => Math.exp(20 * x) - 1000, -5, 5, Math.log(1000) / 20],
  ['a flat one', (x: number) => (x - 0.3) ** 9, -1, 1, 0.3],
  ['a step', (x: number) => (x < 0.7 ? 1 : -1), 0, 1, 0.7],
] as const)('finds %s', (_, f, from, to, root) => {
  const found = signChange(f, from, to);
  // A ninth power is lost in the digits of a double within 1e-16^(1/9) of its root.
  expect(found?.beyond).toBeCloseTo(root, f(root + 1e-3) < 1e-20 ? 1 : 12);
});

it('takes nought as beyond, at either end and inside', () => {
  expect(signChange((x) => 1 - x, 0, 1)).toEqual({ before: expect.closeTo(1, 12), beyond: 1 });
  expect(signChange((x) => x - 0.5, 0, 1)?.beyond).toBe(0.5);
});

it('has no answer where the ends lie on one side, or where there is none in between', () => {
  expect(signChange((x) => x * x + 1, -1, 1)).toBeNull();
  expect(signChange((x) => (Math.abs(x) < 0.9 ? Number.NaN : x), -1, 1)).toBeNull();
});

it('keeps the two sides of any step of any height, as near as it was told', () => {
  let compared = 0;
  fc.assert(
    fc.property(
      fc.double({ min: 0.001, max: 0.999, noNaN: true }),
      fc.double({ min: 1e-6, max: 1e6, noNaN: true }),
      fc.double({ min: 1e-6, max: 1e6, noNaN: true }),
      (step, above, below) => {
        const found = signChange((x) => (x < step ? above : -below), 0, 1, 1e-6);
        compared++;
        expect(found?.before as number).toBeLessThan(step);
        expect(found?.beyond as number).toBeGreaterThanOrEqual(step);
        expect((found?.beyond as number) - (found?.before as number)).toBeLessThanOrEqual(1e-6);
      },
    ),
    { seed: 41, numRuns: 200 },
  );
  expect(compared).toBe(200);
});

it('takes few steps where the relation is smooth, and no more than halving twice where it is not', () => {
  const steps = (f: (x: number) => number, from: number, to: number) => {
    let many = 0;
    signChange((x) => f(x) + 0 * many++, from, to);
    return many;
  };
  expect(steps((x) => x ** 3 - x - 1, 1, 2)).toBeLessThan(16);
  expect(steps((x) => (x < 0.7 ? 1 : -1), 0, 1)).toBeLessThan(110);
});

// A saddle and a ridge: least and most in closed form.
test.each([
  [([x = 0]: readonly number[]) => Math.sin(x), [0], [3], 0, 1],
  [([x = 0, y = 0]: readonly number[]) => x * x - y * y, [-1, -2], [2, 1], -4, 4],
  [([x = 0, y = 0]: readonly number[]) => Math.abs(x - y), [0, 0], [10, 5], 0, 10],
  [([x = 0, y = 0]: readonly number[]) => Math.cos(x) * y, [-9, 1], [9, 2], -2, 2],
] as const)('least and most of %s', (f, low, high, least, most) => {
  const directions = low.map((_, k) => k);
  const middle = low.map((x, k) => (x + (high[k] as number)) / 2);
  const found = extremes(f, { low, high }, directions, middle);
  expect(found[0]).toBeCloseTo(least, 9);
  expect(found[1]).toBeCloseTo(most, 9);
});
