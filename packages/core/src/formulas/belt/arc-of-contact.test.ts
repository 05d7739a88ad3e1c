import { expect, test } from 'vitest';
import { reference } from '../../../test/reference.js';
import { arcOfContact } from './arc-of-contact.js';

const three = reference('drives', 'belt-wrap-01');
test(three.title, () => {
  const [D, d, C] = [three.given('D'), three.given('d'), three.given('C')];
  three.expects('wrap_small', arcOfContact.compute({ d, D, C }));
  three.expects('wrap_large', arcOfContact.compute({ d: D, D: d, C }));
  // The shop rule 180 − 60(D − d)/C is an estimate of the same: within 2° here.
  expect((arcOfContact.compute({ d, D, C }) * 180) / Math.PI).toBeCloseTo(180 - (60 * (D - d)) / C, -1);
});

test('equal pulleys are wrapped half round, at any distance', () => {
  expect(arcOfContact.compute({ d: 100, D: 100, C: 260 })).toBeCloseTo(Math.PI, 12);
});

test('both arcs together are one turn', () => {
  expect(arcOfContact.compute({ d: 75, D: 250, C: 420 }) + arcOfContact.compute({ d: 250, D: 75, C: 420 })).toBeCloseTo(2 * Math.PI, 12);
});
