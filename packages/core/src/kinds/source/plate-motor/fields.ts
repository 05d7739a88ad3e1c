import { choice, type InputFigures, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { sizeFields } from '../../shared/by-size.js';
import { motorFields } from '../../shared/motor-fields.js';
import { sized } from '../../shared/parts.js';
import { plateLine } from '../../shared/plate-line.js';
import { plateMotorOutputs } from './outputs.js';

const single = { field: 'phases', is: ['1'] } as const;
const three = { field: 'phases', is: ['3'] } as const;
const intermittent = { field: 'duty', is: ['S3', 'S6'] } as const;

const fields = {
  power: quantity('Plate power', 'power', {
    accepts: [1, 1_000_000],
    bare: null,
    how: 'plate',
    help: 'What is stamped beside kW or HP. Motors are stamped with power at the shaft, whole machines often with what they draw from the wall. The whole plate in one line is read here too.',
    measure: 'On the motor’s plate, beside kW or HP.',
  }),
  speed: quantity('Speed', 'speed', {
    accepts: [1, 100_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Speed at that power. An induction motor turns a few per cent slower than the round figure of its poles.',
    measure: 'On the motor’s plate, beside rpm, /min or min⁻¹.',
  }),
  powerIs: choice(
    'The plate states',
    { shaft: 'power at the shaft', input: 'power drawn from the wall' },
    {
      how: 'plate',
      help: 'A motor’s own plate states shaft power. The plate of a chipper or a saw mostly states input power: “2400 W S6 40 %” is that, and not for long.',
      measure:
        'A motor plate also has a speed a few per cent under 3000 or 1500; a machine’s plate has a model name and a weight. Its amps, or a meter at the wall under load, tell as well.',
    },
  ),
  phases: choice(
    'Phases',
    { '1': 'single phase', '3': 'three phases' },
    { how: 'plate', help: 'One phase comes from a household socket.', measure: '“1~” or “3~” on the plate; three phases have three equal windings.' },
  ),
  start: choice(
    'Starting',
    {
      'split-phase': 'a start winding, no capacitor',
      'capacitor-start': 'a start capacitor, switched out',
      'capacitor-run': 'a run capacitor, always in',
      'both-capacitors': 'a start and a run capacitor',
      'shaded-pole': 'a copper ring (shaded pole)',
    },
    {
      how: 'measured',
      help: 'It decides the torque at rest: from a third of the rated torque with a run capacitor to three times with a start capacitor.',
      measure:
        'Humps on the housing hold capacitors; a click when it runs down is the switch. A charged capacitor can shock: leave it to someone licensed.',
      when: single,
    },
  ),
  third: choice(
    'Third phase, on a wall with one',
    {
      converter: 'a frequency converter makes all three',
      'run-capacitor': 'a run capacitor makes it',
      'both-capacitors': 'a run and a start capacitor make it',
    },
    {
      how: 'measured',
      help: 'A motor of three phases runs on one with a capacitor between two of its ends: at two thirds of its power, and with little torque at rest.',
      measure: 'A converter is a box of its own with a display; a capacitor is a can at the terminals.',
      when: three,
    },
  ),
  capacitor: quantity('Capacitor', 'capacitance', {
    accepts: [0.1, 5_000],
    bare: 'µF',
    how: 'plate',
    help: 'The run capacitor where there are two. A start capacitor has ten times as much.',
    measure: 'On its can, with the plug out for minutes: a charged one can shock. Leave its terminals to someone licensed.',
    when: { field: 'start', is: ['capacitor-start', 'capacitor-run', 'both-capacitors'] },
  }),
  voltage: quantity('Rated voltage', 'voltage', {
    accepts: [1, 1_000],
    bare: 'V',
    how: 'plate',
    help: 'For which the plate’s figures hold.',
    measure: 'On the plate, beside V.',
  }),
  starVoltage: quantity('Rated voltage in star', 'voltage', {
    accepts: [1, 1_000],
    bare: 'V',
    how: 'plate',
    help: 'Only where the plate has two voltages: of 230/400 V the 400 here, the 230 above. The motor is connected in star or in delta by what the wall has.',
    measure: 'On the plate: Δ/Y 230/400 V.',
    when: three,
  }),
  current: quantity('Rated current', 'current', {
    accepts: [0.02, 2_000],
    bare: 'A',
    how: 'plate',
    help: 'At the plate’s power and at the first of its voltages.',
    measure: 'On the plate, beside A; or a clamp meter round one core under full load.',
  }),
  frequency: quantity('Rated frequency', 'frequency', {
    accepts: [1, 1_000],
    bare: 'Hz',
    how: 'plate',
    help: 'Of the mains the motor was made for.',
    measure: 'On the plate, beside Hz.',
  }),
  poles: choice(
    'Poles',
    { '2': '2', '4': '4', '6': '6', '8': '8' },
    { how: 'measured', help: 'Only where the speed cannot be read.', measure: 'From the speed unloaded: 3000, 1500, 1000 or 750 on 50 Hz.' },
  ),
  powerFactor: quantity('Power factor', 'fraction', {
    accepts: [0.1, 1],
    bare: null,
    how: 'plate',
    help: 'Share of volts times amps that is power.',
    measure: 'On the plate, beside cos φ.',
  }),
  efficiency: quantity('Efficiency', 'fraction', {
    accepts: [0.05, 1],
    bare: null,
    how: 'plate',
    help: 'Share of the power taken in that is at the shaft.',
    measure: 'On newer plates, beside η.',
  }),
  duty: choice(
    'Duty',
    { S1: 'S1, all day', S2: 'S2, a short time', S3: 'S3, on and off', S6: 'S6, loaded and idle' },
    {
      how: 'plate',
      usual: 'S1',
      help: 'How long the plate’s power may be drawn. A plate that says nothing means S1 (IEC 60034-1).',
      measure: 'On the plate: S1, S2 30 min, S3 40 %, S6 40 %.',
    },
  ),
  onShare: quantity('Share of the time on load', 'fraction', {
    accepts: [0.01, 1],
    bare: null,
    how: 'plate',
    help: 'Of each ten minutes.',
    measure: 'The percentage behind S3 or S6.',
    when: intermittent,
  }),
  onTime: quantity('Time it may be loaded', 'time', {
    accepts: [10, 36_000],
    bare: 'min',
    how: 'plate',
    help: 'From cold, before it must cool down again.',
    measure: 'The minutes behind S2.',
    when: { field: 'duty', is: ['S2'] },
  }),
  ...sizeFields,
  ...motorFields,
};

export const plateMotorHead = {
  role: 'source',
  kind: 'plate-motor',
  v: 2,
  label: 'induction motor from its plate',
  noun: 'motor',
  ports: [null, 'rotary'],
  shaft: 'motor shaft',
  fields,
  groups: {
    'More of the plate': [
      'voltage',
      'starVoltage',
      'current',
      'frequency',
      'poles',
      'powerFactor',
      'efficiency',
      'capacitor',
      'duty',
      'onShare',
      'onTime',
    ],
    'Without a plate': ['weight', 'stack', 'across'],
    'Shaft, cut-out': ['protector', 'noVolt', 'shaft', 'inertia'],
  },
  // Version 1 took the plate's power for the shaft's.
  upgrade: { 1: (inputs) => ({ ...inputs, powerIs: { text: 'shaft', how: 'plate' } }) },
  marks: plateLine,
  ...plateMotorOutputs,
  parts: (typed) => [
    { what: 'induction motor', size: sized(typed('power'), typed('speed'), typed('voltage'), typed('shaft') && `shaft ${typed('shaft')}`), many: 1 },
  ],
  short: (typed) => `${typed('power') ?? ''} motor`.trim(),
} as const satisfies KindHead;

export type Inputs = InputFigures<typeof plateMotorHead.fields>;
