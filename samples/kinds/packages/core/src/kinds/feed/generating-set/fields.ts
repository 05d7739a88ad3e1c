import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { figure } from '../../outputs.js';

const fields = {
  voltage: quantity('Voltage of the set', 'voltage', {
    accepts: [1, 1_000],
    bare: 'V',
    how: 'plate',
    help: 'Under the load if it can be measured.',
    measure: 'A plug-in meter at its socket.',
  }),
  frequency: quantity('Frequency of the set', 'frequency', {
    accepts: [1, 1_000],
    bare: 'Hz',
    how: 'plate',
    help: 'It follows the speed of its engine.',
    measure: 'On its plate.',
  }),
  amps: quantity('Current of the set', 'current', {
    accepts: [0.5, 1_000],
    bare: 'A',
    how: 'plate',
    help: 'That it puts out for good.',
    measure: 'On its plate.',
  }),
};

export const generatingSetHead = {
  role: 'feed',
  kind: 'generating-set',
  v: 1,
  label: 'generating set',
  noun: 'generating set',
  ports: [null, null],
  fields,
  figures: { current: figure('Current it puts out for good', 'current', 'Set') },
  checks: {},
  limits: {},
  short: (typed) => `generating set ${typed('amps') ?? ''}`.trim(),
} as const satisfies KindHead;
