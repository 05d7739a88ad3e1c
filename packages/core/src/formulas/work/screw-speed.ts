import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Speed of a screw that moves something at a speed.
 * @example screwSpeed.compute({ v: 2, l: 6 }) // 20
 */
export const screwSpeed = defineFormula({
  id: 'screw-speed',
  title: 'speed of a screw',
  symbol: 'n',
  unit: 'rpm',
  expr: '60 * v / l',
  source: 'A lead a turn (definition)',
  inputs: { v: inputSlot('mm/s', 'speed along the screw', [0.05, 2000]), l: inputSlot('mm', 'lead', [0.1, 200]) },
  compute: ({ v, l }) => (60 * v) / l,
});
