import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * From where the belt leaves one pulley to where it meets the other.
 * @example spanLength.compute({ d: 100, D: 250, C: 450 }) // ≈ 443.7
 */
export const spanLength = defineFormula({
  id: 'span-length',
  title: 'straight span of the belt',
  symbol: 's',
  unit: 'mm',
  expr: 'sqrt(C^2 - ((D - d) / 2)^2)',
  source: 'Closed form; the span of the force-and-deflection check (RMA and ISO 5292 practice)',
  inputs: {
    d: inputSlot('mm', 'small pulley, pitch diameter', [1, 5000]),
    D: inputSlot('mm', 'large pulley, pitch diameter', [1, 5000]),
    C: inputSlot('mm', 'centre distance', [1, 50000]),
  },
  where: { turns: ['d', 'D'], says: 'd is the smaller pulley', holds: ({ d, D }) => d <= D },
  compute: ({ d, D, C }) => Math.sqrt(C ** 2 - ((D - d) / 2) ** 2),
});
