import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { openSourceOutputs } from './outputs.js';

const fields = {
  speed: quantity('Speed to look for', 'speed', {
    accepts: [10, 100_000],
    bare: 'rpm',
    how: 'chosen',
    help: 'Of its shaft, loaded. Left out: an induction motor of four poles, of two for a fast tool.',
    measure: 'From the plate of one that you could have.',
  }),
};

export const openSourceHead = {
  role: 'source',
  kind: 'open',
  v: 1,
  label: 'not chosen yet',
  noun: 'motor',
  ports: [null, 'any'],
  shaft: 'motor shaft',
  fields,
  ...openSourceOutputs,
  parts: () => [],
  short: () => 'no motor yet',
} as const satisfies KindHead;
