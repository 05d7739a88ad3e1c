import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Share of the synchronous speed by which an induction motor lags.
 * @example motorSlip.compute({ n_s: 1500, n: 1425 }) // 0.05
 */
export const motorSlip = defineFormula({
  id: 'motor-slip',
  title: 'slip of the motor',
  symbol: 's',
  unit: '1',
  expr: '(n_s - n) / n_s',
  source: 'textbooks on electric machines (relation)',
  inputs: {
    n_s: inputSlot('rpm', 'synchronous speed', [1, 100000]),
    n: inputSlot('rpm', 'speed of the shaft', [0, 100000]),
  },
  compute: ({ n_s, n }) => (n_s - n) / n_s,
});
