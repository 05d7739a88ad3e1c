import { type Figure, highEnd, lowEnd, picked } from '../figure/figure.js';
import { defineProcedure, solve } from '../figure/formula.js';

export const roomLeft = defineProcedure({
  id: 'room-left',
  says: 'Room in the slot, with the way the belt wants the motor put to it or taken off',
  source: 'Closed form',
});

export const whicheverWay = defineProcedure({
  id: 'distance',
  says: 'The same distance, whichever way',
  source: 'Definition',
  turns: ['off'],
});

/** How far, whichever way. */
export const distance = (off: Figure<'mm'>): Figure<'mm'> => solve('mm', whicheverWay, { off }, ({ off: by = 0 }) => Math.abs(by));

/** Room in a slot on the side that a move asks for; where a guess leaves open which, the lesser of both. */
export function roomTowards(off: Figure<'mm'>, inward: Figure<'mm'>, outward: Figure<'mm'>): Figure<'mm'> {
  if (off.known && lowEnd(off) < 0 && highEnd(off) > 0) return picked('least', 'mm', [inward, outward]);
  return off.known && off.value < 0 ? inward : outward;
}
