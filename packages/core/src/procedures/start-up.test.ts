import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Solver } from '../../test/odex.js';
import { klossTorque } from '../formulas/motor/kloss-torque.js';
import type { Curve } from '../kinds/kind.js';
import { startUp } from './start-up.js';

const kloss = (T_b: number, s_b: number, top_rpm: number): Curve => ({
  torque: (n) => (Math.abs(n - top_rpm) < 1e-9 ? 0 : klossTorque.compute({ T_b, s_b, s: (top_rpm - n) / top_rpm })),
  top_rpm,
  switch_rpm: null,
});

const rpm = 30 / Math.PI;

/** Seconds to a speed by an independent integration of time over speed, dt/dω = J/(T − T_load). */
function secondsTo(n: number, { torque }: Curve, load: (n: number) => number, J: number): number {
  const solver = new Solver(1);
  solver.absoluteTolerance = 1e-10;
  solver.relativeTolerance = 1e-10;
  return solver.solve((omega) => [J / (torque(omega * rpm) - load(omega * rpm))], 0, [0], n / rpm).y[0] as number;
}

describe('a run-up', () => {
  it('takes as long as an independent integration of it says, to a thousandth', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 40, noNaN: true }),
        fc.double({ min: 0.12, max: 0.5, noNaN: true }),
        fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        fc.double({ min: 0.002, max: 0.2, noNaN: true }),
        (T_b, s_b, share, J) => {
          const curve = kloss(T_b, s_b, 1500);
          const load = () => share * Math.min(curve.torque(0), T_b);
          const { seconds, settles_rpm } = startUp(curve, load, J);
          expect(seconds).not.toBeNull();
          expect(Math.abs((seconds ?? 0) / secondsTo(0.98 * settles_rpm, curve, load, J) - 1)).toBeLessThan(1e-3);
        },
      ),
      { seed: 31, numRuns: 200 },
    );
  });

  // By hand: at 5 % slip a motor of 25 N·m and a breakdown slip of 0.2396 has 2 · 25 / (0.05/0.2396 + 0.2396/0.05) = 10.0 N·m, so 10 N·m is carried at 1425 rpm.
  it('settles where the curve falls to what is needed', () => {
    expect(startUp(kloss(25, 0.23956, 1500), () => 10, 0.01).settles_rpm).toBeCloseTo(1425, 0);
  });

  it('does not leave rest where more is needed than there is', () => {
    expect(startUp(kloss(25, 0.2, 1500), () => 12, 0.01)).toEqual({ settles_rpm: 0, runs: false, seconds: null, heated: null });
  });

  // Common practice, no source: a motor with a weak start hangs at a low speed when the load grows before it has passed its dip.
  it('hangs where the load crosses the starting curve, and does not count the crossing above that it cannot reach', () => {
    const dip: Curve = { torque: (n) => (n < 1125 ? 4 : 20 * (1 - n / 1500)), top_rpm: 1500, switch_rpm: 1125 };
    const { runs, settles_rpm } = startUp(dip, (n) => 3 + n / 500, 0.01);
    expect(runs).toBe(false);
    expect(settles_rpm).toBeCloseTo(500, 0);
  });

  // Textbooks on electric machines: below the breakdown slip a motor draws nearly its stalled current; one that hangs at two fifths of its speed cooks.
  it('does not run where the load holds it at two fifths of its speed, and does where it settles at nine tenths', () => {
    const falling = (n: number) => 10 * (1 - n / 1500);
    const at = (share: number) => startUp({ torque: falling, top_rpm: 1500, switch_rpm: null }, () => falling(share * 1500), 0.01);
    expect(at(0.4)).toMatchObject({ settles_rpm: expect.closeTo(600, 6), runs: false, seconds: null, heated: null });
    expect(at(0.55).runs).toBe(false);
    expect(at(0.65).runs).toBe(true);
    expect(at(0.9)).toMatchObject({ settles_rpm: expect.closeTo(1350, 6), runs: true });
  });

  it('settles where a plain search in twenty thousand steps finds the first speed with nothing left', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        fc.double({ min: 0.12, max: 0.5, noNaN: true }),
        fc.double({ min: 0, max: 25, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.constantFrom(0, 1, 2),
        (T_0, s_b, full, away, growth) => {
          // A single-phase motor: straight from its torque at rest to its running curve where the switch opens.
          const running = kloss(20, s_b, 1500).torque;
          const torque = (n: number) => (n >= 1125 ? running(n) : 8 * T_0 + ((running(1125) - 8 * T_0) * n) / 1125);
          const load = (n: number) => full * (n / 1500) ** growth + (n < 75 ? (away * (75 - n)) / 75 : 0);
          let first = 0;
          while (first < 20_000 && torque((first * 1500) / 20_000) - load((first * 1500) / 20_000) > 0) first++;
          const { settles_rpm } = startUp({ torque, top_rpm: 1500, switch_rpm: 1125 }, load, 0.01);
          expect(Math.abs(settles_rpm - (first * 1500) / 20_000)).toBeLessThanOrEqual(1500 / 20_000);
        },
      ),
      { seed: 32, numRuns: 300 },
    );
  });

  it('takes twice as long with twice the inertia', () => {
    const [once, twice] = [0.01, 0.02].map((J) => startUp(kloss(25, 0.24, 1500), () => 5, J).seconds ?? 0) as [number, number];
    expect(twice / once).toBeCloseTo(2, 9);
  });
});
