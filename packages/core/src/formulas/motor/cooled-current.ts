import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What a motor with its own fan may draw for good while it turns slower than its plate says: less air passes it.
 * @example cooledCurrent.compute({ I: 10, c: 0.4, u: 0.5 }) // ≈ 8.367
 */
export const cooledCurrent = defineFormula({
  id: 'cooled-current',
  title: 'current for good at a lower speed',
  symbol: 'I',
  unit: 'A',
  expr: 'I * sqrt(c + (1 - c) * u)',
  source:
    'Heat with the square of the current, air with the speed (closed form); common practice, no source: 0.3 to 0.5 of the heat leaves a motor that does not turn',
  inputs: {
    I: inputSlot('A', 'current of the plate', [0, 2000]),
    c: inputSlot('1', 'share of the heat that leaves it without its fan', [0, 1]),
    u: inputSlot('1', 'share of the plate’s speed', [0, 1]),
  },
  compute: ({ I, c, u }) => I * Math.sqrt(c + (1 - c) * u),
});
