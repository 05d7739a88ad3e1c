/** Complex numbers, as far as a circuit needs them. */
type Complex = readonly [re: number, im: number];
const plus = ([a, b]: Complex, [c, d]: Complex): Complex => [a + c, b + d];
const over = ([a, b]: Complex, [c, d]: Complex): Complex => [(a * c + b * d) / (c * c + d * d), (b * c - a * d) / (c * c + d * d)];
const times = ([a, b]: Complex, [c, d]: Complex): Complex => [a * c - b * d, a * d + b * c];
const size = ([a, b]: Complex) => Math.hypot(a, b);

/** One phase of an induction motor in star as a circuit (textbooks on electric machines): stator, magnetising branch, rotor; ohms at the rated frequency. */
export interface Circuit {
  readonly R_1: number;
  readonly X_1: number;
  readonly X_m: number;
  readonly R_2: number;
  readonly X_2: number;
  readonly f_n: number;
  readonly poles: number;
}

/** A motor of about 1.5 kW, 400 V, 50 Hz, four poles: constants of this test’s own. */
export const smallMotor: Circuit = { R_1: 4.2, X_1: 5.6, X_m: 105, R_2: 3.9, X_2: 5.9, f_n: 50, poles: 4 };

/** What the circuit does at a slip, on a line voltage and a frequency, behind a lead of so many ohms a core. */
export function atSlip({ R_1, X_1, X_m, R_2, X_2, f_n, poles }: Circuit, slip: number, V: number, f: number, lead = 0) {
  const k = f / f_n;
  const rotor: Complex = [R_2 / slip, k * X_2];
  const magnet: Complex = [0, k * X_m];
  const both = over(times(rotor, magnet), plus(rotor, magnet));
  const motor = plus([R_1, k * X_1], both);
  const I = over([V / Math.sqrt(3), 0], plus([lead, 0], motor));
  const I_2 = size(over(times(I, magnet), plus(rotor, magnet)));
  const omega = (4 * Math.PI * f) / poles;
  return {
    current: size(I),
    powerFactor: motor[0] / size(motor),
    /** Line voltage at the motor. */
    voltage: Math.sqrt(3) * size(I) * size(motor),
    torque: (3 * I_2 ** 2 * R_2) / slip / omega,
    speed: ((120 * f) / poles) * (1 - slip),
    /** Drawn from the line by the motor. */
    input: 3 * size(I) ** 2 * motor[0],
  };
}

/** The slip at which it has a torque, on the running side. */
export function slipAt(circuit: Circuit, torque: number, V: number, f: number, lead = 0): number {
  let [low, high] = [1e-6, breakdown(circuit, V, f, lead).slip];
  for (let k = 0; k < 80; k++) {
    const middle = (low + high) / 2;
    if (atSlip(circuit, middle, V, f, lead).torque < torque) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The most torque at any slip, and that slip. */
export function breakdown(circuit: Circuit, V: number, f: number, lead = 0): { readonly slip: number; readonly torque: number } {
  let best = { slip: 0, torque: 0 };
  for (let slip = 0.001; slip <= 1; slip += 0.0005) {
    const { torque } = atSlip(circuit, slip, V, f, lead);
    if (torque > best.torque) best = { slip, torque };
  }
  return best;
}
