import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The wedge presses harder than the belt is pulled; on a flat pulley (180°) nothing is gained.
 * @example wedgeFriction.compute({ mu: 0.3, g: 0.6632 }) // ≈ 0.9215
 */
export const wedgeFriction = defineFormula({
  id: 'wedge-friction',
  title: 'friction of a belt in its groove',
  symbol: 'µ′',
  unit: '1',
  expr: 'mu / sin(g / 2)',
  source: 'Roloff/Matek, V-belt friction (relation)',
  inputs: {
    mu: inputSlot('1', 'friction of belt on metal', [0.05, 1]),
    g: inputSlot('rad', 'groove angle', [0.4, Math.PI]),
  },
  compute: ({ mu, g }) => mu / Math.sin(g / 2),
});
