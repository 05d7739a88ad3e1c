import { Solver } from './odex.js';

/** A rotor that is driven, a wheel behind a first spring, a stop behind a second one that yields as soon as it is loaded with `yields`. */
export interface Stopped {
  /** kg·m² */
  readonly rotor: number;
  readonly wheel: number;
  /** N·m/rad */
  readonly first: number;
  readonly second: number;
  /** rad/s */
  readonly speed: number;
  /** N·m, below its speed; a drive runs no faster than it runs. */
  readonly drive: number;
  readonly yields: number;
}

/**
 * Angle by which the stop has yielded when all is at rest, by integrating the motion of both inertias: nothing of an energy is put in.
 * @returns rad
 */
export function yieldedBy({ rotor, wheel, first, second, speed, drive, yields }: Stopped): number {
  const solver = new Solver(5);
  solver.absoluteTolerance = 1e-7;
  solver.relativeTolerance = 1e-6;
  solver.maxSteps = 1_000_000;
  const slope = 0.002 * speed;
  const motion = (_t: number, [a = 0, va = 0, b = 0, vb = 0, p = 0]: number[]) => {
    const pull = drive * Math.min(1, Math.max(0, (speed - va) / slope));
    const between = first * (a - b);
    const atStop = Math.max(0, second * (b - p));
    const isYielding = atStop >= yields && vb > 0;
    return [va, (pull - between) / rotor, vb, (between - Math.min(atStop, yields)) / wheel, isYielding ? vb : 0];
  };
  // Long enough for both to come to rest at the torque at which the stop yields, and for a quarter of their slowest oscillation.
  const inertia = rotor + wheel;
  const seconds = (inertia * speed) / (yields - drive) + Math.PI * Math.sqrt(inertia * (1 / first + 1 / second));
  return solver.solve(motion, 0, [0, speed, 0, speed, 0], seconds).y[4] as number;
}
