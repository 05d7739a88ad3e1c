import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';

const fields = {
  power: quantity('Shaft power', 'power', {
    accepts: [1, 1_000_000],
    bare: null,
    how: 'plate',
    help: 'What the plate says the shaft gives, not what the motor takes from the wall.',
    measure: 'On the motor’s plate, beside kW or HP.',
  }),
  speed: quantity('Speed', 'speed', {
    accepts: [1, 100_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Speed at that power. An induction motor turns a few per cent slower than the round figure of its poles.',
    measure: 'On the motor’s plate, beside rpm, /min or min⁻¹.',
  }),
};

export const plateMotorHead = {
  role: 'source',
  kind: 'plate-motor',
  v: 1,
  label: 'motor from its plate',
  fields,
  short: (typed) => `${typed('power') ?? ''} motor`.trim(),
} as const satisfies KindHead;
