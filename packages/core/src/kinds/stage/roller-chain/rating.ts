import { type ChainSize, chainSource, chains, strandFactors } from '../../../catalog/chains.js';
import { type Figure, fixed, flag, fromTable, known, picked, scaled, unknown } from '../../../figure/figure.js';
import { chainLife } from '../../../formulas/chain/chain-life.js';
import { plateRating } from '../../../formulas/chain/plate-rating.js';
import { rollerRating } from '../../../formulas/chain/roller-rating.js';
import { strandRating } from '../../../formulas/chain/strand-rating.js';
import { drivenSpeed } from '../../../formulas/transmission/driven-speed.js';
import { toothRatio } from '../../../formulas/transmission/tooth-ratio.js';
import { noSlip } from '../../shared/driven-shaft.js';
import { kinSource, ratingSource } from './outputs.js';
import { fewerFirst, type Inputs } from './shape.js';

/** Load at which the chain breaks, all its strands together. */
export function breakingLoad({ chain, links, strands }: Inputs): Figure<'N'> {
  if (!chain.is) return unknown('N', [chain.field]);
  if (!strands.known) return unknown('N', strands.missing);
  const { breaks_N, unsure } = chains[chain.is];
  // An offset link takes about a third of the strength (common practice, no source).
  const left = (links.known && links.value % 2 === 1 ? 0.65 : 1) * strands.value;
  return fromTable(
    'N',
    [breaks_N * left, breaks_N * left, breaks_N * left * 1.15],
    { table: 'roller chains', row: chain.is, source: chainSource },
    unsure ? flag.estimated : 0,
  );
}

/** Power that plates and rollers of all strands are rated for, and the lesser of them. */
export interface ChainRating {
  readonly plates: Figure<'W'>;
  readonly rollers: Figure<'W'>;
  readonly good: Figure<'W'>;
}

/** @param n of the driving sprocket */
export function ratingOf({ chain, strands, z1, z2 }: Inputs, p: Figure<'mm'>, n: Figure<'rpm'>): ChainRating {
  if (!chain.is) {
    const none = unknown('W', [chain.field]);
    return { plates: none, rollers: none, good: none };
  }
  const [z] = fewerFirst(z1, z2);
  const fast = smallSpeed({ z1, z2 }, n);
  const row = rowOf(chain.is);
  const K_2 = strands.known
    ? fixed('1', strandFactors[strands.value - 1] ?? 1, 'Shigley’s Mechanical Engineering Design (10e), table 17-23 (from memory)')
    : unknown('1', strands.missing);
  const plates = strandRating({ K_2, P_r: plateRating({ k: row('k'), z, n: fast, p }) });
  const rollers = strandRating({ K_2, P_r: rollerRating({ K_r: row('K_r'), z, p, n: fast }) });
  return { plates, rollers, good: picked('least', 'W', [plates, rollers]) };
}

/** Speed of the sprocket with fewer teeth. @param n of the driving one */
export function smallSpeed({ z1, z2 }: Pick<Inputs, 'z1' | 'z2'>, n: Figure<'rpm'>): Figure<'rpm'> {
  const [few] = fewerFirst(z1, z2);
  return few === z1 || !z1.known || !z2.known ? n : drivenSpeed({ n1: n, i: toothRatio({ z_1: z1, z_2: z2 }), s: noSlip });
}

/** A constant of the rating; of a size that the standard does not rate by its kin, within three tenths. */
function rowOf(size: ChainSize): (constant: 'k' | 'K_r') => Figure<'1'> {
  const { rating } = chains[size];
  return (constant) => {
    const value = rating[constant];
    const origin = { table: 'chain rating constants', row: size, source: rating.byKin ? kinSource : ratingSource };
    return rating.byKin ? fromTable('1', [value * 0.7, value, value * 1.3], origin, flag.estimated) : known('1', value, { by: 'catalog', ...origin });
  };
}

const caseSource =
  'Common practice, no source: a chain in a closed case with oil lasts its rating, an open one that is oiled by hand a tenth of it to all, one that runs dry or in dirt a fiftieth to a fourth';
const lastsIn = {
  bath: fixed('1', 1, caseSource, [0.7, 1.4], flag.estimated),
  hand: fixed('1', 0.5, caseSource, [0.1, 1], flag.estimated),
  dry: fixed('1', 0.1, caseSource, [0.02, 0.25], flag.estimated),
} as const;
const anyCase = fixed('1', 0.5, caseSource, [0.02, 1.4], flag.estimated);

/** How long the plates last at the design power, by how the chain is kept. */
export const lifeOf = (inputs: Inputs, plates: Figure<'W'>, design: Figure<'W'>): Figure<'s'> =>
  scaled(chainLife({ P_a: plates, P_d: design }), inputs.case.is ? lastsIn[inputs.case.is] : anyCase, caseSource);
