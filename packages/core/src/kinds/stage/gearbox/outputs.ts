import { figure, type Outputs } from '../../outputs.js';
import { drivenShaft, ratioFigure } from '../../shared/driven-shaft.js';
import { hubLimit } from '../../shared/hub-fixing.js';
import { serviceFigure, withFactor } from '../../shared/service-factor.js';

export const ratingSource = 'Rated output torque over the service factor (common practice, no source)';

/** What a gearbox puts out. */
export const gearboxOutputs = {
  figures: {
    ...ratioFigure,
    ...drivenShaft,
    efficiency: figure('Efficiency', 'fraction', 'Load', { key: true }),
    ...serviceFigure('Load'),
    'lasts-up-to': figure('Torque within the rating, at its output', 'torque', 'Load', { key: true }),
    'breaks-at': figure('Breaks at, at its output', 'torque', 'Load'),
    heat: figure('Heat at work', 'power', 'Load'),
  },
  checks: {
    speed: {
      name: 'the speed of the gearbox',
      subject: 'whether the gearbox runs too fast',
      source: 'As entered: its plate, which means the speed at work',
      closeBelow: 0,
      says: {
        holds: 'the fast shaft of the gearbox turns at {needs}; its plate allows {has}',
        fails: 'the fast shaft of the gearbox turns at {needs}, and its plate allows {has}: oil and bearings run hot',
      },
    },
    rating: {
      name: 'the torque rating of the gearbox',
      subject: 'torque rating of the gearbox',
      source: ratingSource,
      says: `the gearbox transmits {has} at its output ${withFactor}; the work needs {needs}`,
    },
  },
  limits: {
    lasts: { short: 'gearbox rating', what: 'the gearbox', fails: 'wears early', may: 'may wear early', harm: 'wearing' },
    gears: { short: 'gearbox', what: 'the gearbox', fails: 'breaks', may: 'may break', harm: 'breaking' },
    'driven-hub': hubLimit('output shaft'),
  },
} as const satisfies Outputs;

export type GearboxOutputs = typeof gearboxOutputs;
