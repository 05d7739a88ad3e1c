import { type VBeltSection, vBeltSections } from '../../../catalog/v-belts.js';
import { centresFromLength } from '../../../geometry/centres-from-length.js';
import type { Bounds, From, Reach, Shelf, StageCandidate, Step } from '../../finding.js';
import { beltBounds, nearest, once, told, typedLength, wrapAt } from '../../shared/find-loops.js';
import { boughtWheel, keyed, onShafts, ownWheel, serviceOf } from '../../shared/goes-on.js';
import { beltEntries, type Length, lengthsOf, passesBy, pointsOf, takeUp, usual } from './find-belts.js';

/** One belt on all pairs: its shafts are not further than this from their middle, mm, which the slot of the motor takes up (common practice, no source). */
const fromMiddle_mm = 1.5;
/** Sets of pairs of two pulleys of a section, at most, so that no shelf holds a search up; what shops usually have makes three thousand at most. */
const mostSets = 4_000;

/** A stepped pulley of one’s own, or pulleys side by side that are bought. */
interface Stepped {
  /** Place in the drawer; −1 where it is bought. */
  readonly own: number;
  readonly many: number;
  /** Smallest first. */
  readonly sizes_mm: readonly number[];
  readonly bore_mm: number | null;
  readonly isKeyed: boolean;
}

function steppedOf(section: VBeltSection, { own, stock }: Shelf, { least_mm, most_mm }: Bounds): Stepped[] {
  const least = Math.max(least_mm, vBeltSections[section].least_mm);
  const isRight = (pitch_mm: number) => pitch_mm >= least - 1e-9 && pitch_mm <= most_mm + 1e-9;
  const owned = own.flatMap(({ part, many }, k): Stepped[] =>
    part.is === 'cone pulley' && part.section === section
      ? [{ own: k, many, sizes_mm: part.steps_mm.filter(isRight).sort((a, b) => a - b), bore_mm: part.bore_mm, isKeyed: part.isKeyed }]
      : [],
  );
  const bought = (stock.pulleys[section] ?? []).filter(isRight);
  const stack: Stepped[] = bought.length === 0 ? [] : [{ own: -1, many: Number.POSITIVE_INFINITY, sizes_mm: bought, bore_mm: null, isKeyed: false }];
  return [...owned, ...stack];
}

/** A pair of steps, by their places. */
interface Pair {
  readonly driver: number;
  readonly driven: number;
  readonly driver_mm: number;
  readonly driven_mm: number;
  readonly wheels: Parameters<typeof wrapAt>[0];
  /** Belts that run on it, shortest and longest. */
  readonly from_mm: number;
  readonly to_mm: number;
}

function pairsOf(section: VBeltSection, driver: Stepped, driven: Stepped): Pair[] {
  const over = vBeltSections[section].overDatum_mm;
  return driver.sizes_mm.flatMap((driver_mm, a) =>
    driven.sizes_mm.map((driven_mm, b): Pair => {
      const [small_mm, large_mm] = [Math.min(driver_mm, driven_mm), Math.max(driver_mm, driven_mm)];
      const wheels = { small_mm, large_mm, outside_mm: [driver_mm + over, driven_mm + over] as const };
      const [from_mm, to_mm] = beltBounds(wheels);
      return { driver: a, driven: b, driver_mm, driven_mm, wheels, from_mm, to_mm };
    }),
  );
}

/** Where the shafts of a pair are with a belt; null where it is too short, too long or does not wrap enough. */
const centresOf = ({ wheels: { small_mm, large_mm }, from_mm, to_mm }: Pair, length_mm: number): number | null =>
  length_mm < from_mm - 1e-6 || length_mm > to_mm + 1e-6 ? null : centresFromLength(small_mm, large_mm, length_mm);

/** Belts on stepped pulleys: sets of pairs, one for each of the speeds that are wished, on which one belt runs at about one distance. Nothing where one speed is wished. */
export function steppedBelts(section: VBeltSection, shelf: Shelf, bounds: Bounds): StageCandidate[] {
  const lengths = lengthsOf(section, shelf);
  const { steps } = bounds;
  if (!steps || lengths.length === 0) return [];
  const all = steppedOf(section, shelf, bounds);
  return all.flatMap((driver) =>
    all
      .filter((driven) => driver !== driven || driver.own < 0 || driver.many > 1)
      .flatMap((driven) => {
        const on = onShafts(hub(section, driver), hub(section, driven), bounds);
        return on
          ? setsOf(section, driver, driven, steps, lengths).flatMap((pairs) => candidate(section, driver, driven, pairs, lengths, bounds) ?? [])
          : [];
      }),
  );
}

/** By its smallest step, which decides how far it may be bored. */
function hub(section: VBeltSection, { own, bore_mm, isKeyed, sizes_mm }: Stepped, used: readonly number[] = sizes_mm) {
  const what = `cone pulley ${section} ${sizes_mm.map(told).join('/')} mm`;
  return { from: own < 0 ? boughtWheel(0, what) : ownWheel(own, what, bore_mm), bore_mm, isKeyed, pitch_mm: Math.min(...used) };
}

/** Sets of pairs whose ratios are those that are wished; the driving step grows from speed to speed, the driven one shrinks. */
function setsOf(
  section: VBeltSection,
  driver: Stepped,
  driven: Stepped,
  { faster, first }: NonNullable<Bounds['steps']>,
  lengths: readonly Length[],
): (readonly Pair[])[] {
  const pairs = pairsOf(section, driver, driven);
  const ratio = ({ driver_mm, driven_mm }: Pair) => driven_mm / driver_mm / (1 - usual.slip);
  const areOneBody = driver.own >= 0 && driven.own >= 0;
  const found: (readonly Pair[])[] = [];
  const deeper = (set: readonly Pair[], belts: readonly Held[]): void => {
    if (found.length >= mostSets) return;
    const next = faster[set.length - 1];
    if (!next) {
      found.push(set);
      return;
    }
    const [base, last] = [set[0] as Pair, set.at(-1) as Pair];
    for (const pair of pairs) {
      const times = ratio(base) / ratio(pair);
      if (times < next[0] || times > next[1] || pair.driver <= last.driver || pair.driven >= last.driven) continue;
      // The steps of two pulleys face each other as they were cast.
      if (areOneBody && pair.driver + pair.driven !== base.driver + base.driven) continue;
      const still = heldBy(pair, belts);
      if (still.length > 0) deeper([...set, pair], still);
    }
  };
  const slack = 1e-9;
  for (const pair of pairs) {
    if (ratio(pair) < first[0] - slack || ratio(pair) > first[1] + slack) continue;
    deeper(
      [pair],
      heldBy(
        pair,
        lengths.map(({ pitchLength_mm }) => ({ pitchLength_mm, near_mm: Number.POSITIVE_INFINITY, far_mm: 0 })),
      ),
    );
  }
  return found;
}

/** A belt that runs on some pairs, and between where it has their shafts. */
interface Held {
  readonly pitchLength_mm: number;
  readonly near_mm: number;
  readonly far_mm: number;
}

/** Those of the belts that run on one more pair at about the same distance. */
const heldBy = (pair: Pair, belts: readonly Held[]): Held[] =>
  belts.flatMap(({ pitchLength_mm, near_mm, far_mm }) => {
    const centres_mm = centresOf(pair, pitchLength_mm);
    if (centres_mm === null) return [];
    const now = { pitchLength_mm, near_mm: Math.min(near_mm, centres_mm), far_mm: Math.max(far_mm, centres_mm) };
    return now.far_mm - now.near_mm <= 2 * fromMiddle_mm + 1e-6 ? [now] : [];
  });

/** Nearest shafts first. */
function reachesOf(pairs: readonly Pair[], lengths: readonly Length[]): Reach[] {
  return lengths
    .flatMap(({ pitchLength_mm: L, mark, own, mostLoops }): Reach[] => {
      const each_mm = pairs.flatMap((pair) => centresOf(pair, L) ?? []);
      const [near, far] = [Math.min(...each_mm), Math.max(...each_mm)];
      if (each_mm.length < pairs.length || far - near > 2 * fromMiddle_mm + 1e-6) return [];
      const wraps = pairs.map((pair, k) => wrapAt(pair.wheels, each_mm[k] as number));
      const slides_mm = [near - takeUp.in * L, far + takeUp.out * L] as const;
      return [{ centres_mm: (near + far) / 2, each_mm, wrap_rad: Math.min(...wraps), mark, own, mostLoops, slides_mm }];
    })
    .sort((a, b) => a.centres_mm - b.centres_mm);
}

function candidate(
  section: VBeltSection,
  driver: Stepped,
  driven: Stepped,
  pairs: readonly Pair[],
  lengths: readonly Length[],
  bounds: Bounds,
): StageCandidate | null {
  const [base] = pairs as [Pair];
  const [driving, taking] = [pairs.map(({ driver_mm }) => driver_mm), pairs.map(({ driven_mm }) => driven_mm)];
  const on = onShafts(hub(section, driver, driving), hub(section, driven, taking), bounds);
  if (!on) return null;
  const over = vBeltSections[section].overDatum_mm;
  const reaches = once(() => reachesOf(pairs, lengths));
  const { service, leeway } = serviceOf('v-belt', bounds.shock);
  const steps = pairs.map((pair, k): Step => stepOf(section, pair, k, reaches, service));
  const [first] = steps as [Step];
  return {
    kind: 'v-belt',
    nominal: first.nominal,
    ratio: first.ratio,
    passes_W: first.passes_W,
    kept: usual.kept,
    keptAtRest: usual.kept,
    ...on,
    takes: [...wheelsTaken(section, driver, driving), ...wheelsTaken(section, driven, taking)],
    outside_mm: [Math.max(...driving) + over, Math.max(...taking) + over],
    nearest_mm: Math.max(...pairs.map((pair) => nearest(pair.wheels))),
    loop: {
      reaches,
      hasOwn: lengths.some((each) => each.own >= 0 && pairs.every((pair) => centresOf(pair, each.pitchLength_mm) !== null)),
      most: 1,
      pieces: (belts) => belts,
      points: 1,
      says: (_, mark) => `belt ${mark}`,
    },
    entries: (_, reach) => ({
      section,
      driver: `${told(base.driver_mm)} mm`,
      driven: `${told(base.driven_mm)} mm`,
      ...(reach ? { centres: typedLength(reach.each_mm?.[0] ?? reach.centres_mm), ...beltEntries(section, reach.mark) } : {}),
      ...keyed(hub(section, driver), hub(section, driven)),
    }),
    steps,
    leeway,
    slips: true,
    loudAbove_rpm: null,
    isChangeGear: false,
    says: `V-belt ${section}, ${driving.map(told).join('/')} to ${taking.map(told).join('/')} mm`,
  };
}

const stepOf = (section: VBeltSection, { driver_mm, driven_mm }: Pair, k: number, reaches: () => readonly Reach[], service: number): Step => {
  const nominal = driven_mm / driver_mm;
  return {
    nominal,
    ratio: nominal / (1 - usual.slip),
    passes_W: passesBy({ section, driver_mm, driven_mm, wrap_rad: () => reaches().at(-1)?.wrap_rad, service }),
    entries: (reach) => ({
      driver: `${told(driver_mm)} mm`,
      driven: `${told(driven_mm)} mm`,
      ...(reach ? { centres: typedLength(reach.each_mm?.[k] ?? reach.centres_mm) } : {}),
    }),
  };
};

const wheelsTaken = (section: VBeltSection, wheel: Stepped, used: readonly number[]): From[] =>
  wheel.own < 0 ? used.map((pitch_mm) => boughtWheel(pointsOf(pitch_mm), `pulley ${section} ${told(pitch_mm)} mm`)) : [hub(section, wheel).from];
