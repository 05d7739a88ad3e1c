import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Speed at which what a motor makes by turning, and what its resistance takes, are its voltage.
 * @example speedAtCurrent.compute({ V: 48, I: 10, R: 0.8, V_b: 0, k: 0.25 }) // ≈ 1527.9
 */
export const speedAtCurrent = defineFormula({
  id: 'speed-at-current',
  title: 'speed at a current',
  symbol: 'n',
  unit: 'rpm',
  expr: '30 * (V - I * R - V_b) / (pi * k)',
  source: 'textbooks on electric machines (relation)',
  inputs: {
    V: inputSlot('V', 'voltage', [0.5, 1000]),
    I: inputSlot('A', 'current', [0, 2000]),
    R: inputSlot('Ω', 'resistance in its circuit', [0, 500]),
    V_b: inputSlot('V', 'drop at the brushes', [0, 4]),
    k: inputSlot('V·s/rad', 'constant of the motor', [0.0001, 100]),
  },
  compute: ({ V, I, R, V_b, k }) => (30 * (V - I * R - V_b)) / (Math.PI * k),
});
