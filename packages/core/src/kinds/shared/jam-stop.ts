import { type Figure, fixed, flag } from '../../figure/figure.js';
import { stoppingAngle } from '../../formulas/work/stopping-angle.js';
import { type Chosen, choice, quantity } from '../fields.js';
import { figure } from '../outputs.js';

/** What jams a tool, and how far the tool still moves into it, mm (common practice, no source). */
const yieldsBy = {
  fruit: { says: 'fruit, pulp', mm: [15, 35, 70] },
  'green-wood': { says: 'green wood, rope', mm: [2, 5, 10] },
  'dry-wood': { says: 'dry wood, plastic', mm: [0.5, 1.5, 4] },
  stone: { says: 'a stone', mm: [0.1, 0.3, 1] },
  steel: { says: 'steel', mm: [0.03, 0.1, 0.3] },
} as const;
type Stopper = keyof typeof yieldsBy;

export const jamField = choice(
  'What may jam it',
  Object.fromEntries(Object.entries(yieldsBy).map(([name, { says }]) => [name, says])) as Record<Stopper, string>,
  {
    help: 'The worst that may get in. The harder it is, the more sharply everything that spins is stopped, and the more torque its inertia adds.',
    measure: 'Think of what stopped the last one.',
  },
);

export const stopsField = quantity('A jam stops it within', 'angle', {
  accepts: [0.0001, 100],
  bare: '°',
  how: 'measured',
  help: 'Turn of the tool from the first touch to standstill, where it is known better than by what jams it.',
  measure: 'Chalk a mark on the tool and look how far it went.',
});

/** What work puts out of a jam. */
export const jamFigures = { 'stops-within': figure('A jam stops it within', 'angle', 'In a jam') } as const;

/** Angle in which a tool of a diameter is stopped: entered, or from what jams it. Unknown where neither is said. */
export function stopsIn(entered: Figure<'rad'>, jam: Chosen<Stopper>, diameter: Figure<'mm'>): Figure<'rad'> {
  if (entered.known || !jam.is) return entered;
  const { says, mm } = yieldsBy[jam.is];
  const [low, value, high] = mm;
  const a = fixed('mm', value, `Common practice, no source: ${says} yields by ${low} to ${high} mm`, [low, high], flag.estimated);
  return stoppingAngle({ a, D: diameter });
}
