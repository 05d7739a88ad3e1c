import { choice, type InputFigures, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { motorFields } from '../../shared/motor-fields.js';
import { sized } from '../../shared/parts.js';
import { plateLine } from '../../shared/plate-line.js';
import { vectorMotorOutputs } from './outputs.js';

const fields = {
  power: quantity('Plate power', 'power', {
    accepts: [1, 1_000_000],
    bare: null,
    how: 'plate',
    help: 'At the shaft. The whole plate in one line is read here too.',
    measure: 'On the motor’s plate, beside kW or HP.',
  }),
  speed: quantity('Speed', 'speed', {
    accepts: [1, 60_000],
    bare: 'rpm',
    how: 'plate',
    help: 'At that power, at the frequency of its plate.',
    measure: 'On the motor’s plate, beside rpm, /min or min⁻¹.',
  }),
  voltage: quantity('Rated voltage', 'voltage', {
    accepts: [1, 1_000],
    bare: 'V',
    how: 'plate',
    help: 'As it is connected: of 230/400 V the 230 in delta, the 400 in star.',
    measure: 'On the plate, beside V; the links at its terminals say how it is connected.',
  }),
  current: quantity('Rated current', 'current', {
    accepts: [0.02, 2_000],
    bare: 'A',
    how: 'plate',
    help: 'At that voltage. Less where it is wound for the higher one.',
    measure: 'On the plate, beside A.',
  }),
  frequency: quantity('Rated frequency', 'frequency', {
    accepts: [1, 1_000],
    bare: 'Hz',
    how: 'plate',
    help: 'For which its plate holds.',
    measure: 'On the plate, beside Hz.',
  }),
  powerFactor: quantity('Power factor', 'fraction', {
    accepts: [0.1, 0.999],
    bare: null,
    how: 'plate',
    help: 'It says how much of the rated current magnetises and how much makes torque.',
    measure: 'On the plate, beside cos φ.',
  }),
  set: quantity('Speed it is set to', 'speed', {
    accepts: [0.1, 60_000],
    bare: 'rpm',
    how: 'chosen',
    help: 'At the motor’s shaft, while it works. Without it its rated speed, as far as the volts of its supply reach.',
    measure: 'Set at the drive.',
  }),
  most: quantity('Current limit of the drive', 'current', {
    accepts: [0.05, 5_000],
    bare: 'A',
    how: 'plate',
    help: 'Effective amps of a phase; a drive that states peak amps has 0.71 of them. It bounds the torque.',
    measure: 'On the drive, or what its setting says.',
  }),
  magnetising: quantity('Magnetising current that is set', 'current', {
    accepts: [0.01, 1_000],
    bare: 'A',
    how: 'chosen',
    help: 'Effective amps. More makes more torque of the same current at low speed until the iron is full, and takes speed; less leaves speed and takes torque. Without it that of the rated point.',
    measure: 'The drive measures it with the motor unloaded; about half the rated current of a small motor.',
  }),
  stops: quantity('Drive stops it in', 'time', {
    accepts: [0.01, 3_600],
    bare: 's',
    how: 'chosen',
    help: 'From its speed to rest, by the drive: what spins flows back into it and needs a braking resistor. Without it, it runs down by itself.',
    measure: 'The ramp down that is set at the drive.',
  }),
  sensors: choice(
    'How the drive reads its speed',
    { encoder: 'an encoder', none: 'nothing (sensorless)' },
    {
      how: 'measured',
      help: 'Without an encoder it has little torque at rest, and is no good for a load that does not turn easily.',
      measure: 'A second plug with thin wires at the rear of the motor.',
    },
  ),
  fan: choice(
    'Cooling',
    { own: 'its own fan on the shaft', blown: 'a fan with a motor of its own' },
    {
      how: 'measured',
      usual: 'own',
      help: 'Turned slowly its own fan moves little air: it withstands less for good.',
      measure: 'A fan that runs while the motor is at rest has a motor of its own.',
    },
  ),
  ...motorFields,
};

/** An induction motor of three phases whose drive sets its field and its torque apart. */
export const vectorMotorHead = {
  role: 'source',
  kind: 'vector-motor',
  v: 1,
  label: 'three-phase motor on a field-oriented drive',
  noun: 'motor',
  ports: [null, 'rotary'],
  shaft: 'motor shaft',
  fields,
  groups: {
    'More of the plate': ['current', 'frequency', 'powerFactor'],
    Drive: ['set', 'most', 'magnetising', 'stops', 'sensors'],
    'Shaft, cooling, cut-out': ['fan', 'protector', 'noVolt', 'shaft', 'inertia'],
  },
  marks: plateLine,
  ...vectorMotorOutputs,
  parts: (typed) => [
    {
      what: 'induction motor, three phases',
      size: sized(typed('power'), typed('speed'), typed('voltage'), typed('shaft') && `shaft ${typed('shaft')}`),
      many: 1,
    },
    { what: 'field-oriented drive', size: sized(typed('most') ?? typed('current')), many: 1 },
  ],
  short: (typed) => `${typed('power') ?? ''} motor on its drive`.trim(),
} as const satisfies KindHead;

export type Inputs = InputFigures<typeof vectorMotorHead.fields>;
