import { expect, it } from 'vitest';
import { driveTorque } from '../../../test/drive-torque.js';
import { proves } from '../../../test/reference.js';
import { lewisFactor } from '../../catalog/gears.js';
import { rimSpeed } from '../belt/rim-speed.js';
import { toothRatio } from '../transmission/tooth-ratio.js';
import { gearCentres } from './gear-centres.js';
import { gearDiameter } from './gear-diameter.js';
import { gearOutside } from './gear-outside.js';
import { moduleFromPitch } from './module-from-pitch.js';
import { toothForce } from './tooth-force.js';
import { toothStress } from './tooth-stress.js';
import { toothTorque } from './tooth-torque.js';
import { toothVelocityFactor } from './tooth-velocity-factor.js';

proves('drives', 'gear-pair-01', ({ given }) => {
  const [m, z_1, z_2] = [given('m'), given('z1'), given('z2')];
  return {
    i: toothRatio.compute({ z_1, z_2 }),
    d1: gearDiameter.compute({ m, z: z_1 }),
    d2: gearDiameter.compute({ m, z: z_2 }),
    a: gearCentres.compute({ m, z_1, z_2 }),
    da1: gearOutside.compute({ m, z: z_1 }),
  };
});
for (const id of ['gear-lewis-01', 'gear-lewis-02']) {
  proves('drives', id, ({ given }) => {
    const [m, z, T, Y] = [given('m'), given('z'), given('T'), given('Y')];
    const d = gearDiameter.compute({ m, z });
    const v = rimSpeed.compute({ d, n: given('n') });
    const K_v = toothVelocityFactor.compute({ v });
    const W_t = toothForce.compute({ T, d });
    // The table has the factor that the entry was given.
    expect(lewisFactor(z)).toBe(Y);
    return { Wt: W_t, v, Kv: K_v, sigma: toothStress.compute({ K_v, W_t, b: given('b'), m, Y }) };
  });
}

it('turned round, the torque that reaches a stress makes that stress', () => {
  const [b, m, Y, d, K_v] = [20, 2, 0.309, 36, 1.2];
  const T = toothTorque.compute({ sigma: 90, b, m, Y, d, K_v });
  expect(toothStress.compute({ K_v, W_t: toothForce.compute({ T, d }), b, m, Y })).toBeCloseTo(90, 9);
});

// Shigley 10e, example 14-1 (gear-lewis-pub-01): pitch 8 is module 3.175; 16 teeth, 2 in; Kv by the inch form 1.52; 6.95 hp at 1200 rpm.
it('carries what the published pinion carries', () => {
  const m = moduleFromPitch.compute({ P: 8 });
  const d = gearDiameter.compute({ m, z: 16 });
  expect(d).toBeCloseTo(50.8, 9);
  const T = toothTorque.compute({ sigma: 10_000 * 0.00689476, b: 1.5 * 25.4, m, Y: lewisFactor(16) ?? 0, d, K_v: 1.5233 });
  expect(T).toBeCloseTo(driveTorque(6.95 * 745.6999, 1200), 0);
});

it('has form factors that rise with the teeth, none below twelve', () => {
  const factors = Array.from({ length: 300 }, (_, k) => lewisFactor(12 + k) ?? Number.NaN);
  for (const [k, each] of factors.slice(1).entries()) expect(each).toBeGreaterThanOrEqual(factors[k] as number);
  expect(lewisFactor(11)).toBeNull();
});
