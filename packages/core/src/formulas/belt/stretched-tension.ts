import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A stiff short belt reads tighter than it is.
 * @example stretchedTension.compute({ T_0: 200, EA: 60000, s: 420, q: 12, L: 1450 }) // ≈ 228.4
 */
export const stretchedTension = defineFormula({
  id: 'stretched-tension',
  title: 'tension once pushed, with the belt’s own stretch',
  symbol: 'T',
  unit: 'N',
  expr: 'T_0 + EA * (sqrt(s^2 + 4 * q^2) - s) / L',
  source: 'Closed form: the stretch of the pushed span shared by the whole belt',
  inputs: {
    T_0: inputSlot('N', 'tension at rest', [0, 20000]),
    EA: inputSlot('N', 'stiffness of the belt, force for doubling its length', [1000, 1000000.0]),
    s: inputSlot('mm', 'straight span', [20, 10000]),
    q: inputSlot('mm', 'how far it deflects', [0.5, 200]),
    L: inputSlot('mm', 'length that shares the stretch', [100, 20000]),
  },
  compute: ({ T_0, EA, s, q, L }) => T_0 + (EA * (Math.sqrt(s ** 2 + 4 * q ** 2) - s)) / L,
});
