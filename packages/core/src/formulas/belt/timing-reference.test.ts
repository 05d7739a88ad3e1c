import { expect, it, test } from 'vitest';
import { proves, reference } from '../../../test/reference.js';
import { type TimingProfile, timingLengths, timingMark, timingRow, timingTeeth } from '../../catalog/timing-belts.js';
import { centresFromLength } from '../../geometry/centres-from-length.js';
import { travelForStrain } from '../../geometry/travel-for-strain.js';
import { allowedPull } from './allowed-pull.js';
import { arcOfContact } from './arc-of-contact.js';
import { jumpTorque } from './jump-torque.js';
import { meshFactor } from './mesh-factor.js';
import { teethInMesh } from './teeth-in-mesh.js';
import { timingDiameter } from './timing-diameter.js';
import { timingOutside } from './timing-outside.js';
import { timingRating } from './timing-rating.js';

for (const id of ['timing-pd-01', 'timing-pd-02']) {
  proves('drives', id, ({ given }) => ({ d: timingDiameter.compute({ p: given('p'), z: given('z') }) }));
}

for (const id of ['timing-centre-01', 'timing-centre-03', 'timing-centre-04']) {
  proves('drives', id, ({ given }) => {
    const [p, z] = [given('p'), given('z1')];
    const [d, D] = [timingDiameter.compute({ p, z }), timingDiameter.compute({ p, z: given('z2') })];
    const C = centresFromLength(d, D, p * given('zb')) ?? Number.NaN;
    const wrap = arcOfContact.compute({ d, D, C });
    const mesh = teethInMesh.compute({ z, theta: wrap });
    return { C, wrap_small: wrap, teeth_in_mesh: mesh };
  });
}

proves('drives', 'timing-slot-01', ({ given }) => {
  const p = given('p');
  const [d, D] = [timingDiameter.compute({ p, z: given('z1') }), timingDiameter.compute({ p, z: given('z2') })];
  const L = p * given('zb');
  const C0 = centresFromLength(d, D, L) ?? Number.NaN;
  return { C0, travel: travelForStrain(d, D, L, given('strain')) ?? Number.NaN };
});

test.each([
  ['timing-code-01', 'XL'],
  ['timing-code-02', 'L'],
  ['timing-code-04', '5M'],
] as const)('%s: what the mark says is what the table has, and the mark is written back', (id, profile) => {
  const entry = reference('drives', id);
  const mark = entry.raw('code') as string;
  const [tenths] = mark.match(/^\d+/) as RegExpMatchArray;
  const length_mm = Number(tenths) * (timingRow(profile).inch ? 2.54 : 1);
  const teeth = timingTeeth(profile, length_mm);
  entry.expects('z', teeth);
  entry.expects('pitch', timingRow(profile).pitch_mm);
  const width_mm = { 'timing-code-01': 9.4, 'timing-code-02': 12.7, 'timing-code-04': 15 }[id];
  expect(timingMark(profile, teeth, width_mm)).toBe(mark);
});

// Marks against teeth as ISO 5296 lists them (from memory): tenths of an inch, halves down.
test.each([
  ['XL', ['60', '84', '260'], [30, 42, 130]],
  ['L', ['124', '187', '322', '367', '600'], [33, 50, 86, 98, 160]],
  ['H', ['240', '1700'], [48, 340]],
] as const)('the lengths of %s are marked as the standard marks them', (profile, marks, teeth) => {
  expect(teeth.map((z) => timingMark(profile, z))).toEqual(marks.map((mark) => `${mark}${profile}`));
  for (const z of teeth) expect(timingLengths[profile as TimingProfile]).toContain(z);
});

// Common practice, no source: six teeth carry in full, each one fewer costs a fifth.
it('each tooth under six in mesh costs a fifth', () => {
  expect([9.2, 6, 5.9, 5, 4.08, 3, 1].map((z_m) => meshFactor.compute({ z_m }))).toEqual(
    [1, 1, 0.8, 0.8, 0.6, 0.4, 0].map((k) => expect.closeTo(k, 12)),
  );
});

// By hand, XL of 9.5 mm on 16 teeth at 1750 rpm: 25.87 mm run at 2.371 m/s; (50.17 − 0.022 · 2.371²) · 2.371 = 118.6 W. Half the width: 0.5^1.14 = 0.4538.
it('a rating is pull, less what flies outward, times speed; width counts a little more than in proportion', () => {
  const d = timingDiameter.compute({ p: 5.08, z: 16 });
  const v = (Math.PI * d * 1750) / 60_000;
  const F_a = allowedPull.compute({ T_a: 50.17, b: 9.5, b_0: 9.5, K_z: 1 });
  expect(timingRating.compute({ F_a, F_c: 0.022 * v ** 2, v })).toBeCloseTo(118.64, 1);
  expect(allowedPull.compute({ T_a: 100, b: 4.75, b_0: 9.5, K_z: 1 })).toBeCloseTo(45.38, 2);
});

// Closed form: the spans keep their sum between fixed centres, so that the slack one is at nought when the pull is twice the tension at rest.
it('hangs loose on its slack side at twice the tension at rest', () => {
  const [F_i, d] = [100, 50];
  const T = jumpTorque.compute({ c: 2, F_i, F_c: 0, d });
  const pull = (2000 * T) / d;
  expect(F_i - pull / 2).toBeCloseTo(0, 12);
});

// 20 teeth of XL: 1.27324 in at the pitch; the standard's tables have 1.253 in over the teeth (from memory).
it('is a little smaller over its teeth than at its pitch', () => {
  expect(timingOutside.compute({ d: 1.27324 * 25.4, a: 0.254 }) / 25.4).toBeCloseTo(1.253, 3);
});
