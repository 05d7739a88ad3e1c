import { choice, type InputFigures, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { dcFields } from '../../shared/brushed/dc-fields.js';
import { sized } from '../../shared/parts.js';
import { plateLine } from '../../shared/plate-line.js';
import { woundDcOutputs } from './outputs.js';

const fields = {
  field: choice(
    'Field winding',
    {
      shunt: 'beside the armature (shunt), many turns of thin wire',
      series: 'in series with it, few turns of thick wire',
      compound: 'both (compound)',
    },
    {
      how: 'measured',
      help: 'A shunt motor holds its speed and runs away when its field is lost; a series motor pulls hardest at rest and runs away without its load; a compound one is between them.',
      measure: 'Unplugged: hundreds of ohms are a shunt field, under one ohm of thick wire a series field; with four leads there are both or either.',
    },
  ),
  ...dcFields,
  fieldResistance: quantity('Resistance of the shunt field', 'resistance', {
    accepts: [0.5, 20_000],
    bare: 'Ω',
    how: 'measured',
    help: 'It draws its own current, which is heat and no torque.',
    measure: 'Unplugged, between the two thin leads: a steady reading that does not wander as the rotor is turned.',
    when: { field: 'field', is: ['shunt', 'compound'] },
  }),
  fieldFed: choice(
    'The shunt field is on',
    { same: 'the same supply as the armature', apart: 'a supply of its own, at its rated voltage' },
    {
      how: 'measured',
      help: 'On half the voltage a field on the same supply is weaker too: it turns faster than half, and pulls less.',
      measure: 'Where its two thin leads go.',
      when: { field: 'field', is: ['shunt', 'compound'] },
    },
  ),
};

/** A DC motor whose field is wound: an old workshop’s motor, a starter, a forklift’s. */
export const woundDcHead = {
  role: 'source',
  kind: 'wound-dc',
  v: 1,
  label: 'DC motor with a wound field',
  noun: 'motor',
  ports: [null, 'rotary'],
  shaft: 'motor shaft',
  fedBy: 'as-given',
  fields,
  groups: {
    'Measured, without a plate': [
      'resistance',
      'fieldResistance',
      'fieldFed',
      'idleVoltage',
      'idleSpeed',
      'idleCurrent',
      'weight',
      'stack',
      'across',
    ],
    'Shaft, cooling, cut-out': ['fan', 'protector', 'noVolt', 'shaft', 'inertia'],
  },
  marks: plateLine,
  ...woundDcOutputs,
  parts: (typed) => [
    {
      what: 'DC motor with a wound field',
      size: sized(typed('power'), typed('voltage'), typed('speed'), typed('shaft') && `shaft ${typed('shaft')}`),
      many: 1,
    },
  ],
  short: (typed) => `${typed('power') ?? typed('voltage') ?? ''} DC motor`.trim(),
} as const satisfies KindHead;

export type Inputs = InputFigures<typeof woundDcHead.fields>;
