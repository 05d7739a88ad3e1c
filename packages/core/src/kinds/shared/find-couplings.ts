import type { Bounds, From, Shelf } from '../finding.js';
import { boughtWheel, goesOn, ownWheel } from './goes-on.js';

/** A coupling that joins two shafts, and how much it passes on. */
export interface Joins {
  readonly from: From;
  readonly rated_Nm: number;
  readonly bores_mm: readonly [number, number] | null;
  readonly mostBore_mm: number;
  readonly isOwn: boolean;
}

/** One's own couplings and those that may be bought. */
export const couplingsOf = ({ own, stock }: Shelf): Joins[] => [
  ...own.flatMap(({ part }, k): Joins[] =>
    part.is === 'coupling'
      ? [
          {
            from: ownWheel(k, `coupling ${part.rated_Nm ?? '?'} N·m`, null),
            rated_Nm: part.rated_Nm ?? Number.POSITIVE_INFINITY,
            bores_mm: part.bores_mm,
            mostBore_mm: Number.POSITIVE_INFINITY,
            isOwn: true,
          },
        ]
      : [],
  ),
  ...stock.couplings.map(({ rated_Nm, mostBore_mm, points }): Joins => {
    return { from: boughtWheel(points, `coupling ${rated_Nm} N·m`), rated_Nm, mostBore_mm, bores_mm: null, isOwn: false };
  }),
];

/** Whether it goes on two shafts, one way round or the other; what is bought is bored for them. */
export function joins({ bores_mm, mostBore_mm, isOwn }: Joins, a_mm: number | null, b_mm: number | null): boolean {
  if (!isOwn) return (a_mm ?? 0) <= mostBore_mm && (b_mm ?? 0) <= mostBore_mm;
  if (!bores_mm) return true;
  const [first, second] = bores_mm;
  return (goesOn(first, a_mm) && goesOn(second, b_mm)) || (goesOn(second, a_mm) && goesOn(first, b_mm));
}

/** Size of the shaft of a sort; null where nobody said it. */
export const sizeOf = ({ shafts }: Bounds, of: 'source' | 'work'): number | null => shafts.find((each) => each.of === of)?.size_mm ?? null;
