import { saturated } from '../../shared/saturation.js';

/** A motor whose drive sets field and torque apart: plain numbers. */
export interface FieldOriented {
  /** At its rated point: torque, N·m; current, magnetising current and current that makes torque, A effective. */
  readonly T_n: number;
  readonly I_m: number;
  readonly I_q: number;
  /** How full its iron is at the rated point: what the magnetising current adds is divided by 1 + a. */
  readonly a: number;
}

/** Torque of a current of which a part magnetises, N·m; nothing where all of it does. */
export function torqueOf({ T_n, I_m, I_q, a }: FieldOriented, I: number, I_d: number): number {
  const left = I ** 2 - I_d ** 2;
  return left > 0 ? (T_n * saturated(I_d / I_m, a) * Math.sqrt(left)) / I_q : 0;
}

/** Current for a torque, A. */
export const currentFor = ({ T_n, I_m, I_q, a }: FieldOriented, T: number, I_d: number): number =>
  Math.hypot((T * I_q) / (T_n * saturated(I_d / I_m, a)), I_d);

/** Magnetising current with the most torque of a current, A: where what more of it adds to the field it takes from the torque. */
export function bestMagnetising({ I_m, a }: Pick<FieldOriented, 'I_m' | 'a'>, I: number): number {
  // d/dI_d of f(I_d)·√(I² − I_d²) is nothing: I² − I_d² = I_d²·(1 + a·I_d/I_m), which only rises.
  let [low, high] = [0, I];
  for (let k = 0; k < 40; k++) {
    const I_d = (low + high) / 2;
    if (I_d ** 2 * (2 + (a * I_d) / I_m) < I ** 2) low = I_d;
    else high = I_d;
  }
  return high;
}
