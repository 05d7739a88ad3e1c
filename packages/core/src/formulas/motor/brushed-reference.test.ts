import { expect, it } from 'vitest';
import { proves } from '../../../test/reference.js';
import { runSeries } from '../../kinds/shared/brushed/series-motor.js';
import { shaftPower } from '../power/shaft-power.js';
import { copperHeat } from './copper-heat.js';
import { currentAtTorque } from './current-at-torque.js';
import { heldCurrent } from './held-current.js';
import { motorConstant } from './motor-constant.js';
import { pulseRate } from './pulse-rate.js';
import { speedAtCurrent } from './speed-at-current.js';
import { stepsATurn } from './steps-a-turn.js';
import { torqueAtCurrent } from './torque-at-current.js';

/** Where a hump is highest, by thirds. */
function most(of: (x: number) => number, from: number, to: number): number {
  let [a, b] = [from, to];
  for (let k = 0; k < 120; k++) {
    const [c, d] = [a + (b - a) / 3, b - (b - a) / 3];
    if (of(c) < of(d)) a = c;
    else b = d;
  }
  return (a + b) / 2;
}

proves('machines', 'dc-bench-01', ({ given }) => {
  const k = motorConstant.compute({ V: given('V_spin'), I: 0, R: 0, V_b: 0, n: given('n_spin') });
  const R = given('V_lock') / given('I_lock');
  const T_fric = k * given('I0');
  const I_stall = heldCurrent.compute({ V: given('V'), V_b: 0, R });
  const n = (I: number) => speedAtCurrent.compute({ V: given('V'), I, R, V_b: 0, k });
  const out = (I: number) => shaftPower.compute({ T: torqueAtCurrent.compute({ k, I, T_f: T_fric }), n: n(I) });
  const share = (I: number) => out(I) / (given('V') * I);
  const [I_Pmax, I_eff] = [most(out, given('I0'), I_stall), most(share, given('I0'), I_stall)];
  return {
    Ke: k,
    R,
    T_fric,
    n0: n(given('I0')),
    I_stall,
    T_stall: torqueAtCurrent.compute({ k, I: I_stall, T_f: T_fric }),
    P_max: out(I_Pmax),
    I_Pmax,
    eff_max: share(I_eff),
    I_eff,
  };
});
proves('machines', 'dc-point-01', ({ given }) => {
  const k = given('Ke');
  const I = currentAtTorque.compute({ T: given('T'), k, T_f: given('T_fric') });
  const n = speedAtCurrent.compute({ V: given('V'), I, R: given('R'), V_b: 0, k });
  const P_out = shaftPower.compute({ T: given('T'), n });
  return { I, omega: n, P_out, eff: P_out / (given('V') * I), P_cu: copperHeat.compute({ I, R: given('R') }) };
});
proves('machines', 'series-motor-01', ({ given }) => {
  const [V, R, I1] = [given('V'), given('R'), given('I1')];
  // A field that goes with the current: the constant of the motor is so many times it.
  const k = given('T1') / I1 ** 2;
  const I2 = I1 * Math.sqrt(given('share'));
  const at = (I: number) => speedAtCurrent.compute({ V, I, R, V_b: 0, k: k * I });
  // The rated point is the first; the second is the model's.
  const run = runSeries({ V_n: V, I_n: I1, pf: 1, n: at(I1), P: 0, R, s: 1e12, w: 0 }, { V, x: 0, r: 0, air: 1 });
  return { k, n1: run?.speedAt(I1) ?? Number.NaN, I2, n2: run?.speedAt(I2) ?? Number.NaN };
});
// An axis of a screw: its speed over its lead are turns a minute.
for (const id of ['stepper-01', 'stepper-02']) {
  proves('machines', id, ({ given }) => {
    const z = Math.round(stepsATurn.compute({ a: given('step') }));
    const n = given('v') / given('lead');
    const ppr = z * given('micro');
    return { ppr, ppmm: ppr / given('lead'), rate: pulseRate.compute({ z, m: given('micro'), n }), res: given('lead') / ppr };
  });
}

it('Chapman, Electric Machinery Fundamentals, example 9-1 (from memory): a shunt motor of 250 V and 0.06 Ω, 1200 rpm unloaded, at 95 A and 195 A', () => {
  const k = motorConstant.compute({ V: 250, I: 0, R: 0.06, V_b: 0, n: 1200 });
  const at = (I: number) => speedAtCurrent.compute({ V: 250, I, R: 0.06, V_b: 0, k });
  expect([at(95), at(195)].map(Math.round)).toEqual([1173, 1144]);
});

it('Chapman, example 9-5 (from memory): a series motor of 250 V and 0.08 Ω that makes 80 V at 1200 rpm by its field at 50 A', () => {
  const k = motorConstant.compute({ V: 80, I: 0, R: 0, V_b: 0, n: 1200 });
  expect(speedAtCurrent.compute({ V: 250, I: 50, R: 0.08, V_b: 0, k })).toBeCloseTo(3690, 0);
  expect(torqueAtCurrent.compute({ k, I: 50, T_f: 0 })).toBeCloseTo(31.8, 1);
});
