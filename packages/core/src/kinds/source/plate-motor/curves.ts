import type { Known } from '../../../figure/figure.js';
import { highEnd, lowEnd } from '../../../figure/figure.js';
import { breakdownSlip } from '../../../formulas/motor/breakdown-slip.js';
import { klossTorque } from '../../../formulas/motor/kloss-torque.js';
import type { Curve, Ends } from '../../kind.js';

/** What a curve is drawn through: each with its ends. */
export interface CurvePoints {
  readonly synchronous: Known<'rpm'>;
  readonly slip: Known<'1'>;
  readonly rest: Known<'N·m'>;
  readonly most: Known<'N·m'>;
  /** The most over the rated torque, at the rated voltage: less voltage takes torque, not slip. */
  readonly multiple: Known<'1'>;
  /** Single phase: torque at rest comes from a starting winding or a capacitor, and runs straight to the running curve. */
  readonly single: boolean;
  readonly switches: boolean;
}

/** A centrifugal switch drops the starting winding out at about this share of the synchronous speed (common practice, no source: 70 to 80 %). */
const switchAt = 0.75;

/** Torque over speed at the low, likely and high end of everything. */
export function curvesOf(points: CurvePoints): Ends<Curve> {
  const at = (end: (figure: Known) => number) => curve(points, end);
  return [at(lowEnd), at((figure) => figure.value), at(highEnd)];
}

/**
 * Kloss's relation through the rated point and the most torque. A single-phase motor starts on a straight line from its torque at rest: to the running
 * curve where the switch opens, or to the most torque where nothing switches.
 */
function curve({ synchronous, slip, rest, most, multiple, single, switches }: CurvePoints, end: (figure: Known) => number): Curve {
  const n_s = synchronous.value;
  const T_b = end(most);
  const s_b = Math.min(0.9, breakdownSlip.compute({ s_n: slip.value, k: Math.max(1.05, end(multiple)) }));
  const running = (n: number) => {
    const s = (n_s - n) / n_s;
    return Math.abs(s) < 1e-9 ? 0 : klossTorque.compute({ T_b, s_b, s });
  };
  if (!single) return { torque: running, top_rpm: n_s, switch_rpm: null };
  const meet = switches ? switchAt * n_s : (1 - s_b) * n_s;
  const [T_0, T_1] = [end(rest), running(meet)];
  const torque = (n: number) => (n >= meet ? running(n) : T_0 + ((T_1 - T_0) * n) / meet);
  return { torque, top_rpm: n_s, switch_rpm: switches ? meet : null };
}
