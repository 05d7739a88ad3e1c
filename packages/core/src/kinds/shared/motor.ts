import { shaftPullBand, shaftPullSource } from '../../catalog/small-motors.js';
import { type Figure, fixed, flag, fromTable, highEnd, lowEnd, picked, unknown } from '../../figure/figure.js';
import { lockedSeconds } from '../../formulas/motor/locked-seconds.js';
import { show } from '../../quantity/show.js';
import { type Chosen, choice, quantity } from '../fields.js';
import type { SourceOutput } from '../kind.js';

const warm = fixed('°C', 75, 'Common practice, no source: a small motor at work is 50 to 100 °C in its winding', [50, 100], flag.estimated);
const cooks = fixed(
  '°C',
  160,
  'IEC 60085 classes B and F, 130 and 155 °C for years; for seconds 150 to 180 °C (common practice, no source)',
  [150, 180],
  flag.estimated,
);

const density = fixed('A/mm²', 6.5, 'Common practice, no source: small motors are wound for 5 to 8 A/mm²', [5, 8], flag.estimated);

/** How long a stalled winding lasts. @param k stalled over rated current */
export const withstandsStall = (k: Figure<'1'>): Figure<'s'> => lockedSeconds({ theta_1: warm, theta_2: cooks, k, J: density });

/** A cut-out that resets by itself starts the motor again, unless a release that it drops out is in between. */
export function restartsBy(protector: Chosen<Protector>, noVolt: Chosen<NoVolt>): NonNullable<SourceOutput['restarts']> {
  if (noVolt.is === 'through' || protector.is === 'hand-reset' || protector.is === 'none') return 'not by itself';
  return protector.is === 'self-resetting' ? 'by itself' : [protector.field];
}

/** Torque for good, less the motor's own friction: not known where the friction likely takes it all, next to nothing where it may. */
export function leftOver(T: Figure<'N·m'>): Figure<'N·m'> {
  if (!T.known || lowEnd(T) > 0) return T;
  if (T.value <= 0) return unknown('N·m', [], 'its own friction takes all that so little current makes');
  return picked('most', 'N·m', [T, fixed('N·m', 0.1 * T.value, 'At the worst its own friction takes nearly all of it')]);
}

/** Overhung load that a small motor of this shaft supports. */
export function pullOf(shaft: Figure<'mm'>): Figure<'N'> {
  if (!shaft.known) return unknown('N', shaft.missing);
  const [band, thin, thick] = [shaft.value, lowEnd(shaft), highEnd(shaft)].map(shaftPullBand);
  if (!band || !thin || !thick) return unknown('N', [], 'no small motor has so thick a shaft');
  return fromTable(
    'N',
    [thin[0], band[1], thick[2]],
    { table: 'pull on a motor shaft', row: `up to ${show(shaft.value, 'mm')}`, source: shaftPullSource },
    flag.estimated,
  );
}

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
type Protector = keyof typeof motorFields.protector.options;
type NoVolt = keyof typeof motorFields.noVolt.options;
