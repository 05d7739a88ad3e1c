import { proves } from '../../../test/reference.js';
import { carrierHeldRatio } from './carrier-held-ratio.js';
import { drivenSpeed } from './driven-speed.js';
import { planetaryRatio } from './planetary-ratio.js';
import { toothRatio } from './tooth-ratio.js';
import { wormBackward } from './worm-backward.js';
import { wormEfficiency } from './worm-efficiency.js';

proves('drives', 'gear-planet-pub-01', ({ given }) => {
  const i = planetaryRatio.compute({ z_r: given('zr'), z_s: given('zs') });
  return { i, n_carrier: given('n_sun') / i };
});
// In at the sun, out at the ring, the other way round.
proves('drives', 'gear-planet-01', ({ given }) => {
  const i = carrierHeldRatio.compute({ z_r: given('zr'), z_s: given('zs') });
  return { i: -i, n_ring: -given('n_sun') / i };
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
    return { eta, eta_back: wormBackward.compute(angles), T2: given('T1') * given('i') * eta };
  });
}
