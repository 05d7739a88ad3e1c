import { expect, test } from 'vitest';
import { proves } from '../../../test/reference.js';
import { lengthFactor, newerCoefficients, olderCoefficients, pitchLength, type VBeltSection, vBeltSections } from '../../catalog/v-belts.js';
import { type Figure, known } from '../../figure/figure.js';
import { centresFromLength } from '../../geometry/centres-from-length.js';
import type { Unit } from '../../quantity/quantities.js';
import { shaftPower } from '../power/shaft-power.js';
import { drivenSpeed } from '../transmission/driven-speed.js';
import { margin } from '../transmission/margin.js';
import { allowedPower } from './allowed-power.js';
import { arcFactor } from './arc-factor.js';
import { arcFactorIso } from './arc-factor-iso.js';
import { arcOfContact } from './arc-of-contact.js';
import { beltPasses } from './belt-passes.js';
import { beltPullDifference } from './belt-pull-difference.js';
import { beltSlipTorque } from './belt-slip-torque.js';
import { beltsNeeded } from './belts-needed.js';
import { bendingPeak } from './bending-peak.js';
import { centrifugalTension } from './centrifugal-tension.js';
import { crossedBeltLength } from './crossed-belt-length.js';
import { crossedWrap } from './crossed-wrap.js';
import { designPower } from './design-power.js';
import { neededTension } from './needed-tension.js';
import { newerRating } from './newer-rating.js';
import { olderRating } from './older-rating.js';
import { openBeltLength } from './open-belt-length.js';
import { pulleyRatio } from './pulley-ratio.js';
import { pushForTension } from './push-for-tension.js';
import { rimSpeed } from './rim-speed.js';
import { seriesBeltLength } from './series-belt-length.js';
import { seriesCentres } from './series-centres.js';
import { shaftPull } from './shaft-pull.js';
import { shimTravel } from './shim-travel.js';
import { spanLength } from './span-length.js';
import { stretchedTension } from './stretched-tension.js';
import { tensionFromPush } from './tension-from-push.js';
import { tensionFromTone } from './tension-from-tone.js';
import { tensionRatio } from './tension-ratio.js';
import { toneForTension } from './tone-for-tension.js';
import { wedgeFriction } from './wedge-friction.js';

for (const n of ['01', '02', '03', '04', '05', '06']) {
  proves('drives', `belt-open-length-${n}`, ({ given }) => {
    const [d, D, C] = [given('d'), given('D'), given('C')];
    return { L: openBeltLength.compute({ d, D, C }), L_approx: seriesBeltLength.compute({ d, D, C }), wrap_small: arcOfContact.compute({ d, D, C }) };
  });
}
for (const n of ['01', '02', '03']) {
  proves('drives', `belt-crossed-length-${n}`, ({ given }) => {
    const [d, D, C] = [given('d'), given('D'), given('C')];
    return { L: crossedBeltLength.compute({ d, D, C }), wrap: crossedWrap.compute({ d, D, C }) };
  });
}
for (const n of ['01', '02', '03', '04']) {
  proves('drives', `belt-centre-${n}`, ({ given }) => {
    const [d, D, L] = [given('d'), given('D'), given('L')];
    return { C: centresFromLength(d, D, L) ?? Number.NaN, C_approx: seriesCentres.compute({ d, D, L }) };
  });
}
proves('drives', 'belt-centre-pub-01', ({ given }) => {
  const [d, D] = [given('d'), given('D')];
  const C = seriesCentres.compute({ d, D, L: given('L') });
  return { C_approx: C, wrap_small: arcOfContact.compute({ d, D, C }) };
});

for (const id of ['v-wedge-01', 'v-wedge-03']) {
  proves('drives', id, ({ given }) => {
    const mu = wedgeFriction.compute({ mu: given('mu'), g: given('groove') });
    return { mu_eff: mu, ratio: tensionRatio.compute({ mu, theta: given('theta') }) };
  });
}
test('the friction of the ratings makes five to one at half a turn', () => {
  expect(tensionRatio.compute({ mu: 0.5123, theta: Math.PI })).toBeCloseTo(5, 2);
});

for (const id of ['v-pub-01', 'v-count-02']) {
  proves('drives', id, ({ given }) => {
    const Ha = allowedPower.compute({ z: 1, P_r: given('Htab'), K_1: given('K1'), K_2: given('K2') });
    const Hd = designPower.compute({ P: designPower.compute({ P: given('Hnom'), K_s: given('nd') }), K_s: given('Ks') });
    return { Ha, Hd, Nb_exact: beltsNeeded.compute({ P_d: Hd, P_1: Ha }) };
  });
}

/** Kc in lbf at 1000 ft/min is a mass per length: Kc · 4.44822 N / (5.08 m/s)². */
const massOf = (Kc: number) => (Kc * 4.4482216152605) / 5.08 ** 2;
proves('drives', 'v-pub-02', ({ given }) => {
  const [d, n, z] = [given('d'), given('n'), given('Nb')];
  const v = rimSpeed.compute({ d, n });
  const e = tensionRatio.compute({ mu: given('mu_eff'), theta: given('theta') });
  const F_c = centrifugalTension.compute({ m: massOf(given('Kc')), v });
  const dF = beltPullDifference.compute({ P: given('Hd'), v, z });
  // The book's initial tension leaves the centrifugal part out.
  return { ef: e, Fc: F_c, dF, Fi: neededTension.compute({ dF, e, F_c: 0 }) };
});
proves('drives', 'v-pub-03', ({ given }) => {
  // Kb is read as a torque, N·m; the formula takes N·mm.
  const peak = (d: number) => bendingPeak.compute({ F_1: given('F1'), K_b: 1000 * given('Kb'), d });
  const [T_1, T_2] = [peak(given('d')), peak(given('D'))];
  return { T1: T_1, T2: T_2, Np: beltPasses.compute({ K: given('K'), b: given('b'), T_1, T_2 }) };
});
proves('drives', 'v-k1-01', ({ list }) => ({ K1: list('theta').map((theta) => arcFactor.compute({ theta })) }));
proves('drives', 'v-calpha-01', ({ list }) => ({ c: list('theta').map((theta) => arcFactorIso.compute({ theta })) }));
for (const id of ['v-length-01', 'v-length-02']) {
  proves('drives', id, ({ given, raw }) => {
    const Lp = pitchLength(raw('section') as VBeltSection, given('L_in')) ?? Number.NaN;
    return { Lp, Lp_mm: Lp };
  });
}
proves('drives', 'v-kc-01', ({ given }) => {
  const v = rimSpeed.compute({ d: given('d'), n: given('n') });
  return { V: v, Fc: centrifugalTension.compute({ m: massOf(given('Kc')), v }) };
});
proves('drives', 'v-slip-01', ({ given }) => {
  const [d, D, C, z] = [given('d'), given('D'), given('C'), given('Nb')];
  const e = tensionRatio.compute({ mu: wedgeFriction.compute({ mu: given('mu'), g: given('groove') }), theta: arcOfContact.compute({ d, D, C }) });
  const T = beltSlipTorque.compute({ z, F_i: given('Fi'), F_c: 0, e, d });
  return { T_slip: T, P_slip: shaftPower.compute({ T, n: given('n') }) };
});

for (const id of ['deflect-01', 'deflect-02']) {
  proves('drives', id, ({ given }) => {
    const [T, s] = [given('T'), spanLength.compute({ d: given('d'), D: given('D'), C: given('C') })];
    const q = given('q_over_s') * s;
    const F = pushForTension.compute({ T, q, s });
    expect(tensionFromPush.compute({ F, q, s })).toBeCloseTo(T, 9);
    return { span: s, q, F };
  });
}
for (const id of ['deflect-stretch-02', 'deflect-stretch-03']) {
  proves('drives', id, ({ given }) => {
    const [s, q, L, EA] = [given('s'), given('q'), given('Lb'), given('EA')];
    const T = stretchedTension.compute({ T_0: given('T0'), EA, s, q, L });
    const F = pushForTension.compute({ T, q, s });
    return { T, F, share: margin.compute({ needs: given('T0'), has: T }) };
  });
}
proves('drives', 'span-tone-01', ({ given }) => ({ T: tensionFromTone.compute({ m: given('m'), s: given('L'), f: given('f') }) }));
for (const id of ['span-tone-02', 'span-tone-03']) {
  proves('drives', id, ({ given }) => ({ f: toneForTension.compute({ T: given('T'), m: given('m'), s: given('L') }) }));
}
proves('drives', 'shim-tension-01', ({ given }) => {
  const dC = shimTravel.compute({ L: given('L'), T: given('T_target'), T_0: given('T0'), EA: given('EA') });
  return { dC };
});

/** A figure known from end to end, as someone types a guess. */
const between = <U extends Unit>(unit: U, [low, high]: readonly number[]) =>
  known(unit, ((low ?? 0) + (high ?? 0)) / 2, { by: 'limit', source: '' }, [low ?? 0, high ?? 0]);
const ends = (figure: Figure) => (figure.known ? [figure.low ?? figure.value, figure.high ?? figure.value] : []);

proves('drives', 'range-02', ({ list }) => {
  const i = pulleyRatio({ d1: between('mm', list('d')), d2: between('mm', list('D')) });
  return { n2: ends(drivenSpeed({ n1: between('rpm', list('n')), i, s: between('1', [0, 0]) })) };
});
proves('drives', 'range-03', ({ list }) => {
  const e = tensionRatio({
    mu: wedgeFriction({ mu: between('1', list('mu')), g: between('rad', list('groove')) }),
    theta: between('rad', list('theta')),
  });
  return {
    T: ends(beltSlipTorque({ z: between('1', [1, 1]), F_i: between('N', list('Fi')), F_c: between('N', [0, 0]), e, d: between('mm', list('d')) })),
  };
});

// Shigley's Mechanical Engineering Design (10e), table 17-12: hp at 1000 to 5000 ft/min at ratio 1, read from memory to 0.05 hp.
test.each([
  ['A', 2.6, [0.47, 0.62, 0.53, 0.15]],
  ['A', 3.4, [0.81, 1.31, 1.57, 1.53, 1.12]],
  ['B', 4.2, [1.07, 1.58, 1.68, 1.26, 0.22]],
  ['B', 5.4, [1.59, 2.62, 3.24, 3.34, 2.82]],
  ['B', 7, [2.01, 3.47, 4.5, 5.01, 4.9]],
  ['C', 6, [1.84, 2.66, 2.72, 1.87]],
  ['C', 12, [4.09, 7.15, 9.46, 10.9, 11.1]],
  ['D', 10, [4.14, 6.13, 6.55, 5.09, 1.35]],
] as const)('the older rating makes the row of section %s, %d in', (section, inches, row) => {
  const { a, b, c } = olderCoefficients[section];
  row.forEach((hp, k) => {
    const P = olderRating.compute({ v: k + 1, a, b, c, r: 1, d: inches * 25.4 });
    expect(Math.abs(P / 745.699872 - hp)).toBeLessThanOrEqual(0.055);
  });
});

test('the newer standard allows more than the older on a small pulley, and at most about twice', () => {
  for (const section of ['A', 'B', 'C'] as const) {
    const d = vBeltSections[section].least_mm;
    const { k1, k2, k3, k4 } = newerCoefficients[section];
    const newer = newerRating.compute({ d, n: 1450, k1, k2, k3, k4, K: 1 });
    const older = olderRating.compute({ v: rimSpeed.compute({ d, n: 1450 }) / 5.08, ...olderCoefficients[section], r: 1, d });
    expect(newer / older).toBeGreaterThan(1);
    expect(newer / older).toBeLessThan(2.2);
  }
});

test('length factors rise with length and are 1 in the middle of the range (Shigley, table 17-14)', () => {
  expect([lengthFactor('A', 68 * 25.4), lengthFactor('B', 85 * 25.4), lengthFactor('B', 112 * 25.4), lengthFactor('SPZ', 1000)]).toEqual([
    1,
    1,
    1.05,
    null,
  ]);
});

test('the pull on a shaft is both spans where the belt lies half round, and less where it lies on less', () => {
  expect(shaftPull.compute({ z: 2, F_i: 100, theta: Math.PI })).toBeCloseTo(400, 9);
  expect(shaftPull.compute({ z: 2, F_i: 100, theta: (2 * Math.PI) / 3 })).toBeCloseTo(346.41, 2);
});
