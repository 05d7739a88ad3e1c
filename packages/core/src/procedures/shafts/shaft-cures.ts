import type { Verdict } from '../../checks/verdict.js';
import { curesOf } from '../../shafts/cures.js';
import type { Finding } from '../../shafts/judged.js';
import type { LaidShaft } from '../../shafts/laid-shaft.js';
import type { Runs } from '../../shafts/stressed.js';
import type { Steps } from '../steps.js';

/** A shaft as it lies, and how it is run. Plain data. */
export interface ShaftToCure {
  readonly laid: LaidShaft;
  readonly how: Runs;
  readonly speed_rpm: number;
}

/** A change that was tried in full. */
export interface ShaftCureSaid {
  /** `pulley 40 mm nearer to the bearing` */
  readonly says: string;
  /** What it makes better: whether it cracks in time, bends in a jam or whirls. */
  readonly of: Finding['of'];
  /** Of that alone, then. */
  readonly verdict: Verdict;
  /** So many times what it has to bear then; of whirl how far it is from it, as a share. */
  readonly reserve: number;
  /** Nothing of it fails then. */
  readonly isCured: boolean;
  /** As it lies then. */
  readonly laid: LaidShaft;
}

/** What would make a shaft last, the best first. */
export function* shaftCuresSteps({ laid, how, speed_rpm }: ShaftToCure): Steps<readonly ShaftCureSaid[]> {
  return curesOf(laid, { how, speed_rpm }).map(({ says, shaft, after, better: { of, verdict, reserve } }) => ({
    says,
    of,
    verdict,
    reserve,
    isCured: after.verdict !== 'fails',
    laid: shaft,
  }));
}
