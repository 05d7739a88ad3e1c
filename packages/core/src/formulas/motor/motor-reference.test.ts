import { expect, test } from 'vitest';
import { proves } from '../../../test/reference.js';
import { breakerTrips } from '../../catalog/breakers.js';
import { polesFrom } from '../../kinds/shared/poles.js';
import { secondsTo, startUp } from '../../procedures/start-up.js';
import { apparentPower } from './apparent-power.js';
import { bleederPower } from './bleeder-power.js';
import { breakdownSlip } from './breakdown-slip.js';
import { capacitorCurrent } from './capacitor-current.js';
import { capacitorEnergy } from './capacitor-energy.js';
import { capacitorReactance } from './capacitor-reactance.js';
import { circuitPower } from './circuit-power.js';
import { dischargeTime } from './discharge-time.js';
import { drawnPower } from './drawn-power.js';
import { klossTorque } from './kloss-torque.js';
import { leadResistance } from './lead-resistance.js';
import { lineCurrent } from './line-current.js';
import { lockedSeconds } from './locked-seconds.js';
import { motorSlip } from './motor-slip.js';
import { neededEfficiency } from './needed-efficiency.js';
import { onePhaseCapacitor } from './one-phase-capacitor.js';
import { reactivePower } from './reactive-power.js';
import { starCurrent } from './star-current.js';
import { starVoltage } from './star-voltage.js';
import { startingCurrent } from './starting-current.js';
import { synchronousSpeed } from './synchronous-speed.js';
import { timesRated } from './times-rated.js';
import { torqueAtVoltage } from './torque-at-voltage.js';
import { tripCurrent } from './trip-current.js';
import { voltageDrop } from './voltage-drop.js';
import { wireArea } from './wire-area.js';
import { wireDiameter } from './wire-diameter.js';

for (const id of ['motor-sync-01', 'motor-sync-03']) {
  proves('machines', id, ({ given }) => ({ n: synchronousSpeed.compute({ f: given('f'), p: given('poles') }) }));
}
proves('machines', 'motor-slip-01', ({ given }) => {
  return { s: motorSlip.compute({ n_s: synchronousSpeed.compute({ f: given('f'), p: given('poles') }), n: given('n') }) };
});
for (const id of ['motor-poles-01', 'motor-poles-04', 'motor-poles-05']) {
  proves('machines', id, ({ given }) => {
    const poles = polesFrom(given('n'), given('f'));
    return { poles, s: motorSlip.compute({ n_s: synchronousSpeed.compute({ f: given('f'), p: poles }), n: given('n') }) };
  });
}
proves('machines', 'motor-current-1ph-01', ({ given }) => ({
  I: lineCurrent.compute({ P: given('P'), m: 1, V: given('V'), eta: given('eff'), pf: given('pf') }),
  P_in: drawnPower.compute({ P: given('P'), eta: given('eff') }),
}));
proves('machines', 'motor-current-3ph-01', ({ given }) => ({
  I: lineCurrent.compute({ P: given('P'), m: Math.sqrt(3), V: given('V'), eta: given('eff'), pf: given('pf') }),
  P_in: drawnPower.compute({ P: given('P'), eta: given('eff') }),
}));
// Real power over volts times amps is what the plate implies of efficiency and power factor together.
proves('machines', 'power-factor-01', ({ given }) => {
  return {
    pf: neededEfficiency.compute({ P: given('P'), m: 1, V: given('V'), I: given('I') }),
    S: apparentPower.compute({ m: 1, V: given('V'), I: given('I') }),
    Q: reactivePower.compute({ S: apparentPower.compute({ m: 1, V: given('V'), I: given('I') }), P: given('P') }),
  };
});
// A third of the voltage squared: torque goes with the square, current in the line with winding and phase voltage.
proves('machines', 'star-delta-01', ({ given }) => {
  const V_phase = starVoltage.compute({ V: given('V') });
  return {
    V_phase,
    I_star: starCurrent.compute({ I: given('I_delta') }),
    T_star: torqueAtVoltage.compute({ T_n: given('T_delta'), V: V_phase, V_n: given('V') }),
  };
});
proves('machines', 'cap-reactance-01', ({ given }) => {
  const [C, V] = [given('C'), given('V')];
  const Xc = capacitorReactance.compute({ f: given('f'), C });
  return { Xc, I: capacitorCurrent.compute({ V, X_C: Xc }), E_peak: capacitorEnergy.compute({ C, V }) };
});
proves('machines', 'cap-bleed-01', ({ given }) => {
  const [R, C, V_0] = [given('R'), given('C'), given('V0')];
  return {
    t: dischargeTime.compute({ R, C, V_0, V_1: given('V1') }),
    P0: bleederPower.compute({ V: V_0, R }),
    // Charged to the peak of a voltage √2 below.
    E: capacitorEnergy.compute({ C, V: V_0 / Math.SQRT2 }),
  };
});
proves('machines', 'cap-steinmetz-01', ({ given }) => {
  const C_run = onePhaseCapacitor.compute({ P: given('P'), f: given('f'), V: given('V'), c: given('per_kW') / 1000 });
  return { C_run, C_start: C_run * given('start_factor') };
});
proves('machines', 'outlet-bound-01', ({ given }) => {
  const [V, I, eta, pf] = [given('V'), given('I'), given('eff'), given('pf')];
  const shaft = (share: number) => circuitPower.compute({ m: 1, V, I, share, eta, pf });
  // With nothing lost it is the volt-amperes of the outlet.
  const drawn = (share: number) => circuitPower.compute({ m: 1, V, I, share, eta: 1, pf: 1 });
  return { P_shaft_max: shaft(1), P_shaft_cont: shaft(given('cont')), S_max: drawn(1), S_cont: drawn(given('cont')) };
});
proves('machines', 'kloss-01', ({ given }) => {
  const [s_b, T_b] = [breakdownSlip.compute({ s_n: given('s_n'), k: given('k_b') }), timesRated.compute({ k: given('k_b'), T_n: given('T_n') })];
  return { s_b, T_b, T_start: klossTorque.compute({ T_b, s_b, s: 1 }) };
});
proves('machines', 'kloss-point-01', ({ given }) => {
  const s = motorSlip.compute({ n_s: given('n_s'), n: given('n') });
  const T = klossTorque.compute({ T_b: given('T_b'), s_b: given('s_b'), s });
  return { T, T_v: torqueAtVoltage.compute({ T_n: T, V: given('v'), V_n: 1 }) };
});
for (const [id, w] of [
  ['wire-drop-01', 2],
  ['wire-drop-02', Math.sqrt(3)],
] as const) {
  proves('machines', id, ({ given }) => {
    const R = leadResistance.compute({ rho: given('rho'), L: given('L'), A: given('A') });
    const dV = voltageDrop.compute({ w, I: given('I'), R, pf: given('pf') });
    return { dV, R };
  });
}
proves('machines', 'awg-01', ({ given, raw }) => {
  const d = wireDiameter.compute({ n: raw('awg') as number });
  const A = wireArea.compute({ d });
  return { d, A, R: leadResistance.compute({ rho: given('rho'), L: given('L'), A }) };
});
// The entry writes 0 for does not trip, 1 for may trip, 2 for trips.
proves('machines', 'inrush-02', ({ given }) => {
  const I_s = startingCurrent.compute({ k: given('k'), I: given('I_n') });
  const [low, high] = breakerTrips.B.map((k) => tripCurrent.compute({ k, I_b: given('I_b') })) as [number, number];
  expect(breakerTrips.B).toEqual([given('lo'), given('hi')]);
  return { I_start: I_s, I_lo: low, I_hi: high };
});

// By hand: 1.5 hp (1118.5 W) from 230 V and 3 A is 690 VA, of which 162 % would be needed.
test('a plate that promises more than volts times amps', () => {
  expect(neededEfficiency.compute({ P: 1.5 * 745.699872, m: 1, V: 230, I: 3 })).toBeCloseTo(1.621, 3);
});

test('Kloss through the rated point: the curve has the rated torque at the rated slip, and the most at the breakdown slip', () => {
  const [s_n, k, T_n] = [0.05, 2.5, 10];
  const s_b = breakdownSlip.compute({ s_n, k });
  expect(klossTorque.compute({ T_b: k * T_n, s_b, s: s_n })).toBeCloseTo(T_n, 9);
  expect(klossTorque.compute({ T_b: k * T_n, s_b, s: s_b })).toBeCloseTo(k * T_n, 9);
});

// The entry has the density of the stalled current at once.
proves('machines', 'locked-rotor-01', ({ given }) => {
  const [j, t1, t2] = [given('j'), given('theta1'), given('theta2')];
  return { t: lockedSeconds.compute({ theta_1: t1, theta_2: t2, k: 1, J: j }) };
});

for (const n of ['01', '02']) {
  proves('machines', `dol-start-${n}`, ({ given }) => {
    const [top_rpm, v] = [given('n_s'), given('v')];
    const torque = (rpm: number) =>
      torqueAtVoltage.compute({
        T_n: klossTorque.compute({ T_b: given('T_b'), s_b: given('s_b'), s: motorSlip.compute({ n_s: top_rpm, n: rpm }) }),
        V: v,
        V_n: 1,
      });
    const load = (rpm: number) => given('T_c') + given('k') * ((Math.PI * rpm) / 30) ** 2;
    return { t: secondsTo(given('n_to'), torque, load, given('J')) };
  });
}
proves('machines', 'dol-stall-01', ({ given }) => {
  const torque = (rpm: number) =>
    klossTorque.compute({ T_b: given('T_b'), s_b: given('s_b'), s: motorSlip.compute({ n_s: 1500, n: Math.min(rpm, 1499.999) }) });
  return { T_start: torque(0), starts: startUp({ torque, top_rpm: 1500, switch_rpm: null }, () => given('T_c'), 0.01).runs ? 1 : 0 };
});
