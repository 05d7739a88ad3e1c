import { type Bent, bent, type Mesh } from './bent.js';
import { type Across, alongAt, type LaidShaft, type Notch, placed } from './laid-shaft.js';
import { enduranceOf } from './metals.js';
import { stiffnessOf } from './section-shape.js';

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
  const alternating = Math.hypot(Kf * bending, Math.sqrt(3) * Kfs * shear * (pulsing / 2));
  const mean = Math.hypot(Kf * steady, Math.sqrt(3) * Kfs * shear * (1 - pulsing / 2));
  return 1 / (alternating / Se_MPa + mean / Sut_MPa);
}

const plain = { Kf: 1, Kfs: 1 };

/** Every place that may be the weakest: notches, from their beginning to their end, changes of section, and where it is bent most. */
function candidates(
  shaft: LaidShaft,
  at_mm: readonly number[],
): { readonly notch: Pick<Notch, 'Kf' | 'Kfs' | 'root_mm' | 'left' | 'isKeyway'>; readonly id: string; readonly at: number }[] {
  const notches = shaft.notches.flatMap((notch) =>
    at_mm.filter((at) => at >= notch.at_mm - 1e-6 && at <= (notch.to_mm ?? notch.at_mm) + 1e-6).map((at) => ({ notch, id: notch.id, at })),
  );
  return [...notches, ...at_mm.map((at) => ({ notch: plain, id: 'shaft', at }))];
}

/** A shaft as it is bent at work and in a jam. */
export interface BothBent {
  readonly at: Bent;
  readonly peak: Bent;
}

/** @returns null where it is not held */
export function bothBent(shaft: LaidShaft, mesh: Mesh = 'fine'): BothBent | null {
  const [at, peak] = [bent(shaft, false, mesh), bent(shaft, true, mesh)];
  return at && peak ? { at, peak } : null;
}

/**
 * How a shaft is stressed where it may break, the weakest place first.
 * @param pulsing share of the torque that comes and goes; the rest is steady
 * @param both how it is bent, where that is known already: it does not hang on how strong its metal is
 * @returns empty where it is not held
 */
export function stressed(
  shaft: LaidShaft,
  { how, pulsing = 0 }: { readonly how: Runs; readonly pulsing?: number },
  both: BothBent | null = bothBent(shaft),
): Place[] {
  if (!both) return [];
  const { at, peak } = both;
  const there = placed(shaft);
  const { metal } = shaft;
  const factors = runs[how];
  const index = new Map(at.at_mm.map((place, k) => [place, k]));
  return candidates(shaft, at.at_mm)
    .map(({ notch, id, at: place }): Place => {
      const k = index.get(place) as number;
      // Where the section changes it is the thinner of both that breaks.
      const here = there.filter(({ from_mm, to_mm }) => place >= from_mm - 1e-6 && place <= to_mm + 1e-6).map(({ section }) => section);
      const of = here.map((section) => stiffnessOf(notch.root_mm ? { ...section, shape: 'round', size_mm: notch.root_mm } : section));
      const { W_mm3, flat_mm3, Wt_mm3, like_mm, area_mm2 } = of.reduce((a, b) => (b.W_mm3 < a.W_mm3 ? b : a));
      const torqueAt = (torques: readonly number[]) => Math.max(Math.abs(torques[k] as number), Math.abs(torques[k - 1] ?? 0));
      const share = 1000 / (notch.left ?? 1);
      const turning = at.turning_Nm[k] as number;
      const [M, T] = [Math.hypot(...(at.moment_Nm[k] as Across)), torqueAt(at.torque_Nm)];
      const [peakM, peakT] = [Math.hypot(...(peak.moment_Nm[k] as Across)) + turning, torqueAt(peak.torque_Nm)];
      const [bending, shear] = [(share * M) / W_mm3, (share * T) / Wt_mm3];
      const steady = (share * turning) / W_mm3;
      const along = alongAt(shaft, place, true) / area_mm2;
      const jamShear = (share * peakT) / Wt_mm3;
      // The corners of a hexagon have the bending and no shear, the middle of its flats has the shear.
      const corner = flat_mm3 === W_mm3 ? 0 : (share * peakM) / W_mm3 + along;
      const jam = Math.max(corner, Math.hypot((share * peakM) / flat_mm3 + along, Math.sqrt(3) * jamShear));
      const allowed = Math.min(0.3 * metal.Sy_MPa, 0.18 * metal.Sut_MPa) * (notch.isKeyway ? 0.75 : 1);
      const lasts_MPa = enduranceOf(metal, like_mm);
      return {
        id,
        at_mm: place,
        lasts_MPa,
        moment_Nm: M + turning,
        torque_Nm: T,
        bending_MPa: bending,
        shear_MPa: shear,
        yields: metal.Sy_MPa / jam,
        cracks: goodman({ bending, shear, steady, pulsing, ...notch }, lasts_MPa, metal.Sut_MPa),
        code: allowed / Math.hypot((factors.bending * (bending + steady)) / 2, factors.twist * shear),
      };
    })
    .sort((a, b) => a.cracks - b.cracks);
}
