import { type Figure, fixed, flag, type Known } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';

export const pullOut = defineProcedure({
  id: 'pull-out-torque',
  says: 'What both phases follow at a speed on the volts of the driver, k·V/Z − k²·ω·R/Z² with Z² = R² + (p·ω·L)²; where the driver limits the current, no more than that makes; and of either the share that is left of it moving',
  source:
    'Acarnley, Stepping Motors, chapter 5: the fundamental of two phases on a voltage (from memory); a synchronous machine in textbooks on electric machines',
  turns: ['k', 'R', 'L'],
});

/** What a stepper is stepped by. */
export interface Stepped {
  /** Torque an ampere of both phases, N·m/A; ohms and millihenries of a phase; teeth of the rotor. */
  readonly k: number;
  readonly R: number;
  readonly L: number;
  readonly p: number;
  /** Amplitude of the voltage of a phase, V, and the current that the driver is set to, A. */
  readonly V: number;
  readonly I: number;
  /** Share of the static torque that is left moving. */
  readonly u: number;
}

/** Torque at which it loses steps at a speed, N·m. Nothing where the volts do not reach. */
export function pullOutAt({ k, R, L, p, V, I, u }: Stepped, n_rpm: number): number {
  const omega = (Math.PI * n_rpm) / 30;
  const square = R ** 2 + ((p * omega * L) / 1000) ** 2;
  const byVolts = (k * V) / Math.sqrt(square) - (k ** 2 * omega * R) / square;
  return Math.max(0, u * Math.min(k * I, byVolts));
}

const movingSource = 'Common practice, no source: slowly stepped a motor follows 55 to 85 % of its holding torque';
/** Slowly stepped. */
export const moving = fixed('1', 0.7, movingSource, [0.55, 0.85], flag.estimated);
const squareSource = 'A voltage switched full on and off has 4/π of it in its fundamental, a microstepped one all of it at the most (Fourier)';
const square = fixed('1', 1.1, squareSource, [1, 4 / Math.PI], flag.estimated);

/** Everything that the torque hangs on. */
export interface SteppedFigures {
  readonly k: Figure<'V·s/rad'>;
  readonly R: Figure<'Ω'>;
  readonly L: Figure<'mH'>;
  readonly p: Figure<'1'>;
  readonly V: Figure<'V'>;
  readonly I: Figure<'A'>;
}

/** The figure of it at a speed. */
export const pullOutFigure = (stepped: SteppedFigures, n: Figure<'rpm'>): Figure<'N·m'> =>
  solve('N·m', pullOut, { ...stepped, n, u: moving, x: square }, (at) =>
    pullOutAt({ k: at.k ?? 0, R: at.R ?? 1, L: at.L ?? 1, p: at.p ?? 50, V: (at.V ?? 0) * (at.x ?? 1), I: at.I ?? 0, u: at.u ?? 1 }, at.n ?? 0),
  );

export const likelyStepped = ({ k, R, L, p, V, I }: { readonly [K in keyof SteppedFigures]: Known }): Stepped => ({
  k: k.value,
  R: R.value,
  L: L.value,
  p: p.value,
  V: V.value * square.value,
  I: I.value,
  u: moving.value,
});
