import { expect, it } from 'vitest';
import { proves, reference } from '../../../test/reference.js';
import { carriedTorque } from './carried-torque.js';
import { carrierHeldRatio } from './carrier-held-ratio.js';
import { drivenSpeed } from './driven-speed.js';
import { planetaryRatio } from './planetary-ratio.js';
import { toothRatio } from './tooth-ratio.js';
import { wormBackward } from './worm-backward.js';
import { wormEfficiency } from './worm-efficiency.js';

proves('drives', 'gear-planet-pub-01', ({ given }) => {
  const i = planetaryRatio.compute({ z_r: given('zr'), z_s: given('zs') });
  return { i, n_carrier: drivenSpeed.compute({ n1: given('n_sun'), i, s: 0 }) };
});
// In at the sun, out at the ring: the sizes of gear-planet-01. That the ring turns the other way round is not in Hobrek's ratio.
it('with the carrier held the ring turns as its teeth say', () => {
  const planets = reference('drives', 'gear-planet-01');
  const i = carrierHeldRatio.compute({ z_r: planets.given('zr'), z_s: planets.given('zs') });
  expect([i, drivenSpeed.compute({ n1: planets.given('n_sun'), i, s: 0 })]).toEqual([3, 500]);
});
// An idler changes the direction, never the ratio.
proves('drives', 'gear-train-03', ({ given, list }) => {
  const i = toothRatio.compute({ z_1: list('drivers')[0] ?? Number.NaN, z_2: list('driven')[0] ?? Number.NaN });
  return { i, n_out: drivenSpeed.compute({ n1: given('n1'), i, s: 0 }) };
});
for (const id of ['gear-worm-01', 'gear-worm-02']) {
  proves('drives', id, ({ given }) => {
    const angles = { f: given('f'), phi: given('phi_n'), lambda: given('lead_angle') };
    const eta = wormEfficiency.compute(angles);
    return { eta, eta_back: wormBackward.compute(angles), T2: carriedTorque.compute({ T1: given('T1'), i: given('i'), k: eta }) };
  });
}
