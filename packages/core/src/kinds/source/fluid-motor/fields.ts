import { choice, type InputFigures, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { sized } from '../../shared/parts.js';
import { fluidMotorOutputs } from './outputs.js';

const oil = { field: 'medium', is: ['oil'] } as const;
const air = { field: 'medium', is: ['air'] } as const;
const fields = {
  medium: choice(
    'Driven by',
    { oil: 'oil under pressure', air: 'compressed air' },
    {
      how: 'measured',
      help: 'A hydraulic motor holds its speed under load; an air motor slows down and never burns.',
      measure: 'Hoses with pressed fittings are oil, push-in hoses air.',
    },
  ),
  displacement: quantity('Oil it takes a turn', 'volume', {
    accepts: [0.0005, 50],
    bare: 'mL',
    how: 'plate',
    help: 'Its displacement, cm³ a turn: that of the pump has nothing to do with it.',
    measure: 'On its plate, beside cm³, cc or in³ a revolution.',
    when: oil,
  }),
  pressure: quantity('Pressure across it', 'pressure', {
    accepts: [0.5, 700],
    bare: 'bar',
    how: 'measured',
    help: 'At its inlet less at its outlet, where the relief valve is set: it bounds the torque.',
    measure: 'A gauge at the inlet while it is held.',
    when: oil,
  }),
  flow: quantity('Flow through it', 'flow', {
    accepts: [0.01, 2_000],
    bare: 'L/min',
    how: 'plate',
    help: 'What the pump delivers at that pressure.',
    measure: 'Displacement of the pump times its speed.',
    when: oil,
  }),
  power: quantity('Most power', 'power', {
    accepts: [1, 100_000],
    bare: null,
    how: 'plate',
    help: 'Of an air motor at about half of its unloaded speed, at 6 bar.',
    measure: 'On its plate, or in its maker’s list.',
    when: air,
  }),
  freeSpeed: quantity('Speed unloaded', 'speed', {
    accepts: [1, 60_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Of an air motor with nothing on it.',
    measure: 'On its plate.',
    when: air,
  }),
  shaft: quantity('Shaft', 'length', {
    accepts: [3, 150],
    bare: 'mm',
    how: 'measured',
    help: 'Diameter of its shaft.',
    measure: 'Calliper on the shaft.',
  }),
};

/** A motor driven by oil or by air. */
export const fluidMotorHead = {
  role: 'source',
  kind: 'fluid-motor',
  v: 1,
  label: 'hydraulic or air motor',
  noun: 'motor',
  ports: [null, 'rotary'],
  shaft: 'motor shaft',
  fields,
  ...fluidMotorOutputs,
  parts: (typed) => [
    { what: typed('medium') === 'air' ? 'air motor' : 'hydraulic motor', size: sized(typed('displacement') ?? typed('power')), many: 1 },
  ],
  short: (typed) => `${typed('medium') === 'air' ? 'air' : 'hydraulic'} motor`,
} as const satisfies KindHead;

export type Inputs = InputFigures<typeof fluidMotorHead.fields>;
