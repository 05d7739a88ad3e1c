import type { Check } from '../../checks/check.js';
import type { CheckOutput } from '../../checks/check-output.js';
import { type Figure, fixed, highEnd, unseen } from '../../figure/figure.js';
import { rimSpeed } from '../../formulas/belt/rim-speed.js';
import { sentence } from '../../wording/sentence.js';
import { type Chosen, choice } from '../fields.js';
import type { Declares } from './only.js';

/** Over-speed is judged at the highest speed that can be reached, unloaded, not where the machine settles. */
export const overspeedCheck = {
  name: 'the speed of the tool',
  subject: 'whether the tool overspeeds',
  source: 'As entered: what the tool must not pass',
  says: {
    holds: 'the tool turns at up to {needs} unloaded{rim}; {has} is its limit',
    may: 'the tool may overspeed: it turns at up to {needs} unloaded{rim}, and {has} is its limit',
    fails: 'the tool overspeeds: it turns at up to {needs} unloaded{rim}, and {has} is its limit',
  },
} as const satisfies CheckOutput;

const rimSource =
  'Machinery’s Handbook, safe rim speeds, for cast iron; EN 12413 for bonded wheels that are not marked for more (from memory); others common practice, no source: sandstone 12, wood and plastic 25, steel 80 m/s';

/** What the rim of a tool withstands by what it is made of, m/s. */
const rims = {
  stone: { says: 'natural stone', most: 12 },
  wood: { says: 'wood, plastic', most: 25 },
  iron: { says: 'cast iron', most: 33 },
  bonded: { says: 'a bonded wheel, not marked for more', most: 35 },
  steel: { says: 'steel: a disc, a rotor', most: 80 },
} as const;
type Made = keyof typeof rims;

export const madeField = choice(
  'Material of the tool',
  Object.fromEntries(Object.entries(rims).map(([name, { says }]) => [name, says])) as Record<Made, string>,
  {
    help: 'What its rim withstands goes by it. A speed that is marked on the tool counts beside it.',
    measure: 'A magnet, a file, the label of a wheel.',
  },
);

export const rimCheck = {
  name: 'the speed of the tool',
  subject: 'whether the tool overspeeds',
  source: rimSource,
  closeBelow: 0,
  says: {
    holds: 'the rim of the tool runs at up to {needs}; {has} is safe for it',
    may: 'the rim of the tool may run too fast: at up to {needs}, and {has} is safe for it',
    fails: 'the rim of the tool runs too fast: at up to {needs}, and {has} is safe for it; it may burst',
  },
} as const satisfies CheckOutput;

/** By what it is made of; while that is not said, from the weakest that is spun to the strongest. */
const safeRim = ({ is, field }: Chosen<Made>): Figure<'m/s'> =>
  is ? fixed('m/s', rims[is].most, rimSource) : unseen('m/s', [rims.stone.most, rims.iron.most, rims.steel.most], field, rimSource);

interface SpeedInputs {
  readonly most: Figure<'rpm'>;
  readonly made: Chosen<Made>;
  readonly diameter: Figure<'mm'>;
}

/** Against the speed that is marked on it, and its rim against what it is made of; where neither is said, its rim from the weakest to the strongest. */
export function overspeeds(
  { most, made, diameter }: SpeedInputs,
  n: Figure<'rpm'>,
  { check }: Declares<Readonly<Record<never, never>>, { readonly speed: typeof overspeedCheck; readonly rim: typeof rimCheck }>,
): Check[] {
  const v = rimSpeed({ d: diameter, n });
  const rim = v.known ? sentence(', its rim at {v}', { v }) : '';
  const marked = most.known ? [check('speed', { has: most, needs: n, tells: { rim } })] : [];
  return made.is || !most.known ? [...marked, check('rim', { has: safeRim(made), needs: v })] : marked;
}

/** Whether a rim is faster than the weakest that it may be made of withstands. */
export function rimMayBurst(d: Figure<'mm'>, n: Figure<'rpm'>): boolean {
  const v = rimSpeed({ d, n });
  return v.known && highEnd(v) > rims.stone.most;
}

/** What a tool may do whose limit is not known, or is passed. */
export const mayBurst =
  'A wheel, disc or chuck that bursts flies in its own plane: guard it, keep out of that plane while it runs up, and tap a grinding wheel for a clear ring before it is mounted.';
