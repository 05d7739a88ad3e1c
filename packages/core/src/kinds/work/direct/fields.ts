import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';

const fields = {
  torque: quantity('Torque asked', 'torque', {
    accepts: [0.001, 1_000_000],
    bare: 'N·m',
    how: 'measured',
    help: 'What turning the tool steadily takes, at the tool’s own shaft.',
    measure: 'A lever and a spring scale on the tool shaft, with the work in it: force times length.',
  }),
};

export const directWorkHead = {
  role: 'work',
  kind: 'direct',
  v: 1,
  label: 'work entered directly',
  fields,
  short: (typed) => `${typed('torque') ?? 'work'}`,
} as const satisfies KindHead;
