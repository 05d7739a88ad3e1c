import { type Figure, fixed, flag, highEnd, lowEnd, scaled, unseen } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { shaftFromInput } from '../../../formulas/motor/shaft-from-input.js';
import type { SeriesMotor } from '../../shared/brushed/series-motor.js';
import type { Inputs } from './fields.js';

const tableSource = 'Common practice, no source: universal motors put 45 to 70 % of what they draw on the shaft, at a power factor of 0.9 to 0.97';
const efficiency = fixed('1', 0.6, tableSource, [0.45, 0.7], flag.estimated);
const factor = fixed('1', 0.95, tableSource, [0.9, 0.97], flag.estimated);
const dropSource = 'Common practice, no source: the resistance of field and armature takes 7 to 22 % of the voltage at the rated current';
const drop = fixed('1', 0.14, dropSource, [0.07, 0.22], flag.estimated);
const fieldSource = 'Common practice, no source: a universal motor has 3 to 5 times its rated torque at rest, which its iron decides';
const saturates = fixed('1', 1.2, fieldSource, [0.5, 3], flag.estimated);
const airSource = 'Common practice, no source: its fan takes a third to eight tenths of what a universal motor loses beside its winding';
const airShare = fixed('1', 0.6, airSource, [0.3, 0.8], flag.estimated);
export const idleSource = 'Common practice, no source: loaded, a universal motor with its fan turns at 60 to 85 % of its unloaded speed';
export const loaded = fixed('1', 0.72, idleSource, [0.6, 0.85], flag.estimated);

export interface Rated {
  readonly power: Figure<'W'>;
  readonly drawn: Figure<'W'>;
  readonly current: Figure<'A'>;
  readonly efficiency: Figure<'1'>;
  readonly pf: Figure<'1'>;
  readonly R: Figure<'Ω'>;
  readonly byAmps: Figure<'W'>;
  readonly source: string;
  /** What the model of the motor hangs on, each band once, by its name in `motorOf`. */
  readonly point: Readonly<Record<string, Figure>>;
  readonly n: Figure<'rpm'>;
}

export const seriesDraws = defineProcedure({
  id: 'series-draws',
  says: 'Volts times amps times the power factor',
  source: 'Textbooks on electric machines (relation)',
});
export const seriesAmps = defineProcedure({
  id: 'series-amps',
  says: 'What it draws over its volts and its power factor',
  source: 'Textbooks on electric machines (relation)',
});
export const seriesFactor = defineProcedure({
  id: 'series-factor',
  says: 'What it draws over volts times amps, 1 at the most',
  source: 'Textbooks on electric machines (relation)',
});
export const seriesShare = defineProcedure({ id: 'series-share', says: 'Shaft power over power drawn', source: 'Definition' });
export const usualOhms = defineProcedure({
  id: 'usual-series-ohms',
  says: 'The share of the voltage that the resistance takes, over the rated current',
  source: dropSource,
});

/** The rated point, from what the plate says; what it does not say is taken from motors like it, and marked so. */
export function ratedOf(inputs: Inputs): Rated {
  const { power, powerIs, voltage: V, current: I, speed, idleSpeed, resistance } = inputs;
  const byVolts = solve('W', seriesDraws, { V, I, pf: factor }, ({ V = 0, I = 0, pf = 1 }) => V * I * pf);
  const most = V.known && I.known ? 0.98 * lowEnd(V) * lowEnd(I) : Number.POSITIVE_INFINITY;
  const isTooMuch = power.known && highEnd(power) > most;
  const isShaft = powerIs.is === 'shaft' && power.known && !isTooMuch;
  // Its own volts and amps say more than its power; without them a plate of a tool states what it draws.
  const drawn: Figure<'W'> =
    powerIs.is === 'input' && power.known && !isTooMuch
      ? power
      : V.known && I.known
        ? byVolts
        : isShaft
          ? solve('W', seriesShare, { P: power, eta: efficiency }, ({ P = 0, eta = 1 }) => P / eta)
          : powerIs.is === 'input' || !power.known
            ? power
            : scaled(
                power,
                unseen('1', [1, 1, 1 / 0.45], powerIs.field, 'Not said whether the plate states what it draws or shaft power'),
                tableSource,
              );
  // What it draws over its volts times amps is its power factor.
  const isWhole = powerIs.is === 'input' && drawn === power && V.known && I.known;
  const pf = isWhole ? solve('1', seriesFactor, { P: power, V, I }, ({ P = 0, V = 1, I = 1 }) => Math.min(1, P / (V * I))) : factor;
  const byAmps = shaftFromInput({ P: byVolts, eta: efficiency });
  const shaft = isShaft ? power : shaftFromInput({ P: drawn, eta: efficiency });
  const current = I.known ? I : solve('A', seriesAmps, { P: drawn, V, pf: factor }, ({ P = 0, V = 1, pf = 1 }) => P / (V * pf));
  const R = resistance.known ? resistance : solve('Ω', usualOhms, { x: drop, V, I: current }, ({ x = 0, V = 0, I = 1 }) => (x * V) / I);
  const n = speed.known || !idleSpeed.known ? speed : scaled(idleSpeed, loaded, idleSource);
  return {
    power: shaft,
    drawn,
    current,
    efficiency: isShaft ? solve('1', seriesShare, { P: shaft, P_in: drawn }, ({ P = 0, P_in = 1 }) => P / P_in) : efficiency,
    pf,
    R,
    byAmps,
    source: fieldSource,
    n,
    point: {
      V_n: V,
      pf,
      n,
      s: saturates,
      w: airShare,
      ...(I.known ? { I_n: I } : { D: drawn }),
      ...(isShaft ? { P: power } : { eta: efficiency, ...(isWhole ? { D: power } : {}) }),
      ...(resistance.known ? { R: resistance } : { q: drop }),
    },
  };
}

/** The motor of one combination of ends: what the plate does not say follows from what was assumed. */
export function motorOf({ V_n = 0, I_n, D, pf = 1, n = 0, P, eta = 1, R, q = 0, s = 1, w = 0 }: Readonly<Record<string, number>>): SeriesMotor {
  const amps = I_n ?? (D ?? 0) / (V_n * pf);
  return { V_n, I_n: amps, pf, n, P: P ?? eta * (D ?? V_n * amps * pf), R: R ?? (q * V_n) / amps, s, w };
}
