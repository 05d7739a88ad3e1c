import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Bending and wedging of the belt, mesh of teeth.
 * @example frictionLoss.compute({ P: 550, k: 0.96 }) // 22
 */
export const frictionLoss = defineFormula({
  id: 'friction-loss',
  title: 'power lost to friction',
  symbol: 'P_f',
  unit: 'W',
  expr: 'P * (1 - k)',
  source: 'Balance of power over a stage',
  inputs: {
    P: inputSlot('W', 'power that arrives', [0, 1000000.0]),
    k: inputSlot('1', 'share of the torque that is passed on', [0.05, 1]),
  },
  compute: ({ P, k }) => P * (1 - k),
});
