import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A sprocket is a polygon: with few teeth the chain runs rough.
 * @example chordalVariation.compute({ z: 17 }) // ≈ 0.01703
 */
export const chordalVariation = defineFormula({
  id: 'chordal-variation',
  title: 'speed that comes and goes with each tooth',
  symbol: 'δ',
  unit: '1',
  expr: '1 - cos(pi / z)',
  source: 'ANSI/ASME B29.1 as in Machinery’s Handbook (relation)',
  inputs: {
    z: inputSlot('1', 'teeth', [6, 150]),
  },
  compute: ({ z }) => 1 - Math.cos(Math.PI / z),
});
