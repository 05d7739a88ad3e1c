import { type Figure, fixed, flag } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';

export const breaksSource =
  'Common practice, no source: drills and end mills of high-speed steel, 10 mm thick, break or slip in their chuck at 20 to 45 N·m, others with the cube of their diameter';
export const cutterStrength = defineProcedure({
  id: 'cutter-strength',
  says: 'So much at 10 mm by the cube of the diameter',
  source: breaksSource,
});
const of10mm = fixed('N·m', 32, breaksSource, [20, 45], flag.estimated);

/** Torque at which a drill or an end mill breaks. */
export const cutterBreaks = (across: Figure<'mm'>): Figure<'N·m'> =>
  solve('N·m', cutterStrength, { T: of10mm, d: across }, ({ T = 0, d = 0 }) => T * (d / 10) ** 3);
