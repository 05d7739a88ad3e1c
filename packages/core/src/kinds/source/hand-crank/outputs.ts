import { figure, type Outputs } from '../../outputs.js';

/** What a hand crank puts out. */
export const handCrankOutputs = {
  figures: {
    speed: figure('Speed', 'speed', 'At the shaft', { aside: true }),
    torque: figure('Torque', 'torque', 'At the shaft', { aside: true }),
    'most-torque': figure('Most torque', 'torque', 'At the shaft', { key: true }),
    'highest-speed': figure('Highest speed', 'speed', 'At the shaft', { aside: true }),
  },
  checks: {},
  limits: { stall: { short: 'person stops', what: 'the person', fails: 'stops', may: 'may stop', harm: 'harmless' } },
} as const satisfies Outputs;
