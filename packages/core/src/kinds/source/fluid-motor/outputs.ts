import { figure, type Outputs } from '../../outputs.js';

/** What a motor driven by oil or air puts out. */
export const fluidMotorOutputs = {
  figures: {
    power: figure('Shaft power', 'power', 'At the shaft', { key: true }),
    torque: figure('Torque', 'torque', 'At the shaft', { aside: true }),
    speed: figure('Speed', 'speed', 'At the shaft', { aside: true }),
    'highest-speed': figure('Highest speed, unloaded', 'speed', 'At the shaft', { key: true }),
    'torque-at-rest': figure('Starting torque', 'torque', 'Start', { key: true }),
    inertia: figure('Inertia of its rotor', 'inertia', 'Start'),
  },
  checks: {},
  limits: { stall: { short: 'motor stalls', what: 'the motor', fails: 'stalls', may: 'may stall', harm: 'harmless' } },
} as const satisfies Outputs;
