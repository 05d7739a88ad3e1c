import fc from 'fast-check';
import { expect, it } from 'vitest';
import { proves } from '../../../test/reference.js';
import { drivenSpeed } from '../../formulas/transmission/driven-speed.js';
import { shelfReduction } from './shelf-reduction.js';

proves('drives', 'reduce-two-01', ({ given, list }) => {
  const { ratio } = shelfReduction(list('stock'), given('want'), 2);
  return { i: ratio, n_out: drivenSpeed.compute({ n1: given('n1'), i: ratio, s: 0 }) };
});

it('never does worse with two stages than with one, and its wheels make its ratio', () => {
  const shelf = fc.uniqueArray(fc.integer({ min: 10, max: 400 }), { minLength: 1, maxLength: 8 });
  fc.assert(
    fc.property(shelf, fc.double({ min: 0.05, max: 40, noNaN: true }), (sizes, aim) => {
      const [one, two] = [shelfReduction(sizes, aim, 1), shelfReduction(sizes, aim, 2)];
      const off = (ratio: number) => Math.abs(Math.log(ratio / aim));
      // A second stage of one to one is always at hand.
      expect(off(two.ratio)).toBeLessThanOrEqual(off(one.ratio) + 1e-9);
      expect(two.wheels.reduce((i, [driver, driven]) => (i * driven) / driver, 1)).toBeCloseTo(two.ratio, 9);
    }),
  );
});

it('needs a shelf and a ratio', () => {
  expect(() => shelfReduction([], 3, 1)).toThrow(RangeError);
  expect(() => shelfReduction([80], Number.NaN, 1)).toThrow(RangeError);
});
