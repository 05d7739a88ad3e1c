import { newerCoefficients, olderCoefficients, pullRatings, ratedLike, ratioFactor, type VBeltSection } from '../../../catalog/v-belts.js';
import { arcFactor } from '../../../formulas/belt/arc-factor.js';
import { newerRating } from '../../../formulas/belt/newer-rating.js';
import { olderRating } from '../../../formulas/belt/older-rating.js';
import { pullRating } from '../../../formulas/belt/pull-rating.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import type { Shelf, StageCandidate } from '../../finding.js';
import { once, type TakeUp } from '../../shared/find-loops.js';
import { vBeltMark } from './marks.js';

/** Speed that a V-belt is run at, at most, m/s (common practice, no source). */
const fastest_m_s = 25;
/** Belts side by side, at most: more are for factories. */
export const mostBelts = 3;
/** How much of its length the shafts move to slip a V-belt on and to tighten it (RMA take-up rules, from memory). */
export const takeUp: TakeUp = { in: 0.015, out: 0.03 };
/** What a V-belt stage passes on at work, and the speed it loses (common practice, no source). */
export const usual = { kept: 0.95, slip: 0.01 };

/** A pulley by its size: to 160 mm one point, to 280 mm two, above three (common practice, no source). */
export const pointsOf = (pitch_mm: number): number => (pitch_mm <= 160 ? 1 : pitch_mm <= 280 ? 2 : 3);

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

export interface Length {
  readonly mark: string;
  readonly pitchLength_mm: number;
  readonly own: number;
  readonly mostLoops: number;
}

export function lengthsOf(section: VBeltSection, { own, stock }: Shelf): Length[] {
  const owned = own.flatMap(({ part, many }, k) =>
    part.is === 'belt' && part.section === section ? [{ mark: part.mark, pitchLength_mm: part.pitchLength_mm, own: k, mostLoops: many }] : [],
  );
  return [...owned, ...(stock.belts[section] ?? []).map((belt) => ({ ...belt, own: -1, mostLoops: mostBelts }))];
}

interface OnPulleys {
  readonly section: VBeltSection;
  readonly driver_mm: number;
  readonly driven_mm: number;
  /** On the smaller pulley, with the belt that gives most of it. */
  readonly wrap_rad: () => number | undefined;
  readonly service: number;
}

/** Power that belts on a pair of pulleys pass on, W, by the speed of the driving one, rpm; 0 where they would be too fast. */
export function passesBy({ section, driver_mm, driven_mm, wrap_rad, service }: OnPulleys): StageCandidate['passes_W'] {
  const K_1 = once(() => arcFactor.compute({ theta: wrap_rad() ?? Math.PI }));
  const nominal = driven_mm / driver_mm;
  const one = (n: number): number => {
    const v = rimSpeed.compute({ d: driver_mm, n });
    if (v > fastest_m_s) return 0;
    return (K_1() * rated(section, Math.min(driver_mm, driven_mm), nominal, nominal >= 1 ? n : n / nominal, v)) / service;
  };
  // Most are tried at the speed of the source again and again.
  let last = { n: Number.NaN, passes_W: 0 };
  return (n, belts) => {
    if (last.n !== n) last = { n, passes_W: one(n) };
    return belts * last.passes_W;
  };
}

/** A belt's mark as the entries that it means. */
export function beltEntries(section: VBeltSection, mark: string): Readonly<Record<string, string>> {
  const { belt, lengthIs } = vBeltMark(mark)?.fills ?? {};
  return belt && lengthIs && section ? { belt, lengthIs } : {};
}
