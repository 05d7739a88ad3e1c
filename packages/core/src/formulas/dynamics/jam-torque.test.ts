import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { yieldedBy } from '../../../test/stopping.js';
import { gearedStiffness } from './geared-stiffness.js';
import { jamTorque } from './jam-torque.js';
import { rigidPeak } from './rigid-peak.js';
import { seriesStiffness } from './series-stiffness.js';
import { shaftStiffness } from './shaft-stiffness.js';
import { spanStiffness } from './span-stiffness.js';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
/** Evenly over the powers of ten. */
const over = (min: number, max: number) => between(Math.log(min), Math.log(max)).map(Math.exp);
const drawn = fc.record({ T_0: over(0.1, 1e3), E: over(0.01, 1e4), k: over(10, 1e6), phi: over(1e-4, 3) });
const torque = ({ T_0, E, k, phi }: { T_0: number; E: number; k: number; phi: number }) =>
  jamTorque.compute({ T_0, T_r: rigidPeak.compute({ E, k }), E, phi });

describe('the torque of a jam', () => {
  it('takes up the energy in the angle of the obstruction and in the twist of the way to it', () => {
    fc.assert(
      fc.property(drawn, ({ T_0, E, k, phi }) => {
        const more = torque({ T_0, E, k, phi }) - T_0;
        expect((more * phi + more ** 2 / (2 * k)) / E).toBeCloseTo(1, 6);
      }),
      { seed: 19, numRuns: 500 },
    );
  });

  it('is the energy over the angle where nothing twists, and the peak against a spring where nothing yields', () => {
    fc.assert(
      fc.property(drawn, ({ T_0, E, k, phi }) => {
        expect(torque({ T_0, E, k: 1e12 * (E / phi ** 2), phi }) / (T_0 + E / phi)).toBeCloseTo(1, 4);
        expect(torque({ T_0, E, k, phi: 0 }) / (T_0 + Math.sqrt(2 * k * E))).toBeCloseTo(1, 9);
      }),
      { seed: 19, numRuns: 500 },
    );
  });

  it('is never more by a softer way, by less energy, or by a stop that yields more; and is never less than the drive', () => {
    fc.assert(
      fc.property(drawn, between(1, 10), (jam, times) => {
        const all = torque(jam);
        expect(torque({ ...jam, k: jam.k / times })).toBeLessThanOrEqual(all * (1 + 1e-9));
        expect(torque({ ...jam, E: jam.E / times })).toBeLessThanOrEqual(all * (1 + 1e-9));
        expect(torque({ ...jam, phi: jam.phi * times })).toBeLessThanOrEqual(all * (1 + 1e-9));
        expect(all).toBeGreaterThanOrEqual(jam.T_0);
      }),
      { seed: 19, numRuns: 500 },
    );
  });

  it('scales: all torques and energies times as much make it times as much', () => {
    fc.assert(
      fc.property(drawn, between(0.1, 10), ({ T_0, E, k, phi }, c) => {
        expect(torque({ T_0: c * T_0, E: c * E, k: c * k, phi }) / (c * torque({ T_0, E, k, phi }))).toBeCloseTo(1, 9);
      }),
      { seed: 19, numRuns: 200 },
    );
  });
});

/** Two hundred machines that run, drawn evenly: a draw that prefers extremes would find wheels without inertia. */
function* machines() {
  let seed = 12_345;
  const draw = (min: number, max: number) => {
    seed = (seed * 1_103_515_245 + 12_345) % 2 ** 31;
    return min + ((max - min) * seed) / 2 ** 31;
  };
  const drawOver = (min: number, max: number) => Math.exp(draw(Math.log(min), Math.log(max)));
  for (let k = 0; k < 200; k++) {
    const drawn = { inertia: drawOver(1e-3, 1), speed: drawOver(5, 200), second: drawOver(500, 50_000), drive: drawOver(0.01, 0.5) };
    yield { ...drawn, yields: draw(0.1, 0.95), share: draw(0.02, 0.98), softer: drawOver(0.03, 3) };
  }
}

/** What the formula says, over what the stop yields at in the motion of both wheels. */
function ratioTo(
  rotor: number,
  wheel: number,
  first: number,
  { speed, second, drive, yields }: { [K in 'speed' | 'second' | 'drive' | 'yields']: number },
) {
  const [E_1, E_2] = [(rotor * speed ** 2) / 2, (wheel * speed ** 2) / 2];
  const peaks = [rigidPeak.compute({ E: E_1, k: seriesStiffness.compute({ a: first, b: second }) }), rigidPeak.compute({ E: E_2, k: second })];
  const T_r = Math.hypot(...peaks);
  const [T_0, T] = [drive * T_r, (drive + yields) * T_r];
  const phi = yieldedBy({ rotor, wheel, first, second, speed, drive: T_0, yields: T });
  return jamTorque.compute({ T_0, T_r, E: E_1 + E_2, phi }) / T;
}

describe('held against the motion of the wheels, integrated', () => {
  it('is what the stop yields at: one wheel, 200 cases within 2 %', () => {
    for (const machine of machines()) {
      const ratio = ratioTo(machine.inertia, machine.inertia * 1e-3, machine.second * 200, machine);
      expect(Math.abs(ratio - 1)).toBeLessThan(0.02);
    }
  });

  it('adds up wheels that are stopped one after the other by the root of their squares: from a tenth under it to half as much again', () => {
    const ratios = [...machines()].map((machine) =>
      ratioTo(machine.inertia * (1 - machine.share), machine.inertia * machine.share, machine.second * machine.softer, machine),
    );
    ratios.sort((a, b) => a - b);
    expect(ratios[0]).toBeGreaterThan(0.9);
    expect(ratios[10]).toBeGreaterThan(0.95);
    expect(Math.abs((ratios[100] as number) - 1.06)).toBeLessThan(0.06);
    expect(ratios[190]).toBeLessThan(1.5);
    expect(ratios[199]).toBeLessThan(1.55);
  });
});

// Roark's Formulas for Stress and Strain, circular shaft: θ = T·L/(G·J), J = π·d⁴/32. By hand for 20 mm, 0.3 m: 15,708 mm⁴ · 79,300 / 300 / 1000 = 4152 N·m/rad.
it('a shaft of 20 mm over 0.3 m twists by a radian for 4152 N·m', () => {
  expect(shaftStiffness.compute({ G: 79_300, d: 20, L: 300 })).toBeCloseTo(4152, 0);
});

// By hand: 1 N·m at a motor is 3 N·m behind 3 to 1; a shaft of 9000 N·m/rad there twists by 3/9000 rad, which the motor feels as three times that: 1/1000.
it('a shaft behind a reduction is felt softer by the square of the ratio', () => {
  expect(gearedStiffness.compute({ k: 9000, i: 3 })).toBeCloseTo(1 / (((1 * 3) / 9000) * 3), 9);
});

// By hand: 10 N·m at a radius of 40 mm are 250 N; over 400 mm at 40 kN they stretch a span by 2.5 mm, 0.0625 rad of that radius: 160 N·m/rad.
it('a belt is as stiff as its stretch over the radius says, and two spans twice as much', () => {
  const stretch_mm = ((10 / 0.04) * 400) / 40_000;
  expect(spanStiffness.compute({ EA: 40_000, z: 1, d: 80, s: 400 })).toBeCloseTo(10 / (stretch_mm / 40), 9);
  expect(spanStiffness.compute({ EA: 40_000, z: 2, d: 80, s: 400 })).toBeCloseTo(320, 9);
});
