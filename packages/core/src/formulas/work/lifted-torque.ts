import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A tumbling load lies tilted; its centre of mass is aside of the axis.
 * @example liftedTorque.compute({ m: 10, r: 84.88, a: 0.6109 }) // ≈ 4.77
 */
export const liftedTorque = defineFormula({
  id: 'lifted-torque',
  title: 'torque that holds a tumbling load tilted',
  symbol: 'T',
  unit: 'N·m',
  expr: 'm * 9.80665 * r / 1000 * sin(a)',
  source: 'Comminution textbooks (lifted-load model)',
  inputs: {
    m: inputSlot('kg', 'load', [0.01, 5_000]),
    r: inputSlot('mm', 'centre of the load below the axis', [0, 1_500]),
    a: inputSlot('rad', 'angle at which it tumbles', [0.1, Math.PI / 2]),
  },
  compute: ({ m, r, a }) => ((m * 9.80665 * r) / 1000) * Math.sin(a),
});
