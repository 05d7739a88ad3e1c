import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The wheel turns about the edge: the higher it is, the further ahead its axle has to be lifted over it.
 * @example kerbGrip.compute({ u: 0.1 }) // 0.75
 */
export const kerbGrip = defineFormula({
  id: 'kerb-grip',
  title: 'grip that a driven wheel needs to climb an edge',
  symbol: 'mu_k',
  unit: '1',
  expr: 'sqrt(u - u^2) / (0.5 - u)',
  source: 'Balance of a wheel about the edge (closed form), driven by itself and not pushed',
  inputs: { u: inputSlot('1', 'height of the edge in diameters of the wheel', [0.001, 0.45]) },
  compute: ({ u }) => Math.sqrt(u - u ** 2) / (0.5 - u),
});
