import { cuttingSpeedSource } from '../../catalog/cut-metals.js';
import type { Check } from '../../checks/check.js';
import type { CheckOutput } from '../../checks/check-output.js';
import { type Figure, fixed, lowEnd } from '../../figure/figure.js';
import { quantity } from '../fields.js';
import type { Port } from '../ports.js';
import type { Declares, None } from './only.js';

/** The ends of a spindle’s speeds, where it has steps, change wheels or a drive. */
export const speedFields = {
  slowest: quantity('Spindle, slowest speed', 'speed', {
    accepts: [0.1, 60_000],
    bare: 'rpm',
    how: 'measured',
    help: 'Of its steps or its drive: what is cut slowest is judged at it. Left out, at the speed of the line as it is laid out.',
    measure: 'Belt on its slowest step: turns of the motor by the diameters, or a tachometer.',
  }),
  fastest: quantity('Spindle, fastest speed', 'speed', {
    accepts: [0.1, 60_000],
    bare: 'rpm',
    how: 'measured',
    help: 'Of its steps or its drive: what must not turn too fast is judged at it. Left out, at the highest speed of the line as it is laid out.',
    measure: 'Belt on its fastest step: turns of the motor by the diameters, or a tachometer.',
  }),
} as const;

interface Speeds {
  readonly slowest: Figure<'rpm'>;
  readonly fastest: Figure<'rpm'>;
}

/** The slowest and the fastest that the spindle can be set to: as entered, else those of the line as it is laid out. */
export const speedsOf = ({ slowest, fastest }: Speeds, { flow, top }: Pick<Port<'rotary'>, 'flow' | 'top'>) => ({
  slow: slowest.known ? slowest : flow,
  fast: fastest.known ? fastest : top,
});

export const speedsOutput = {
  speeds: {
    name: 'the slowest and the fastest speed',
    subject: 'whether its slowest speed is under its fastest',
    source: 'What slowest and fastest mean',
    says: {
      holds: 'it can be set from {slowest} to {fastest}',
      fails: 'its slowest speed of {slowest} is over its fastest of {fastest}',
    },
  },
} as const satisfies Record<string, CheckOutput>;

/** Told where both are entered. */
export const speedsCheck = ({ slowest, fastest }: Speeds, { state }: Declares<None, typeof speedsOutput>): Check[] =>
  slowest.known && fastest.known
    ? [state('speeds', { verdict: slowest.value <= fastest.value ? 'holds' : 'fails', tells: { slowest, fastest } })]
    : [];

export const bearingsOutput = {
  bearings: {
    name: 'the speed of the spindle',
    subject: 'whether the spindle turns too fast',
    source: 'As entered: the speed that spindle and chuck are good for',
    closeBelow: 0,
    says: {
      holds: 'the spindle turns at up to {needs}; it is good for {has}',
      may: 'the spindle may turn too fast: at up to {needs}, and it is good for {has}. A larger ratio turns what is over it into torque',
      fails: 'the spindle turns too fast: at up to {needs}, and it is good for {has}. A larger ratio turns what is over it into torque',
    },
  },
} as const satisfies Record<string, CheckOutput>;

/** Told where it is entered what the spindle is good for. */
export const bearingsCheck = (most: Figure<'rpm'>, fast: Figure<'rpm'>, { check }: Declares<None, typeof bearingsOutput>): Check[] =>
  most.known ? [check('bearings', { has: most, needs: fast })] : [];

/** The least that is right of what practice has: from there on a speed is fast enough. */
export const atLeast = (right: Figure<'rpm'>): Figure<'rpm'> => (right.known ? fixed('rpm', lowEnd(right), cuttingSpeedSource) : right);
