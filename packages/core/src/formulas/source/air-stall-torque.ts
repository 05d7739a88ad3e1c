import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque of an air motor that is held, by its most power.
 * @example airStallTorque.compute({ P: 500, n_0: 3000 }) // ≈ 6.366
 */
export const airStallTorque = defineFormula({
  id: 'air-stall-torque',
  title: 'torque of a held air motor',
  symbol: 'T',
  unit: 'N·m',
  expr: '120 * P / (pi * n_0)',
  source: 'A straight line from rest to the unloaded speed has its most power in the middle (closed form)',
  inputs: {
    P: inputSlot('W', 'most power', [1, 100000]),
    n_0: inputSlot('rpm', 'unloaded speed', [1, 60000]),
  },
  compute: ({ P, n_0 }) => (120 * P) / (Math.PI * n_0),
});
