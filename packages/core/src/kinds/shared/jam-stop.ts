import { type Figure, fixed, flag, scaled, unknown } from '../../figure/figure.js';
import { leverTorque } from '../../formulas/work/lever-torque.js';
import { stoppingAngle } from '../../formulas/work/stopping-angle.js';
import { type Chosen, choice, quantity } from '../fields.js';
import type { WorkDemand } from '../kind.js';
import { figure, type LimitOutput } from '../outputs.js';
import type { Declares } from './only.js';
import type { Sort } from './tool-sort.js';

const steel = [0.03, 0.1, 0.3] as const;

/** What jams a tool, and how far the tool still moves into it, mm (common practice, no source). */
const yieldsBy = {
  nothing: { says: 'nothing can jam it', mm: null },
  fruit: { says: 'something soft: fruit, pulp, mud', mm: [15, 35, 70] },
  'green-wood': { says: 'green wood, rope', mm: [2, 5, 10] },
  'dry-wood': { says: 'dry wood, plastic', mm: [0.5, 1.5, 4] },
  stone: { says: 'a stone', mm: [0.1, 0.3, 1] },
  steel: { says: 'steel', mm: steel },
  'only-steel': { says: 'only steel that falls in', mm: steel },
} as const;
type Stopper = keyof typeof yieldsBy;

/** @param usual what is taken where nothing is chosen, with the reason, by the kind of work; nothing where that may be anything */
export const jamField = (usual?: { readonly is: Stopper; readonly because: string }) =>
  choice('What may jam it', Object.fromEntries(Object.entries(yieldsBy).map(([name, { says }]) => [name, says])) as Record<Stopper, string>, {
    help: `The worst that may get in. The harder it is, the more sharply everything that spins is stopped, and the more torque its inertia adds.${usual ? ` Usual here: ${yieldsBy[usual.is].says}, since ${usual.because}.` : ''}`,
    measure: 'Think of what stopped the last one.',
    ...(usual ? { usual: usual.is } : {}),
  });

export const stopsField = quantity('A jam stops it within', 'angle', {
  accepts: [0.0001, 100],
  bare: '°',
  how: 'measured',
  help: 'Turn of the tool from the first touch to standstill, where it is known better than by what jams it. Nothing stops within nought: the hardest is steel.',
  measure: 'Chalk a mark on the tool and look how far it went.',
});

export const resistsField = quantity('What jams it shears at', 'torque', {
  accepts: [0.01, 1_000_000],
  bare: 'N·m',
  how: 'measured',
  help: 'Torque at the tool that cuts or crushes what is in its way, where that is known: the jam loads nothing with more.',
  measure: 'A lever on the tool with the power off, and a spring scale.',
});

/** The fields of a jam, for a kind of work that says how it is stopped. */
export const jamFields = (usual?: Parameters<typeof jamField>[0]) => ({ jam: jamField(usual), resists: resistsField });

/** What work puts out of a jam. */
export const jamFigures = { 'stops-within': figure('A jam stops it within', 'angle', 'In a jam') } as const;
export const jamLimits = {
  obstruction: { short: 'what jams it shears', what: 'what jams it', fails: 'shears', may: 'may shear', harm: 'harmless' },
} as const satisfies Record<string, LimitOutput>;

const resistsSource = 'As entered: what the obstruction itself resists';

const pinchSource =
  'Common practice, no source: wood pinches a blade, or is thrown by it, with 0.3 to 3 kN at its teeth; what is harder breaks teeth';
const pinches = fixed('N', 1000, pinchSource, [300, 3000], flag.estimated);

/** At what torque at its rim a tool throws what jams it, or breaks. */
export const thrownAt = (diameter: Figure<'mm'>): { readonly torque: Figure<'N·m'>; readonly source: string } => ({
  torque: leverTorque({ F: pinches, a: scaled(diameter, 0.5, 'At its rim') }),
  source: pinchSource,
});

interface JamInputs {
  readonly jam: Chosen<Stopper>;
  readonly resists: Figure<'N·m'>;
  /** What the tool is, where a kind has such a field. */
  readonly tool?: Chosen<Sort>;
  /** Turn to standstill, where a kind has such a field. */
  readonly stops?: Figure<'rad'>;
  /** At what torque that which jams it bursts, where a kind knows. */
  readonly bursts?: { readonly torque: Figure<'N·m'>; readonly source: string };
}

/**
 * How a tool of a diameter is stopped: within the angle that was entered, or by what jams it. Unknown where neither is said.
 * @returns the part of the work’s demand that says so
 */
export function jammedBy(
  { jam, resists, stops: angle, tool, bursts }: JamInputs,
  diameter: Figure<'mm'>,
  { note, limit }: Declares<typeof jamFigures, Readonly<Record<never, never>>, typeof jamLimits>,
): Pick<WorkDemand, 'stops' | 'slips' | 'jams'> {
  const entered = angle?.known ? angle : unknown('rad', [jam.field]);
  // Whoever enters an angle says that something stops it.
  if (jam.is === 'nothing' && !entered.known) return { stops: unknown('rad', [], 'nothing can jam it'), jams: 'never' };
  const isCut = tool?.is === 'blade' && (jam.is === 'green-wood' || jam.is === 'dry-wood');
  const itself = bursts ?? (isCut ? thrownAt(diameter) : null);
  const obstruction = resists.known || !itself ? { torque: resists, source: resistsSource } : itself;
  const stops = note('stops-within', stopsIn(entered, jam, diameter));
  return {
    stops,
    slips: obstruction.torque.known ? limit('obstruction', obstruction) : null,
    ...(jam.is === 'only-steel' ? { jams: 'only if steel falls in' } : {}),
  };
}

function stopsIn(entered: Figure<'rad'>, jam: Chosen<Stopper>, diameter: Figure<'mm'>): Figure<'rad'> {
  if (entered.known || !jam.is) return entered;
  const { says, mm } = yieldsBy[jam.is];
  if (mm === null) return entered;
  const [low, value, high] = mm;
  const a = fixed('mm', value, `Common practice, no source: ${says} yields by ${low} to ${high} mm`, [low, high], flag.estimated);
  return stoppingAngle({ a, D: diameter });
}
