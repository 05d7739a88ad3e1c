import { type ChainSize, chains } from '../../../catalog/chains.js';
import { chainCentres } from '../../../formulas/chain/chain-centres.js';
import { chainLinks } from '../../../formulas/chain/chain-links.js';
import { chainSpeed } from '../../../formulas/chain/chain-speed.js';
import { plateRating } from '../../../formulas/chain/plate-rating.js';
import { rollerRating } from '../../../formulas/chain/roller-rating.js';
import { sprocketDiameter } from '../../../formulas/chain/sprocket-diameter.js';
import { sprocketOutside } from '../../../formulas/chain/sprocket-outside.js';
import type { Bounds, Finds, From, Reach, Shelf, StageCandidate } from '../../finding.js';
import { nearest, once, typedLength, wrapAt } from '../../shared/find-loops.js';
import { boughtWheel, keyed, onShafts, ownWheel, pairsOf, serviceOf } from '../../shared/goes-on.js';
import { usualEfficiency } from './fields.js';

/** Of an open chain that is oiled by hand: speed, teeth of the smaller sprocket, and teeth where a shaft turns fast (common practice, no source). */
const limits = { fastest_m_s: 8, leastTeeth: 11, fast_rpm: 500, leastFast: 17, farthest_pitches: 60 };
/** A chain is heard in the next room where a shaft turns faster (common practice, no source). */
const loud_rpm = 300;
/** A chain for years pulls an eighth of what breaks it (common practice, no source). */
const ofBreaking = 8;

interface Sprocket {
  readonly from: From;
  readonly many: number;
  readonly teeth: number;
  readonly bore_mm: number | null;
  readonly isKeyed: boolean;
  readonly isFreewheel: boolean;
  readonly pitch_mm: number;
}

/** A sprocket by its teeth: to 25 one point, to 45 two, above three; a chain two (common practice, no source). */
const pointsOf = (teeth: number): number => (teeth <= 25 ? 1 : teeth <= 45 ? 2 : 3);
const chainPoints = 2;

function sprocketsOf(chain: ChainSize, { own, stock }: Shelf, { least_mm, most_mm }: Bounds): Sprocket[] {
  const pitch = (teeth: number) => sprocketDiameter.compute({ p: chains[chain].pitch_mm, z: teeth });
  const owned = own.flatMap(({ part, many }, k): Sprocket[] => {
    const what = part.is === 'sprocket' && part.isFreewheel ? 'freewheel' : 'sprocket';
    return part.is === 'sprocket' && part.chain === chain
      ? [{ ...part, many, pitch_mm: pitch(part.teeth), from: ownWheel(k, `${what} ${chain}, ${part.teeth} teeth`, part.bore_mm) }]
      : [];
  });
  const bought = (stock.sprockets[chain] ?? []).map((teeth): Sprocket => {
    const from = boughtWheel(pointsOf(teeth), `sprocket ${chain}, ${teeth} teeth`);
    return { teeth, from, many: Number.POSITIVE_INFINITY, bore_mm: null, isKeyed: false, isFreewheel: false, pitch_mm: pitch(teeth) };
  });
  return [...owned, ...bought].filter(
    ({ teeth, pitch_mm }) => teeth >= limits.leastTeeth && pitch_mm >= least_mm - 1e-9 && pitch_mm <= most_mm + 1e-9,
  );
}

interface Had {
  readonly links: number;
  readonly own: number;
}

/** Chains of a size: one's own, which may be shortened, and by the link. */
const chainsOf = (chain: ChainSize, { own, stock }: Shelf): Had[] => [
  ...own.flatMap(({ part }, k) => (part.is === 'chain' && part.chain === chain ? [{ links: part.links ?? Number.POSITIVE_INFINITY, own: k }] : [])),
  ...(stock.chains.includes(chain) ? [{ links: Number.POSITIVE_INFINITY, own: -1 }] : []),
];

/** Chains on every pair of sprockets of a size. */
export const findChains: Finds = (shelf, bounds) =>
  (Object.keys(chains) as ChainSize[]).flatMap((chain) => {
    const had = chainsOf(chain, shelf);
    if (had.length === 0) return [];
    return pairsOf(sprocketsOf(chain, shelf, bounds)).flatMap(([driver, driven]) => candidate(chain, driver, driven, had, bounds) ?? []);
  });

/** Even numbers of links, an own chain before a bought one. */
function reachesOf(chain: ChainSize, z_1: number, z_2: number, wheels: Parameters<typeof nearest>[0], had: readonly Had[]): Reach[] {
  const p = chains[chain].pitch_mm;
  const near = nearest(wheels);
  const least = 2 * Math.ceil(chainLinks.compute({ C: near, p, z_1, z_2 }) / 2 - 1);
  const reaches: Reach[] = [];
  for (let N = least; ; N += 2) {
    const centres_mm = chainCentres.compute({ p, N, z_1, z_2 });
    if (!(centres_mm <= limits.farthest_pitches * p)) break;
    if (centres_mm < near - 1e-6) continue;
    const wrap_rad = wrapAt(wheels, centres_mm);
    for (const { links, own } of had) {
      // A chain is fitted at its joining link, and has a link to go for tightening.
      if (links >= N) reaches.push({ centres_mm, wrap_rad, mark: String(N), own, mostLoops: 1, slides_mm: [centres_mm, centres_mm + p] });
    }
  }
  return reaches;
}

function candidate(chain: ChainSize, driver: Sprocket, driven: Sprocket, had: readonly Had[], bounds: Bounds): StageCandidate | null {
  // A freewheel that drives a chain only clicks.
  if (driver.isFreewheel || (driven.isFreewheel && bounds.reverse)) return null;
  const on = onShafts(driver, driven, bounds);
  if (!on) return null;
  const { pitch_mm: p, breaks_N, rating } = chains[chain];
  const [z_1, z_2] = [Math.min(driver.teeth, driven.teeth), Math.max(driver.teeth, driven.teeth)];
  const outside = (z: number) => sprocketOutside.compute({ p, z });
  const outside_mm = [outside(driver.teeth), outside(driven.teeth)] as const;
  const wheels = { small_mm: Math.min(driver.pitch_mm, driven.pitch_mm), large_mm: Math.max(driver.pitch_mm, driven.pitch_mm), outside_mm };
  const reaches = once(() => reachesOf(chain, z_1, z_2, wheels, had));
  if (!had.some(({ links }) => links === Number.POSITIVE_INFINITY) && reaches().length === 0) return null;
  const { service, leeway } = serviceOf('chain', bounds.shock);
  const nominal = driven.teeth / driver.teeth;
  return {
    kind: 'roller-chain',
    nominal,
    ratio: nominal,
    kept: usualEfficiency.value,
    keptAtRest: usualEfficiency.value,
    ...on,
    outside_mm,
    nearest_mm: nearest(wheels),
    loop: {
      reaches,
      hasOwn: had.some(({ own }) => own >= 0),
      most: 1,
      pieces: () => 1,
      points: chainPoints,
      says: (_, mark) => `chain ${chain}, ${mark} links`,
    },
    passes_W: (n) => {
      const fast = nominal >= 1 ? n : n / nominal;
      const v = chainSpeed.compute({ p, z: driver.teeth, n });
      if (v > limits.fastest_m_s || (fast > limits.fast_rpm && z_1 < limits.leastFast)) return 0;
      const plates = plateRating.compute({ k: rating.k, z: z_1, n: fast, p });
      const rollers = rollerRating.compute({ K_r: rating.K_r, z: z_1, p, n: fast });
      return Math.min(plates, rollers, (breaks_N / ofBreaking) * v) / service;
    },
    entries: (_, reach) => ({
      chain,
      z1: String(driver.teeth),
      z2: String(driven.teeth),
      ...(reach ? { centres: typedLength(reach.centres_mm), links: reach.mark } : {}),
      ...keyed(driver, driven),
    }),
    leeway,
    slips: false,
    loudAbove_rpm: loud_rpm,
    isChangeGear: false,
    says: `chain ${chain}, ${driver.teeth} to ${driven.teeth} teeth`,
  };
}
