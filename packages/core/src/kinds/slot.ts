import { type Figure, highEnd, lowEnd, picked } from '../figure/figure.js';
import { solve } from '../figure/formula.js';

/** How far, whichever way. */
export const distance = (off: Figure<'mm'>): Figure<'mm'> => solve('mm', 'distance', { off }, ({ off: by = 0 }) => Math.abs(by));

/** Room in a slot on the side that a move asks for; where a guess leaves open which, the lesser of both. */
export function roomTowards(off: Figure<'mm'>, inward: Figure<'mm'>, outward: Figure<'mm'>): Figure<'mm'> {
  if (off.known && lowEnd(off) < 0 && highEnd(off) > 0) return picked('least', 'mm', [inward, outward]);
  return off.known && off.value < 0 ? inward : outward;
}
