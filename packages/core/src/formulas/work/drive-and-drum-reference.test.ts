import { expect, it } from 'vitest';
import { proves } from '../../../test/reference.js';
import { segmentCentre } from '../../geometry/segment-centre.js';
import { rimSpeed } from '../belt/rim-speed.js';
import { kineticEnergy } from '../dynamics/kinetic-energy.js';
import { shaftPower } from '../power/shaft-power.js';
import { criticalDrumSpeed } from './critical-drum-speed.js';
import { gripForce } from './grip-force.js';
import { liftedTorque } from './lifted-torque.js';
import { movedInertia } from './moved-inertia.js';
import { rollingForce } from './rolling-force.js';
import { wheelTorque } from './wheel-torque.js';

// One has its slope in degrees, the other as rise over run.
for (const [id, inDegrees] of [
  ['wheel-01', true],
  ['wheel-02', false],
] as const) {
  proves('drives', id, ({ given, raw }) => {
    const s = inDegrees ? Math.tan(given('slope')) : (raw('slope') as number) / 100;
    const [m, D, n] = [given('m'), given('D'), given('n')];
    const F = rollingForce.compute({ m, s, c: given('crr') });
    const F_grip = gripForce.compute({ mu: given('mu'), k: given('share'), m, s });
    const T = wheelTorque.compute({ F, D });
    // The second spins.
    expect(F > F_grip).toBe(!inDegrees);
    return { F, T, v: rimSpeed.compute({ d: D, n }), P: shaftPower.compute({ T, n }), F_grip };
  });
}

proves('machines', 'barrow-01', ({ given }) => {
  const F = rollingForce.compute({ m: given('m'), s: Math.tan(given('slope')), c: given('crr') });
  return { F, T: wheelTorque.compute({ F, D: given('d') }) };
});

proves('machines', 'tumbler-nc-01', ({ given }) => {
  return { n_c: criticalDrumSpeed.compute({ D: given('D'), d: given('d') }) };
});

proves('machines', 'tumbler-lift-01', ({ given }) => {
  const rc = segmentCentre(given('D'), given('fill'));
  const T = liftedTorque.compute({ m: given('m'), r: rc, a: given('alpha') });
  return { rc, T, P: shaftPower.compute({ T, n: given('n') }) };
});

// Closed form: half a disc has its centroid at 4 r / 3 π, a full one at its axis; nearly none lies at the rim.
it('the centre of a load rises from the rim to the axis as the drum fills', () => {
  expect(segmentCentre(400, 0.5)).toBeCloseTo((4 * 200) / (3 * Math.PI), 6);
  expect(segmentCentre(400, 1)).toBeCloseTo(0, 6);
  expect(segmentCentre(400, 1e-6)).toBeCloseTo(200, 1);
});

// Closed form: a rolling mass has the energy of its inertia as the axle sees it.
it('a mass on a wheel has the energy of its motion', () => {
  const [m, D, n] = [150, 400, 60];
  const v = rimSpeed.compute({ d: D, n });
  expect(kineticEnergy.compute({ J: movedInertia.compute({ m, D }), n })).toBeCloseTo((m * v ** 2) / 2, 9);
});
