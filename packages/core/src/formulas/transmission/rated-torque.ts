import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What a coupling or a gearbox may carry with the shocks of the work.
 * @example ratedTorque.compute({ T_r: 35, f: 2 }) // 17.5
 */
export const ratedTorque = defineFormula({
  id: 'rated-torque',
  title: 'torque allowed by a service factor',
  symbol: 'T_a',
  unit: 'N·m',
  expr: 'T_r / f',
  source: 'Definition of the service factor',
  inputs: {
    T_r: inputSlot('N·m', 'rated torque', [0.01, 1000000.0]),
    f: inputSlot('1', 'service factor', [0.3, 3]),
  },
  compute: ({ T_r, f }) => T_r / f,
});
