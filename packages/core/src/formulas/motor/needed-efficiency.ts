import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What efficiency and power factor together must be for a plate to be true. Above 1 it contradicts itself.
 * @example neededEfficiency.compute({ P: 1118.55, m: 1, V: 230, I: 3 }) // ≈ 1.621
 */
export const neededEfficiency = defineFormula({
  id: 'needed-efficiency',
  title: 'efficiency times power factor that the plate implies',
  symbol: 'ηφ',
  unit: '1',
  expr: 'P / (m * V * I)',
  source: 'Balance of power (definition); neither factor can exceed 1',
  inputs: {
    P: inputSlot('W', 'shaft power', [1, 1000000.0]),
    m: inputSlot('1', 'phase factor', [1, 1.7321]),
    V: inputSlot('V', 'line voltage', [1, 1000]),
    I: inputSlot('A', 'line current', [0.05, 2000]),
  },
  compute: ({ P, m, V, I }) => P / (m * V * I),
});
