import { Banded, factored } from './banded.js';
import { type Beam, beamOf, heldFast, type Mesh, nearestTo } from './bent.js';
import type { LaidShaft } from './laid-shaft.js';

/** One way in which a shaft whirls. */
export interface Mode {
  readonly speed_rpm: number;
  /** How far each place is out, the furthest is one. */
  readonly at_mm: readonly number[];
  readonly shape: readonly number[];
  /** What moves so, kg: the mass that in the furthest place would have as much of it. */
  readonly mass_kg: number;
}

/** Mass of an element over deflection and slope at its ends, kg in mm (consistent with how it bends). */
const elementOf = (m: number, L: number): readonly (readonly number[])[] =>
  [
    [156, 22 * L, 54, -13 * L],
    [22 * L, 4 * L ** 2, 13 * L, -3 * L ** 2],
    [54, 13 * L, 156, -22 * L],
    [-13 * L, -3 * L ** 2, -22 * L, 4 * L ** 2],
  ].map((row) => row.map((each) => (each * m * L) / 420));

function massOf(shaft: LaidShaft, { at_mm, kg_mm, held }: Beam): Banded {
  const mass = new Banded(2 * at_mm.length);
  const add = (i: number, j: number, value: number) => {
    if (!held.has(i) && !held.has(j)) mass.add(i, j, value);
  };
  for (const [k, m] of kg_mm.entries()) {
    const element = elementOf(m, (at_mm[k + 1] as number) - (at_mm[k] as number));
    for (let i = 0; i < 4; i += 1) for (let j = 0; j <= i; j += 1) add(2 * k + i, 2 * k + j, (element[i] as readonly number[])[j] as number);
  }
  for (const { at_mm: at, mass_kg = 0 } of shaft.loads) {
    const k = nearestTo(at_mm, at);
    add(2 * k, 2 * k, mass_kg);
  }
  return mass;
}

const dot = (a: Float64Array, b: Float64Array): number => a.reduce((sum, each, k) => sum + each * (b[k] as number), 0);

/** Rounds of the iteration at most, and how near two have to come. */
const [mostRounds, near] = [400, 1e-10];

/**
 * Speeds at which a shaft whirls, rpm, lowest first: those at which it vibrates as a beam (inverse iteration). What turns with it as a flywheel (gyroscopic effect) is
 * left out: of wheels far out on a thin shaft the true speed is higher.
 */
export function whirls(shaft: LaidShaft, many = 3, mesh: Mesh = 'fine'): Mode[] {
  const beam = beamOf(shaft, mesh);
  const solve = factored(heldFast(beam));
  if (!solve) return [];
  const mass = massOf(shaft, beam);
  const found: { readonly x: Float64Array; readonly Mx: Float64Array; readonly square: number }[] = [];
  for (let n = 0; n < many; n += 1) {
    // Any shape will do that is none of those that are found already; the same every time.
    let x = Float64Array.from({ length: mass.size }, (_, dof) => (beam.held.has(dof) ? 0 : Math.sin(1 + dof * (n + 1.3)) + 0.1));
    let Mx = mass.times(x);
    let [square, before] = [0, 0];
    for (let round = 0; round < mostRounds; round += 1) {
      for (const each of found) {
        const share = dot(each.Mx, x);
        for (let dof = 0; dof < x.length; dof += 1) {
          x[dof] = (x[dof] as number) - share * (each.x[dof] as number);
          Mx[dof] = (Mx[dof] as number) - share * (each.Mx[dof] as number);
        }
      }
      const y = solve(Mx.map((each, dof) => (beam.held.has(dof) ? 0 : each)));
      const My = mass.times(y);
      const [among, scale] = [dot(y, My), Math.sqrt(dot(y, My))];
      if (!(scale > 0)) return toldOf(found, beam);
      square = dot(x, My) / among;
      x = y.map((each) => each / scale);
      Mx = My.map((each) => each / scale);
      if (round > 3 && Math.abs(square - before) < near * Math.abs(square)) break;
      before = square;
    }
    found.push({ x, Mx, square });
  }
  return toldOf(found, beam);
}

const toldOf = (found: readonly { readonly x: Float64Array; readonly Mx: Float64Array; readonly square: number }[], { at_mm }: Beam): Mode[] =>
  found.map(({ x, Mx, square }) => {
    const shape = at_mm.map((_, k) => x[2 * k] as number);
    const most = shape.reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a), 0) || 1;
    // N/mm over kg: a thousand per second squared.
    return {
      speed_rpm: (Math.sqrt(1000 * Math.abs(square)) * 60) / (2 * Math.PI),
      at_mm,
      shape: shape.map((each) => each / most),
      mass_kg: dot(x, Mx) / most ** 2,
    };
  });

/**
 * How far a shaft is bent out of its line by what is out of balance on it, mm: the sum over the ways in which it whirls, without damping. Near a whirl it grows without
 * end.
 * @param modes of it, the lowest first: the more, the truer
 * @param speed_rpm at which its `turning_N` are
 * @returns the most along it; nought where nothing is out of balance
 */
export function deflectsBy({ loads }: LaidShaft, modes: readonly Mode[], speed_rpm: number): number {
  const [first] = modes;
  const turning = loads.filter(({ turning_N = 0 }) => turning_N > 0);
  if (!first || turning.length === 0) return 0;
  const w = (speed_rpm * Math.PI) / 30;
  const shares = modes.map((mode) => {
    const at = (place: number) => mode.shape[nearestTo(mode.at_mm, place)] ?? 0;
    const pushed_N = turning.reduce((sum, { at_mm, turning_N = 0 }) => sum + at(at_mm) * turning_N, 0);
    return (1000 * pushed_N) / (mode.mass_kg * (((mode.speed_rpm * Math.PI) / 30) ** 2 - w ** 2));
  });
  return first.at_mm.reduce(
    (most, _, k) => Math.max(most, Math.abs(modes.reduce((sum, { shape }, j) => sum + (shape[k] as number) * (shares[j] as number), 0))),
    0,
  );
}
