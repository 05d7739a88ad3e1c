import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { openStageOutputs } from './outputs.js';

const fields = {
  ratio: quantity('Ratio', 'count', {
    accepts: [0.01, 10_000],
    bare: 'pcs',
    how: 'chosen',
    help: 'Turns of its driving shaft for one of its driven shaft. Left out: whatever the work still needs.',
    measure: '',
  }),
};

export const openStageHead = {
  role: 'stage',
  kind: 'open',
  v: 1,
  label: 'not chosen yet',
  noun: 'drive',
  ports: ['any', 'any'],
  fields,
  ...openStageOutputs,
  parts: () => [],
  short: () => 'no drive yet',
} as const satisfies KindHead;
