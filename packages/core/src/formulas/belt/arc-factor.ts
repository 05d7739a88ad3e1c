import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What of the rating is left when the belt lies on less than half of the small pulley.
 * @example arcFactor.compute({ theta: 2.635 }) // ≈ 0.93
 */
export const arcFactor = defineFormula({
  id: 'arc-factor',
  title: 'arc factor of the rating',
  symbol: 'K_1',
  unit: '1',
  expr: '0.143543 + 0.007468 * (180 / pi * theta) - 0.000015052 * (180 / pi * theta)^2',
  source: "Shigley's Mechanical Engineering Design (10e), table 17-13 and its footnote, V-V drives",
  inputs: {
    theta: inputSlot('rad', 'arc of contact of the small pulley', [Math.PI / 2, Math.PI]),
  },
  compute: ({ theta }) => 0.143543 + 0.007468 * ((180 / Math.PI) * theta) - 0.000015052 * ((180 / Math.PI) * theta) ** 2,
});
