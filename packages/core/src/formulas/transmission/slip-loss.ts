import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Speed lost under torque is heat.
 * @example slipLoss.compute({ P: 550, k: 0.96, s: 0.01 }) // 5.28
 */
export const slipLoss = defineFormula({
  id: 'slip-loss',
  title: 'power lost to slip',
  symbol: 'P_s',
  unit: 'W',
  expr: 'P * k * s',
  source: 'Balance of power over a stage',
  inputs: {
    P: inputSlot('W', 'power that arrives', [0, 1000000.0]),
    k: inputSlot('1', 'share of the torque that is passed on', [0.05, 1]),
    s: inputSlot('1', 'share of the speed lost', [0, 0.2]),
  },
  compute: ({ P, k, s }) => P * k * s,
});
