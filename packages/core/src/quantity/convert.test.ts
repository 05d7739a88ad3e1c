import fc from 'fast-check';
import { expect, it, test } from 'vitest';
import { inNextUnit } from './convert.js';
import { type QuantityName, quantities } from './quantities.js';
import { type Reads, readQuantity } from './read-quantity.js';

const field = (quantity: QuantityName): Reads => ({
  label: 'Field',
  quantity,
  accepts: [-1e12, 1e12],
  bare: quantities[quantity].spellings[0].symbol,
});

// By hand: 93.6625/25.4 = 3 + 44/64; 372.85/735.499 = 0.506935; 75 × 9/5 + 32 = 167; 13 × 3.785412 × 0.06 = 2.95262.
test.each([
  ['93.6625 mm', 'length', '3 11/16 in'],
  ['3 11/16 in', 'length', '9.36625 cm'],
  ['5 thou', 'length', '0.127 mm'],
  ['1/2 hp', 'power', '0.506935 PS'],
  ['75 °C', 'temperature', '167 °F'],
  ['0.6 to 0.9 kW', 'power', '600 to 900 W'],
  ['13 gal/min', 'flow', '2.95262 m³/h'],
] as const)('%s as a %s becomes %s', (text, quantity, next) => {
  expect(inNextUnit(text, field(quantity))).toBe(next);
});

it('has nothing to offer for what does not read, or where there is one unit', () => {
  expect(inNextUnit('abc', field('power'))).toBeNull();
  expect(inNextUnit('50 Hz', field('frequency'))).toBeNull();
});

it('comes round again to the same value, within the six figures written', () => {
  fc.assert(
    fc.property(
      fc.constantFrom<QuantityName>('power', 'torque', 'length', 'force', 'mass', 'pressure', 'flow'),
      fc.double({ min: 1, max: 1000, noNaN: true }),
      (quantity, value) => {
        const start = `${value.toPrecision(6)} ${quantities[quantity].spellings[0].symbol}`;
        let text = start;
        for (let k = 0; k < 12; k++) {
          text = inNextUnit(text, field(quantity)) ?? text;
          const [now, first] = [readQuantity(text, field(quantity)), readQuantity(start, field(quantity))];
          expect(now.ok && first.ok && Math.abs(now.value / first.value - 1)).toBeLessThan(1e-4);
        }
      },
    ),
    { seed: 4, numRuns: 100 },
  );
});
