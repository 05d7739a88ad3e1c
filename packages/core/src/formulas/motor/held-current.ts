import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Current of a motor that is held still: nothing but its resistance is in its way.
 * @example heldCurrent.compute({ V: 90, V_b: 0, R: 1.2 }) // 75
 */
export const heldCurrent = defineFormula({
  id: 'held-current',
  title: 'current of the held rotor',
  symbol: 'I',
  unit: 'A',
  expr: '(V - V_b) / R',
  source: 'textbooks on electric machines (relation)',
  inputs: {
    V: inputSlot('V', 'voltage', [0.5, 1000]),
    V_b: inputSlot('V', 'drop at the brushes', [0, 4]),
    R: inputSlot('Ω', 'resistance in its circuit', [0.001, 500]),
  },
  compute: ({ V, V_b, R }) => (V - V_b) / R,
});
