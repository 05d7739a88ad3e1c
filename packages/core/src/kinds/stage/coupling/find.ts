import type { Bounds, Finds, StageCandidate } from '../../finding.js';
import { couplingsOf, type Joins, joins, sizeOf } from '../../shared/find-couplings.js';
import { bitsOf, serviceOf } from '../../shared/goes-on.js';

/** Across and along, for the room it takes (common practice, no source). */
const size_mm = 80;

/** Couplings between source and work: of those that are bought, each knows the next smaller one. */
export const findCouplings: Finds = (shelf, bounds) => {
  let smaller: StageCandidate | undefined;
  return couplingsOf(shelf)
    .sort((a, b) => a.rated_Nm - b.rated_Nm)
    .flatMap((coupling) => {
      if (!joins(coupling, sizeOf(bounds, 'source'), sizeOf(bounds, 'work'))) return [];
      const is = candidate(coupling, bounds, coupling.isOwn ? undefined : smaller);
      if (!coupling.isOwn) smaller = is;
      return [is];
    });
};

function candidate({ from, rated_Nm }: Joins, bounds: Bounds, smaller: StageCandidate | undefined): StageCandidate {
  const { service, leeway } = serviceOf('coupling', bounds.shock);
  const rating = Number.isFinite(rated_Nm) ? { rating: `${rated_Nm} N·m` } : {};
  return {
    ...(smaller ? { smaller } : {}),
    kind: 'coupling',
    nominal: 1,
    ratio: 1,
    kept: 1,
    keptAtRest: 1,
    takes: [from],
    inFits: bitsOf(bounds, ({ of }) => of === 'source'),
    outFits: bitsOf(bounds, ({ of }) => of === 'work'),
    inAltered: 0,
    outAltered: 0,
    outside_mm: [size_mm, size_mm],
    inline_mm: size_mm,
    nearest_mm: 0,
    passes_W: (n) => ((rated_Nm / service) * n * 2 * Math.PI) / 60,
    entries: () => ({ type: 'jaw', size: `${size_mm} mm`, ...rating }),
    leeway,
    slips: false,
    holds: false,
    loudAbove_rpm: null,
    isChangeGear: false,
    says: from.what,
  };
}
