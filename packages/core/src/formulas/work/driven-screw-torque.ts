import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque of a screw that pushes, by its efficiency.
 * @example drivenScrewTorque.compute({ F: 2000, l: 5, eta: 0.9 }) // ≈ 1.7684
 */
export const drivenScrewTorque = defineFormula({
  id: 'driven-screw-torque',
  title: 'torque of a screw by its efficiency',
  symbol: 'T',
  unit: 'N·m',
  expr: 'F * l / (2000 * pi * eta)',
  source: 'Work of a turn over its efficiency (closed form)',
  inputs: {
    F: inputSlot('N', 'force along the screw', [0.1, 1_000_000]),
    l: inputSlot('mm', 'lead', [0.1, 200]),
    eta: inputSlot('1', 'efficiency', [0.02, 1]),
  },
  compute: ({ F, l, eta }) => (F * l) / (2000 * Math.PI * eta),
});
