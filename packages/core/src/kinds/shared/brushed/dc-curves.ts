import { type Figure, highEnd, type Known, lowEnd } from '../../../figure/figure.js';
import type { Curve, Ends } from '../../kind.js';
import type { DcInputs } from './dc-fields.js';
import { isPlateComplete } from './model.js';

interface Points {
  readonly inputs: DcInputs;
  readonly V: Figure<'V'>;
  readonly I_n: Figure<'A'>;
  readonly R: Figure<'Ω'>;
  readonly V_b: Known<'V'>;
  readonly k: Figure<'V·s/rad'>;
  readonly T_f: Figure<'N·m'>;
  /** Rated torque. */
  readonly torque: Figure<'N·m'>;
  readonly limit: Figure<'A'> | null;
}

type Pick = (figure: Known) => number;
const value: Pick = (figure) => figure.value;

/**
 * Torque over speed, a straight line from the held rotor to the unloaded one, cut off where the supply limits its current. Through the rated point of the plate
 * where there is one: what is not known of the resistance and what follows from it go together.
 */
export function curvesOf({ inputs, V, I_n, R, V_b, k, T_f, torque, limit }: Points): Ends<Curve> | null {
  if (!V.known || !I_n.known || !R.known || !k.known || !T_f.known || !torque.known) return null;
  if (limit && !limit.known) return null;
  const { speed, voltage } = inputs;
  const curve = (low: Pick, high: Pick): Curve => {
    const [r, drop, volts, friction] = [high(R), high(V_b), low(V), high(T_f)];
    const byPlate = isPlateComplete(inputs) && speed.known && voltage.known;
    // At the end with the more resistance the same plate has the less constant; of a measured one the larger is the slower.
    const constant = byPlate ? (30 * (value(voltage) - value(I_n) * r - drop)) / (Math.PI * low(speed)) : high(k);
    const made = constant * value(I_n);
    const own = byPlate ? made - low(torque) : friction;
    const most = limit?.known ? low(limit) : Number.POSITIVE_INFINITY;
    const current = (n: number) => Math.max(0, Math.min(most, (volts - drop - (constant * Math.PI * n) / 30) / r));
    const held = Math.max(1e-9, current(0));
    return {
      torque: (n) => constant * current(n) - own,
      top_rpm: Math.max(1, (30 * (volts - drop - (Math.max(0, own) * r) / constant)) / (Math.PI * constant)),
      switch_rpm: null,
      hangsBelow_rpm: 0,
      heat: (n) => (current(n) / held) ** 2,
    };
  };
  return [curve(lowEnd, highEnd), curve(value, value), curve(highEnd, lowEnd)];
}
