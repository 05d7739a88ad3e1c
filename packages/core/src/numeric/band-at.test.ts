import { expect, it } from 'vitest';
import { type Band, bandAt } from './band-at.js';

const rows: readonly (readonly [number, Band])[] = [
  [10, [1, 2, 3]],
  [1000, [3, 4, 9]],
];

it('is a row at a row, and halfway on the logarithm halfway between two', () => {
  expect(bandAt(rows, 10)).toEqual([1, 2, 3]);
  expect(bandAt(rows, 1000)).toEqual([3, 4, 9]);
  expect(bandAt(rows, 100).map((each) => Number(each.toFixed(9)))).toEqual([2, 3, 6]);
});

it('is that of the nearest row outside, and refuses a table without rows', () => {
  expect([bandAt(rows, 1), bandAt(rows, 1e6)]).toEqual([
    [1, 2, 3],
    [3, 4, 9],
  ]);
  expect(() => bandAt([], 1)).toThrow(RangeError);
});
