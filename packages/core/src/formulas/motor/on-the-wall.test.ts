import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { atSlip, breakdown, slipAt, smallMotor } from '../../../test/equivalent-circuit.js';
import { proves } from '../../../test/reference.js';
import { shaftPower } from '../power/shaft-power.js';
import { marginalEfficiency } from '../work/marginal-efficiency.js';
import { measuredShaftPower } from '../work/measured-shaft-power.js';
import { dutyHeat } from './duty-heat.js';
import { fluxShare } from './flux-share.js';
import { powerForATime } from './power-for-a-time.js';
import { shareAtMotor } from './share-at-motor.js';
import { speedOnWall } from './speed-on-wall.js';
import { timesRated } from './times-rated.js';
import { torqueAtFlux } from './torque-at-flux.js';
import { torqueAtFrequency } from './torque-at-frequency.js';

proves('machines', 'vf-weak-01', ({ given }) => {
  const [T_n, f_n, f] = [given('T_n'), given('f_n'), given('f')];
  const T_b = torqueAtFrequency.compute({ T_n: timesRated.compute({ k: given('k_b'), T_n }), f_n, f, k: 2 });
  // Field weakening with the same voltage: the flux goes with 1/f, and with it the torque for good, but for zone A’s twentieth.
  const phi = fluxShare.compute({ V: 400, V_n: 400, f, f_n });
  return { T: torqueAtFlux.compute({ T_n, phi }) * 0.95, T_b };
});

proves('machines', 'duty-s2-01', ({ given }) => {
  const loss = 1 / dutyHeat.compute({ t_on: given('t_on'), t_c: 1e9, tau: given('tau') });
  return { loss, torque: 1 / powerForATime.compute({ P: 1, h: 1 / loss, t: 1e9, tau: given('tau') }) };
});
proves('machines', 'duty-s3-01', ({ given }) => {
  const h = dutyHeat.compute({ t_on: given('ed') * given('t_cycle'), t_c: given('t_cycle'), tau: given('tau') });
  return { loss: 1 / h, torque: 1 / powerForATime.compute({ P: 1, h, t: 1e9, tau: given('tau') }) };
});

// The equivalent circuit of an induction motor (textbooks on electric machines), with constants of its own, solved as complex numbers.
describe('a motor behind a lead, worked out a second way', () => {
  it('has as much voltage at rest as the circuit says', () => {
    const rest = atSlip(smallMotor, 1, 400, 50);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 60, noNaN: true }), (R) => {
        const there = atSlip(smallMotor, 1, 400, 50, R);
        const share = shareAtMotor.compute({ w: Math.sqrt(3), I: rest.current, R, V_n: 400, pf: rest.powerFactor });
        expect(share).toBeCloseTo(there.voltage / 400, 9);
        expect(rest.torque * share ** 2).toBeCloseTo(there.torque, 6);
      }),
      { seed: 18, numRuns: 200 },
    );
  });

  it('loses at work within two hundredths of the wall’s voltage of what the circuit says, up to a fifth lost', () => {
    const rated = slipAt(smallMotor, 10, 400, 50);
    const { current, powerFactor } = atSlip(smallMotor, rated, 400, 50);
    for (const R of [0.5, 1, 2, 4, 6, 8]) {
      const slip = slipAt(smallMotor, 10, 400, 50, R);
      const share = shareAtMotor.compute({ w: Math.sqrt(3), I: current, R, V_n: 400, pf: powerFactor });
      expect(Math.abs(share - atSlip(smallMotor, slip, 400, 50, R).voltage / 400)).toBeLessThan(0.02);
    }
  });

  it('never has less nor more than there is, however long the lead', () => {
    const share = (R: number) => shareAtMotor.compute({ w: 2, I: 20.5, R, V_n: 230, pf: 0.7 });
    expect(share(0)).toBe(1);
    // By hand: 4.1 A, five times that at rest at cos φ 0.7, are 11.2 Ω ∠ 46°; 150 m of 0.75 mm² are 7 Ω, 25 m of 1.5 mm² 0.583 Ω there and back.
    expect(Math.abs(230 * share((0.0175 * 150) / 0.75) - 155)).toBeLessThan(3);
    expect(Math.abs(230 * share((0.0175 * 25) / 1.5) - 222)).toBeLessThan(1);
    expect(share(35)).toBeGreaterThan(0);
  });
});

describe('a 50 Hz motor on 60 Hz, worked out a second way', () => {
  const T_n = 10;
  const on50 = atSlip(smallMotor, slipAt(smallMotor, T_n, 400, 50), 400, 50);
  const phi = fluxShare.compute({ V: 400, V_n: 400, f: 60, f_n: 50 });

  it('turns as fast under its rated torque as the circuit says, within half a per cent', () => {
    const on60 = atSlip(smallMotor, slipAt(smallMotor, T_n, 400, 60), 400, 60);
    const speed = speedOnWall.compute({ n_s: 1800, n_p: 1500, n: on50.speed, phi });
    expect(Math.abs(speed / on60.speed - 1)).toBeLessThan(0.005);
  });

  it('has the most torque and the torque at rest that the circuit says, within an eighth: the stator’s resistance is left out', () => {
    const most = torqueAtFrequency.compute({ T_n: breakdown(smallMotor, 400, 50).torque, f_n: 50, f: 60, k: 2 });
    expect(Math.abs(most / breakdown(smallMotor, 400, 60).torque - 1)).toBeLessThan(0.125);
    const rest = torqueAtFrequency.compute({ T_n: atSlip(smallMotor, 1, 400, 50).torque, f_n: 50, f: 60, k: 3 });
    expect(Math.abs(rest / atSlip(smallMotor, 1, 400, 60).torque - 1)).toBeLessThan(0.125);
  });

  it('burns on the reverse: 60 Hz at its voltage on 50 Hz has a fifth more flux, and draws far more idling', () => {
    const full = fluxShare.compute({ V: 460, V_n: 460, f: 50, f_n: 60 });
    expect(full).toBeCloseTo(1.2, 9);
    // 400 V on 50 Hz is what a plate of 460 V and 60 Hz is also made for: 4 % more flux.
    expect(fluxShare.compute({ V: 400, V_n: 460, f: 50, f_n: 60 })).toBeCloseTo(1.0435, 4);
  });
});

describe('what is at the shaft of a measured motor, worked out a second way', () => {
  it('is the added watts less the losses that come with the load: between the efficiency and one, near the middle', () => {
    const idle = atSlip(smallMotor, 0.0005, 400, 50);
    const full = atSlip(smallMotor, slipAt(smallMotor, 10, 400, 50), 400, 50);
    const shaft = shaftPower.compute({ T: full.torque, n: full.speed });
    const eta = shaft / full.input;
    const added = full.input - idle.input;
    const k = (a: number) => measuredShaftPower.compute({ P_on: full.input, P_0: idle.input, eta: marginalEfficiency.compute({ eta, a }) });
    expect(shaft).toBeGreaterThan(k(1));
    expect(shaft).toBeLessThan(k(0.22) * 1.02);
    expect(added).toBeGreaterThan(shaft);
  });
});
