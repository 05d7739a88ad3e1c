import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Thin air burns less petrol.
 * @example deratedPower.compute({ P_r: 4850, h: 610 }) // ≈ 4510
 */
export const deratedPower = defineFormula({
  id: 'derated-power',
  title: 'power of an engine at an altitude',
  symbol: 'P',
  unit: 'W',
  expr: 'P_r * (1 - 0.035 * h / 305)',
  source: 'Common practice, no source: 3.5 per cent for every 1000 ft (305 m)',
  inputs: {
    P_r: inputSlot('W', 'rated power', [10, 1000000.0]),
    h: inputSlot('1', 'height above the sea, m', [0, 4000]),
  },
  compute: ({ P_r, h }) => P_r * (1 - (0.035 * h) / 305),
});
