import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a worm that presses oil puts out. */
export const wormPressOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the worm', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the worm', { key: true }),
    peak: figure('Torque against a cold plug', 'torque', 'At the worm', { key: true }),
    'press-energy': figure('Energy a kilogram', 'specific-energy', 'At the worm', { key: true }),
    'press-power': figure('Power by throughput', 'power', 'At the worm', { key: true }),
    'torque-by-lever': figure('Torque by lever or crank', 'torque', 'At the worm'),
    ...jamFigures,
  },
  checks: {
    fast: {
      name: 'the speed of the worm',
      subject: 'whether the worm turns slowly enough',
      source: 'Common practice, no source: over 0.19 m/s at its rim, 80 rpm of a worm of 44 mm, oil gets hot and the cake thick',
      says: 'the rim of the worm runs at up to {needs}; over {has} the oil gets hotter than 60 °C and the cake thick',
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type WormPressOutputs = typeof wormPressOutputs;
