import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Energy of a spinning wheel, which is released when it is stopped.
 * @example kineticEnergy.compute({ J: 0.02, n: 427.5 }) // ≈ 20.04
 */
export const kineticEnergy = defineFormula({
  id: 'kinetic-energy',
  title: 'energy of what spins',
  symbol: 'E',
  unit: 'J',
  expr: 'J * (pi * n / 30)^2 / 2',
  source: 'Closed form',
  inputs: {
    J: inputSlot('kg·m²', 'moment of inertia', [0, 1000]),
    n: inputSlot('rpm', 'speed', [0, 20000]),
  },
  compute: ({ J, n }) => (J * ((Math.PI * n) / 30) ** 2) / 2,
});
