import { figure, type Outputs } from '../../outputs.js';

/** What an engine puts out. */
export const engineOutputs = {
  figures: {
    power: figure('Power here', 'power', 'At the shaft', { key: true }),
    speed: figure('Rated speed', 'speed', 'At the shaft', { aside: true }),
    torque: figure('Rated torque', 'torque', 'At the shaft', { aside: true }),
    'most-torque': figure('Most torque', 'torque', 'At the shaft', { key: true }),
    'highest-speed': figure('Highest speed, unloaded', 'speed', 'At the shaft', { aside: true }),
    'torque-at-rest': figure('Starting torque', 'torque', 'Start', { key: true }),
    'flywheel-inertia': figure('Inertia of the flywheel', 'inertia', 'Start'),
  },
  checks: {},
  limits: { stall: { short: 'engine stalls', what: 'the engine', fails: 'stalls', may: 'may stall', harm: 'harmless' } },
} as const satisfies Outputs;
