import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What a lead leaves of the voltage, the motor taken as an impedance: never below nought, however long it is.
 * @example shareAtMotor.compute({ w: 2, I: 20.5, R: 0.2917, V_n: 230, pf: 0.7 }) // ≈ 0.964
 */
export const shareAtMotor = defineFormula({
  id: 'share-at-motor',
  title: 'share of the voltage that arrives',
  symbol: 'v',
  unit: '1',
  expr: '1 / sqrt(1 + 2 * pf * (w * I * R / V_n) + (w * I * R / V_n)^2)',
  source: 'Ohm’s law, the motor as an impedance that draws I at its rated voltage (closed form); reactance of the lead left out',
  inputs: {
    w: inputSlot('1', 'cores the current goes through, 2 or √3', [1.732, 2]),
    I: inputSlot('A', 'current at the rated voltage', [0, 2000]),
    R: inputSlot('Ω', 'resistance of one core', [0, 200]),
    V_n: inputSlot('V', 'rated voltage', [1, 1000]),
    pf: inputSlot('1', 'power factor', [0.1, 1]),
  },
  compute: ({ w, I, R, V_n, pf }) => {
    const r = (w * I * R) / V_n;
    return 1 / Math.sqrt(1 + 2 * pf * r + r ** 2);
  },
});
