import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Power of a cut by its volume and the force of the chip by its section, which is energy by volume: 1 MPa is 1 J/cm³.
 * @example cutPower.compute({ Q: 12, k: 50, w: 1.2 }) // 12
 */
export const cutPower = defineFormula({
  id: 'cut-power',
  title: 'power of a cut',
  symbol: 'P_c',
  unit: 'W',
  expr: 'Q * k / 60 * w',
  source: 'Closed form: energy by volume',
  inputs: {
    Q: inputSlot('cm³/min', 'volume that is cut away', [0.001, 50000]),
    k: inputSlot('MPa', 'energy by volume', [1, 10000]),
    w: inputSlot('1', 'for wear', [1, 3]),
  },
  compute: ({ Q, k, w }) => ((Q * k) / 60) * w,
});
