import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What a frequency drive puts out between two phases: in proportion to the frequency, from a boost at rest; no more than the rated.
 * @example voltsByFrequency.compute({ V_n: 400, V_b: 16, f: 10, f_n: 50 }) // 92.8
 */
export const voltsByFrequency = defineFormula({
  id: 'volts-by-frequency',
  title: 'volts of a drive by its frequency',
  symbol: 'V',
  unit: 'V',
  expr: 'min(V_n, V_b + (V_n - V_b) * f / f_n)',
  source: 'Common practice, no source: U/f with boost',
  inputs: {
    V_n: inputSlot('V', 'rated voltage', [1, 1000]),
    V_b: inputSlot('V', 'boost at rest', [0, 200]),
    f: inputSlot('Hz', 'frequency', [0, 400]),
    f_n: inputSlot('Hz', 'rated frequency', [10, 400]),
  },
  compute: ({ V_n, V_b, f, f_n }) => Math.min(V_n, V_b + ((V_n - V_b) * f) / f_n),
});
