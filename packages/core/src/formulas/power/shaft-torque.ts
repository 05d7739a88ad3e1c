import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque at a turning shaft from its power and speed. Says nothing of a shaft at rest.
 * @example shaftTorque.compute({ P: 550, n: 1425 }) // ≈ 3.686
 */
export const shaftTorque = defineFormula({
  id: 'shaft-torque',
  title: 'torque from power',
  symbol: 'T',
  unit: 'N·m',
  expr: '60 * P / (2 * pi * n)',
  source: 'Definition: power is torque × angular speed',
  inputs: { P: inputSlot('W', 'power', [0, 1e6]), n: inputSlot('rpm', 'speed', [0.001, 100_000]) },
  compute: ({ P, n }) => (60 * P) / (2 * Math.PI * n),
});
