import { type VBeltSection, vBeltSections } from '../../../catalog/v-belts.js';
import type { ConePart } from '../../../drawer/part.js';
import type { Bounds, Finds, From, Shelf, StageCandidate } from '../../finding.js';
import { beltBounds, beltReaches, nearest, once, told, typedLength } from '../../shared/find-loops.js';
import { boughtWheel, keyed, madeWheel, onShafts, ownWheel, pairsOf, serviceOf } from '../../shared/goes-on.js';
import { beltEntries, type Length, lengthsOf, mostBelts, passesBy, pointsOf, takeUp, usual } from './find-belts.js';
import { steppedBelts } from './find-steps.js';

interface Pulley {
  readonly from: From;
  readonly many: number;
  readonly pitch_mm: number;
  readonly bore_mm: number | null;
  readonly isKeyed: boolean;
  readonly grooves: number;
}

/** Each step of a stepped pulley as if the others were not there. */
const stepsAlone = (own: number, { section, steps_mm, bore_mm, isKeyed }: ConePart, many: number): Pulley[] =>
  steps_mm.map((pitch_mm) => {
    const what = `cone pulley ${section} ${steps_mm.map(told).join('/')} mm, on its step of ${told(pitch_mm)} mm`;
    return { pitch_mm, bore_mm, isKeyed, grooves: 1, many, from: ownWheel(own, what, bore_mm) };
  });

function pulleysOf(section: VBeltSection, { own, stock, made }: Shelf, { least_mm, most_mm }: Bounds): Pulley[] {
  const anyBore = { bore_mm: null, isKeyed: false, many: Number.POSITIVE_INFINITY, grooves: mostBelts };
  const owned = own.flatMap(({ part, many }, k): Pulley[] => {
    if (part.is === 'cone pulley' && part.section === section) return stepsAlone(k, part, many);
    if (part.is !== 'pulley' || part.section !== section) return [];
    return [{ ...part, many, from: ownWheel(k, `pulley ${section} ${told(part.pitch_mm)} mm`, part.bore_mm) }];
  });
  const bought = (stock.pulleys[section] ?? []).map((pitch_mm): Pulley => {
    return { ...anyBore, pitch_mm, from: boughtWheel(pointsOf(pitch_mm), `pulley ${section} ${told(pitch_mm)} mm`) };
  });
  const turned = (made[section] ?? []).map((pitch_mm): Pulley => {
    return { ...anyBore, pitch_mm, from: madeWheel(`pulley ${section} ${told(pitch_mm)} mm`) };
  });
  const least = Math.max(least_mm, vBeltSections[section].least_mm);
  return [...owned, ...bought, ...turned].filter(({ pitch_mm }) => pitch_mm >= least - 1e-9 && pitch_mm <= most_mm + 1e-9);
}

/** V-belts on every pair of pulleys of a section for which there is a belt; on stepped ones where several speeds are wished. */
export const findVBelts: Finds = (shelf, bounds) =>
  (Object.keys(vBeltSections) as VBeltSection[]).flatMap((section) => {
    const lengths = lengthsOf(section, shelf);
    if (lengths.length === 0) return [];
    const plain = pairsOf(pulleysOf(section, shelf, bounds)).flatMap(([driver, driven]) => candidate(section, driver, driven, lengths, bounds) ?? []);
    return [...plain, ...steppedBelts(section, shelf, bounds)];
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
  const reaches = once(() => beltReaches(wheels, those, takeUp));
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
    passes_W: passesBy({ section, driver_mm: driver.pitch_mm, driven_mm: driven.pitch_mm, wrap_rad: () => reaches().at(-1)?.wrap_rad, service }),
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
