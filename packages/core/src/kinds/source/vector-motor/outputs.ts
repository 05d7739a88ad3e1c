import { figure, type Outputs } from '../../outputs.js';
import { minuteTorque } from '../../shared/motor.js';
import { stallLimit } from '../../shared/motor-fields.js';
import { circuitCheckOutputs } from '../../shared/on-mains.js';
import { suppliedOutputs } from '../../shared/supplied.js';

/** What a motor on a field-oriented drive puts out. */
export const vectorMotorOutputs = {
  figures: {
    power: figure('Shaft power', 'power', 'At the shaft', { key: true }),
    speed: figure('Speed it is run at', 'speed', 'At the shaft', { aside: true }),
    torque: figure('Torque for good at that speed', 'torque', 'At the shaft', { key: true }),
    'for-a-minute': minuteTorque,
    'base-speed': figure('Speed at which the volts are used up', 'speed', 'At the shaft'),
    'highest-speed': figure('Highest speed, unloaded', 'speed', 'At the shaft', { aside: true }),
    'shaft-takes': figure('Overhung load its shaft supports', 'force', 'At the shaft'),
    'output-frequency': figure('Frequency that the drive puts out', 'frequency', 'By U/f'),
    'volts-by-frequency': figure('Its volts there by U/f, with boost', 'voltage', 'By U/f'),
    poles: figure('Poles', 'count', 'Winding'),
    current: figure('Rated current', 'current', 'Winding'),
    'power-factor': figure('Power factor', 'fraction', 'Winding'),
    'rated-magnetising': figure('Magnetising current of the rated point', 'current', 'Field'),
    magnetising: figure('Magnetising current', 'current', 'Field', { aside: true }),
    field: figure('Field over the rated', 'fraction', 'Field'),
    'best-magnetising': figure('Magnetising current with the most torque of the limit', 'current', 'Field'),
    'best-torque': figure('Torque at rest with that', 'torque', 'Field'),
    'torque-at-rest': figure('Torque at rest, at the limit', 'torque', 'Start', { key: true }),
    'withstands-stall': figure('Time the winding lasts at the limit', 'time', 'Start'),
    'rotor-inertia': figure('Inertia of the rotor', 'inertia', 'Start'),
  },
  checks: {
    reach: {
      name: 'the volts for the speed',
      subject: 'whether the volts reach for the speed that is set',
      source:
        'Textbooks on electric machines: over the speed at which the volts are used up the field is weakened, the torque with it; about twice that is usable',
      says: {
        holds: 'it is set to {needs}; its volts reach to {base}',
        close: 'it is set to {needs}, over {base} its volts are used up: with a weaker field it has {left} for good there',
        may: 'it may not come to {needs}: its volts are used up at {base}, and over twice that next to nothing is left',
        fails: 'it does not come to {needs}: its volts are used up at {base}, and over twice that next to nothing is left',
      },
    },
    iron: {
      name: 'the magnetising current',
      subject: 'whether the magnetising current suits the motor',
      source: 'Common practice, no source: over 1.3 times that of the rated point the iron is full; under 0.7 times torque is missing at low speed',
      says: {
        holds: 'the magnetising current of {set} suits it: {rated} at its rated point',
        close:
          'the magnetising current of {set} is far from the {rated} of its rated point: its field is {field:share} of the rated. More heats it and fills its iron, less takes torque at low speed',
        fails: 'the magnetising current of {set} is all that the drive has: nothing is left that makes torque',
      },
    },
    limit: {
      name: 'the current of the drive',
      subject: 'whether the drive has the current for the work',
      source: 'Textbooks on electric machines: the magnetising current and that of the torque at right angles',
      says: {
        holds: 'the work needs {needs} of the drive, which has {has}',
        may: 'the drive may have too little current: the work needs {needs}, it has {has}',
        fails: 'the drive has too little current: the work needs {needs}, it has {has}',
      },
    },
    ...suppliedOutputs,
    ...circuitCheckOutputs,
  },
  limits: stallLimit,
} as const satisfies Outputs;

export type VectorMotorOutputs = typeof vectorMotorOutputs;
