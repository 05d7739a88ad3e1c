import { choice, type InputFigures, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { motorFields } from '../../shared/motor-fields.js';
import { sized } from '../../shared/parts.js';
import { brushlessOutputs } from './outputs.js';

const fields = {
  sort: choice(
    'What it was',
    {
      servo: 'AC servo of a machine tool',
      hub: 'hub or scooter motor',
      washer: 'direct-drive washing machine',
      inverter: 'motor of a washing machine or a blower on its drive',
      model: 'motor of a model or a drone',
    },
    {
      how: 'measured',
      help: 'All are turned by a drive that follows the position of the magnets. A direct-drive washer has dozens of poles: slow and strong; a model’s motor is fast and small.',
      measure: 'Three equal windings, magnets felt in notches as it is turned by hand; two of its leads touched together brake it.',
    },
  ),
  torque: quantity('Rated torque', 'torque', {
    accepts: [0.001, 1_000],
    bare: 'N·m',
    how: 'plate',
    help: 'For good, at its rated speed; M0 is that standing.',
    measure: 'On its plate, beside N·m; else power over speed.',
  }),
  speed: quantity('Rated speed', 'speed', {
    accepts: [1, 60_000],
    bare: 'rpm',
    how: 'plate',
    help: 'At its rated voltage under its rated torque.',
    measure: 'On its plate, beside r/min.',
  }),
  power: quantity('Rated power', 'power', {
    accepts: [1, 100_000],
    bare: null,
    how: 'plate',
    help: 'At the shaft.',
    measure: 'On its plate, beside W or kW.',
  }),
  current: quantity('Rated current', 'current', {
    accepts: [0.05, 1_000],
    bare: 'A',
    how: 'plate',
    help: 'Of a phase. Torque goes with it.',
    measure: 'On its plate, beside A; I0 goes with M0.',
  }),
  voltage: quantity('Voltage of its supply', 'voltage', {
    accepts: [3, 800],
    bare: 'V',
    how: 'plate',
    help: 'Direct volts that its drive makes its phases of: the battery’s, or the peak of the rectified mains, 325 V of 230 and 170 V of 120.',
    measure: 'On the drive, or the battery.',
  }),
  perVolt: quantity('Constant, volts of turning', 'motor constant', {
    accepts: [1e-5, 20],
    bare: 'V/krpm',
    how: 'plate',
    help: 'Volts between two of its leads, their peak, at 1000 rpm turned by hand. It says how fast it can go. Of 190 rpm a volt it is 5.3 V/krpm.',
    measure: 'A drill turns it at a known speed; a meter on AC between two leads shows 0.71 of the peak.',
  }),
  peak: quantity('Peak torque', 'torque', {
    accepts: [0.001, 5_000],
    bare: 'N·m',
    how: 'plate',
    help: 'For a second or so, with a drive that puts out the current for it.',
    measure: 'In its maker’s list: about three times the rated.',
  }),
  drive: quantity('Peak current of the drive', 'current', {
    accepts: [0.05, 2_000],
    bare: 'A',
    how: 'plate',
    help: 'It bounds the torque at rest.',
    measure: 'On the drive, or what its setting says.',
  }),
  sensors: choice(
    'How the drive reads its position',
    { encoder: 'an encoder or a resolver', hall: 'three Hall sensors', none: 'nothing (sensorless)' },
    {
      how: 'measured',
      help: 'Without sensors it has little torque at rest: it is no good for a load that does not turn easily.',
      measure: 'Thin wires beside the three thick ones: five are Hall sensors, a plug of many an encoder.',
    },
  ),
  brake: choice(
    'Brake',
    { none: 'none', spring: 'a brake that holds without power' },
    {
      how: 'measured',
      usual: 'none',
      help: 'It holds an axis, it does not stop one: 24 V open it.',
      measure: 'Two more wires, some tens of ohms; the shaft does not turn by hand.',
    },
  ),
  ...motorFields,
  protector: {
    ...motorFields.protector,
    usual: 'none' as const,
    help: 'Its drive is mostly all that trips. Some have a sensor in the winding that the drive reads.',
  },
};

/** A motor with magnets and three windings on a drive: servo, hub motor, direct-drive washing machine. */
export const brushlessHead = {
  role: 'source',
  kind: 'brushless',
  v: 1,
  label: 'brushless or servo motor with its drive',
  noun: 'motor',
  ports: [null, 'rotary'],
  shaft: 'motor shaft',
  fedBy: 'as-given',
  fields,
  groups: {
    'More of the plate, the drive': ['voltage', 'perVolt', 'peak', 'drive', 'sensors', 'brake'],
    'Shaft, cut-out': ['protector', 'noVolt', 'shaft', 'inertia'],
  },
  ...brushlessOutputs,
  parts: (typed) => [
    { what: 'brushless motor', size: sized(typed('power') ?? typed('torque'), typed('speed'), typed('shaft') && `shaft ${typed('shaft')}`), many: 1 },
    { what: 'drive for it', size: sized(typed('voltage'), typed('drive') ?? typed('current')), many: 1 },
  ],
  short: (typed) => `${typed('power') ?? typed('torque') ?? ''} brushless motor`.trim(),
} as const satisfies KindHead;

export type Inputs = InputFigures<typeof brushlessHead.fields>;
