import { type Figure, fixed, flag, known, scaled } from '../../figure/figure.js';

/**
 * What a motor is chosen for, as a multiple of what the work needs: without its band, since what is more than likely is left to the breakdown torque, which
 * is twice the rated and more.
 * @param why source of the multiple
 */
export function ratedFor(torque: Figure<'N·m'>, multiple: number, why: string): Figure<'N·m'> {
  const rated = scaled(torque, fixed('1', multiple, why, undefined, flag.estimated), why);
  return rated.known ? known('N·m', rated.value, rated.origin, undefined, rated.flags) : rated;
}
