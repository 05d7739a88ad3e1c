import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What a torque on one shaft has become on the last, by way of the next shaft's gain.
 * @example torqueGain.compute({ i: 10 / 3, k: 0.96, G_2: 2 }) // ≈ 6.4
 */
export const torqueGain = defineFormula({
  id: 'torque-gain',
  title: 'torque at the tool for each torque on the shaft',
  symbol: 'G_1',
  unit: '1',
  expr: 'i * k * G_2',
  source: 'Balance of power over each reduction in turn (definition of efficiency)',
  inputs: {
    i: inputSlot('1', 'ratio to the next shaft', [0.001, 1000]),
    k: inputSlot('1', 'share of the torque that arrives there', [0.05, 1]),
    G_2: inputSlot('1', 'gain of the next shaft; 1 at the tool', [1e-6, 1e6]),
  },
  compute: ({ i, k, G_2 }) => i * k * G_2,
});
