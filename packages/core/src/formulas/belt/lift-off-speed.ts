import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * All of its tension then only holds it to its circle.
 * @example liftOffSpeed.compute({ F_i: 42, m: 0.105 }) // 20
 */
export const liftOffSpeed = defineFormula({
  id: 'lift-off-speed',
  title: 'speed at which a belt no longer presses on its pulleys',
  symbol: 'v_0',
  unit: 'm/s',
  expr: 'sqrt(F_i / m)',
  source: 'Centrifugal tension solved for the speed (closed form)',
  inputs: {
    F_i: inputSlot('N', 'tension of one span at rest', [1, 20000]),
    m: inputSlot('kg/m', 'mass of the belt per length', [0.001, 5]),
  },
  compute: ({ F_i, m }) => Math.sqrt(F_i / m),
});
