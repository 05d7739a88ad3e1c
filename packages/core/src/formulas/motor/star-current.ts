import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A motor that is made for delta and started in star: a third of the current, and of the torque.
 * @example starCurrent.compute({ I: 42 }) // 14
 */
export const starCurrent = defineFormula({
  id: 'star-current',
  title: 'starting current in star',
  symbol: 'I_Y',
  unit: 'A',
  expr: 'I / 3',
  source: 'Textbooks on electric machines (relation): 1/√3 of the voltage at a winding, and that current once in the line',
  inputs: { I: inputSlot('A', 'starting current in delta', [0.01, 10000]) },
  compute: ({ I }) => I / 3,
});
