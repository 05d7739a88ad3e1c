import type { Outputs } from '../../outputs.js';
import { dcChecks, dcFigures, dcLimits } from '../../shared/brushed/dc-outputs.js';

/** What a DC motor with magnets puts out. */
export const pmDcOutputs = {
  figures: dcFigures,
  checks: {
    ...dcChecks,
    magnets: {
      name: 'the magnets of the motor',
      subject: 'whether a stall weakens its magnets',
      source: 'Common practice, no source: ferrite magnets are weakened for good by 5 to 12 times the rated current, cold ones sooner',
      closeBelow: 0,
      says: {
        holds: 'a stall leaves its magnets as they are: {needs} stalled, they withstand {has}',
        may: 'a stall at this voltage may weaken its magnets for good: {needs} stalled, they withstand {has}. A supply that limits its current prevents it',
        fails:
          'a stall at this voltage weakens its magnets for good: {needs} stalled, they withstand {has}. A supply that limits its current prevents it',
      },
    },
  },
  limits: dcLimits,
} as const satisfies Outputs;

export type PmDcOutputs = typeof pmDcOutputs;
