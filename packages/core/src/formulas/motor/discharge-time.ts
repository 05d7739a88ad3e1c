import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example dischargeTime.compute({ R: 15000, C: 1000, V_0: 325, V_1: 50 }) // ≈ 28.08
 */
export const dischargeTime = defineFormula({
  id: 'discharge-time',
  title: 'time until a capacitor is discharged',
  symbol: 't',
  unit: 's',
  expr: 'R * C / 1000000 * log(V_0 / V_1)',
  source: 'Closed form: a capacitor through a resistor',
  inputs: {
    R: inputSlot('Ω', 'resistor across it', [100, 10000000]),
    C: inputSlot('µF', 'capacitance', [0.1, 10000]),
    V_0: inputSlot('V', 'charged to', [60, 1500]),
    V_1: inputSlot('V', 'discharged to', [1, 60]),
  },
  compute: ({ R, C, V_0, V_1 }) => ((R * C) / 1e6) * Math.log(V_0 / V_1),
});
