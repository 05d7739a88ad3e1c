import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Full steps of a stepper in one turn.
 * @example stepsATurn.compute({ a: Math.PI / 100 }) // 200
 */
export const stepsATurn = defineFormula({
  id: 'steps-a-turn',
  title: 'full steps a turn',
  symbol: 'z',
  unit: '1',
  expr: '2 * pi / a',
  source: 'Definition of the step angle: a turn over it',
  inputs: {
    a: inputSlot('rad', 'angle of a full step', [0.005, 1]),
  },
  compute: ({ a }) => (2 * Math.PI) / a,
});
