import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example flywheelForEvenness.compute({ E: 800, C_s: 0.1, n: 250 }) // ≈ 11.67
 */
export const flywheelForEvenness = defineFormula({
  id: 'flywheel-for-evenness',
  title: 'flywheel for a given evenness',
  symbol: 'J',
  unit: 'kg·m²',
  expr: 'E / (C_s * (pi * n / 30)^2)',
  source: 'Shigley’s Mechanical Engineering Design (10e), flywheels',
  inputs: {
    E: inputSlot('J', 'energy that comes and goes in a cycle', [0.01, 1000000]),
    C_s: inputSlot('1', 'how far the speed may vary, of the mean', [0.001, 1]),
    n: inputSlot('rpm', 'mean speed', [1, 30000]),
  },
  compute: ({ E, C_s, n }) => E / (C_s * ((Math.PI * n) / 30) ** 2),
});
