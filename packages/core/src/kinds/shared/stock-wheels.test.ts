import { expect, it } from 'vitest';
import { rollerChainHead } from '../stage/roller-chain/fields.js';
import { vBeltHead } from '../stage/v-belt/fields.js';
import { largerSizes, nearestSize, nextSize } from './stock-wheels.js';

const { driven } = vBeltHead.wheels;

it('steps through the shelf in the unit that was written', () => {
  expect(nextSize(driven, 250, '250 mm', 1)).toBe('280 mm');
  expect(nextSize(driven, 250, '250 mm', -1)).toBe('224 mm');
  expect(nextSize(driven, 254, '10 in', 1)).toBe('11 in');
  expect(nextSize(driven, 76.2, '3"', -1)).toBe('2.75 in');
  // From between two sizes it goes to the next one, not over it.
  expect(nextSize(driven, 243, '243 mm', 1)).toBe('250 mm');
  expect(nextSize(driven, 500, '500 mm', 1)).toBeNull();
  expect(nextSize(rollerChainHead.wheels.driver, 17, '17', 1)).toBe('18');
});

it('takes the nearest on the shelf', () => {
  expect(nearestSize(driven, 262, '250 mm')).toBe('250 mm');
  expect(nearestSize(driven, 268, '250 mm')).toBe('280 mm');
  expect(nearestSize(driven, 268, '10 in')).toBe('11 in');
  expect(nearestSize(rollerChainHead.wheels.driven, 49.4, '48')).toBe('48');
});

it('has every series rising, so that larger means later', () => {
  for (const head of [vBeltHead, rollerChainHead]) {
    for (const { series } of Object.values(head.wheels)) {
      for (const { sizes } of series) expect([...sizes]).toEqual([...sizes].sort((a, b) => a - b));
    }
  }
  expect(largerSizes(driven, 315, '315 mm').slice(0, 2)).toEqual(['355 mm', '400 mm']);
});
