import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Steady shaft power that a wall circuit feeds. It bounds no jam: a breaker passes several times its rating for seconds.
 * @example circuitPower.compute({ m: 1, V: 120, I: 15, share: 0.8, eta: 0.75, pf: 1 }) // 1080
 */
export const circuitPower = defineFormula({
  id: 'circuit-power',
  title: 'shaft power that a circuit feeds',
  symbol: 'P',
  unit: 'W',
  expr: 'm * V * I * share * eta * pf',
  source: 'Common practice, no source: steadily at most 80 % of the breaker where a code says so, all of it elsewhere',
  inputs: {
    m: inputSlot('1', 'phase factor, 1 or √3', [1, 1.7321]),
    V: inputSlot('V', 'voltage, of three phases that between two of them', [1, 1000]),
    I: inputSlot('A', 'rating of the breaker', [0.5, 200]),
    share: inputSlot('1', 'share that may be drawn steadily', [0.5, 1]),
    eta: inputSlot('1', 'efficiency of the motor', [0.1, 1]),
    pf: inputSlot('1', 'power factor of the motor', [0.2, 1]),
  },
  compute: ({ m, V, I, share, eta, pf }) => m * V * I * share * eta * pf,
});
