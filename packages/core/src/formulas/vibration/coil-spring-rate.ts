import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Rate of coil springs of steel wire beside each other.
 * @example coilSpringRate.compute({ z: 4, d: 3, D: 25, n: 8 }) // ≈ 26.244
 */
export const coilSpringRate = defineFormula({
  id: 'coil-spring-rate',
  title: 'rate of coil springs',
  symbol: 'k',
  unit: 'N/mm',
  expr: 'z * 81000 * d^4 / (8 * D^3 * n)',
  source: 'Shigley’s Mechanical Engineering Design, eq. 10-9; steel with 81 GPa in shear',
  inputs: {
    z: inputSlot('1', 'springs', [1, 24]),
    d: inputSlot('mm', 'wire', [0.3, 40]),
    D: inputSlot('mm', 'mean diameter of the coil', [2, 400]),
    n: inputSlot('1', 'coils that work', [1, 60]),
  },
  compute: ({ z, d, D, n }) => (z * 81000 * d ** 4) / (8 * D ** 3 * n),
});
