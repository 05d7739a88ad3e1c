import { type Bent, type EvaluatedShaft, type LaidShaft, type Mode, nearestTo, stressed, whirls } from '@hobrek/core';
import { show } from '../../shared/in-my-units.js';

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

/** A shaft as it is loaded at the most that reaches it. */
export const atItsHardest = (laid: LaidShaft): LaidShaft => ({
  ...laid,
  loads: laid.loads.map((load) => ({ ...load, force_N: load.peak_N ?? load.force_N, torque_Nm: load.peak_Nm ?? load.torque_Nm })),
});

/** What is so little is told as less than it, mm. */
const leastTold_mm = 0.01;

/** `, and deflects by 0.03 mm at the pulley and 0.2 mm at the tool`; nothing where nothing sits on it. */
export function deflectionSays({ loads }: LaidShaft, { at_mm, deflection_mm }: Bent): string {
  // What lies at the same place is told once.
  const places = new Map(loads.toReversed().map((load) => [load.at_mm, load.id]));
  const said = [...places].toReversed().map(([place, id]) => {
    const by = size(deflection_mm[nearestTo(at_mm, place)] as readonly [number, number]);
    return `${by < leastTold_mm ? `less than ${show(leastTold_mm, 'mm')}` : show(Number(by.toPrecision(2)), 'mm')} at ${/^(the|bearing) /.test(id) ? id : `the ${id}`}`;
  });
  return said.length === 0 ? '' : `, and deflects by ${said.join(', ')}`;
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
