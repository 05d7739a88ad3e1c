import type { CheckOutput } from '../../checks/check-output.js';
import { type Figure, fixed, unseen } from '../../figure/figure.js';
import { type Chosen, choice } from '../fields.js';

/** Over-speed is judged at the highest speed that can be reached, unloaded, not where the machine settles. @param what the thing that turns */
export const overspeedCheck = (what: string, source: string) =>
  ({
    subject: `whether ${what} overspeeds`,
    source,
    says: {
      holds: `${what} turns at up to {needs} unloaded; {has} is its limit`,
      may: `${what} may overspeed: it turns at up to {needs} unloaded, and {has} is its limit`,
      fails: `${what} overspeeds: it turns at up to {needs} unloaded, and {has} is its limit`,
    },
  }) satisfies CheckOutput;

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
export const safeRim = ({ is, field }: Chosen<Made>): Figure<'m/s'> =>
  is ? fixed('m/s', rims[is].most, rimSource) : unseen('m/s', [rims.stone.most, rims.iron.most, rims.steel.most], field, rimSource);

/** What a tool may do whose limit is not known, or is passed. */
export const mayBurst =
  'A wheel, disc or chuck that bursts flies in its own plane: guard it, keep out of that plane while it runs up, and tap a grinding wheel for a clear ring before it is mounted.';
