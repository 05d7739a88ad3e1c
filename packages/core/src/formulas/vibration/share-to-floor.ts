import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Share of the eccentric’s force that springs and dampers pass on to the floor.
 * @example shareToFloor.compute({ r: 8.3168, zeta: 0.05 }) // ≈ 0.01908
 */
export const shareToFloor = defineFormula({
  id: 'share-to-floor',
  title: 'share of the force that the floor has',
  symbol: 'TR',
  unit: '1',
  expr: 'sqrt((1 + (2 * zeta * r)^2) / ((1 - r^2)^2 + (2 * zeta * r)^2))',
  source: 'Vibration textbooks (transmissibility)',
  inputs: { r: inputSlot('1', 'speed over the natural frequency', [0.01, 100]), zeta: inputSlot('1', 'damping ratio', [0.001, 1]) },
  where: { turns: ['r', 'zeta'], says: 'it runs at 1.41 times its natural frequency and more', holds: ({ r }) => r >= Math.SQRT2 },
  compute: ({ r, zeta }) => Math.sqrt((1 + (2 * zeta * r) ** 2) / ((1 - r ** 2) ** 2 + (2 * zeta * r) ** 2)),
});
