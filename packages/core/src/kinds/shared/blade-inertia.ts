import { type Figure, fixed, flag } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';

const besideSource = 'Common practice, no source: arbor, flanges and pulley add a tenth to four fifths of the blade’s own inertia';
const beside = fixed('1', 1.35, besideSource, [1.1, 1.8], flag.estimated);

export const discOfSteel = defineProcedure({
  id: 'disc-of-steel',
  says: 'A disc of steel of 7850 kg/m³, with what turns beside it',
  source: `Closed form. ${besideSource}`,
});

/** Of a blade of steel as thick as its kerf, with its arbor and pulley. */
export const bladeInertia = (across: Figure<'mm'>, kerf: Figure<'mm'>): Figure<'kg·m²'> =>
  solve('kg·m²', discOfSteel, { D: across, b: kerf, u: beside }, ({ D = 0, b = 0, u = 1 }) => (u * 7850 * Math.PI * (D / 1000) ** 4 * b) / 32_000);
