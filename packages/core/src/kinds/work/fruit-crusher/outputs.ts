import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a fruit crusher puts out. */
export const fruitCrusherOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the roll', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the roll', { key: true }),
    'milling-power': figure('Power to crush', 'power', 'At the roll', { key: true }),
    peak: figure('Torque at its peaks', 'torque', 'At the roll', { key: true }),
    'torque-by-energy': figure('Torque by energy', 'torque', 'At the roll'),
    'torque-by-force': figure('Torque by force on the fruit', 'torque', 'At the roll'),
    'torque-by-lever': figure('Torque by lever', 'torque', 'At the roll'),
    'fruit-in-the-nip': figure('Fruit in the nip, most that have a place', 'count', 'At the roll'),
    'fruit-by-throughput': figure('Fruit in the nip, mean by throughput', 'count', 'At the roll'),
    'tooth-speed': figure('Speed of the teeth', 'rim-speed', 'At the roll'),
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
    teeth: {
      name: 'the speed of the teeth',
      subject: 'whether the teeth are slow enough',
      source: 'Common practice, no source: over 8 m/s a roll flings instead of biting, over 15 m/s a grater sprays and heats the pulp',
      says: {
        holds: 'the teeth run at up to {needs}; {has} is right for it',
        may: 'the teeth may run too fast: at up to {needs}, and {has} is right for it',
        fails: 'the teeth run too fast: at up to {needs}, and {has} is right for it; fruit is flung and sprayed',
      },
    },
    bursts: {
      name: 'the strength of the drum',
      subject: 'whether the drum holds its screws',
      source: 'Common practice, no source: a wooden drum of 140 mm with screws as teeth turns at 3000 rpm at the very most, 22 m/s',
      closeBelow: 0,
      says: {
        holds: 'the drum runs at up to {needs} at its teeth; wood releases its screws from {has} on',
        may: 'the drum runs at up to {needs} at its teeth; wood may release its screws from {has} on',
        fails: 'the drum runs at up to {needs} at its teeth: wood releases its screws from {has} on. Slower, or a drum of steel',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type FruitCrusherOutputs = typeof fruitCrusherOutputs;
