import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Something that already does the job tells what the job takes.
 * @example measuredShaftPower.compute({ P_on: 840, P_0: 240, eta: 0.62 }) // 372
 */
export const measuredShaftPower = defineFormula({
  id: 'measured-shaft-power',
  title: 'power at the shaft of a measured machine',
  symbol: 'P',
  unit: 'W',
  expr: '(P_on - P_0) * eta',
  source: 'Balance of power: what a meter shows at work, less the idle run, times the motor’s efficiency',
  inputs: {
    P_on: inputSlot('W', 'at work, from the wall', [1, 1000000.0]),
    P_0: inputSlot('W', 'idling, from the wall', [0, 1000000.0]),
    eta: inputSlot('1', 'efficiency of its motor', [0.05, 1]),
  },
  compute: ({ P_on, P_0, eta }) => (P_on - P_0) * eta,
});
