/** A series motor by its rated point and what was assumed of it: plain numbers. */
export interface SeriesMotor {
  /** Rated voltage V, current A, power factor, speed rpm, and power at the shaft W. */
  readonly V_n: number;
  readonly I_n: number;
  readonly pf: number;
  readonly n: number;
  readonly P: number;
  /** Resistance of field and armature, Ω. */
  readonly R: number;
  /** Current at which saturation takes half of the field, over the rated. */
  readonly s: number;
  /** Share of its field that goes with its current, at the rated one: 1 of a series motor, 0 of a shunt motor, between them of a compound one; 1 where it is left out. */
  readonly c?: number;
  /** Share of its own losses of torque that is moved air, at the rated speed; the rest is friction and iron. */
  readonly w: number;
}

/** What it is put to. */
export interface SeriesFeed {
  /** Volts, effective. */
  readonly V: number;
  /** Frequency over the rated, 0 on direct current. */
  readonly x: number;
  /** Resistance before it, Ω. */
  readonly r: number;
  /** Share of the air that it still moves: 1 with its fan. */
  readonly air: number;
  /** What is left of the field that does not go with the current: 1 at the rated voltage of its winding, and where it is left out. */
  readonly phi?: number;
}

/** What it does at that feed. */
export interface SeriesRun {
  /** Current at a speed, A. */
  readonly current: (n_rpm: number) => number;
  /** Torque at the shaft at a speed, N·m. */
  readonly torque: (n_rpm: number) => number;
  /** Speed at a current, rpm; negative where it does not turn on so much of it. */
  readonly speedAt: (I: number) => number;
  /** At a current and the speed that goes with it, or at one that a board holds by its volts. */
  readonly torqueAt: (I: number, held_rpm?: number) => number;
  readonly held_A: number;
  /** Unloaded, rpm. */
  readonly top: () => number;
}

const inRadians = Math.PI / 30;

/**
 * A wound motor through its rated point: the volts of turning go with speed and field, that of a series winding with the current until the iron saturates
 * (Froelich), that of a shunt winding with nothing, the reactance with the frequency: V² = (ω·e(I) + R·I)² + (X·I)², T = e(I)·I − friction − air·ω².
 * @returns null where the resistance alone would take more than the rated voltage
 */
export function runSeries({ V_n, I_n, pf, n, P, R, s, c = 1, w }: SeriesMotor, { V, x, r, air, phi = 1 }: SeriesFeed): SeriesRun | null {
  const turning = pf * V_n - I_n * R;
  const omega_n = n * inRadians;
  if (!(turning > 0) || !(omega_n > 0) || !(V > 0)) return null;
  const e_n = turning / omega_n;
  const made = e_n * I_n;
  // A plate that says more than the current makes is bounded by it.
  const lost = Math.max(0.01 * made, made - P / omega_n);
  const drag = (1 - w) * lost;
  const blows = (air * w * lost) / omega_n ** 2;
  const I_s = s * I_n;
  const K = (c * e_n * (1 + I_n / I_s)) / I_n;
  const shunt = (1 - c) * phi * e_n;
  const X = ((V_n * Math.sqrt(Math.max(0, 1 - pf ** 2))) / I_n) * x;
  const R_all = R + r;
  const field = (I: number) => shunt + (K * I) / (1 + I / I_s);
  const held_A = V / Math.hypot(R_all, X);
  const omegaAt = (I: number) => (Math.sqrt(Math.max(0, V ** 2 - (X * I) ** 2)) - R_all * I) / field(I);
  const current = (n_rpm: number) => currentAt({ V, R: R_all, X, K, shunt, I_s, held_A }, n_rpm * inRadians);
  // Brushes and bearings take the same always, the iron with the square of its field: about half each.
  const dragAt = (I: number) => drag * (0.5 + 0.5 * (field(I) / e_n) ** 2);
  const torqueBy = (I: number, omega: number) => field(I) * I - dragAt(I) - blows * omega ** 2;
  return {
    current,
    torque: (n_rpm) => torqueBy(current(n_rpm), n_rpm * inRadians),
    speedAt: (I) => omegaAt(I) / inRadians,
    torqueAt: (I, held_rpm) => torqueBy(I, Math.min(omegaAt(I), held_rpm === undefined ? Number.POSITIVE_INFINITY : held_rpm * inRadians)),
    held_A,
    top: () => omegaAt(unloaded((I) => torqueBy(I, omegaAt(I)), held_A)) / inRadians,
  };
}

interface Circuit {
  readonly V: number;
  readonly R: number;
  readonly X: number;
  readonly K: number;
  readonly shunt: number;
  readonly I_s: number;
  readonly held_A: number;
}

/** The current at which the volts add up: they rise with it. Two steps with the field of the current before come near it, Newton to it; halving takes over where that would not. */
function currentAt({ V, R, X, K, shunt, I_s, held_A }: Circuit, omega: number): number {
  if (omega * shunt >= V) return 0;
  const near = (I: number) => (V - omega * shunt) / Math.hypot((omega * K) / (1 + I / I_s) + R, X);
  let [low, high, I] = [0, held_A, Math.min(held_A, near(near(0)))];
  for (let k = 0; k < 40; k++) {
    const part = 1 + I / I_s;
    const ohmic = omega * (shunt + (K * I) / part) + R * I;
    const over = ohmic ** 2 + (X * I) ** 2 - V ** 2;
    if (Math.abs(over) < 1e-10 * V ** 2) return I;
    if (over > 0) high = I;
    else low = I;
    const slope = 2 * ohmic * ((omega * K) / part ** 2 + R) + 2 * X ** 2 * I;
    const next = I - over / slope;
    I = next > low && next < high ? next : (low + high) / 2;
  }
  return I;
}

/** The current at which nothing is left at the shaft. */
function unloaded(left: (I: number) => number, held_A: number): number {
  let [low, high] = [held_A * 1e-4, held_A];
  for (let k = 0; k < 34; k++) {
    const I = Math.sqrt(low * high);
    if (left(I) > 0) high = I;
    else low = I;
  }
  return high;
}
