import { expect, it } from 'vitest';
import { proves } from '../../../test/reference.js';
import { secondsTo } from '../../procedures/start-up.js';
import { brakingResistance } from '../motor/braking-resistance.js';
import { voltsByFrequency } from '../motor/volts-by-frequency.js';
import { brakingPower } from './braking-power.js';
import { evenRunUp } from './even-run-up.js';
import { flywheelForEvenness } from './flywheel-for-evenness.js';
import { forwardInertia } from './forward-inertia.js';
import { kineticEnergy } from './kinetic-energy.js';
import { quickestRatio } from './quickest-ratio.js';
import { reflectedInertia } from './reflected-inertia.js';
import { runDown } from './run-down.js';

proves('drives', 'accel-01', ({ given }) => ({
  t: evenRunUp.compute({ J: given('J'), T_s: given('T') - given('TL'), n: given('n') }),
  E: kineticEnergy.compute({ J: given('J'), n: given('n') }),
}));
// The procedure that the sheet uses, on a line of torque that has a closed answer.
proves('drives', 'accel-02', ({ given }) => {
  const [T0, n0] = [given('T0'), given('n0')];
  return {
    t: secondsTo(
      given('n'),
      (n) => T0 * (1 - n / n0),
      () => given('TL'),
      given('J'),
    ),
  };
});
proves('drives', 'flywheel-02', ({ given }) => ({ J: flywheelForEvenness.compute({ E: given('dE'), C_s: given('Cs'), n: given('n') }) }));
// The windage factor k of the check file is a torque at the speed it runs down from: k · ω².
proves('machines', 'rundown-01', ({ given }) => {
  const omega = (Math.PI * given('n0')) / 30;
  return { t: runDown.compute({ J: given('J'), n: given('n0'), T_c: given('Tc'), T_w: given('k') * omega ** 2 }) };
});
proves('drives', 'ratio-best-01', ({ given }) => {
  const [J_L, J_M] = [given('JL'), given('Jm')];
  return { i: quickestRatio.compute({ J_L, J_M }) };
});

it('has no time to run up where nothing is left over', () => {
  expect(Number.isFinite(evenRunUp.compute({ J: 0.01, n: 1000, T_s: 0 }))).toBe(false);
});

it('is the quickest ratio because any other accelerates the load less', () => {
  const [J_L, J_M] = [0.05, 0.0008];
  const best = quickestRatio.compute({ J_L, J_M });
  const quick = (i: number) => i / (J_L + J_M * i ** 2);
  for (const part of [0.5, 0.9, 1.1, 2]) expect(quick(best * part)).toBeLessThan(quick(best));
});

it('feels an inertia through a ratio as it is felt back', () => {
  expect(reflectedInertia.compute({ J: forwardInertia.compute({ J: 0.3, i: 7 }), i: 7 })).toBeCloseTo(0.3, 12);
});
proves('machines', 'braking-res-01', ({ given }) => {
  const E = kineticEnergy.compute({ J: given('J'), n: given('n1') });
  const P_peak = brakingPower.compute({ E, t: given('t') });
  return { E, P_mean: E / given('t'), P_peak, R_max: brakingResistance.compute({ V: given('V_dc'), P: P_peak }) };
});
proves('machines', 'vf-boost-01', ({ given }) => {
  const at = (f: number) => voltsByFrequency.compute({ V_n: given('V_n'), V_b: given('V_b'), f, f_n: given('f_n') });
  return { V: at(given('f')), V2: at(given('f2')) };
});
