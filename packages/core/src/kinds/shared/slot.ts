import type { CheckOutput } from '../../checks/check-output.js';
import { type Figure, highEnd, lowEnd } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';
import type { Declares } from './only.js';

export const roomLeft = defineProcedure({
  id: 'room-left',
  says: 'Room in the slot, with the move that the belt needs added to it or taken off',
  source: 'Closed form',
});

export const whicheverWay = defineProcedure({
  id: 'distance',
  says: 'The same distance, in either direction',
  source: 'Definition',
  turns: ['off'],
});

/** How far, in either direction, mm. */
export const distance = (off: Figure<'mm'>): Figure<'mm'> => solve('mm', whicheverWay, { off }, ({ off: by = 0 }) => Math.abs(by));

export const roomOnThatSide = defineProcedure({
  id: 'room-on-that-side',
  says: 'Room in the slot on the side that the belt needs the motor to move to',
  source: 'Definition',
  turns: ['off'],
});

/** Room in a slot on the side that a move needs; a guess may leave open which. */
export function roomTowards(off: Figure<'mm'>, inward: Figure<'mm'>, outward: Figure<'mm'>): Figure<'mm'> {
  if (off.known && lowEnd(off) < 0 && highEnd(off) > 0)
    return solve('mm', roomOnThatSide, { off, inward, outward }, ({ off: by = 0, inward: less = 0, outward: more = 0 }) => (by < 0 ? less : more));
  return off.known && off.value < 0 ? inward : outward;
}

/** Room that is left to move further out, once the motor is where the belt needs it. */
export const roomOutward = (slotOut: Figure<'mm'>, off: Figure<'mm'>): Figure<'mm'> =>
  solve('mm', roomLeft, { room: slotOut, off }, ({ room = 0, off: by = 0 }) => room - by);

/** Room that is left to move further in, once the motor is where the belt needs it. */
export const roomInward = (slotIn: Figure<'mm'>, off: Figure<'mm'>): Figure<'mm'> =>
  solve('mm', roomLeft, { room: slotIn, off }, ({ room = 0, off: by = 0 }) => room + by);

/** Wrap from 90° on a drive, and from 120° a good one: a quarter of the wrap is left then. */
export const wrapCloseBelow = 0.25;

export const reachCheck = {
  name: 'the belt in the slot',
  subject: 'whether the belt fits the slot',
  source: 'Open belt length solved for the centre distance (closed form)',
  says: 'the belt needs the motor {needs} further {way}; the slot leaves {has}',
} as const satisfies CheckOutput;

/** Whether the slot lets the motor move as far as the belt needs it to. */
export const reaches = (
  off: Figure<'mm'>,
  { slotIn, slotOut }: { readonly slotIn: Figure<'mm'>; readonly slotOut: Figure<'mm'> },
  { check }: Declares<Readonly<Record<never, never>>, { readonly reach: typeof reachCheck }>,
  source: string = reachCheck.source,
) => check('reach', { has: roomTowards(off, slotIn, slotOut), needs: distance(off), tells: { way: wayOf(off) }, source });

/** The direction of a move, for a sentence. */
export const wayOf = (off: Figure<'mm'>): 'in' | 'out' => (off.known && off.value < 0 ? 'in' : 'out');
