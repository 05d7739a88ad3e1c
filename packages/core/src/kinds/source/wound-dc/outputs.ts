import { figure, type Outputs } from '../../outputs.js';
import { dcChecks, dcFigures, dcLimits } from '../../shared/brushed/dc-outputs.js';

/** What a DC motor with a wound field puts out. */
export const woundDcOutputs = {
  figures: { ...dcFigures, 'field-current': figure('Current of the shunt field', 'current', 'Current') },
  checks: {
    ...dcChecks,
    runaway: {
      name: 'the speed without a load',
      subject: 'whether it runs away without its load',
      source: 'Textbooks on electric machines: the field of a series motor goes with its current, and its speed against it',
      closeBelow: 0,
      says: {
        holds: 'without its load it runs up to {needs}',
        may: 'without its load it runs away, to {needs} and more where its armature withstands {has}: it stays coupled to its load, without a belt that can come off',
        fails:
          'without its load it runs away, to {needs} and more where its armature withstands {has}: it stays coupled to its load, without a belt that can come off',
      },
    },
  },
  limits: dcLimits,
} as const satisfies Outputs;

export type WoundDcOutputs = typeof woundDcOutputs;
