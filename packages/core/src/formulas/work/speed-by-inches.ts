import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Speed of a blank of wood by its diameter: the rule counts in inches.
 * @example speedByInches.compute({ p: 9000, d: 254 }) // 900
 */
export const speedByInches = defineFormula({
  id: 'speed-by-inches',
  title: 'speed of a blank by its diameter in inches',
  symbol: 'n',
  unit: 'rpm',
  expr: '25.4 * p / d',
  source: 'Common practice, no source: speed by diameter in inches is 6000 to 9000',
  inputs: {
    p: inputSlot('1', 'speed by diameter in inches', [1000, 12000]),
    d: inputSlot('mm', 'diameter of the blank', [5, 2000]),
  },
  compute: ({ p, d }) => (25.4 * p) / d,
});
