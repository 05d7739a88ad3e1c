import { expect, test } from 'vitest';
import { proves } from '../../../test/reference.js';
import { chains, chainsLike, evenLinks, pitchOfNumber, strandFactors } from '../../catalog/chains.js';
import { type Figure, known, picked } from '../../figure/figure.js';
import { ratedTorque } from '../transmission/rated-torque.js';
import { toothRatio } from '../transmission/tooth-ratio.js';
import { chainCentres } from './chain-centres.js';
import { chainLinks } from './chain-links.js';
import { chainPull } from './chain-pull.js';
import { chordalVariation } from './chordal-variation.js';
import { lineAngle } from './line-angle.js';
import { plateRating } from './plate-rating.js';
import { rollerRating } from './roller-rating.js';
import { slackSag } from './slack-sag.js';
import { sprocketDiameter } from './sprocket-diameter.js';
import { sprocketOutside } from './sprocket-outside.js';
import { strandRating } from './strand-rating.js';

const watts = (value: number) => known('W', value, { by: 'limit', source: '' });
const likelyOf = (figure: Figure) => (figure.known ? figure.value : Number.NaN);

for (const n of ['01', '02', '03']) {
  proves('drives', `chain-sprocket-${n}`, ({ given }) => {
    const [p, z] = [given('p'), given('z')];
    return { d: sprocketDiameter.compute({ p, z }), od: sprocketOutside.compute({ p, z }), chordal: chordalVariation.compute({ z }) };
  });
}
for (const n of ['01', '02', '03', '04']) {
  proves('drives', `chain-length-${n}`, ({ given }) => {
    const [C, p, z_1, z_2] = [given('C'), given('p'), given('z1'), given('z2')];
    const L_p = chainLinks.compute({ C, p, z_1, z_2 });
    const links = evenLinks(L_p);
    return { L_p, links, C_adj: chainCentres.compute({ p, N: links, z_1, z_2 }) };
  });
}
for (const n of ['01', '02']) {
  proves('drives', `chain-centre-${n}`, ({ given }) => ({
    C: chainCentres.compute({ p: given('p'), N: given('links'), z_1: given('z1'), z_2: given('z2') }),
  }));
}
proves('drives', 'chain-power-01', ({ given, list }) => ({
  H1: list('p').map((p, k) => plateRating.compute({ k: list('k')[k] as number, z: given('z'), n: given('n'), p })),
}));
for (const n of ['02', '03']) {
  proves('drives', `chain-power-${n}`, ({ given }) => {
    const [z, speed, p] = [given('z'), given('n'), given('p')];
    const H1 = plateRating.compute({ k: given('k'), z, n: speed, p });
    const H2 = rollerRating.compute({ K_r: given('Kr'), z, p, n: speed });
    return { H1, H2, H: likelyOf(picked('least', 'W', [watts(H1), watts(H2)])) };
  });
}
// The tooth correction is the plates' own exponent: the rating at z teeth over that at 17.
proves('drives', 'chain-factors-01', ({ given }) => {
  const at = (z: number) => plateRating.compute({ k: 0.004, z, n: 100, p: 12.7 });
  const K1 = toothRatio.compute({ z_1: at(17), z_2: at(given('z')) });
  const K2 = strandFactors[given('strands') - 1] ?? 0;
  const rated = strandRating.compute({ K_2: K2, P_r: strandRating.compute({ K_2: K1, P_r: given('Htab') }) });
  return { K1, K2, H: ratedTorque.compute({ T_r: rated, f: given('Ks') }) };
});
for (const n of ['01', '02']) {
  proves('drives', `chain-pull-${n}`, ({ given }) => {
    const F = chainPull.compute({ T: given('T'), d: sprocketDiameter.compute({ p: given('p'), z: given('z') }) });
    return { F };
  });
}
proves('drives', 'chain-sag-01', ({ given }) => {
  return { sag: slackSag.compute({ s: given('s'), e: given('extra') }) };
});
proves('drives', 'chain-line-01', ({ given }) => ({ angle: lineAngle.compute({ o: given('offset'), C: given('C') }) }));
proves('drives', 'chain-decode-01', ({ raw }) => ({ p_in: (raw('codes') as string[]).map((code) => (pitchOfNumber(code) ?? Number.NaN) * 25.4) }));

test('sizes that look alike are told apart by what a calliper reads', () => {
  expect(chainsLike(9.5, 5.1, null)).toEqual(['35']);
  expect(chainsLike(9.5, 6.3, null)).toEqual(['06B']);
  expect(chainsLike(12.7, 7.9, 7.9)).toEqual(['40']);
  expect(chainsLike(12.7, 8.5, 7.8)).toEqual(['428', '08B']);
  expect(chainsLike(12.7, 7.77, 6.3)).toEqual(['41', '420']);
  expect(chainsLike(8, 4.8, 4.7)).toEqual(['T8F']);
  expect(chainsLike(7, 4.8, 4.7)).toEqual([]);
});

test('every size has the pitch its number says, and breaks above an eighth that it may pull', () => {
  for (const [size, { pitch_mm, breaks_N }] of Object.entries(chains)) {
    // Numbers of motorcycle, kart and cycle chains are not eighths of an inch.
    const said = /^(\d\d\d|T8F|25H)$/.test(size) ? null : pitchOfNumber(size);
    if (said !== null) expect(Math.abs(said * 25.4 - pitch_mm)).toBeLessThan(0.01);
    expect(breaks_N).toBeGreaterThan(3000);
  }
});

// ISO 9633, from memory: 082 is 1/2 × 3/32 in, 2.38 mm between the plates, and breaks above 9800 N. JASO and makers, from memory: 219 has a pitch of 7.774 mm; ISO 10190: 530 is 5/8 × 3/8.
test('rows of cycle and kart chains', () => {
  expect(chains['082']).toMatchObject({ pitch_mm: 12.7, width_mm: 2.38, breaks_N: 9800 });
  expect(chains['219']).toMatchObject({ pitch_mm: 7.774 });
  expect(chains['530']).toMatchObject({ pitch_mm: 15.875, width_mm: 9.53 });
});

test('no two sizes are one, and of one pitch the wider is never rated less by its rollers', () => {
  const rows = Object.entries(chains);
  expect(new Set(rows.map(([, { pitch_mm, roller_mm, width_mm, breaks_N }]) => `${pitch_mm} ${roller_mm} ${width_mm} ${breaks_N}`)).size).toBe(
    rows.length,
  );
  const light = (['082', '081', '415', '41'] as const).map((size) => chains[size].rating.K_r);
  const heavy = (['420', '428', '40'] as const).map((size) => chains[size].rating.K_r);
  for (const row of [light, heavy]) expect(row).toEqual([...row].sort((a, b) => a - b));
});
