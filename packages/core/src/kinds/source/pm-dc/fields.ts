import { type InputFigures, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { dcFields } from '../../shared/brushed/dc-fields.js';
import { sized } from '../../shared/parts.js';
import { plateLine } from '../../shared/plate-line.js';
import { pmDcOutputs } from './outputs.js';

const fields = {
  ...dcFields,
  flywheel: quantity('Flywheel on it, inertia', 'inertia', {
    accepts: [1e-6, 100],
    bare: 'kg·m²',
    how: 'measured',
    help: 'Of a treadmill’s flywheel, where it is kept: half its mass times its radius squared.',
    measure: 'Weigh it, halve its diameter. It may be screwed on: braked hard, or turned the other way, it unscrews.',
  }),
};

/** A motor with magnets and brushes: treadmill, scooter, mower, battery tool. */
export const pmDcHead = {
  role: 'source',
  kind: 'pm-dc',
  v: 1,
  label: 'DC motor with magnets and brushes',
  noun: 'motor',
  ports: [null, 'rotary'],
  shaft: 'motor shaft',
  fedBy: 'as-given',
  fields,
  groups: {
    'Measured, without a plate': ['resistance', 'idleVoltage', 'idleSpeed', 'idleCurrent', 'weight', 'stack', 'across'],
    'Shaft, cooling, cut-out': ['fan', 'protector', 'noVolt', 'shaft', 'inertia', 'flywheel'],
  },
  marks: plateLine,
  ...pmDcOutputs,
  parts: (typed) => [
    {
      what: 'DC motor with magnets',
      size: sized(typed('power'), typed('voltage'), typed('current'), typed('speed'), typed('shaft') && `shaft ${typed('shaft')}`),
      many: 1,
    },
  ],
  short: (typed) => `${typed('power') ?? typed('voltage') ?? ''} DC motor`.trim(),
} as const satisfies KindHead;

export type Inputs = InputFigures<typeof pmDcHead.fields>;
