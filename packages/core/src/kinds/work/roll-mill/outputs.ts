import { rollSpeedSource } from '../../../catalog/milled.js';
import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a mill with two rolls puts out. */
export const rollMillOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the driven roll', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the driven roll', { key: true }),
    peak: figure('Torque at its peaks', 'torque', 'At the driven roll', { key: true }),
    'milling-energy': figure('Energy a kilogram', 'specific-energy', 'At the driven roll', { key: true }),
    'milling-power': figure('Power by throughput', 'power', 'At the driven roll'),
    'torque-by-energy': figure('Torque by energy', 'torque', 'At the driven roll'),
    'torque-by-lever': figure('Torque by lever or crank', 'torque', 'At the driven roll'),
    'rim-speed': figure('Rim speed of the rolls', 'rim-speed', 'Between the rolls'),
    passes: figure('What passes the gap', 'mass-rate', 'Between the rolls'),
    'draws-in': figure('Largest that is drawn in', 'length', 'Between the rolls'),
    'pebble-bursts': figure('Force that bursts the pebble', 'force', 'In a jam'),
    'rolls-inertia': figure('Inertia of the rolls', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    fast: {
      name: 'the speed of the rolls',
      subject: 'whether the rolls turn slowly enough',
      source: rollSpeedSource,
      says: 'the rims run at up to {needs}; over {has} {tooFast}',
    },
    passes: {
      name: 'the throughput',
      subject: 'throughput',
      source: 'The ribbon between the rolls, three tenths to all of it filled (common practice, no source)',
      says: 'the gap passes {has}; {needs} is needed',
    },
    draws: {
      name: 'the diameter of the rolls',
      subject: 'whether the rolls draw it in',
      source: 'Coulson & Richardson, Chemical Engineering vol. 2 (from memory): angle of nip, with friction by how the rolls are made',
      says: {
        holds: 'the rolls draw in what is up to {has} thick; it is {needs}',
        may: 'it may ride on the rolls: they draw in what is up to {has} thick, and it is {needs}. Knurl them, or open the gap',
        fails: 'it rides on the rolls: they draw in what is up to {has} thick, and it is {needs}. Larger rolls, knurled ones, or a wider gap',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type RollMillOutputs = typeof rollMillOutputs;
