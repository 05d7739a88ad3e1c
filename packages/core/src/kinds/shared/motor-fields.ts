import { choice, quantity } from '../fields.js';
import type { LimitOutputs } from '../outputs.js';

/** What is entered of any electric motor, whatever its kind. */
export const motorFields = {
  protector: choice(
    'Thermal cut-out',
    { none: 'none', 'hand-reset': 'manual reset', 'self-resetting': 'automatic reset' },
    {
      how: 'measured',
      help: 'What switches it off before the winding cooks. One with automatic reset starts the machine again while a jam is being cleared.',
      measure: 'A red button on the housing is reset by hand. “Thermally protected” with no button mostly has automatic reset.',
    },
  ),
  noVolt: choice(
    'No-volt release',
    { none: 'none', apart: 'a switch that drops out with the mains', through: 'one that the cut-out drops out too' },
    {
      how: 'measured',
      help: 'It keeps a machine off until somebody switches it on again. A cut-out inside the motor does not drop out a plain one: its contact must be in the coil’s circuit.',
      measure: 'Pull the plug and put it in again with the switch on: the machine must not start.',
    },
  ),
  shaft: quantity('Shaft', 'length', {
    accepts: [3, 150],
    bare: 'mm',
    how: 'measured',
    help: 'Diameter of the motor’s shaft; it says what load its bearing supports.',
    measure: 'Calliper on the shaft.',
  }),
  inertia: quantity('Rotor’s inertia', 'inertia', {
    accepts: [1e-6, 100],
    bare: null,
    how: 'measured',
    help: 'Leave it: it is estimated from the size.',
    measure: 'In the maker’s data sheet, beside J.',
  }),
};
export type Protector = keyof typeof motorFields.protector.options;
export type NoVolt = keyof typeof motorFields.noVolt.options;

/** What a stalled motor does, as kinds of motors declare it. */
export const stallLimit = {
  stall: {
    short: 'motor stalls',
    what: 'the motor',
    fails: 'stalls',
    may: 'may stall',
    harm: 'harmless',
    lasts: 'the stalled winding lasts {lasts}',
  },
} as const satisfies LimitOutputs;
