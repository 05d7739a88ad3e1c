import { figure, type Outputs } from '../../outputs.js';
import { minuteTorque } from '../../shared/motor.js';
import { stallLimit } from '../../shared/motor-fields.js';
import { circuitCheckOutputs, leadCheckOutputs } from '../../shared/on-mains.js';
import { suppliedOutputs } from '../../shared/supplied.js';

/** What a universal motor puts out. */
export const universalOutputs = {
  figures: {
    power: figure('Shaft power', 'power', 'At the shaft', { key: true }),
    speed: figure('Full-load speed on this supply', 'speed', 'At the shaft', { aside: true }),
    torque: figure('Torque for good', 'torque', 'At the shaft', { aside: true }),
    'for-a-minute': minuteTorque,
    'highest-speed': figure('Highest speed, unloaded', 'speed', 'At the shaft', { key: true }),
    'shaft-takes': figure('Overhung load its shaft supports', 'force', 'At the shaft'),
    efficiency: figure('Efficiency', 'fraction', 'Winding'),
    'power-factor': figure('Power factor', 'fraction', 'Winding'),
    resistance: figure('Resistance, field and armature', 'resistance', 'Winding'),
    current: figure('Rated current', 'current', 'Current'),
    'drawn-power': figure('Power drawn at rated load', 'power', 'Current'),
    'lasting-current': figure('Current for good', 'current', 'Current'),
    'held-current': figure('Current of the held rotor', 'current', 'Current'),
    'torque-at-rest': figure('Starting torque', 'torque', 'Start', { key: true }),
    'withstands-stall': figure('Time the stalled winding lasts', 'time', 'Start'),
    'rotor-inertia': figure('Inertia of the rotor', 'inertia', 'Start'),
  },
  checks: {
    plate: {
      name: 'the plate of the motor',
      subject: 'whether the plate agrees with itself',
      source: 'Balance of power: no more at the shaft than goes in',
      contradicts: true,
      closeBelow: 0.05,
      says: {
        holds: 'the plate agrees with itself: {power} of {has} that its volts times amps are',
        may: 'the plate may contradict itself: {power} of {has} that its volts times amps are',
        fails:
          'the plate contradicts itself: {power} of {has} that its volts times amps are. That is sales talk: by its amps it has {byAmps} at the shaft',
      },
    },
    geared: {
      name: 'the speed of the motor',
      subject: 'whether it is the motor’s own speed',
      source: 'Common practice, no source: universal motors turn at 4000 rpm and more, most of them at 10,000 to 30,000',
      contradicts: true,
      closeBelow: 0,
      says: {
        holds: '',
        fails:
          'so slow is no universal motor itself: {has} is the speed of a chuck or a spindle behind gears. Enter the motor’s own speed, 10,000 to 30,000 rpm, and its gears as a stage',
      },
    },
    runaway: {
      name: 'the speed without a load',
      subject: 'whether it runs away without its load',
      source: 'Common practice, no source: an armature withstands 1.3 to 2 times the speed that it was made for',
      closeBelow: 0,
      says: {
        holds: 'without its load it runs up to {needs}, its armature withstands {has}',
        may: 'without its load it may run away: up to {needs}, its armature withstands {has}. Never on full voltage without its belt on, or with less voltage, or on a board that holds its speed',
        fails:
          'without its load it runs away: up to {needs}, its armature withstands {has}. Never on full voltage without its load: a board that holds its speed, or less voltage',
      },
    },
    phases: {
      name: 'the phases of the supply',
      subject: 'whether its supply has one phase',
      source: 'Textbooks on electric machines: a universal motor has two ends',
      says: { holds: '', fails: 'a universal motor goes between two wires: on three phases use one of them and neutral, where that is its voltage' },
    },
    ...suppliedOutputs,
    ...leadCheckOutputs,
    ...circuitCheckOutputs,
  },
  limits: stallLimit,
} as const satisfies Outputs;

export type UniversalOutputs = typeof universalOutputs;
