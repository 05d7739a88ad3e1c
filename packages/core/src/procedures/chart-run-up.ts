import type { Figure } from '../figure/figure.js';
import type { Ends } from '../kinds/kind.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { walk } from './walk-line.js';

/** A run-up for a chart, as plain numbers at speeds evenly spaced from rest to the likely highest speed. */
export interface RunUp {
  readonly speeds_rpm: readonly number[];
  /** Of the source, at its least, as likely and at its most. */
  readonly torque_Nm: Ends<readonly number[]>;
  /** Likely load at the source's shaft. */
  readonly load_Nm: readonly number[];
  /** Where a starting winding drops out; null where there is none. */
  readonly switch_rpm: number | null;
  readonly settles: Figure<'rpm'>;
}

const steps = 160;

/**
 * The run-up of a line, worked out when someone looks at it: no evaluation needs it.
 * @returns null where there is no such line, or its source, its load or its inertia is not known
 * @throws Error when a kind of the line is not among `kinds`
 */
export function chartRunUp(build: Build, kinds: Kinds, lineId: string): RunUp | null {
  const line = build.lines.find(({ id }) => id === lineId);
  const runningUp = line && walk(line, kinds, build).runningUp;
  if (!runningUp) return null;
  const { curves, load, settles } = runningUp;
  const { top_rpm, switch_rpm } = curves[1];
  const speeds_rpm = Array.from({ length: steps + 1 }, (_, k) => (top_rpm * k) / steps);
  const [low, likely, high] = curves.map((curve) => speeds_rpm.map(curve.torque)) as [number[], number[], number[]];
  return { speeds_rpm, torque_Nm: [low, likely, high], load_Nm: speeds_rpm.map(load), switch_rpm, settles };
}
