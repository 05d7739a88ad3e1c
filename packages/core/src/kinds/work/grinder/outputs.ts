import { wheelSpeedSource } from '../../../catalog/rubbed.js';
import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a grinder puts out. */
export const grinderOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the wheel', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the wheel'),
    peak: figure('Torque leaned on', 'torque', 'At the wheel', { key: true }),
    'rubbing-power': figure('Power of what is pressed on', 'power', 'At the wheel'),
    rim: figure('Speed at the rim', 'rim-speed', 'At the wheel', { key: true }),
    'fastest-for': figure('Fastest for this wheel', 'speed', 'At the wheel', { key: true }),
    'wheel-mass': figure('Mass of the wheels', 'mass', 'At the wheel'),
    'wheel-inertia': figure('Inertia of the wheels', 'inertia', 'In a jam', { key: true }),
    ...jamFigures,
  },
  checks: {
    marked: {
      name: 'the speed of the wheel',
      subject: 'whether the wheel turns too fast',
      source: 'As entered: the speed that is marked on the wheel',
      closeBelow: 0,
      says: {
        holds: 'the wheel turns at up to {needs}; {has} is marked on it',
        may: 'the wheel may turn too fast: at up to {needs}, and {has} is marked on it; it may burst',
        fails: 'the wheel turns too fast: at up to {needs}, and {has} is marked on it; it may burst',
      },
    },
    rim: {
      name: 'the speed at the rim',
      subject: 'whether the rim runs too fast',
      source: wheelSpeedSource,
      closeBelow: 0,
      says: {
        holds: 'the rim runs at up to {needs}; without a mark {has} is the most',
        may: 'the rim may run too fast: at up to {needs}, and without a mark {has} is the most; only a wheel that is marked for it',
        fails: 'the rim runs too fast: at up to {needs}, and without a mark {has} is the most; it may burst. Only a wheel that is marked for it',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type GrinderOutputs = typeof grinderOutputs;
