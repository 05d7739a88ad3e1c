import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A chain allows half a degree.
 * @example lineAngle.compute({ o: 1.5, C: 300 }) // ≈ 0.005
 */
export const lineAngle = defineFormula({
  id: 'line-angle',
  title: 'angle by which the chain runs out of line',
  symbol: 'β',
  unit: 'rad',
  expr: 'atan(o / C)',
  source: 'Closed form',
  inputs: {
    o: inputSlot('mm', 'sprockets out of line by', [0, 100]),
    C: inputSlot('mm', 'centre distance', [20, 20000]),
  },
  compute: ({ o, C }) => Math.atan(o / C),
});
