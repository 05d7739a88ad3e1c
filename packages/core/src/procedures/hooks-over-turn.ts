import { anglesOf, hooksAt, hooksAtOnce, orderOf, placesOf } from '../geometry/hooks-at-once.js';
import type { EvaluatedLine } from './evaluate-build.js';

/** How many hooks of a shredder cut over a turn of its shaft, as plain numbers to be drawn. */
export interface HooksOverTurn {
  /** Place of each blade, 1 and up. */
  readonly places: readonly number[];
  /** From an angle on, to the next one, so many hooks; degrees, the last ends at 360. */
  readonly steps: readonly { readonly from_deg: number; readonly hooks: number }[];
  readonly most: number;
  readonly mean: number;
  /** Torque at the shaft of one hook, N·m; null where it is not known. */
  readonly ofHook_Nm: number | null;
}

/** What is entered of it. */
interface Bladed {
  readonly blades: number;
  readonly hooks: number;
  readonly order: string;
}

const turn = 2 * Math.PI;

/** The hooks of a shredder over a turn; null while what they cut over is not known. */
export function hooksOverTurn(line: EvaluatedLine, { blades, hooks, order }: Bladed): HooksOverTurn | null {
  const own = line.figures.get(`${line.id}/work`);
  const [arc, peak, loaded] = [own?.get('bite-angle'), own?.get('peak'), own?.get('hooks-loaded')];
  if (!arc?.known || blades < 1 || hooks < 1) return null;
  const of = { order: orderOf(order) ?? [], blades, hooks, arc: arc.value };
  // It changes only where a hook begins or ends.
  const turns = anglesOf(of).flatMap((at) =>
    Array.from({ length: hooks }, (_, k) => at + (k * turn) / hooks).flatMap((each) => [each, each + arc.value]),
  );
  const edges = [...new Set([0, ...turns.map((each) => Math.round((((each % turn) + turn) % turn) * 1e6) / 1e6)])].sort((a, b) => a - b);
  const steps = edges
    .map((from, k) => ({ from_deg: (from * 180) / Math.PI, hooks: hooksAt(of, (from + (edges[k + 1] ?? turn)) / 2) }))
    .filter((step, k, all) => k === 0 || step.hooks !== all[k - 1]?.hooks);
  const { most, mean } = hooksAtOnce(of);
  return { places: placesOf(of), steps, most, mean, ofHook_Nm: peak?.known && loaded?.known ? peak.value / loaded.value : null };
}
