import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Energy of something that is moved along, which is released when it is stopped.
 * @example movingEnergy.compute({ m: 20, v: 0.5 }) // ≈ 2.5
 */
export const movingEnergy = defineFormula({
  id: 'moving-energy',
  title: 'energy of what moves along',
  symbol: 'E',
  unit: 'J',
  expr: 'm * v^2 / 2',
  source: 'Closed form',
  inputs: { m: inputSlot('kg', 'mass', [0, 1e6]), v: inputSlot('m/s', 'speed', [0, 1_000]) },
  compute: ({ m, v }) => (m * v ** 2) / 2,
});
