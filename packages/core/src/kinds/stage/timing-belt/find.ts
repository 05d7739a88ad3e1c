import { type TimingProfile, timingBelts, timingMark, timingRow } from '../../../catalog/timing-belts.js';
import { allowedPull } from '../../../formulas/belt/allowed-pull.js';
import { centrifugalTension } from '../../../formulas/belt/centrifugal-tension.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { teethInMesh } from '../../../formulas/belt/teeth-in-mesh.js';
import { timingDiameter } from '../../../formulas/belt/timing-diameter.js';
import { timingOutside } from '../../../formulas/belt/timing-outside.js';
import { timingRating } from '../../../formulas/belt/timing-rating.js';
import type { Bounds, Finds, From, Reach, Shelf, StageCandidate } from '../../finding.js';
import { beltBounds, beltReaches, nearest, once, typedLength } from '../../shared/find-loops.js';
import { boughtWheel, keyed, onShafts, ownWheel, pairsOf, serviceOf } from '../../shared/goes-on.js';
import { usualEfficiency } from './fields.js';

/** Fewer whole teeth in mesh are not proposed (ISO 5295: each fewer than six costs a fifth). */
const leastMesh = 6;
/** A timing belt needs to come a little nearer to be slipped over its flanges, and little to be tightened (common practice, no source). */
const takeUp = { in: 0.005, out: 0.005 };

interface Pulley {
  readonly from: From;
  readonly many: number;
  readonly teeth: number;
  readonly bore_mm: number | null;
  readonly isKeyed: boolean;
  readonly pitch_mm: number;
  readonly width_mm: number | null;
}

/** A pulley by its teeth: to 30 one point, to 60 two, above three; a belt one (common practice, no source). */
const pointsOf = (teeth: number): number => (teeth <= 30 ? 1 : teeth <= 60 ? 2 : 3);

const pitchOf = (profile: TimingProfile, teeth: number): number => timingDiameter.compute({ p: timingRow(profile).pitch_mm, z: teeth });

function pulleysOf(profile: TimingProfile, { own, stock }: Shelf, { least_mm, most_mm }: Bounds): Pulley[] {
  const owned = own.flatMap(({ part, many }, k): Pulley[] =>
    part.is === 'timing pulley' && part.profile === profile
      ? [{ ...part, many, pitch_mm: pitchOf(profile, part.teeth), from: ownWheel(k, `timing pulley ${profile}, ${part.teeth} teeth`, part.bore_mm) }]
      : [],
  );
  const bought = (stock.timingPulleys[profile] ?? []).map((teeth): Pulley => {
    const from = boughtWheel(pointsOf(teeth), `timing pulley ${profile}, ${teeth} teeth`);
    return { teeth, from, many: Number.POSITIVE_INFINITY, bore_mm: null, isKeyed: false, pitch_mm: pitchOf(profile, teeth), width_mm: null };
  });
  return [...owned, ...bought].filter(({ pitch_mm }) => pitch_mm >= least_mm - 1e-9 && pitch_mm <= most_mm + 1e-9);
}

interface Length {
  readonly teeth: number;
  readonly own: number;
  readonly width_mm: number;
}

const lengthsOf = (profile: TimingProfile, { own, stock }: Shelf): Length[] => [
  ...own.flatMap(({ part }, k) =>
    part.is === 'timing belt' && part.profile === profile ? [{ teeth: part.teeth, own: k, width_mm: part.width_mm ?? 0 }] : [],
  ),
  ...(stock.timingBelts[profile]?.teeth ?? []).map((teeth) => ({ teeth, own: -1, width_mm: Number.POSITIVE_INFINITY })),
];

/** Timing belts on every pair of pulleys of a profile. */
export const findTimingBelts: Finds = (shelf, bounds) =>
  (Object.keys(timingBelts) as TimingProfile[]).flatMap((profile) => {
    const lengths = lengthsOf(profile, shelf);
    if (lengths.length === 0) return [];
    const widths = [...(shelf.stock.timingBelts[profile]?.widths_mm ?? timingRow(profile).widths_mm)];
    return pairsOf(pulleysOf(profile, shelf, bounds)).flatMap(
      ([driver, driven]) => candidate(profile, driver, driven, lengths, widths, bounds) ?? [],
    );
  });

/** As on a line of the drawer or a belt, without its width. */

function candidate(
  profile: TimingProfile,
  driver: Pulley,
  driven: Pulley,
  lengths: readonly Length[],
  widths_mm: readonly number[],
  bounds: Bounds,
): StageCandidate | null {
  const [pitchIn, pitchOut] = [driver.pitch_mm, driven.pitch_mm];
  const on = onShafts(driver, driven, bounds);
  if (!on) return null;
  const { pitch_mm: p, land_mm: a, base_mm: b_0, pull_N: T_a, mass_kg_m: m, most_m_s } = timingRow(profile);
  const outside_mm = [timingOutside.compute({ d: pitchIn, a }), timingOutside.compute({ d: pitchOut, a })] as const;
  const wheels = { small_mm: Math.min(pitchIn, pitchOut), large_mm: Math.max(pitchIn, pitchOut), outside_mm };
  const z = Math.min(driver.teeth, driven.teeth);
  const [shortest, longest] = beltBounds(wheels);
  const those = lengths.filter(({ teeth }) => teeth * p >= shortest - 1e-6 && teeth * p <= longest + 1e-6);
  const most_mm = Math.min(driver.width_mm ?? Number.POSITIVE_INFINITY, driven.width_mm ?? Number.POSITIVE_INFINITY);
  const wide = widths_mm.filter((width) => width <= most_mm + 0.5);
  if (those.length === 0 || wide.length === 0) return null;
  const mesh = (reach: Reach) => Math.floor(teethInMesh.compute({ z, theta: reach.wrap_rad }) + 1e-9);
  const reaches = once(() => {
    const each = those.map(({ teeth, own, width_mm }) => {
      // A belt wider than the pulleys does not run on them.
      const mostLoops = own < 0 ? wide.length : width_mm > most_mm + 0.5 ? 0 : wide.filter((width) => width <= width_mm + 0.5).length;
      return { mark: timingMark(profile, teeth), pitchLength_mm: teeth * p, own, mostLoops };
    });
    return beltReaches(wheels, each, takeUp).filter((reach) => mesh(reach) >= leastMesh && reach.mostLoops > 0);
  });
  const { service, leeway } = serviceOf('timing-belt', bounds.shock);
  const nominal = driven.teeth / driver.teeth;
  return {
    kind: 'timing-belt',
    nominal,
    ratio: nominal,
    kept: usualEfficiency.value,
    keptAtRest: usualEfficiency.value,
    ...on,
    outside_mm,
    nearest_mm: nearest(wheels),
    loop: {
      reaches,
      hasOwn: those.some(({ own }) => own >= 0),
      most: wide.length,
      pieces: () => 1,
      points: 1,
      says: (k, mark) => `belt ${mark}, ${wide[k - 1]} mm wide`,
    },
    passes_W: (n, k) => {
      const v = rimSpeed.compute({ d: pitchIn, n });
      if (v > most_m_s) return 0;
      const b = wide[k - 1] ?? 0;
      const F_a = allowedPull.compute({ T_a, b, b_0, K_z: 1 });
      return timingRating.compute({ F_a, F_c: centrifugalTension.compute({ m: (m * b) / b_0, v }), v }) / service;
    },
    entries: (k, reach) => ({
      profile,
      z1: String(driver.teeth),
      z2: String(driven.teeth),
      width: `${wide[k - 1]} mm`,
      ...(reach ? { centres: typedLength(reach.centres_mm), belt: beltTyped(profile, reach) } : {}),
      ...keyed(driver, driven),
    }),
    leeway,
    slips: false,
    loudAbove_rpm: null,
    isChangeGear: false,
    says: `timing belt ${profile}, ${driver.teeth} to ${driven.teeth} teeth`,
  };
}

/** `450 mm`, or `8.4 in` of an inch belt. */
function beltTyped(profile: TimingProfile, { mark }: Reach): string {
  const size = Number.parseFloat(mark);
  return timingRow(profile).inch ? `${size / 10} in` : `${size} mm`;
}
