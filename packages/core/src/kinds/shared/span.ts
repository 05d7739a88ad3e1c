import { type Figure, fixed } from '../../figure/figure.js';
import { spanStiffness } from '../../formulas/dynamics/span-stiffness.js';

const pulling = fixed(
  '1',
  1,
  'At full pull one span is tight and the other slack; until then both of them pull against a twist (closed form)',
  [1, 2],
);

/** How hard the driving wheel of a belt or chain is to turn against its stretch, by the force at which it would be twice as long. */
export const stiffnessOfSpans = (EA: Figure<'N'>, d: Figure<'mm'>, s: Figure<'mm'>): Figure<'N·m/rad'> => spanStiffness({ EA, z: pulling, d, s });
