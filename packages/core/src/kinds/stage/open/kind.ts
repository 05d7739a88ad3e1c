import type { Figure } from '../../../figure/figure.js';
import type { StageKind, StageOutline, StageResult } from '../../kind.js';
import { noPull, nothingEntered } from '../../shared/coaxial.js';
import { geared } from '../../shared/driven-shaft.js';
import { stagesFor, usuallyPasses } from '../../shared/usual-losses.js';
import { openStageHead } from './fields.js';

/** A place that is kept for whatever will be between two shafts: it has the ratio that is still needed, and what such stages usually lose. */
export const openStage: StageKind<typeof openStageHead> = {
  ...openStageHead,
  ready: ({ ratio }, { note }) => {
    const i = note('ratio', ratio);
    return { ...geared(i, note('efficiency', usuallyPasses(i))), moved: nothingEntered, outline: suggested(i) };
  },
  under: () => nothingToCheck,
};

const nothingToCheck: StageResult = { checks: [], slips: null, steady: null, hubs: { in: null, out: null }, pulls: { in: noPull, out: noPull } };

/** Smallest wheel that a V-belt of a small motor runs on, mm, and the largest that a shed has room for (common practice, no source). */
export const [smallestWheel_mm, largestWheel_mm] = [71, 400];

/** Wheels that would make the ratio; of several stages in one, the last. */
function suggested(ratio: Figure<'1'>): StageOutline {
  if (!ratio.known) return { driver: null, driven: null, centres: null };
  const stages = Math.max(stagesFor(ratio.value), 1);
  const step = ratio.value ** (1 / stages);
  const [driver, driven] = step >= 1 ? [smallestWheel_mm, step * smallestWheel_mm] : [smallestWheel_mm / step, smallestWheel_mm];
  const over = Math.max(driver, driven) / largestWheel_mm;
  const fitted = over > 1 ? [driver / over, driven / over] : [driver, driven];
  return { driver: fitted[0] as number, driven: fitted[1] as number, centres: 1.5 * ((fitted[0] as number) + (fitted[1] as number)) };
}
