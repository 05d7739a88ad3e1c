import { type Bending, bent, type Mesh, together_mm } from './bent.js';
import { type Across, alongAt, type LaidShaft, type Notch, placed } from './laid-shaft.js';
import { enduranceOf } from './metals.js';
import { type Section, type Stiffness, stiffnessOf } from './section-shape.js';

/** How hard it is run: the code’s factors for bending and twist (ASME code for transmission shafting, 1927, from memory). */
export const runs = {
  steady: { bending: 1.5, twist: 1 },
  light: { bending: 2, twist: 1.5 },
  heavy: { bending: 2.5, twist: 2.25 },
} as const;
export type Runs = keyof typeof runs;

/** A place at which a shaft may break: what it bears, by two schools, as so many times what it has to. */
export interface Place {
  /** What is there: a notch, by its id; `shaft` where there is none. */
  readonly id: string;
  readonly at_mm: number;
  readonly moment_Nm: number;
  readonly torque_Nm: number;
  /** Bending and shear without any notch, MPa. */
  readonly bending_MPa: number;
  readonly shear_MPa: number;
  /** Bending back and forth that the metal lasts with there, MPa. */
  readonly lasts_MPa: number;
  /** Bends for good in a jam, at so many times the load. */
  readonly yields: number;
  /** Cracks in time: distortion energy with Goodman’s line. */
  readonly cracks: number;
  /** The same by the quick code formula with its shock factors. */
  readonly code: number;
}

interface Swinging extends Pick<Notch, 'Kf' | 'Kfs'> {
  /** Bending that a turning shaft has back and forth, and shear, MPa. */
  readonly bending: number;
  readonly shear: number;
  /** Bending that turns with it. */
  readonly steady: number;
  readonly pulsing: number;
}

/**
 * So many times the stress a shaft bears for good: distortion energy with Goodman’s line (Shigley 10e, eq. 7-7). A notch counts for what is steady as well.
 * @param Se_MPa what it bears back and forth
 */
export function goodman({ bending, shear, steady, pulsing, Kf, Kfs }: Swinging, Se_MPa: number, Sut_MPa: number): number {
  const alternating = length(Kf * bending, Math.sqrt(3) * Kfs * shear * (pulsing / 2));
  const mean = length(Kf * steady, Math.sqrt(3) * Kfs * shear * (1 - pulsing / 2));
  return 1 / (alternating / Se_MPa + mean / Sut_MPa);
}

const plain = { Kf: 1, Kfs: 1 };

/** A place that may be the weakest, with its cross-section there: of two that meet the thinner, less what is cut out of it. */
export interface Candidate {
  readonly id: string;
  /** Which of the places of the beam it is. */
  readonly k: number;
  readonly at_mm: number;
  readonly notch: Pick<Notch, 'Kf' | 'Kfs' | 'root_mm' | 'left' | 'isKeyway'>;
  readonly section: Stiffness;
  /** N·m over mm³ as MPa, by what a hole leaves of it. */
  readonly share: number;
}

/** Every place that may be the weakest: notches, from their beginning to their end, changes of section, and where it is bent most. */
export function candidates(shaft: LaidShaft, at_mm: readonly number[]): Candidate[] {
  const there = placed(shaft);
  const made = (id: string, notch: Candidate['notch'], k: number): Candidate => {
    const at = at_mm[k] as number;
    const here = there.filter(({ from_mm, to_mm }) => at >= from_mm - together_mm && at <= to_mm + together_mm).map(({ section }) => section);
    const of = here.map((section) => stiffnessOf(notch.root_mm ? { ...section, shape: rooted(section), size_mm: notch.root_mm } : section));
    return { id, k, at_mm: at, notch, section: of.reduce((a, b) => (b.W_mm3 < a.W_mm3 ? b : a)), share: 1000 / (notch.left ?? 1) };
  };
  const notches = shaft.notches.flatMap((notch) =>
    at_mm.flatMap((at, k) => (at >= notch.at_mm - together_mm && at <= (notch.to_mm ?? notch.at_mm) + together_mm ? [made(notch.id, notch, k)] : [])),
  );
  return [...notches, ...at_mm.map((_, k) => made('shaft', plain, k))];
}

/** What is left at the root of a thread or a groove is round; of a tube still a tube. */
const rooted = ({ shape }: Pick<Section, 'shape'>): Section['shape'] => (shape === 'tube' ? 'tube' : 'round');

/** A shaft as it is bent at work and in a jam. */
export interface BothBent {
  readonly at: Bending;
  readonly peak: Bending;
}

/** @returns null where it is not held */
export function bothBent(shaft: LaidShaft, mesh: Mesh = 'fine'): BothBent | null {
  const [at, peak] = [bent(shaft, false, mesh), bent(shaft, true, mesh)];
  return at && peak ? { at, peak } : null;
}

/** Torque at a place, N·m: of both sides of it the greater. */
const torqueAt = ({ torque_Nm }: Bending, k: number): number => Math.max(Math.abs(torque_Nm[k] as number), Math.abs(torque_Nm[k - 1] ?? 0));

/** Of what is across each other. The general one is many times slower, for lengths beyond any shaft. */
const length = (a: number, b: number): number => Math.sqrt(a * a + b * b);
const across = ([a, b]: Across): number => length(a, b);

/** Stress in a jam, MPa. The corners of a hexagon have the bending and no shear, the middle of its flats has the shear. */
function jamStress({ section: { W_mm3, flat_mm3, Wt_mm3 }, share }: Candidate, M_Nm: number, T_Nm: number, along_MPa: number): number {
  const corner = flat_mm3 === W_mm3 ? 0 : (share * M_Nm) / W_mm3 + along_MPa;
  return Math.max(corner, length((share * M_Nm) / flat_mm3 + along_MPa, (Math.sqrt(3) * share * T_Nm) / Wt_mm3));
}

/**
 * How a shaft is stressed where it may break, the weakest place first.
 * @param pulsing share of the torque that comes and goes; the rest is steady
 * @param both how it is bent, where that is known already: it does not hang on how strong its metal is
 * @param places where it may break, where those are
 * @returns empty where it is not held
 */
export function stressed(
  shaft: LaidShaft,
  { how, pulsing = 0 }: { readonly how: Runs; readonly pulsing?: number },
  both: BothBent | null = bothBent(shaft),
  places: readonly Candidate[] = both ? candidates(shaft, both.at.at_mm) : [],
): Place[] {
  if (!both) return [];
  const { at, peak } = both;
  const { metal } = shaft;
  const factors = runs[how];
  return places
    .map((place): Place => {
      const { id, k, at_mm, notch, share } = place;
      const { W_mm3, Wt_mm3, like_mm, area_mm2 } = place.section;
      const turning = at.turning_Nm[k] as number;
      const [M, T] = [across(at.moment_Nm[k] as Across), torqueAt(at, k)];
      const [bending, shear] = [(share * M) / W_mm3, (share * T) / Wt_mm3];
      const steady = (share * turning) / W_mm3;
      const jam = jamStress(place, across(peak.moment_Nm[k] as Across) + turning, torqueAt(peak, k), alongAt(shaft, at_mm, true) / area_mm2);
      const allowed = Math.min(0.3 * metal.Sy_MPa, 0.18 * metal.Sut_MPa) * (notch.isKeyway ? 0.75 : 1);
      const lasts_MPa = enduranceOf(metal, like_mm);
      return {
        id,
        at_mm,
        lasts_MPa,
        moment_Nm: M + turning,
        torque_Nm: T,
        bending_MPa: bending,
        shear_MPa: shear,
        yields: metal.Sy_MPa / jam,
        cracks: goodman({ bending, shear, steady, pulsing, ...notch }, lasts_MPa, metal.Sut_MPa),
        code: allowed / length((factors.bending * (bending + steady)) / 2, factors.twist * shear),
      };
    })
    .sort((a, b) => a.cracks - b.cracks);
}

/** At so many halvings it is told within a ten-millionth. */
const halvings = 34;

/**
 * At how many times the torque of work a shaft is bent or twisted for good. What follows the torque grows with it, weights and a slipping belt do not: the one shaft has
 * what pulls in a jam of as much torque as at work, the other of twice as much, and all that lies between and beyond them is on a line.
 * @param one how the first is bent in that jam, and `two` the other
 * @returns nought where it stays bent at rest; without end where nothing loads it
 */
export function yieldsAtTimes(
  once: LaidShaft,
  one: Bending | null,
  two: Bending | null,
  places: readonly Candidate[] = one ? candidates(once, one.at_mm) : [],
): number {
  if (!one || !two) return Number.NaN;
  let loaded = places.map((place) => {
    const { k } = place;
    const [a, b] = [one.moment_Nm[k] as Across, two.moment_Nm[k] as Across];
    return {
      place,
      a,
      by: [b[0] - a[0], b[1] - a[1]] as Across,
      turning: one.turning_Nm[k] as number,
      T: torqueAt(one, k),
      along: alongAt(once, place.at_mm, true) / place.section.area_mm2,
    };
  });
  const { Sy_MPa } = once.metal;
  // A sum of lengths of what grows straight: it falls first, if at all, and rises then.
  const yieldsBy = (times: number) =>
    loaded.filter(({ place, a, by, turning, T, along }) => {
      const M = length(a[0] + (times - 1) * by[0], a[1] + (times - 1) * by[1]) + turning;
      return !(jamStress(place, M, T * times, along) < Sy_MPa);
    });
  if (yieldsBy(0).length > 0) return 0;
  let [low, high] = [0, 1];
  let there = yieldsBy(high);
  while (there.length === 0) {
    [low, high] = [high, 2 * high];
    if (high > 1e9) return Number.POSITIVE_INFINITY;
    there = yieldsBy(high);
  }
  for (let round = 0; round < halvings; round += 1) {
    // Where it does not yield by the greater load it does not by a lesser one either.
    loaded = there;
    const middle = (low + high) / 2;
    const then = yieldsBy(middle);
    if (then.length === 0) low = middle;
    else {
      there = then;
      high = middle;
    }
  }
  return (low + high) / 2;
}
