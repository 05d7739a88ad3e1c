import type { Known } from '../../figure/figure.js';
import { highEnd, lowEnd } from '../../figure/figure.js';
import { breakdownSlip } from '../../formulas/motor/breakdown-slip.js';
import { klossTorque } from '../../formulas/motor/kloss-torque.js';
import type { Curve, Ends } from '../kind.js';

/** What a curve is drawn through: each with its ends. */
export interface CurvePoints {
  readonly synchronous: Known<'rpm'>;
  readonly slip: Known<'1'>;
  readonly rest: Known<'N·m'>;
  readonly most: Known<'N·m'>;
  /** The most over the rated torque, at the rated voltage: less voltage takes torque, not slip. */
  readonly multiple: Known<'1'>;
  /** Rated frequency over the wall's, by which its breakdown slip is less: 1 where they are the same. */
  readonly slower: number;
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

/** Pull-up torque of three phases: at the worst end 1.2 of rated (IEC 60034-12 has 1.0 to 1.4 by size, from memory), at a seventh to a third of the speed. */
const pullUp = { over: 1.2, least: 0.7, likely: 0.9, at: 0.3 } as const;

/**
 * Kloss's relation from the most torque up, through the rated point; below it straight lines from the torque at rest: of three phases over their pull-up
 * torque to the most, of a single phase to the running curve where the switch opens, or to the most torque where nothing switches.
 */
function curve({ synchronous, slip, rest, most, multiple, slower, single, switches }: CurvePoints, end: (figure: Known) => number): Curve {
  const n_s = synchronous.value;
  const T_b = end(most);
  const s_b = Math.min(0.9, slower * breakdownSlip.compute({ s_n: slip.value, k: Math.max(1.05, end(multiple)) }));
  const running = (n: number) => {
    const s = (n_s - n) / n_s;
    return Math.abs(s) < 1e-9 ? 0 : klossTorque.compute({ T_b, s_b, s });
  };
  // The current of the equivalent circuit: with 1/√((s_b/s)² + 1).
  const heat = (n: number) => {
    const s = Math.max(0, (n_s - n) / n_s);
    return (s ** 2 * (1 + s_b ** 2)) / (s ** 2 + s_b ** 2);
  };
  if (!single) return { torque: overPullUp(end, { rest, most, multiple }, (1 - s_b) * n_s, running), top_rpm: n_s, switch_rpm: null, heat };
  const meet = switches ? switchAt * n_s : (1 - s_b) * n_s;
  const [T_0, T_1] = [end(rest), running(meet)];
  const torque = (n: number) => (n >= meet ? running(n) : T_0 + ((T_1 - T_0) * n) / meet);
  return { torque, top_rpm: n_s, switch_rpm: switches ? meet : null, heat };
}

/** From rest over the pull-up torque to the most, and on the running curve from there. */
function overPullUp(
  end: (figure: Known) => number,
  { rest, most, multiple }: Pick<CurvePoints, 'rest' | 'most' | 'multiple'>,
  n_b: number,
  running: (n: number) => number,
): (n: number) => number {
  const [T_0, T_b, rated] = [end(rest), end(most), end(most) / end(multiple)];
  // The high end has none, the likely a slight one.
  const share = end(rest) < rest.value ? Math.max(pullUp.least, (pullUp.over * rated) / T_0) : end(rest) > rest.value ? 1 : pullUp.likely;
  const [T_u, n_u] = [Math.min(T_0, T_b, share * T_0), pullUp.at * n_b];
  return (n) => {
    if (n >= n_b) return running(n);
    return n < n_u ? T_0 + ((T_u - T_0) * n) / n_u : T_u + ((T_b - T_u) * (n - n_u)) / (n_b - n_u);
  };
}
