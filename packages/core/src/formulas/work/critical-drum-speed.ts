import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Faster than this the load clings to the drum all the way round.
 * @example criticalDrumSpeed.compute({ D: 500, d: 0 }) // ≈ 59.8
 */
export const criticalDrumSpeed = defineFormula({
  id: 'critical-drum-speed',
  title: 'critical speed of a drum',
  symbol: 'n_c',
  unit: 'rpm',
  expr: '42.3 / sqrt((D - d) / 1000)',
  source: 'Comminution textbooks (from memory): weight and centrifugal force alike at the top',
  inputs: {
    D: inputSlot('mm', 'inside diameter of the drum', [50, 3_000]),
    d: inputSlot('mm', 'size of what tumbles', [0, 150]),
  },
  compute: ({ D, d }) => 42.3 / Math.sqrt((D - d) / 1000),
});
