import { type ChainSize, chainServiceFactors, chainSource, chains, strandFactors } from '../../../catalog/chains.js';
import type { Shock } from '../../../catalog/v-belts.js';
import { type Figure, fixed, flag, fromTable, known, picked, unknown } from '../../../figure/figure.js';
import { plateRating } from '../../../formulas/chain/plate-rating.js';
import { rollerRating } from '../../../formulas/chain/roller-rating.js';
import { strandRating } from '../../../formulas/chain/strand-rating.js';
import { drivenSpeed } from '../../../formulas/transmission/driven-speed.js';
import { toothRatio } from '../../../formulas/transmission/tooth-ratio.js';
import type { Rotary } from '../../kind.js';
import { noSlip } from '../../shared/driven-shaft.js';
import { ratingSource } from './outputs.js';
import { fewerFirst, type Inputs } from './shape.js';

/** Load at which the chain breaks. */
export function breakingLoad({ chain, links }: Inputs): Figure<'N'> {
  if (!chain.is) return unknown('N', [chain.field]);
  const { breaks_N, unsure } = chains[chain.is];
  // An offset link takes about a third of the strength (common practice, no source).
  const left = links.known && links.value % 2 === 1 ? 0.65 : 1;
  return fromTable(
    'N',
    [breaks_N * left, breaks_N * left, breaks_N * left * 1.15],
    { table: 'roller chains', row: chain.is, source: chainSource },
    unsure ? flag.estimated : 0,
  );
}

/** Service factor by how rough the work is; the widest while that is not said. */
export function serviceFactor(shock: Shock | undefined): Figure<'1'> {
  const [low, high] = shock ? chainServiceFactors[shock] : [1, 1.5];
  return fromTable('1', [low, (low + high) / 2, high], {
    table: 'chain service factors',
    row: shock ?? 'not said how rough',
    source: 'ANSI B29, electric motor (from memory)',
  });
}

/** Power rating of all strands: the lesser of plates and rollers. */
export function goodFor({ chain, strands, z1, z2 }: Inputs, p: Figure<'mm'>, arriving: Rotary): Figure<'W'> {
  if (!chain.is) return unknown('W', [chain.field]);
  const { rating } = chains[chain.is];
  if (!rating) return unknown('W', [], `there is no rating of ${chains[chain.is].says} here: it is judged by its pull alone`);
  const [z] = fewerFirst(z1, z2);
  const n = z === z1 || !z1.known || !z2.known ? arriving.speed : drivenSpeed({ n1: arriving.speed, i: toothRatio({ z_1: z1, z_2: z2 }), s: noSlip });
  const row = (value: number) =>
    known('1', value, { by: 'catalog', table: 'chain rating constants', row: chain.is as ChainSize, source: ratingSource });
  const P_r = picked('least', 'W', [plateRating({ k: row(rating.k), z, n, p }), rollerRating({ K_r: row(rating.K_r), z, p, n })]);
  const K_2 = strands.known
    ? fixed('1', strandFactors[strands.value - 1] ?? 1, 'Shigley’s Mechanical Engineering Design (10e), table 17-23 (from memory)')
    : unknown('1', strands.missing);
  return strandRating({ K_2, P_r });
}
