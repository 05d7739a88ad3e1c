import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example moduleFromPitch.compute({ P: 16 }) // 1.5875
 */
export const moduleFromPitch = defineFormula({
  id: 'module-from-pitch',
  title: 'module of a diametral pitch',
  symbol: 'm',
  unit: 'mm',
  expr: '25.4 / P',
  source: 'Definition: teeth per inch of pitch diameter',
  inputs: {
    P: inputSlot('1', 'diametral pitch', [0.5, 250]),
  },
  compute: ({ P }) => 25.4 / P,
});
