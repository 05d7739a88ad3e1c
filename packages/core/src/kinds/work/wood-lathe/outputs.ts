import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';
import { speedsOutput } from '../../shared/spindle-speeds.js';
import { walksSource } from '../../shared/walks.js';

/** What a lathe for wood puts out. */
export const woodLatheOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the spindle', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the spindle'),
    catch: figure('Torque of a catch', 'torque', 'At the spindle', { key: true }),
    'tool-force': figure('Force of the tool', 'force', 'A cut'),
    surface: figure('Rim speed', 'rim-speed', 'A cut', { key: true }),
    mass: figure('Mass of the blank', 'mass', 'The blank'),
    unbalance: figure('Force of its unbalance', 'force', 'The blank', { key: true }),
    'walks-from': figure('Speed from which the lathe walks', 'speed', 'The blank'),
    'blank-inertia': figure('Inertia of the blank', 'inertia', 'The blank'),
    'bowl-inertia': figure('Inertia of the bowl, turned out', 'inertia', 'The blank'),
    'fastest-for': figure('Fastest for this blank', 'speed', 'At the spindle', { key: true }),
    ...jamFigures,
  },
  checks: {
    fast: {
      name: 'the speed of the blank',
      subject: 'whether the blank turns too fast',
      source: 'Common practice, no source: speed by diameter in inches is 9000 at the most, and no more than 3000 rpm for slender blanks',
      closeBelow: 0,
      says: {
        holds: 'the blank turns at up to {needs}; {has} is the fastest for it',
        may: 'the blank may turn too fast: at up to {needs}, and {has} is the fastest for it',
        fails: 'the blank turns too fast: at up to {needs}, and {has} is the fastest for it; it may come off or burst',
      },
    },
    ...speedsOutput,
    walks: {
      name: 'the unbalance',
      subject: 'whether the lathe walks',
      source: walksSource,
      closeBelow: 0,
      says: {
        holds: 'a rough blank pulls with {needs}; from {has} on the lathe walks, at {from}',
        close: 'a rough blank pulls with {needs}; from {has} on the lathe walks, at {from}. Begin slower',
        may: 'the lathe may walk: a rough blank pulls with {needs}, and from {has} on it does, at {from}. Begin slower, or put ballast on it',
        fails:
          'the lathe walks: a rough blank pulls with {needs}, and from {has} on it does, at {from}. Begin slower, true it first, or put ballast on it',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type WoodLatheOutputs = typeof woodLatheOutputs;
