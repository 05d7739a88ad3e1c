import type { CheckOutputs } from '../../../checks/check-output.js';
import { type FigureOutputs, figure } from '../../outputs.js';
import { minuteTorque, voltsDriven } from '../motor.js';
import { stallLimit } from '../motor-fields.js';
import { suppliedOutputs } from '../supplied.js';

/** What a motor with a steady field puts out. */
export const dcFigures = {
  power: figure('Shaft power', 'power', 'At the shaft', { key: true }),
  speed: figure('Full-load speed on this supply', 'speed', 'At the shaft', { aside: true }),
  torque: figure('Torque for good', 'torque', 'At the shaft', { aside: true }),
  'for-a-minute': minuteTorque,
  'highest-speed': figure('Highest speed, unloaded', 'speed', 'At the shaft', { key: true }),
  'shaft-takes': figure('Overhung load its shaft supports', 'force', 'At the shaft'),
  constant: figure('Constant of the motor', 'motor constant', 'Winding'),
  resistance: figure('Resistance of the armature', 'resistance', 'Winding'),
  friction: figure('Friction of the motor', 'torque', 'Winding'),
  'copper-heat': figure('Heat in the winding at full load', 'power', 'Winding'),
  current: figure('Rated current', 'current', 'Current'),
  'lasting-current': figure('Current for good, its mean', 'current', 'Current'),
  'held-current': figure('Current of the held rotor', 'current', 'Current'),
  'torque-at-rest': figure('Starting torque', 'torque', 'Start', { key: true }),
  'withstands-stall': figure('Time the stalled winding lasts', 'time', 'Start'),
  'volts-driven': voltsDriven,
  'rotor-inertia': figure('Inertia of rotor and flywheel', 'inertia', 'Start'),
} as const satisfies FigureOutputs;

export const dcChecks = {
  plate: {
    name: 'the plate of the motor',
    subject: 'whether the plate agrees with itself',
    source: 'Balance of power: no more at the shaft than goes in',
    contradicts: true,
    closeBelow: 0.05,
    says: {
      holds: 'the plate agrees with itself: {power} of {has} that it draws',
      may: 'the plate may contradict itself: {power} of {has} that its volts and amps are',
      fails:
        'the plate contradicts itself: {power} of {has} that its volts and amps are. A peak or a brochure’s horsepower is no shaft power: by its amps it has {byAmps}',
    },
  },
  direct: {
    name: 'the kind of current',
    subject: 'whether it is supplied with direct current',
    source: 'Textbooks on electric machines: on alternating current the torque of a steady field turns with every half wave',
    says: {
      holds: 'it is supplied with direct current',
      fails:
        'it needs direct current and is supplied with alternating current: it hums, does not turn and burns. A rectifier, a board or a battery comes between',
    },
  },
  ...suppliedOutputs,
} as const satisfies CheckOutputs;

export const dcLimits = stallLimit;
