import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What does the work: the tight span less the slack one.
 * @example beltPullDifference.compute({ P: 550, v: 5.6, z: 1 }) // ≈ 98.2
 */
export const beltPullDifference = defineFormula({
  id: 'belt-pull-difference',
  title: 'difference of the pulls in the spans, each belt',
  symbol: 'ΔF',
  unit: 'N',
  expr: 'P / (v * z)',
  source: 'Definition of power',
  inputs: {
    P: inputSlot('W', 'design power', [0, 1000000.0]),
    v: inputSlot('m/s', 'belt speed', [0.05, 60]),
    z: inputSlot('1', 'number of belts', [1, 20]),
  },
  compute: ({ P, v, z }) => P / (v * z),
});
