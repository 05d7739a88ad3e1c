import { Banded, factored } from './banded.js';
import { type Across, type LaidShaft, type Load, lengthOf, placed } from './laid-shaft.js';
import { stiffnessOf } from './section-shape.js';

/** A shaft as it is bent, place by place: mm, rad, N·m, N. Two planes, to the right and up. */
export interface Bent {
  readonly at_mm: readonly number[];
  readonly deflection_mm: readonly Across[];
  readonly slope_rad: readonly Across[];
  /** Moment just right of each place; it changes without a jump. */
  readonly moment_Nm: readonly Across[];
  /** Moment that turns with the shaft, of an unbalance: the same fibres have it all the time. */
  readonly turning_Nm: readonly number[];
  /** Shear just right of each place. */
  readonly shear_N: readonly Across[];
  /** Torque just right of each place. */
  readonly torque_Nm: readonly number[];
  /** What each bearing pushes with, in the order of the bearings. */
  readonly reactions_N: readonly Across[];
  /** From the one end of the torque to the other, rad. */
  readonly twist_rad: number;
}

/** A beam of elements between places, as matrices over deflection and slope at each: rigid bearings are left out of what can move. */
export interface Beam {
  readonly at_mm: readonly number[];
  readonly EI_Nmm2: readonly number[];
  readonly kg_mm: readonly number[];
  readonly stiffness: Banded;
  /** Degrees of freedom that are held. */
  readonly held: ReadonlySet<number>;
}

/** No element is longer than this share of the shaft: for curves and many modes, for the lowest whirl alone, and where only what sits on it counts. */
export const meshes = { fine: 1 / 36, whirl: 1 / 10, coarse: 1 } as const;
export type Mesh = keyof typeof meshes;

/** Nearer than this two places are one, mm: a shorter element is too stiff to be reckoned with. */
export const together_mm = 0.02;

/** Places of all that sits on a shaft, where its section changes, and between. */
function placesOf(shaft: LaidShaft, mesh: Mesh): number[] {
  const long = lengthOf(shaft);
  const sharp = [
    0,
    long,
    ...placed(shaft).map(({ to_mm }) => to_mm),
    ...shaft.loads.map(({ at_mm }) => at_mm),
    ...shaft.bearings.map(({ at_mm }) => at_mm),
    ...shaft.notches.flatMap(({ at_mm, to_mm }) => (to_mm === undefined ? [at_mm] : [at_mm, to_mm])),
  ]
    .map((at) => Math.min(long, Math.max(0, at)))
    .sort((a, b) => a - b);
  const apart = sharp.filter((at, k) => k === 0 || at - (sharp[k - 1] as number) > together_mm);
  return apart.flatMap((at, k) => {
    const next = apart[k + 1];
    if (next === undefined || mesh === 'coarse') return [at];
    // An even number of them, so that the middle between two is a place.
    const pieces = Math.max(1, 2 * Math.ceil((next - at) / (2 * long * meshes[mesh]) - 1e-9));
    return Array.from({ length: pieces }, (_, j) => at + ((next - at) * j) / pieces);
  });
}

/** Stiffness of an element in bending (Euler and Bernoulli), over deflection and slope at its two ends. */
const elementOf = (EI: number, L: number): readonly (readonly number[])[] => {
  const [a, b, c, d] = [(12 * EI) / L ** 3, (6 * EI) / L ** 2, (4 * EI) / L, (2 * EI) / L];
  return [
    [a, b, -a, b],
    [b, c, -b, d],
    [-a, -b, a, -b],
    [b, d, -b, c],
  ];
};

/** @param mesh how many places there are between those where something is */
export function beamOf(shaft: LaidShaft, mesh: Mesh = 'fine'): Beam {
  const at_mm = placesOf(shaft, mesh);
  const there = placed(shaft);
  const midOf = (k: number) => ((at_mm[k] as number) + (at_mm[k + 1] as number)) / 2;
  const pieces = at_mm.slice(1).map((_, k) => {
    const { section } = there.find(({ to_mm }) => midOf(k) <= to_mm + 1e-9) ?? (there.at(-1) as (typeof there)[number]);
    return stiffnessOf(section);
  });
  const EI_Nmm2 = pieces.map(({ I_mm4 }) => shaft.metal.E_MPa * I_mm4);
  const stiffness = new Banded(2 * at_mm.length);
  for (const [k, EI] of EI_Nmm2.entries()) {
    const element = elementOf(EI, (at_mm[k + 1] as number) - (at_mm[k] as number));
    for (let i = 0; i < 4; i += 1)
      for (let j = 0; j <= i; j += 1) stiffness.add(2 * k + i, 2 * k + j, (element[i] as readonly number[])[j] as number);
  }
  const held = new Set<number>();
  for (const { at_mm: at, stiffness_N_mm: gives } of shaft.bearings) {
    const dof = 2 * nearestTo(at_mm, at);
    if (gives === undefined) held.add(dof);
    else stiffness.add(dof, dof, gives);
  }
  return { at_mm, EI_Nmm2, kg_mm: pieces.map(({ area_mm2 }) => area_mm2 * shaft.metal.density_kg_m3 * 1e-9), stiffness, held };
}

/** Which of the places of a beam is nearest. */
export const nearestTo = (places: readonly number[], at: number): number =>
  places.reduce((best, place, k) => (Math.abs(place - at) < Math.abs((places[best] as number) - at) ? k : best), 0);

/** The same matrix with what is held put out of the way: it stays where it is. */
export function heldFast({ stiffness, held }: Pick<Beam, 'stiffness' | 'held'>): Banded {
  const fast = new Banded(stiffness.size);
  for (let i = 0; i < stiffness.size; i += 1)
    for (let j = Math.max(0, i - 3); j <= i; j += 1) {
      if (held.has(i) || held.has(j)) {
        if (i === j) fast.add(i, i, 1);
      } else fast.add(i, j, stiffness.at(i, j));
    }
  return fast;
}

/** A beam whose equations are ready to be solved for any load on the same places. */
interface ReadyBeam {
  readonly beam: Beam;
  readonly solve: (right: Float64Array) => Float64Array;
}

/** @returns null where it is not held */
function readyBeam(shaft: LaidShaft, mesh: Mesh): ReadyBeam | null {
  const beam = beamOf(shaft, mesh);
  const solve = factored(heldFast(beam));
  return solve ? { beam, solve } : null;
}

/**
 * How a shaft bends under what pulls on it: exact for a slender beam, with bearings that are rigid or give way and are in line. Shear deflection, a twentieth of it
 * where the span is five diameters, is left out.
 * @param mesh how many places there are between those where something is
 * @param isPeak with the forces and torques of a jam where those are entered
 * @returns null where it is not held
 */
export function bent(shaft: LaidShaft, isPeak = false, mesh: Mesh = 'fine'): Bent | null {
  const ready = readyBeam(shaft, mesh);
  if (!ready) return null;
  const { beam, solve } = ready;
  const { at_mm } = beam;
  const forces = shaft.loads.map(({ force_N, peak_N, mass_kg = 0 }): Across => {
    const [right, up] = (isPeak ? peak_N : undefined) ?? force_N;
    return [right, up - mass_kg * gravity];
  });
  const planes = [0, 1].map((plane) => {
    const right = plane === 1 ? weightOf(beam) : new Float64Array(2 * at_mm.length);
    for (const [k, { at_mm: at }] of shaft.loads.entries()) {
      const dof = 2 * nearestTo(at_mm, at);
      right[dof] = (right[dof] as number) + ((forces[k] as Across)[plane] as number);
    }
    const free = Float64Array.from(right, (each, dof) => (beam.held.has(dof) ? 0 : each));
    const moved = solve(free);
    const pushed = beam.stiffness.times(moved);
    return { right, moved, pushed };
  }) as [Plane, Plane];
  const both = (of: (plane: Plane) => number): Across => [of(planes[0]), of(planes[1])];
  const turning = new Float64Array(2 * at_mm.length);
  for (const { at_mm: at, turning_N = 0 } of shaft.loads) {
    const dof = 2 * nearestTo(at_mm, at);
    if (!beam.held.has(dof)) turning[dof] = (turning[dof] as number) + turning_N;
  }
  const turned = solve(turning);
  const byStiffness = (): Across[] =>
    shaft.bearings.map(({ at_mm: at, stiffness_N_mm: gives }) => {
      const dof = 2 * nearestTo(at_mm, at);
      return both(({ right, moved, pushed }) =>
        gives === undefined ? (pushed[dof] as number) - (right[dof] as number) : -gives * (moved[dof] as number),
      );
    });
  const own = (k: number, which: 0 | 1): Across => {
    const m = beam.kg_mm[k];
    return [0, m === undefined ? 0 : (spreadOf(m * gravity, (at_mm[k + 1] as number) - (at_mm[k] as number))[which] as number)];
  };
  const endAt = (k: number, which: 0 | 1): Across => {
    const [right, up] = both(({ moved }) => endOf(beam, moved, k, which));
    return [right, up + own(k, which)[1]];
  };
  const ends = at_mm.map((_, k) => endAt(k, 1));
  return {
    at_mm,
    deflection_mm: at_mm.map((_, k) => both(({ moved }) => moved[2 * k] as number)),
    slope_rad: at_mm.map((_, k) => both(({ moved }) => moved[2 * k + 1] as number)),
    moment_Nm: ends.map(([a, b]): Across => [a / 1000, b / 1000]),
    turning_Nm: at_mm.map((_, k) => Math.abs(endOf(beam, turned, k, 1)) / 1000),
    shear_N: at_mm.map((_, k) => endAt(k, 0)),
    ...twisted(shaft, beam, isPeak),
    reactions_N: shaft.bearings.length === 2 ? byStatics(shaft, beam, forces) : byStiffness(),
  };
}

/** How a shaft is bent, as far as stress and slope hang on it. */
export type Bending = Pick<Bent, 'at_mm' | 'moment_Nm' | 'slope_rad' | 'turning_Nm' | 'torque_Nm'>;

/**
 * The same shaft bent by any loads at the places of its own: worked out of what a newton at each does, which is solved once.
 * @param shaft whose loads say where the others are
 * @returns null where it is not held
 */
export function superposed(shaft: LaidShaft, mesh: Mesh): ((loads: readonly Load[], isPeak: boolean) => Bending) | null {
  const ready = readyBeam(shaft, mesh);
  if (!ready) return null;
  const { beam, solve } = ready;
  const { at_mm, kg_mm, held } = beam;
  const response = (right: Float64Array, own: boolean) => {
    const moved = solve(Float64Array.from(right, (each, dof) => (held.has(dof) ? 0 : each)));
    return {
      moment: at_mm.map((_, k) => {
        const m = own ? kg_mm[k] : undefined;
        const spread = m === undefined ? 0 : (spreadOf(m * gravity, (at_mm[k + 1] as number) - (at_mm[k] as number))[1] as number);
        return (endOf(beam, moved, k, 1) + spread) / 1000;
      }),
      slope: at_mm.map((_, k) => moved[2 * k + 1] as number),
    };
  };
  const units = shaft.loads.map(({ at_mm: at }) => {
    const right = new Float64Array(2 * at_mm.length);
    right[2 * nearestTo(at_mm, at)] = 1;
    return response(right, false);
  });
  const weight = response(weightOf(beam), true);
  return (loads, isPeak) => {
    const moment_Nm = at_mm.map((_, k): Across => [0, weight.moment[k] as number]) as [number, number][];
    const slope_rad = at_mm.map((_, k): Across => [0, weight.slope[k] as number]) as [number, number][];
    const turning_Nm = at_mm.map(() => 0);
    for (const [j, { force_N, peak_N, mass_kg = 0, turning_N = 0 }] of loads.entries()) {
      const { moment, slope } = units[j] as (typeof units)[number];
      const [right, all] = (isPeak ? peak_N : undefined) ?? force_N;
      const up = all - mass_kg * gravity;
      for (let k = 0; k < at_mm.length; k += 1) {
        const [M, S] = [moment_Nm[k] as [number, number], slope_rad[k] as [number, number]];
        M[0] += right * (moment[k] as number);
        M[1] += up * (moment[k] as number);
        S[0] += right * (slope[k] as number);
        S[1] += up * (slope[k] as number);
        if (turning_N !== 0) turning_Nm[k] = (turning_Nm[k] as number) + turning_N * (moment[k] as number);
      }
    }
    return { at_mm, moment_Nm, slope_rad, turning_Nm: turning_Nm.map(Math.abs), torque_Nm: torquesOf(loads, at_mm, isPeak) };
  };
}

/** Its own weight as loads at the places of the beam, down. */
function weightOf({ at_mm, kg_mm }: Beam): Float64Array {
  const right = new Float64Array(2 * at_mm.length);
  for (const [k, m] of kg_mm.entries())
    spreadOf(m * gravity, (at_mm[k + 1] as number) - (at_mm[k] as number)).forEach((each, j) => {
      right[2 * k + j] = (right[2 * k + j] as number) - each;
    });
  return right;
}

const torquesOf = (loads: readonly Load[], at_mm: readonly number[], isPeak: boolean): number[] =>
  at_mm.map((at) =>
    loads.reduce(
      (sum, { at_mm: place, torque_Nm: T, peak_Nm }) => (place <= at + together_mm ? sum + ((isPeak ? peak_Nm : undefined) ?? T) : sum),
      0,
    ),
  );

/** What two bearings push with follows from balance alone. @param forces of the loads, with the weight of what sits there */
function byStatics({ loads, bearings }: LaidShaft, { at_mm, kg_mm }: Beam, forces: readonly Across[]): Across[] {
  const [first, second] = bearings as [LaidShaft['bearings'][number], LaidShaft['bearings'][number]];
  const own = kg_mm.map((m, k) => {
    const [from, to] = [at_mm[k] as number, at_mm[k + 1] as number];
    return { at: (from + to) / 2, force: [0, -m * gravity * (to - from)] as Across };
  });
  const all = [...own, ...loads.map((load, k) => ({ at: load.at_mm, force: forces[k] as Across }))];
  const of = (plane: 0 | 1): readonly [number, number] => {
    const sum = all.reduce((total, { force }) => total + force[plane], 0);
    const about = all.reduce((total, { at, force }) => total + force[plane] * (at - first.at_mm), 0);
    const there = -about / (second.at_mm - first.at_mm);
    return [-sum - there, there];
  };
  const [right, up] = [of(0), of(1)];
  return [
    [right[0], up[0]],
    [right[1], up[1]],
  ];
}

/** A load of so much a millimetre as forces and moments at the ends of an element. */
const spreadOf = (q: number, L: number): readonly number[] => [(q * L) / 2, (q * L ** 2) / 12, (q * L) / 2, (-q * L ** 2) / 12];

/** m/s². */
export const gravity = 9.80665;

interface Plane {
  readonly right: Float64Array;
  readonly moved: Float64Array;
  readonly pushed: Float64Array;
}

/** Shear (0) or moment (1) just right of a place, N or N·mm, from how the element behind it is bent; at the far end nought. */
function endOf({ at_mm, EI_Nmm2 }: Beam, moved: Float64Array, k: number, which: 0 | 1): number {
  const EI = EI_Nmm2[k];
  if (EI === undefined) return 0;
  const element = elementOf(EI, (at_mm[k + 1] as number) - (at_mm[k] as number));
  const row = element[which] as readonly number[];
  return row.reduce((sum, each, j) => sum + each * (moved[2 * k + j] as number), 0);
}

function twisted(shaft: LaidShaft, { at_mm }: Beam, isPeak: boolean): Pick<Bent, 'torque_Nm' | 'twist_rad'> {
  const torque_Nm = torquesOf(shaft.loads, at_mm, isPeak);
  const there = placed(shaft);
  const twist_rad = at_mm.slice(1).reduce((sum, to, k) => {
    const from = at_mm[k] as number;
    const { section } = there.find((each) => (from + to) / 2 <= each.to_mm + 1e-9) ?? (there.at(-1) as (typeof there)[number]);
    return sum + ((torque_Nm[k] as number) * 1000 * (to - from)) / (shaft.metal.G_MPa * stiffnessOf(section).J_mm4);
  }, 0);
  return { torque_Nm, twist_rad };
}
