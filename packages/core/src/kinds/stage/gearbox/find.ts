import { wormEfficiencies } from '../../../catalog/gears.js';
import type { BoxPart } from '../../../drawer/part.js';
import { type Band, bandAt } from '../../../numeric/band-at.js';
import type { Bounds, Finds, From, ShaftEnd, Shelf, StageCandidate } from '../../finding.js';
import { couplingsOf, type Joins, joins, sizeOf } from '../../shared/find-couplings.js';
import { told } from '../../shared/find-loops.js';
import { bitsOf, goesOnto, serviceOf } from '../../shared/goes-on.js';

/** A worm at rest passes less: it has to break loose first (common practice, no source). */
const wormAtRest = 0.7;
/** A box that keeps less holds the load with the power off, mostly. */
const holdsBelow = 0.5;
/** Housing of a box that nobody measured, mm. */
const usual_mm = [160, 160] as const;

/** What a box passes on where its plate does not say (common practice, no source). */
function keptOf({ kept, gears, ratio }: BoxPart): number {
  if (kept !== null) return kept;
  return gears === 'worm' ? (bandAt(wormEfficiencies, ratio) as Band)[1] : gears === 'planetary' ? 0.94 : 0.96;
}

/** A box by itself, and with a coupling where a shaft of its own meets the source's or the work's. */
export const findBoxes: Finds = (shelf, bounds) => {
  const own = shelf.own.flatMap(({ part }, k) => {
    const from: From = { own: k, isMade: false, points: 0, what: part.is === 'gearbox' ? nameOf(part) : '' };
    return part.is === 'gearbox' ? [{ part, from }] : [];
  });
  const bought = shelf.stock.boxes.map(({ part, name, points }) => ({ part, from: { own: -1, isMade: false, points, what: name } }));
  return [...own, ...bought].flatMap(({ part, from }) => variants(part, from, shelf, bounds));
};

const nameOf = ({ gears, ratio }: BoxPart): string => `${gears === null ? '' : `${gears} `}box ${told(ratio)}:1`;

/** What an end of a box goes on by itself: wheels sit on it, and a hollow one takes a shaft of its size. */
function endFits(bounds: Bounds, which: 'in' | 'out', { input, output }: BoxPart): number {
  const end = which === 'in' ? input : output;
  const takes: readonly ShaftEnd['of'][] = which === 'in' ? ['source', 'between', 'box out'] : ['work', 'between', 'box in'];
  // Nobody measured it: it is taken to go on.
  if (end === null) return bitsOf(bounds, ({ of }) => takes.includes(of));
  const itself = bitsOf(bounds, ({ of, size_mm }) => of === `box ${which}` && size_mm === end.size_mm);
  return end.is === 'shaft' ? itself : itself | bitsOf(bounds, (shaft) => takes.includes(shaft.of) && goesOnto(end.size_mm, shaft));
}

interface End {
  readonly fits: number;
  readonly by: Joins | null;
}

/** Also by a coupling: one's own, and of those that are bought the least that is as strong as the box. */
function ends(bounds: Bounds, which: 'in' | 'out', part: BoxPart, couplings: readonly Joins[], needs_Nm: number): End[] {
  const plain: End = { fits: endFits(bounds, which, part), by: null };
  const end = which === 'in' ? part.input : part.output;
  const other = which === 'in' ? 'source' : 'work';
  const fits = bitsOf(bounds, ({ of }) => of === other);
  if (end === null || (plain.fits & fits) !== 0) return [plain];
  const those = couplings.filter((coupling) => joins(coupling, end.size_mm, sizeOf(bounds, other)));
  const bought = those.filter(({ isOwn }) => !isOwn).sort((a, b) => a.rated_Nm - b.rated_Nm);
  const strong = bought.find(({ rated_Nm }) => rated_Nm >= needs_Nm) ?? bought.at(-1);
  return [plain, ...[...those.filter(({ isOwn }) => isOwn), ...(strong ? [strong] : [])].map((by) => ({ fits, by }))];
}

function variants(part: BoxPart, from: From, shelf: Shelf, bounds: Bounds): StageCandidate[] {
  const couplings = couplingsOf(shelf);
  const kept = keptOf(part);
  const rated_Nm = part.rated_Nm ?? Number.POSITIVE_INFINITY;
  const ins = ends(bounds, 'in', part, couplings, rated_Nm / part.ratio / kept);
  const outs = ends(bounds, 'out', part, couplings, rated_Nm);
  return ins.flatMap((input) =>
    outs.flatMap((output) => (input.fits === 0 || output.fits === 0 ? [] : [candidate(part, from, kept, input, output, bounds)])),
  );
}

function candidate(part: BoxPart, from: From, kept: number, input: End, output: End, { shock }: Bounds): StageCandidate {
  const { service, leeway } = serviceOf('coupling', shock);
  const { ratio, gears } = part;
  const most_Nm = Math.min(
    part.rated_Nm ?? Number.POSITIVE_INFINITY,
    output.by?.rated_Nm ?? Number.POSITIVE_INFINITY,
    (input.by?.rated_Nm ?? Number.POSITIVE_INFINITY) * ratio * kept,
  );
  const [long, high] = part.size_mm ?? usual_mm;
  const beside = [input.by, output.by].flatMap((coupling) => (coupling ? [coupling.from] : []));
  return {
    kind: 'gearbox',
    nominal: ratio,
    ratio,
    kept,
    keptAtRest: gears === 'worm' ? kept * wormAtRest : kept,
    takes: [from, ...beside],
    inFits: input.fits,
    outFits: output.fits,
    inAltered: 0,
    outAltered: 0,
    outside_mm: [high, high],
    inline_mm: long,
    nearest_mm: 0,
    passes_W: (n) => ((most_Nm / service) * (n / ratio) * 2 * Math.PI) / 60 / kept,
    entries: () => ({
      ratio: told(ratio),
      ...(part.rated_Nm === null ? {} : { rating: `${told(part.rated_Nm)} N·m` }),
      ...(gears === null ? {} : { gears }),
      ...(part.kept === null ? {} : { efficiency: `${told(100 * part.kept)} %` }),
      size: `${Math.round(high)} mm`,
    }),
    leeway,
    slips: false,
    holds: part.holds || kept < holdsBelow,
    loudAbove_rpm: null,
    isChangeGear: false,
    says: from.what,
  };
}
