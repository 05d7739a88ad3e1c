import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { slipClutchOutputs } from './outputs.js';

const fields = {
  springs: quantity('Force of the springs', 'force', {
    accepts: [1, 100_000],
    bare: 'N',
    how: 'measured',
    help: 'All together, as set.',
    measure: 'By their squash and rate, or on the bathroom scales.',
  }),
  mean: quantity('Mean radius of the faces', 'length', {
    accepts: [5, 500],
    bare: 'mm',
    how: 'measured',
    help: 'Half way between the inner and the outer edge of the lining.',
    measure: 'Rule.',
  }),
  friction: quantity('Friction of the faces', 'fraction', {
    accepts: [0.05, 0.6],
    bare: null,
    how: 'measured',
    help: 'Lining on steel.',
    measure: 'By the torque at which it slips.',
    usual: { of: 'scatter', low: 0.3, value: 0.35, high: 0.4, source: 'Textbooks: brake lining on steel 0.30 to 0.40' },
  }),
};

export const slipClutchHead = {
  role: 'stage',
  kind: 'slip-clutch',
  v: 1,
  label: 'slip clutch',
  noun: 'slip clutch',
  ports: ['rotary', 'rotary'],
  fields,
  parts: (typed) => [{ what: 'slip clutch', size: typed('springs') ?? '', many: 1 }],
  fuse: () => ({ field: 'springs', power: 1 }),
  ...slipClutchOutputs,
  begins: () => ({ springs: '200 N', mean: '60 mm' }),
  short: (typed) => `slip clutch ${typed('springs') ?? ''}`.trim(),
} as const satisfies KindHead;
