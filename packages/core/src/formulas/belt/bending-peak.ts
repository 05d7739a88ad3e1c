import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Bending on a small pulley costs more life than the pull.
 * @example bendingPeak.compute({ F_1: 286.5, K_b: 65079, d: 187.96 }) // ≈ 632.7
 */
export const bendingPeak = defineFormula({
  id: 'bending-peak',
  title: 'peak pull in the belt on a pulley',
  symbol: 'T',
  unit: 'N',
  expr: 'F_1 + K_b / d',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-26 (relation)",
  inputs: {
    F_1: inputSlot('N', 'pull of the tight span', [0, 20000]),
    K_b: inputSlot('1', 'bending constant of the section, N·mm', [1000, 1300000]),
    d: inputSlot('mm', 'pitch diameter of the pulley', [20, 2000]),
  },
  compute: ({ F_1, K_b, d }) => F_1 + K_b / d,
});
