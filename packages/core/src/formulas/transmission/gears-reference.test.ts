import { proves } from '../../../test/reference.js';
import { planetaryRatio } from './planetary-ratio.js';
import { wormBackward } from './worm-backward.js';
import { wormEfficiency } from './worm-efficiency.js';

proves('drives', 'gear-planet-pub-01', ({ given }) => {
  const i = planetaryRatio.compute({ z_r: given('zr'), z_s: given('zs') });
  return { i, n_carrier: given('n_sun') / i };
});
for (const id of ['gear-worm-01', 'gear-worm-02']) {
  proves('drives', id, ({ given }) => {
    const angles = { f: given('f'), phi: given('phi_n'), lambda: given('lead_angle') };
    const eta = wormEfficiency.compute(angles);
    return { eta, eta_back: wormBackward.compute(angles), T2: given('T1') * given('i') * eta };
  });
}
