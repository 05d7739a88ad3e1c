import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Rises with the lead angle up to a little under half a right angle.
 * @example wormEfficiency.compute({ f: 0.03, phi: 0.2531, lambda: 0.1651 }) // ≈ 0.839
 */
export const wormEfficiency = defineFormula({
  id: 'worm-efficiency',
  title: 'efficiency of a worm that drives its wheel',
  symbol: 'eta',
  unit: '1',
  expr: '(cos(phi) - f * tan(lambda)) / (cos(phi) + f / tan(lambda))',
  source: 'Shigley’s Mechanical Engineering Design (10e), worm gears',
  inputs: {
    f: inputSlot('1', 'friction of worm on wheel', [0, 0.3]),
    phi: inputSlot('rad', 'pressure angle, normal to the tooth', [0.2, 0.55]),
    lambda: inputSlot('rad', 'lead angle of the worm', [0.01, 0.7]),
  },
  compute: ({ f, phi, lambda }) => (Math.cos(phi) - f * Math.tan(lambda)) / (Math.cos(phi) + f / Math.tan(lambda)),
});
