import { defineFormula, slot } from '../../figure/formula.js';

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
    P: slot('W', 'design power', [0, 1000000.0]),
    v: slot('m/s', 'belt speed', [0.05, 60]),
    z: slot('1', 'number of belts', [1, 20]),
  },
  compute: ({ P, v, z }) => P / (v * z),
});
