import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Power that the work needs, with its service factor.
 * @example designPower.compute({ P: 7457, K_s: 1.3 }) // ≈ 9694
 */
export const designPower = defineFormula({
  id: 'design-power',
  title: 'power to design for',
  symbol: 'P_d',
  unit: 'W',
  expr: 'P * K_s',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-19 (relation), design factor 1",
  inputs: {
    P: inputSlot('W', 'power needed', [0, 1000000.0]),
    K_s: inputSlot('1', 'service factor', [1, 2.5]),
  },
  compute: ({ P, K_s }) => P * K_s,
});
