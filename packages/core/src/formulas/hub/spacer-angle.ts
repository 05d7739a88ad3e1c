import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Shafts that do not meet bend what joins them.
 * @example spacerAngle.compute({ o: 0.8, s: 60 }) // ≈ 0.01333
 */
export const spacerAngle = defineFormula({
  id: 'spacer-angle',
  title: 'angle of a coupling from an offset',
  symbol: 'β',
  unit: 'rad',
  expr: 'atan(o / s)',
  source: 'Closed form',
  inputs: {
    o: inputSlot('mm', 'shafts out of line by', [0, 100]),
    s: inputSlot('mm', 'distance over which the coupling bends', [1, 2000]),
  },
  compute: ({ o, s }) => Math.atan(o / s),
});
