import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Force of an eccentric that turns.
 * @example centrifugalForce.compute({ U: 8, n: 1450 }) // ≈ 184.45
 */
export const centrifugalForce = defineFormula({
  id: 'centrifugal-force',
  title: 'force of an eccentric',
  symbol: 'F',
  unit: 'N',
  expr: 'U / 1000 * (pi * n / 30)^2',
  source: 'Centrifugal force (definition)',
  inputs: { U: inputSlot('kg·mm', 'mass of the eccentric by its radius', [0.001, 5000]), n: inputSlot('rpm', 'speed', [1, 20_000]) },
  compute: ({ U, n }) => (U / 1000) * ((Math.PI * n) / 30) ** 2,
});
