import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Force on an edge by the section of the chip: thin chips take more for their section.
 * @example specificForce.compute({ k: 2000, m: 0.5, h: 0.25 }) // 4000
 */
export const specificForce = defineFormula({
  id: 'specific-force',
  title: 'cutting force by the section of the chip',
  symbol: 'k_c',
  unit: 'MPa',
  expr: 'k * h^(-m)',
  source: 'Kienzle and Victor cutting-force law',
  inputs: {
    k: inputSlot('MPa', 'specific force of a chip 1 mm thick', [300, 5000]),
    m: inputSlot('1', 'exponent', [0, 0.5]),
    h: inputSlot('mm', 'thickness of the chip', [0.001, 2]),
  },
  compute: ({ k, m, h }) => k * h ** -m,
});
