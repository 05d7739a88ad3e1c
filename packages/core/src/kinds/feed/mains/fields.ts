import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';

const fields = {
  voltage: quantity('Voltage at the motor', 'voltage', {
    accepts: [1, 1_000],
    bare: 'V',
    how: 'measured',
    help: 'What is left of the mains at the end of the lead, with the motor running.',
    measure:
      'A meter at the motor’s own terminals is a job for someone licensed to open them; a plug-in meter at the end of the lead is near enough.',
  }),
  frequency: quantity('Frequency', 'frequency', {
    accepts: [1, 1_000],
    bare: 'Hz',
    how: 'plate',
    help: 'Of the mains: 50 or 60 Hz.',
    measure: 'On the plate, or ask the supplier.',
  }),
};

/** A motor straight on the mains. Kept with its source; worked out once a source asks what feeds it. */
export const mainsHead = {
  role: 'feed',
  kind: 'mains',
  v: 1,
  label: 'straight on the mains',
  fields,
  short: (typed) => `mains ${typed('voltage') ?? ''}`.trim(),
} as const satisfies KindHead;
