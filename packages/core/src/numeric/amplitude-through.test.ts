import { describe, expect, it } from 'vitest';
import { Solver } from '../../test/odex.js';
import { amplitudeThrough } from './amplitude-through.js';

/** The same by Hairer and Wanner's ODEX, from its own statement: x″ + 2ζx′ + x = −(cos θ)″ with θ′ changing evenly. */
function byOdex(rate: number, zeta: number): number {
  const from = rate > 0 ? 0 : 2.5;
  const turned = (t: number) => from * t + (rate * t * t) / 2;
  const solver = new Solver(2);
  solver.absoluteTolerance = 1e-9;
  solver.relativeTolerance = 1e-9;
  solver.maxSteps = 1e6;
  const f = (t: number, [x = 0, v = 0]: number[]) => {
    const r = from + rate * t;
    return [v, r * r * Math.cos(turned(t)) + rate * Math.sin(turned(t)) - 2 * zeta * v - x];
  };
  const h = 0.04;
  const ends = 2.5 / Math.abs(rate);
  const square = (1 - 6.25) ** 2 + (5 * zeta) ** 2;
  let y = rate > 0 ? [0, 0] : [(6.25 * (1 - 6.25)) / square, (2.5 ** 3 * 2 * zeta * 2.5) / square];
  let most = Math.abs(y[0] as number);
  for (let t = 0; t < ends; t += h) {
    y = solver.solve(f, t, y, Math.min(t + h, ends)).y;
    most = Math.max(most, Math.abs(y[0] as number));
  }
  return most;
}

describe('passing resonance', () => {
  it.each([
    [0.3, 0.1],
    [0.1, 0.05],
    [0.02, 0.1],
    [-0.3, 0.1],
    [-0.1, 0.05],
    [-0.02, 0.02],
  ])('at a rate of %d with a damping of %d it moves as ODEX finds it', (rate, zeta) => {
    expect(amplitudeThrough(rate, zeta) / byOdex(rate, zeta)).toBeCloseTo(1, 2);
  });

  it('taken slowly it moves as far as at resonance for good, and hardly further', () => {
    for (const zeta of [0.05, 0.1, 0.2]) {
      const forGood = 1 / (2 * zeta * Math.sqrt(1 - zeta ** 2));
      expect(amplitudeThrough(0.0031, zeta) / forGood).toBeGreaterThan(0.9);
      expect(amplitudeThrough(0.0031, zeta) / forGood).toBeLessThan(1.02);
      expect(amplitudeThrough(0.001, zeta)).toBe(forGood);
    }
  });

  // Stationary phase: without damping A·√(π/2ε) is left over, and the Cornu spiral overshoots it by 17 % (vibration textbooks).
  it('quickly and nearly undamped it moves by the root of the rate', () => {
    for (const rate of [0.004, 0.01, 0.02]) {
      const share = amplitudeThrough(rate, 0.0005) / (1.17 * Math.sqrt(Math.PI / 2 / rate));
      expect(share).toBeGreaterThan(0.93);
      expect(share).toBeLessThan(1.07);
    }
  });

  it('the quicker the less, the more damped the less', () => {
    const rates = [0.005, 0.01, 0.03, 0.1, 0.2, 0.4];
    for (const sign of [1, -1])
      for (const zeta of [0.03, 0.1, 0.2])
        rates.slice(1).forEach((rate, k) => {
          expect(amplitudeThrough(sign * rate, zeta)).toBeLessThanOrEqual(amplitudeThrough(sign * (rates[k] as number), zeta) * 1.02);
          expect(amplitudeThrough(sign * rate, zeta * 1.3)).toBeLessThanOrEqual(amplitudeThrough(sign * rate, zeta) * 1.02);
        });
  });
});
