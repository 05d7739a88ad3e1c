import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example edgeShare.compute({ h: 40, D: 400 }) // 0.1
 */
export const edgeShare = defineFormula({
  id: 'edge-share',
  title: 'height of an edge in diameters of the wheel',
  symbol: 'u',
  unit: '1',
  expr: 'h / D',
  source: 'Definition of a share',
  inputs: {
    h: inputSlot('mm', 'height of the edge', [1, 500]),
    D: inputSlot('mm', 'diameter of the wheel', [20, 3_000]),
  },
  compute: ({ h, D }) => h / D,
});
