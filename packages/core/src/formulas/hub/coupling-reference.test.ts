import { proves } from '../../../test/reference.js';
import { keyDin } from '../../catalog/hubs.js';
import { known, picked } from '../../figure/figure.js';
import { criticalSpeed } from '../dynamics/critical-speed.js';
import { discInertia } from '../dynamics/disc-inertia.js';
import { kineticEnergy } from '../dynamics/kinetic-energy.js';
import { reflectedInertia } from '../dynamics/reflected-inertia.js';
import { twinResonance } from '../dynamics/twin-resonance.js';
import { wheelMass } from '../dynamics/wheel-mass.js';
import { toothForce } from '../gear/tooth-force.js';
import { timesRated } from '../motor/times-rated.js';
import { shaftTorque } from '../power/shaft-torque.js';
import { ratedTorque } from '../transmission/rated-torque.js';
import { cardanFastest } from './cardan-fastest.js';
import { cardanSlowest } from './cardan-slowest.js';
import { clampTorque } from './clamp-torque.js';
import { keyTorque } from './key-torque.js';
import { pinForTorque } from './pin-for-torque.js';
import { setScrewTorque } from './set-screw-torque.js';
import { shearPinTorque } from './shear-pin-torque.js';
import { spacerAngle } from './spacer-angle.js';
import { splitClampForce } from './split-clamp-force.js';

proves('drives', 'coup-jaw-01', ({ given }) => {
  const T = shaftTorque.compute({ P: given('P'), n: given('n') });
  return { T, T_design: timesRated.compute({ k: given('K'), T_n: T }) };
});
proves('drives', 'coup-reson-01', ({ given }) => {
  const f = twinResonance.compute({ k: given('k'), J_1: given('J1'), J_2: given('J2') });
  return { f, n_crit: criticalSpeed.compute({ f, o: 1 }) };
});
proves('drives', 'coup-misalign-01', ({ given }) => ({ angle: spacerAngle.compute({ o: given('offset'), s: given('spacer') }) }));
proves('drives', 'coup-shearpin-01', ({ given }) => ({
  T: shearPinTorque.compute({ z: given('planes'), d: given('d'), tau: given('tau'), r: given('r') }),
}));
proves('drives', 'coup-shearpin-02', ({ given }) => ({
  d: pinForTorque.compute({ T: given('T'), z: given('planes'), tau: given('tau'), r: given('r') }),
}));
proves('drives', 'coup-setscrew-01', ({ given }) => {
  const T = setScrewTorque.compute({ k: 1, z: given('n'), F: given('F'), d: given('d') });
  return { T, T_safe: ratedTorque.compute({ T_r: T, f: given('S') }) };
});
proves('drives', 'coup-clamp-01', ({ given }) => {
  const F = splitClampForce.compute({ n: given('n'), M: given('M'), K: given('K'), d_s: given('ds') });
  const T = clampTorque.compute({ mu: given('mu'), F, d: given('d') });
  return { F, T_uniform: T };
});
proves('drives', 'coup-key-pub-01', ({ given }) => {
  const T = shaftTorque.compute({ P: given('P'), n: given('n') });
  return { T, F: toothForce.compute({ T, d: given('d') }) };
});
proves('drives', 'coup-key-01', ({ given }) => {
  const row = keyDin(given('d'));
  const l = given('l') - given('b');
  const T_bearing = keyTorque.compute({ p: given('p'), h: (row?.h_mm ?? 0) - (row?.t1_mm ?? 0), l, d: given('d') });
  const T_shear = keyTorque.compute({ p: given('tau'), h: given('b'), l, d: given('d') });
  return { T_bearing, T_shear };
});
for (const n of ['01', '02']) {
  proves('drives', `inertia-${n}`, ({ given, list }) => {
    // Through every ratio on the way back to the motor, one after the other.
    const J_ref = list('J').map((of, k) =>
      list('i')
        .slice(0, k + 1)
        .reduceRight((J, i) => reflectedInertia.compute({ J, i }), of),
    );
    const total = picked(
      'sum',
      'kg·m²',
      [given('Jm'), ...J_ref].map((J) => known('kg·m²', J, { by: 'limit', source: '' })),
    );
    return { J_ref, J_tot: total.known ? total.value : Number.NaN };
  });
}
proves('drives', 'flywheel-01', ({ given }) => {
  const m = wheelMass.compute({ k: 1, rho: given('rho'), d: given('D'), b: given('b') });
  const J = discInertia.compute({ k: 0.5, m, d: given('D') });
  return { m, J, E: kineticEnergy.compute({ J, n: given('n') }) };
});
proves('drives', 'coup-cardan-01', ({ given }) => ({
  n_max: cardanFastest.compute({ n: given('n'), beta: given('beta') }),
  n_min: cardanSlowest.compute({ n: given('n'), beta: given('beta') }),
}));
