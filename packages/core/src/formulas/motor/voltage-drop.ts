import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What the lead keeps of the voltage while the motor runs.
 * @example voltageDrop.compute({ w: 2, I: 10, R: 0.2917, pf: 1 }) // ≈ 5.83
 */
export const voltageDrop = defineFormula({
  id: 'voltage-drop',
  title: 'voltage lost in the lead',
  symbol: 'ΔV',
  unit: 'V',
  expr: 'w * I * R * pf',
  source: 'Closed form; w is 2 for single phase, √3 for three; reactance left out',
  inputs: {
    w: inputSlot('1', 'cores the current goes through', [1.732, 2]),
    I: inputSlot('A', 'current', [0, 2000]),
    R: inputSlot('Ω', 'resistance of one core', [0.0001, 100]),
    pf: inputSlot('1', 'power factor', [0.2, 1]),
  },
  compute: ({ w, I, R, pf }) => w * I * R * pf,
});
