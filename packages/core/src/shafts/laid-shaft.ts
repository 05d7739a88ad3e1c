import type { Metal } from './metals.js';
import type { Section } from './section-shape.js';

/** A force on a shaft, N: to the right and up, as the side view has them. */
export type Across = readonly [number, number];

export interface Load {
  readonly id: string;
  /** What it is entered with in a build: `@shafts/cone/@seats/belt-out`. */
  readonly path?: string;
  /** From the left end, mm. */
  readonly at_mm: number;
  readonly force_N: Across;
  /** In a jam, where that is more. */
  readonly peak_N?: Across;
  /** Torque that comes in there, N·m; what goes out is below nought. */
  readonly torque_Nm: number;
  readonly peak_Nm?: number;
  /** Along the shaft, N, to the right above nought; in a jam, where that is more. */
  readonly along_N?: number;
  readonly peakAlong_N?: number;
  /** An unbalance: a force that turns with the shaft, and bends it the same way all the time, N. */
  readonly turning_N?: number;
  /** Of what sits there, kg: its weight is a force of its own, its mass counts for whirl. */
  readonly mass_kg?: number;
}

export interface Bearing {
  readonly id: string;
  /** What it is entered with in a build: `@shafts/cone/@seats/belt-out`. */
  readonly path?: string;
  readonly at_mm: number;
  /** How far it gives way, N/mm; rigid where it is left out. */
  readonly stiffness_N_mm?: number;
}

/** What makes stress greater in one place. */
export interface Notch {
  readonly id: string;
  /** What it is entered with in a build: `@shafts/cone/@seats/belt-out`. */
  readonly path?: string;
  readonly at_mm: number;
  /** Where it ends, of one that is long. */
  readonly to_mm?: number;
  /** So many times the stress in bending and in twist. */
  readonly Kf: number;
  readonly Kfs: number;
  /** What is left of the diameter there, mm, where it is less than that of the section. */
  readonly root_mm?: number;
  /** What is left of its section modulus there, of all, where a hole goes across. */
  readonly left?: number;
  readonly isKeyway?: boolean;
}

/** A shaft as it lies, with all that pulls on it: plain numbers. */
export interface LaidShaft {
  readonly sections: readonly Section[];
  readonly loads: readonly Load[];
  readonly bearings: readonly Bearing[];
  readonly notches: readonly Notch[];
  readonly metal: Metal;
  /** Where thrust is taken, mm; left out where there is none. */
  readonly thrust_mm?: number;
}

/** Force along the shaft at a place, N: what comes in beyond it, seen from where thrust is taken. */
export function alongAt({ loads, thrust_mm }: LaidShaft, at_mm: number, isPeak: boolean): number {
  if (thrust_mm === undefined) return 0;
  const beyond = at_mm >= thrust_mm ? ({ at_mm: at }: Load) => at > at_mm : ({ at_mm: at }: Load) => at < at_mm;
  return loads.filter(beyond).reduce((sum, { along_N = 0, peakAlong_N }) => sum + Math.abs((isPeak ? peakAlong_N : undefined) ?? along_N), 0);
}

export const lengthOf = ({ sections }: Pick<LaidShaft, 'sections'>): number => sections.reduce((sum, { length_mm }) => sum + length_mm, 0);

/** The sections with where each begins and ends, mm. */
export function placed({ sections }: Pick<LaidShaft, 'sections'>): { readonly section: Section; readonly from_mm: number; readonly to_mm: number }[] {
  let from_mm = 0;
  return sections.map((section) => {
    const each = { section, from_mm, to_mm: from_mm + section.length_mm };
    from_mm = each.to_mm;
    return each;
  });
}

/** What cannot be worked out, in words; empty where all is in its place. */
export function faultsOf({ sections, loads, bearings, notches }: LaidShaft): string[] {
  const long = lengthOf({ sections });
  const isOff = (at_mm: number) => at_mm < -1e-6 || at_mm > long + 1e-6;
  const off = [...loads, ...bearings, ...notches].filter(({ at_mm }) => isOff(at_mm)).map(({ id }) => id);
  const bare = sections.filter(({ shape, size_mm, bore_mm = 0 }) => shape === 'tube' && bore_mm >= size_mm).length;
  const apart = new Set(bearings.map(({ at_mm }) => Math.round(at_mm * 10))).size;
  const said: (string | false)[] = [
    sections.length === 0 && 'no section is entered',
    bearings.length === 0 && 'no bearing is entered',
    bearings.length === 1 && 'only one bearing is entered, and a shaft on one bearing tips over: say where the other is',
    bearings.length > 1 && apart < 2 && 'the bearings are at the same place',
    off.length > 0 && `off the end of a shaft of ${Math.round(long)} mm: ${off.join(', ')}`,
    bare > 0 && 'the bore of a tube is as large as the tube',
  ];
  return said.filter((each) => each !== false);
}
