import { type Figure, fixed, picked } from '../figure/figure.js';
import { angleBetweenPulls } from '../formulas/transmission/angle-between-pulls.js';
import { resultantPull } from '../formulas/transmission/resultant-pull.js';
import type { StageReady, StageResult } from '../kinds/kind.js';

const along = fixed('rad', 0, 'Belts and chains pull along the line of centres');
/** Which way round a shaft turns is not in the build. */
const waysRound = [1, -1].map((way) => fixed('1', way, 'Which way round the shaft turns is not entered: the worse of the two is taken'));

/**
 * Force of what drives a shaft and what it drives on shaft `k` of a line: put together where the directions of the shafts are entered, otherwise the larger of the two,
 * which is more than two belts in line leave. Of what acts aside nothing cancels in line: with that the two are always put together.
 * @returns null where nothing pulls
 */
export function pullOnShaft(k: number, transfers: readonly StageReady[], results: readonly StageResult[]): Figure<'N'> | null {
  const [before, behind] = [results[k - 1]?.pulls, results[k]?.pulls];
  const F_1 = before?.out ?? behind?.in;
  const F_2 = before && behind?.in;
  if (!F_1) return null;
  if (!F_2) return orNone(F_1);
  const [a_1, a_2] = [transfers[k - 1]?.direction, transfers[k]?.direction];
  // A stage on one axis pulls nothing: there is nothing to put together.
  if (!a_1 || !a_2) return orNone(picked('most', 'N', [F_1, F_2]));
  if (!before?.aside && !behind?.aside && !entered(a_1) && !entered(a_2)) return picked('most', 'N', [F_1, F_2]);
  const e = picked('sum', 'rad', [before?.aside ?? along, behind?.aside ?? along]);
  return picked(
    'most',
    'N',
    waysRound.map((s) => resultantPull({ F_1, F_2, gamma: angleBetweenPulls({ a_1, a_2, s, e }) })),
  );
}

const entered = (figure: Figure) => figure.known && figure.origin.by === 'given';

const orNone = (pull: Figure<'N'>): Figure<'N'> | null => (pull.known && pull.value === 0 ? null : pull);
