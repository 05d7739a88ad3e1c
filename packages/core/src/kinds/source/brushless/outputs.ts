import { figure, type Outputs } from '../../outputs.js';
import { minuteTorque, voltsDriven } from '../../shared/motor.js';
import { stallLimit } from '../../shared/motor-fields.js';
import { suppliedOutputs } from '../../shared/supplied.js';

/** What a brushless motor on its drive puts out. */
export const brushlessOutputs = {
  figures: {
    power: figure('Shaft power', 'power', 'At the shaft', { key: true }),
    torque: figure('Torque for good', 'torque', 'At the shaft', { aside: true }),
    'for-a-minute': minuteTorque,
    speed: figure('Full-load speed on this supply', 'speed', 'At the shaft', { aside: true }),
    'highest-speed': figure('Highest speed, unloaded', 'speed', 'At the shaft', { key: true }),
    'shaft-takes': figure('Overhung load its shaft supports', 'force', 'At the shaft'),
    constant: figure('Constant of the motor', 'motor constant', 'Winding'),
    current: figure('Rated current', 'current', 'Current'),
    'torque-at-rest': figure('Torque at rest, for a moment', 'torque', 'Start', { key: true }),
    'withstands-stall': figure('Time it withstands its peak', 'time', 'Start'),
    'volts-driven': voltsDriven,
    'rotor-inertia': figure('Inertia of the rotor', 'inertia', 'Start'),
  },
  checks: {
    direct: {
      name: 'the kind of current',
      subject: 'whether its drive is supplied as it has to be',
      source: 'Common practice, no source: a brushless motor is turned by a drive, never by a supply',
      says: {
        holds: 'its drive is supplied with direct current',
        close: 'its drive is supplied with alternating current: one that rectifies it itself is needed',
        fails: 'it is no motor for the mains: a drive comes between',
      },
    },
    ...suppliedOutputs,
  },
  limits: stallLimit,
} as const satisfies Outputs;

export type BrushlessOutputs = typeof brushlessOutputs;
