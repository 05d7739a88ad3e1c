import { type InputFigures, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { motorFields } from '../../shared/motor-fields.js';
import { sized } from '../../shared/parts.js';
import { stepperOutputs } from './outputs.js';

const fields = {
  holding: quantity('Holding torque', 'torque', {
    accepts: [0.001, 500],
    bare: 'N·m',
    how: 'plate',
    help: 'Standing, at the rated current in both phases. A size 17 has 0.2 to 0.6 N·m, a size 23 0.6 to 3, a size 34 3 to 12.',
    measure: 'In the maker’s list; or a lever and a spring scale on the shaft while it holds.',
  }),
  current: quantity('Rated current, each phase', 'current', {
    accepts: [0.01, 50],
    bare: 'A',
    how: 'plate',
    help: 'At which the holding torque holds. Of six wires that of half a winding.',
    measure: 'On its plate, beside A; volts over ohms of an old plate.',
  }),
  resistance: quantity('Resistance of a phase', 'resistance', {
    accepts: [0.02, 200],
    bare: 'Ω',
    how: 'measured',
    help: 'As it is connected: two halves side by side have half of one, in series twice.',
    measure: 'Between the two ends of a winding: they turn it stiff when touched together.',
  }),
  inductance: quantity('Inductance of a phase', 'inductance', {
    accepts: [0.05, 500],
    bare: 'mH',
    how: 'plate',
    help: 'It decides how fast the motor keeps its torque.',
    measure: 'In the maker’s list, beside mH, or a meter for it. As it is connected: in series four times one half.',
    usual: {
      of: 'unseen',
      low: 1,
      value: 3,
      high: 10,
      source: 'Common practice, no source: steppers for drivers that limit their current have 1 to 10 mH',
    },
  }),
  step: quantity('Angle of a full step', 'angle', {
    accepts: [0.005, 1.6],
    bare: '°',
    how: 'plate',
    help: '1.8° is 200 steps a turn.',
    measure: 'On its plate; or count the notches felt in one turn of the shaft, four of them for each tooth.',
    usual: {
      of: 'unseen',
      low: Math.PI / 100,
      value: Math.PI / 100,
      high: Math.PI / 100,
      source: 'Common practice, no source: nearly all salvaged hybrid steppers have 1.8°',
    },
  }),
  speed: quantity('Speed it is stepped at', 'speed', {
    accepts: [0.01, 5_000],
    bare: 'rpm',
    how: 'chosen',
    help: 'The fastest that the machine needs of it under load: it turns as fast as it is stepped, or loses steps.',
    measure: 'Pulses a second times 60 over pulses a turn.',
  }),
  set: quantity('Current the driver is set to', 'current', {
    accepts: [0.01, 50],
    bare: 'A',
    how: 'chosen',
    help: 'Each phase, its peak. Torque at rest goes with it, heat with its square.',
    measure: 'Switches or the trimmer of the driver.',
  }),
  micro: quantity('Microsteps a full step', 'count', {
    accepts: [1, 256],
    bare: 'pcs',
    how: 'chosen',
    whole: true,
    help: 'They make it smooth, and add no torque and little accuracy.',
    measure: 'Switches of the driver.',
    usual: { of: 'scatter', low: 8, value: 8, high: 8, source: 'Common practice, no source: drivers are set to 8 or 16' },
  }),
  ...motorFields,
  protector: { ...motorFields.protector, usual: 'none' as const, help: 'A stepper has none: its driver holds its current.' },
};

/** A stepper on a driver that limits its current: it turns as it is stepped, until it loses steps. */
export const stepperHead = {
  role: 'source',
  kind: 'stepper',
  v: 1,
  label: 'stepper with its driver',
  noun: 'stepper',
  ports: [null, 'rotary'],
  shaft: 'motor shaft',
  fedBy: 'as-given',
  fields,
  groups: { Driver: ['set', 'micro'], 'Shaft, cut-out': ['protector', 'noVolt', 'shaft', 'inertia'] },
  ...stepperOutputs,
  parts: (typed) => [
    { what: 'stepper', size: sized(typed('holding'), typed('current'), typed('shaft') && `shaft ${typed('shaft')}`), many: 1 },
    { what: 'stepper driver', size: sized(typed('set') ?? typed('current')), many: 1 },
  ],
  short: (typed) => `${typed('holding') ?? ''} stepper`.trim(),
} as const satisfies KindHead;

export type Inputs = InputFigures<typeof stepperHead.fields>;
