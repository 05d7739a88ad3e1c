import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a fruit crusher puts out. */
export const fruitCrusherOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the roll', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the roll', { key: true }),
    'milling-power': figure('Power to crush', 'power', 'At the roll', { key: true }),
    'torque-by-energy': figure('Torque by energy', 'torque', 'At the roll'),
    'torque-by-force': figure('Torque by force on the fruit', 'torque', 'At the roll'),
    'torque-by-lever': figure('Torque by lever', 'torque', 'At the roll'),
    'fruit-in-the-nip': figure('Fruit in the nip', 'count', 'At the roll'),
    'roll-inertia': figure('Inertia of the roll', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    throughput: {
      name: 'the throughput',
      subject: 'throughput',
      source: 'Common practice, no source: a layer a quarter of a fruit thick, a tenth to four tenths of it filled',
      says: 'the roll passes {has}; {needs} is needed',
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type FruitCrusherOutputs = typeof fruitCrusherOutputs;
