import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Power carried by a turning shaft.
 * @example shaftPower.compute({ T: 8, n: 423 }) // ≈ 354.4
 */
export const shaftPower = defineFormula({
  id: 'shaft-power',
  title: 'power from torque',
  symbol: 'P',
  unit: 'W',
  expr: '2 * pi * n * T / 60',
  source: 'Definition: power is torque × angular speed',
  inputs: { T: inputSlot('N·m', 'torque', [0, 1e6]), n: inputSlot('rpm', 'speed', [0, 100_000]) },
  compute: ({ T, n }) => (2 * Math.PI * n * T) / 60,
});
