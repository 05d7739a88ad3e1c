import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Volts per hertz over those of the plate: over 1.1 the iron is full and the winding burns, under 1 the motor is weaker.
 * @example fluxShare.compute({ V: 230, V_n: 230, f: 60, f_n: 50 }) // ≈ 0.833
 */
export const fluxShare = defineFormula({
  id: 'flux-share',
  title: 'flux over that of the plate',
  symbol: 'φ',
  unit: '1',
  expr: 'V / V_n * f_n / f',
  source: 'Textbooks on electric machines (relation): the flux goes with the volts per hertz',
  inputs: {
    V: inputSlot('V', 'voltage at the motor', [1, 1000]),
    V_n: inputSlot('V', 'rated voltage', [1, 1000]),
    f: inputSlot('Hz', 'frequency of the wall', [10, 400]),
    f_n: inputSlot('Hz', 'rated frequency', [10, 400]),
  },
  compute: ({ V, V_n, f, f_n }) => ((V / V_n) * f_n) / f,
});
