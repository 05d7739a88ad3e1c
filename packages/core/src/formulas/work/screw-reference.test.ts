import { expect, it } from 'vitest';
import { proves } from '../../../test/reference.js';
import { columnForce } from '../../geometry/column-force.js';
import { collarTorque } from './collar-torque.js';
import { drivenScrewTorque } from './driven-screw-torque.js';
import { powerScrewTorque } from './power-screw-torque.js';
import { rollGrip } from './roll-grip.js';
import { screwLowers } from './screw-lowers.js';

for (const id of ['screw-pub-01', 'screw-trap-01', 'screw-acme-02', 'screw-trap-03'])
  proves('drives', id, ({ given }) => {
    const lead = given('p') * given('starts');
    const dm = given('d') - given('p') / 2;
    const thread = { F: given('F'), d: dm, l: lead, f: given('f') / Math.cos(given('flank')) };
    const collar = given('fc') > 0 ? collarTorque.compute({ F: given('F'), d: given('dc'), f: given('fc') }) : 0;
    const T_raise = powerScrewTorque.compute(thread) + collar;
    const T_lower = screwLowers.compute(thread) + collar;
    const found = { dm, lead, T_raise, T_lower, eta: (given('F') * lead) / (2000 * Math.PI * T_raise) };
    return id === 'screw-pub-01' ? found : { ...found, self_locking: Number(T_lower > 0) };
  });

// Driven back, a screw is the same relation with what it then passes on.
proves('drives', 'screw-ball-01', ({ given }) => {
  const [F, l] = [given('F'), given('lead')];
  return {
    T: drivenScrewTorque.compute({ F, l, eta: given('eta') }),
    T_back: drivenScrewTorque.compute({ F, l, eta: 1 / given('eta_b') }),
    F_avail: given('T_avail') / drivenScrewTorque.compute({ F: 1, l, eta: given('eta') }),
  };
});

proves('drives', 'screw-buckle-01', ({ given }) => {
  // So strong that it is slender at any length.
  const P_crit = columnForce({ k: 0.25, E: given('E'), d: given('dr'), L: given('L'), R: 1e6 });
  return { P_crit, P_allow: P_crit / given('S'), slender: (4 * given('L')) / given('dr') };
});

// Shigley’s Mechanical Engineering Design, eq. 4-44 to 4-48: both columns meet at half the yield strength, and a stub is crushed.
it('a short column is Johnson’s, a long one Euler’s, and they meet', () => {
  const steel = { k: 1, E: 206_000, d: 20, R: 235 };
  const meets = (20 / 4) * Math.sqrt((2 * Math.PI ** 2 * 206_000) / 235);
  const area = Math.PI * 100;
  expect(columnForce({ ...steel, L: meets }) / area).toBeCloseTo(117.5, 6);
  expect(columnForce({ ...steel, L: meets * 0.9999 }) / columnForce({ ...steel, L: meets * 1.0001 })).toBeCloseTo(1, 3);
  expect(columnForce({ ...steel, L: 1 }) / area).toBeCloseTo(235, 2);
  expect(columnForce({ ...steel, L: 2 * meets }) / area).toBeCloseTo(117.5 / 4, 6);
});

// Coulson & Richardson, Chemical Engineering vol. 2, example 2.2 (from memory): rolls of 1 m set 12.5 mm apart, angle of nip 31°: particles of 25 mm radius.
it('rolls draw in what their angle of nip lets them', () => {
  expect(rollGrip.compute({ D: 1000, s: 12.5, mu: Math.tan((15.5 * Math.PI) / 180) }) / 2).toBeCloseTo(25.4, 1);
});
