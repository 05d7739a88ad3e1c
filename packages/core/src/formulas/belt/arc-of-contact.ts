import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Arc over which an open belt lies on pulley `d`; the other pulley is `D`. No answer where the wheels are further apart in size than in centres.
 * @example arcOfContact.compute({ d: 75, D: 250, C: 420 }) // ≈ 2.722 rad, 156°
 */
export const arcOfContact = defineFormula({
  id: 'arc-of-contact',
  title: 'arc of contact',
  symbol: 'θ',
  unit: 'rad',
  expr: 'pi - 2 * asin((D - d) / (2 * C))',
  source: "Machinery's Handbook, arc of contact of open belts (relation)",
  inputs: {
    d: inputSlot('mm', 'this pulley, pitch diameter', [1, 5_000]),
    D: inputSlot('mm', 'other pulley, pitch diameter', [1, 5_000]),
    C: inputSlot('mm', 'centre distance', [1, 50_000]),
  },
  compute: ({ d, D, C }) => Math.PI - 2 * Math.asin((D - d) / (2 * C)),
});
