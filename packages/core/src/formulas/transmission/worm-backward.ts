import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Nought where it locks itself.
 * @example wormBackward.compute({ f: 0.1, phi: 0.349, lambda: 0.0698 }) // 0
 */
export const wormBackward = defineFormula({
  id: 'worm-backward',
  title: 'efficiency of a worm that its wheel drives',
  symbol: 'eta',
  unit: '1',
  expr: 'max(0, (cos(phi) - f / tan(lambda)) / (cos(phi) + f * tan(lambda)))',
  source: 'Shigley’s Mechanical Engineering Design (10e), worm gears',
  inputs: {
    f: inputSlot('1', 'friction of worm on wheel', [0, 0.3]),
    phi: inputSlot('rad', 'pressure angle, normal to the tooth', [0.2, 0.55]),
    lambda: inputSlot('rad', 'lead angle of the worm', [0.01, 0.7]),
  },
  compute: ({ f, phi, lambda }) => Math.max(0, (Math.cos(phi) - f / Math.tan(lambda)) / (Math.cos(phi) + f * Math.tan(lambda))),
});
