import type { Figure } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';

export const walksSource = 'Common practice, no source: what is not bolted down walks from a tenth of its weight on';
export const tenthOfWeight = defineProcedure({ id: 'tenth-of-weight', says: 'A tenth of the weight of what is shaken', source: walksSource });

/** The force from which a machine that is not bolted down walks. */
export const walksFromForce = (m: Figure<'kg'>): Figure<'N'> => solve('N', tenthOfWeight, { m }, ({ m: mass = 0 }) => 0.980665 * mass);
