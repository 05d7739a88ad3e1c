import { part, quantity, table, text, yesNo } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { figure } from '../../outputs.js';

const torque = quantity('Torque in the thickest mix', 'torque', {
  accepts: [0.01, 10_000],
  bare: 'N·m',
  how: 'measured',
  help: 'At the paddle’s own shaft.',
  measure: 'A lever and a spring scale on the shaft, the paddle in the mix.',
});
const across = quantity('Paddle, diameter', 'length', {
  accepts: [20, 2_000],
  bare: 'mm',
  how: 'measured',
  help: 'Over its tips.',
  measure: 'Tape across it.',
});
const fields = {
  torque,
  mixes: table(
    'Mixes that were tried',
    'mix',
    { torque, what: text('Mix', { help: 'What was in it.', measure: '' }), wet: yesNo('Wet', { help: 'Water was in it.', measure: '' }) },
    { help: 'The hardest of them counts where no torque is entered.', measure: '' },
  ),
  paddle: across,
  bought: part('Paddle from the shelf', { across }, { help: 'Its diameter counts where none is entered.', measure: '' }),
};

export const paddleMixerHead = {
  role: 'work',
  kind: 'paddle-mixer',
  v: 1,
  label: 'paddle mixer',
  noun: 'mixer',
  ports: ['rotary', null],
  fields,
  figures: { torque: figure('Torque needed', 'torque', 'At the tool', { key: true }) },
  checks: {},
  limits: {},
  short: (typed) => `mixer ${typed('paddle') ?? ''}`.trim(),
} as const satisfies KindHead;
