import { type Bent, type EvaluatedShaft, type LaidShaft, type Mode, stressed, whirls } from '@hobrek/core';

/** What may be drawn under a shaft. */
export const curves = {
  moment: { says: 'bending moment', unit: 'N·m' },
  torque: { says: 'torque', unit: 'N·m' },
  stress: { says: 'stress', unit: 'MPa' },
  shear: { says: 'shear force', unit: 'N' },
  deflection: { says: 'deflection', unit: 'mm' },
  slope: { says: 'slope', unit: 'mrad' },
  whirl: { says: 'whirl', unit: '' },
} as const;
export type Curve = keyof typeof curves;

type Drawn = Exclude<Curve, 'whirl'>;

/** A place along a shaft with all that is drawn of it. */
export type Row = { readonly at: number } & Readonly<Record<Drawn, number>>;

const size = ([right, up]: readonly [number, number]): number => Math.hypot(right, up);

/** Place by place; stress is that of bending and twist together, without what is cut into it. */
export function rowsOf(laid: LaidShaft, bent: Bent, how: EvaluatedShaft['how']): readonly Row[] {
  const smooth = new Map(
    stressed({ ...laid, notches: [] }, { how }).map(({ at_mm, bending_MPa, shear_MPa }) => [
      Math.round(at_mm * 1000),
      Math.hypot(bending_MPa, Math.sqrt(3) * shear_MPa),
    ]),
  );
  let stress = 0;
  return bent.at_mm.map((at, k) => {
    stress = smooth.get(Math.round(at * 1000)) ?? stress;
    return {
      at,
      moment: size(bent.moment_Nm[k] as readonly [number, number]) + (bent.turning_Nm[k] as number),
      shear: size(bent.shear_N[k] as readonly [number, number]),
      deflection: size(bent.deflection_mm[k] as readonly [number, number]),
      slope: 1000 * size(bent.slope_rad[k] as readonly [number, number]),
      // Where it comes in or goes out, the greater of both sides.
      torque: Math.max(Math.abs(bent.torque_Nm[k] as number), Math.abs(bent.torque_Nm[k - 1] ?? 0)),
      stress,
    };
  });
}

/** So many ways in which it whirls are drawn, and so many reckoned with. */
const [drawnModes, manyModes] = [3, 6];

export interface Whirling {
  readonly modes: readonly Mode[];
  readonly all: readonly Mode[];
}

export function whirlingOf(laid: LaidShaft): Whirling {
  const all = whirls(laid, manyModes);
  return { modes: all.slice(0, drawnModes), all };
}
