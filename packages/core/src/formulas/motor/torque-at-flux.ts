import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque of the plate on a weaker wall: the whole of it down to 95 % of its flux, less below.
 * @example torqueAtFlux.compute({ T_n: 2.08, phi: 0.522 }) // ≈ 1.143
 */
export const torqueAtFlux = defineFormula({
  id: 'torque-at-flux',
  title: 'torque for good at this flux',
  symbol: 'T',
  unit: 'N·m',
  expr: 'T_n * min(1, phi / 0.95)',
  source:
    'IEC 60034-1, zone A: the rated torque within 5 % of the voltage (from memory); below, at one current, torque with the flux (textbooks on electric machines)',
  inputs: {
    T_n: inputSlot('N·m', 'torque of the plate', [0.001, 1000000.0]),
    phi: inputSlot('1', 'flux over that of the plate', [0.1, 2]),
  },
  compute: ({ T_n, phi }) => T_n * Math.min(1, phi / 0.95),
});
