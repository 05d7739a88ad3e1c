import { expect, test } from 'vitest';
import { margin } from './margin.js';

test.each([
  [10, 8, 0.2],
  [10, 10, 0],
  [10, 12, -0.2],
  [30, 0, 1],
])('of %d with %d needed, %d is left', (has, needs, left) => {
  expect(margin.compute({ has, needs })).toBeCloseTo(left, 12);
});

test('scales: both in other units leave the same share', () => {
  expect(margin.compute({ has: 10.9, needs: 8 })).toBeCloseTo(margin.compute({ has: 10.9 * 8.85, needs: 8 * 8.85 }), 12);
});
