import type { Check } from '../../checks/check.js';
import type { Line, Shaft } from '../../machine/build.js';

/** How the shafts of a build are told: worked out, or as they last were, until there is a moment for them. */
export interface ShaftsAre {
  readonly asBefore: boolean;
  /** The setting of the line that is worked out; empty for what is entered. */
  readonly setting: string;
  /** How much of the dearest is worked out, by what was found of their line without it; left out where all of it always is. */
  readonly told?: (checks: readonly Check[]) => Told;
}

/** Neither jam nor shafts; the jam, with what shafts do in it; all that is said of shafts as well. */
export type Told = 'none' | 'in the jam' | 'all';

export const workedOut: ShaftsAre = { asBefore: false, setting: '' };

/** What was last worked out of a shaft, by what it is and for which line. */
const last = new WeakMap<Shaft, Map<string, unknown>>();
/** So many are kept of a shaft: lines, settings, and the lines as they were laid out before. */
const mostKept = 24;

/** What is told of a shaft: worked out, or as it last was for the same line, laid out the same way, in the same setting. A shaft that was changed has nothing before it. */
export function toldOf<M>(shaft: Shaft, line: Line, what: string, { asBefore, setting }: ShaftsAre, work: () => M): M {
  const key = [what, line.id, setting, ...line.stages.map(({ id, kind }) => `${id} ${kind}`)].join('\n');
  const kept = last.get(shaft) ?? new Map<string, unknown>();
  if (asBefore && kept.has(key)) return kept.get(key) as M;
  const now = work();
  if (kept.size >= mostKept) kept.clear();
  kept.set(key, now);
  last.set(shaft, kept);
  return now;
}
