import { expect, test } from 'vitest';
import { reference } from '../../../test/reference.js';
import { drivenSpeed } from '../transmission/driven-speed.js';
import { pulleyRatio } from './pulley-ratio.js';

const slipping = reference('drives', 'ratio-speed-02');
test(slipping.title, () => {
  const i = pulleyRatio.compute({ d1: slipping.given('d1'), d2: slipping.given('d2') });
  slipping.expects('i', i);
  slipping.expects('n2', drivenSpeed.compute({ n1: slipping.given('n1'), i, s: slipping.given('slip') }));
});

test('there and back again is no reduction', () => {
  expect(pulleyRatio.compute({ d1: 75, d2: 250 }) * pulleyRatio.compute({ d1: 250, d2: 75 })).toBeCloseTo(1, 12);
});
