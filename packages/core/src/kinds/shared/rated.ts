import { type Figure, fixed, flag, scaled } from '../../figure/figure.js';
import { withoutBand } from './likely.js';

/**
 * What a motor is chosen for, as a multiple of what the work needs: without its band, since what is more than likely is left to the breakdown torque, which
 * is twice the rated and more.
 * @param why source of the multiple
 */
export function ratedFor(torque: Figure<'N·m'>, multiple: number, why: string): Figure<'N·m'> {
  return withoutBand(scaled(torque, fixed('1', multiple, why, undefined, flag.estimated), why));
}
