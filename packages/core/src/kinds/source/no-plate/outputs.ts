import { figure, type Outputs } from '../../outputs.js';

/** What is told of a motor without a plate. */
export const noPlateOutputs = {
  figures: {
    power: figure('Shaft power, by what was seen', 'power', 'At the shaft', { key: true }),
    speed: figure('Speed under load', 'speed', 'At the shaft', { key: true }),
    torque: figure('Torque for good', 'torque', 'At the shaft', { key: true }),
    'highest-speed': figure('Highest speed, unloaded', 'speed', 'At the shaft'),
    'shaft-takes': figure('Overhung load its shaft supports', 'force', 'At the shaft'),
    'torque-at-rest': figure('Starting torque', 'torque', 'Start'),
    'rotor-inertia': figure('Inertia of the rotor', 'inertia', 'Start'),
    likeliest: figure('How likely the likeliest kind is', 'fraction', 'What it is'),
  },
  checks: {
    family: {
      name: 'what motor it is',
      subject: 'what motor it is',
      source: 'How often motors of each kind are found so: common practice, no source',
      says: {
        holds: 'it is {first}, as far as it was looked at ({likely:share})',
        fails: 'it is likely {first} ({likely:share}); it may be {second}',
      },
    },
    readings: {
      name: 'the readings between its wires',
      subject: 'whether its readings can be true',
      source: 'Ohm’s law: between three wires of one winding two readings add to the third; 4 % and 0.2 Ω for the meter',
      contradicts: true,
      says: { holds: '', fails: 'these readings cannot be true: {says}. Measure them again' },
    },
  },
  limits: {
    stall: { short: 'motor stalls', what: 'the motor', fails: 'stalls', may: 'may stall', harm: 'harmless' },
  },
} as const satisfies Outputs;

export type NoPlateOutputs = typeof noPlateOutputs;
