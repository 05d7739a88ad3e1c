import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A torque on any shaft as the tool feels it.
 * @example torqueAtTool.compute({ T: 3.686, G: 3.2 }) // ≈ 11.795
 */
export const torqueAtTool = defineFormula({
  id: 'torque-at-tool',
  title: 'torque as the tool feels it',
  symbol: 'T_t',
  unit: 'N·m',
  expr: 'T * G',
  source: 'Balance of power over each reduction in turn (definition of efficiency)',
  inputs: {
    T: inputSlot('N·m', 'torque on the shaft', [0, 1e6]),
    G: inputSlot('1', 'gain from the shaft to the tool', [1e-6, 1e6]),
  },
  compute: ({ T, G }) => T * G,
});
