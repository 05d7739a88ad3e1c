import {
  newerCoefficients,
  olderCoefficients,
  pullRatings,
  ratedLike,
  ratioFactor,
  type VBeltSection,
  vBeltSections,
} from '../../../catalog/v-belts.js';
import { arcFactor } from '../../../formulas/belt/arc-factor.js';
import { newerRating } from '../../../formulas/belt/newer-rating.js';
import { olderRating } from '../../../formulas/belt/older-rating.js';
import { pullRating } from '../../../formulas/belt/pull-rating.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import type { Bounds, Finds, From, Shelf, StageCandidate } from '../../finding.js';
import { beltBounds, beltReaches, nearest, once, told, typedLength } from '../../shared/find-loops.js';
import { boughtWheel, keyed, madeWheel, onShafts, ownWheel, pairsOf, serviceOf } from '../../shared/goes-on.js';
import { vBeltMark } from './marks.js';

/** Speed that a V-belt is run at, at most, m/s (common practice, no source). */
const fastest_m_s = 25;
/** Belts side by side, at most: more are for factories. */
const mostBelts = 3;
/** What a V-belt stage passes on at work, and the speed it loses (common practice, no source). */
const usual = { kept: 0.95, slip: 0.01 };

interface Pulley {
  readonly from: From;
  readonly many: number;
  readonly pitch_mm: number;
  readonly bore_mm: number | null;
  readonly isKeyed: boolean;
  readonly grooves: number;
}

/** A pulley by its size: to 160 mm one point, to 280 mm two, above three (common practice, no source). */
const pointsOf = (pitch_mm: number): number => (pitch_mm <= 160 ? 1 : pitch_mm <= 280 ? 2 : 3);

function pulleysOf(section: VBeltSection, { own, stock, made }: Shelf, { least_mm, most_mm }: Bounds): Pulley[] {
  const anyBore = { bore_mm: null, isKeyed: false, many: Number.POSITIVE_INFINITY, grooves: mostBelts };
  const owned = own.flatMap(({ part, many }, k): Pulley[] =>
    part.is === 'pulley' && part.section === section
      ? [{ ...part, many, from: ownWheel(k, `pulley ${section} ${told(part.pitch_mm)} mm`, part.bore_mm) }]
      : [],
  );
  const bought = (stock.pulleys[section] ?? []).map((pitch_mm): Pulley => {
    return { ...anyBore, pitch_mm, from: boughtWheel(pointsOf(pitch_mm), `pulley ${section} ${told(pitch_mm)} mm`) };
  });
  const turned = (made[section] ?? []).map((pitch_mm): Pulley => {
    return { ...anyBore, pitch_mm, from: madeWheel(`pulley ${section} ${told(pitch_mm)} mm`) };
  });
  const least = Math.max(least_mm, vBeltSections[section].least_mm);
  return [...owned, ...bought, ...turned].filter(({ pitch_mm }) => pitch_mm >= least - 1e-9 && pitch_mm <= most_mm + 1e-9);
}

const byOlder: Readonly<Record<string, { readonly a: number; readonly b: number; readonly c: number } | undefined>> = olderCoefficients;
const byNewer: Readonly<Record<string, Readonly<Record<'k1' | 'k2' | 'k3' | 'k4' | 'K', number>> | undefined>> = newerCoefficients;

/** Of one belt at half a turn, W: the older rating, which suits a belt of no name; the newer where there is no other. */
function rated(section: VBeltSection, small_mm: number, nominal: number, n_small: number, v: number): number {
  const older = byOlder[section];
  if (older) return olderRating.compute({ v: v / 5.08, ...older, r: ratioFactor(Math.max(nominal, 1 / nominal)), d: small_mm });
  const newer = byNewer[section];
  if (newer) return newerRating.compute({ ...newer, d: small_mm, n: n_small });
  const pull = pullRatings[section];
  if (pull) return pullRating.compute({ ...pull, d: small_mm, v });
  const kin = ratedLike[section];
  return kin ? kin.times[1] * rated(kin.of, small_mm, nominal, n_small, v) : 0;
}

interface Length {
  readonly mark: string;
  readonly pitchLength_mm: number;
  readonly own: number;
  readonly mostLoops: number;
}

function lengthsOf(section: VBeltSection, { own, stock }: Shelf): Length[] {
  const owned = own.flatMap(({ part, many }, k) =>
    part.is === 'belt' && part.section === section ? [{ mark: part.mark, pitchLength_mm: part.pitchLength_mm, own: k, mostLoops: many }] : [],
  );
  return [...owned, ...(stock.belts[section] ?? []).map((belt) => ({ ...belt, own: -1, mostLoops: mostBelts }))];
}

/** V-belts on every pair of pulleys of a section for which there is a belt. */
export const findVBelts: Finds = (shelf, bounds) =>
  (Object.keys(vBeltSections) as VBeltSection[]).flatMap((section) => {
    const lengths = lengthsOf(section, shelf);
    if (lengths.length === 0) return [];
    return pairsOf(pulleysOf(section, shelf, bounds)).flatMap(([driver, driven]) => candidate(section, driver, driven, lengths, bounds) ?? []);
  });

function candidate(section: VBeltSection, driver: Pulley, driven: Pulley, lengths: readonly Length[], bounds: Bounds): StageCandidate | null {
  const on = onShafts(driver, driven, bounds);
  if (!on) return null;
  const over = vBeltSections[section].overDatum_mm;
  const outside_mm = [driver.pitch_mm + over, driven.pitch_mm + over] as const;
  const [small_mm, large_mm] = [Math.min(driver.pitch_mm, driven.pitch_mm), Math.max(driver.pitch_mm, driven.pitch_mm)];
  const wheels = { small_mm, large_mm, outside_mm };
  const [shortest, longest] = beltBounds(wheels);
  const those = lengths.filter(({ pitchLength_mm: L }) => L >= shortest - 1e-6 && L <= longest + 1e-6);
  if (those.length === 0) return null;
  const reaches = once(() => beltReaches(wheels, those, { in: 0.015, out: 0.03 }));
  const K_1 = once(() => arcFactor.compute({ theta: reaches().at(-1)?.wrap_rad ?? Math.PI }));
  const { service, leeway } = serviceOf('v-belt', bounds.shock);
  const nominal = driven.pitch_mm / driver.pitch_mm;
  return {
    kind: 'v-belt',
    nominal,
    ratio: nominal / (1 - usual.slip),
    kept: usual.kept,
    keptAtRest: usual.kept,
    ...on,
    outside_mm,
    nearest_mm: nearest(wheels),
    loop: {
      reaches,
      hasOwn: those.some(({ own }) => own >= 0),
      most: Math.min(mostBelts, driver.grooves, driven.grooves),
      pieces: (belts) => belts,
      points: 1,
      says: (belts, mark) => (belts === 1 ? `belt ${mark}` : `${belts} belts ${mark}`),
    },
    passes_W: (n, belts) => {
      const v = rimSpeed.compute({ d: driver.pitch_mm, n });
      if (v > fastest_m_s) return 0;
      return (belts * K_1() * rated(section, small_mm, nominal, nominal >= 1 ? n : n / nominal, v)) / service;
    },
    entries: (belts, reach) => ({
      section,
      driver: `${told(driver.pitch_mm)} mm`,
      driven: `${told(driven.pitch_mm)} mm`,
      ...(reach ? { centres: typedLength(reach.centres_mm), ...beltEntries(section, reach.mark) } : {}),
      ...(belts > 1 ? { belts: String(belts) } : {}),
      ...keyed(driver, driven),
    }),
    leeway,
    slips: true,
    loudAbove_rpm: null,
    isChangeGear: false,
    says: `V-belt ${section}, ${told(driver.pitch_mm)} to ${told(driven.pitch_mm)} mm`,
  };
}

/** A belt's mark as the entries that it means. */
function beltEntries(section: VBeltSection, mark: string): Readonly<Record<string, string>> {
  const { belt, lengthIs } = vBeltMark(mark)?.fills ?? {};
  return belt && lengthIs && section ? { belt, lengthIs } : {};
}
