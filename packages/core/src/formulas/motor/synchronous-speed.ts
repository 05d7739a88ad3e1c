import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Speed of the turning field of an induction motor, which it never quite reaches.
 * @example synchronousSpeed.compute({ f: 50, p: 4 }) // 1500
 */
export const synchronousSpeed = defineFormula({
  id: 'synchronous-speed',
  title: 'synchronous speed',
  symbol: 'n_s',
  unit: 'rpm',
  expr: '120 * f / p',
  source: 'IEC 60034-1, definitions (relation)',
  inputs: {
    f: inputSlot('Hz', 'frequency of the supply', [1, 1000]),
    p: inputSlot('1', 'number of poles', [2, 48]),
  },
  compute: ({ f, p }) => (120 * f) / p,
});
