import { expect, it, test } from 'vitest';
import { formulas } from './registry.js';

/**
 * Formulas that no entry of the check files covers, held against sums done by hand from first principles; where the trade or a book has the figure, it
 * is named. By a pocket calculator, not by the code.
 */
const byHand: readonly (readonly [id: string, given: Readonly<Record<string, number>>, expected: number, why: string])[] = [
  ['needed-before', { T_2: 36, i: 4, k: 0.9 }, 10, '36 N·m behind four to one at 90 %: 36 / 3.6'],
  ['assumed-tension', { u: 0.5, F_n: 143 }, 71.5, 'half of what is needed'],
  [
    'belt-heating-time',
    { m: 0.25, L: 2000, c: 1700, dT: 60, T: 5, n: 954.9296586 },
    102,
    '0.5 kg by 1700 J/(kg·K) by 60 K is 51 kJ; 5 N·m at 100 rad/s is 500 W',
  ],
  ['belts-needed', { P_d: 9694, P_1: 3637.8 }, 2.6648, 'Shigley 10e, example 17-4: 13 hp over 4.88 hp is 2.66, three belts'],
  ['chain-speed', { p: 12.7, z: 20, n: 600 }, 2.54, 'ISO 10823 (relation): 20 links of half an inch, ten times a second: 100 in/s'],
  ['power-for-a-time', { P: 1000, h: 0.25, t: 1e6, tau: 1800 }, 500, 'a quarter of the time at twice the load heats alike: 2² · ¼ = 1'],
  ['chain-life', { P_a: 1000, P_d: 4000 }, 1_687_500, '15,000 h over 4 to the 2.5, which is 32'],
  [
    'galling-speed',
    { p: 25.4, z: 17, F: 0 },
    2718.973,
    'Shigley 10e, eq. 17-40 at an inch of pitch: 82.5 / (7.95 · 1.593846) = 6.510891; its logarithm 1.873476 over 1.873 is 1.000254, e to that 2.718973',
  ],
  ['joint-angle-by-speed', { k: 18_000, n: 1500 }, 0.2094395, '12°'],
  ['joint-angle-by-shake', { a: 4210, n: 1420 }, 0.43634, 'known machine bad-11: 25° at 1420 rpm, 148.7 rad/s, are 0.43633² · 148.7² = 4210 rad/s²'],
  ['bite-angle', { h: 65, D: 130 }, Math.PI / 2, 'a hook as deep as the radius cuts over a quarter of a turn'],
  ['hook-bends', { R: 235, b: 5, s: 20, h: 10 }, 7833.3333, 'known work kw-01: 20² · 5 / 6 = 333.3 mm³ at 235 MPa are 78.3 N·m, over 10 mm'],
  ['roll-passes', { s: 1, l: 100, v: 1, rho: 1000, u: 0.5 }, 180, '1 mm by 100 mm by 1 m/s is 0.1 L/s; half of it, a kilogram a litre, is 0.05 kg/s'],
  ['removal-rate', { a: 2, f: 0.2, v: 0.5 }, 12, '0.4 mm² by 30 m a minute'],
  ['knife-stroke', { k: 10, s: 6, d: 40 }, 75.398224, 'known work kw-07: 12.566 cm² by 6 mm are 7.54 cm³, at 10 J/cm³'],
  ['stroke-torque', { E: 75.4, D: 256, d: 40 }, 241.28, 'known work kw-07: 40 mm at 128 mm are 0.3125 rad'],
  ['full-bite-power', { E: 75.4, z: 2, n: 2820 }, 7087.6, 'known work kw-07: 94 strokes a second of 75.4 J'],
  ['nut-pressure', { F: 20_000, d: 27, h: 60 }, 7.8595, '10 threads of 6 mm, each of 27 π by 3 mm: 2544.7 mm²'],
  ['screw-speed', { v: 2, l: 6 }, 20, 'known work kw-46: 2 mm/s are a third of 6 mm'],
  ['screw-feed', { n: 350, l: 9 }, 52.5, 'known work kw-08: 3150 mm a minute'],
  ['pressing-force', { p: 5, A: 100_000 }, 50_000, '5 bar are 0.5 N/mm²'],
  ['coil-spring-rate', { z: 1, d: 2, D: 20, n: 10 }, 2.025, 'Shigley 10e, eq. 10-9: 81 000 · 16 / (8 · 8000 · 10)'],
  ['sag-of-springs', { k: 9.80665, M: 7 }, 7, 'a kilogram a millimetre'],
  ['unbalance', { m: 0.9, e: 45 }, 40.5, 'known work kw-14: 900 g at 45 mm'],
  [
    'shaking-power',
    { F: 1000, X: 2, n: 954.9296586, u: 0.5 },
    50,
    '1000 N by 2 mm by 100 rad/s are 200 W; half of it, a quarter with the other half of it in step',
  ],
  ['edge-share', { h: 40, D: 400 }, 0.1, 'a tenth'],
  ['kerb-grip', { u: 0.1 }, 0.75, 'a triangle of 3, 4, 5: of a wheel of 400 mm the axle is 160 mm over an edge of 40 and 120 behind it'],
  ['kerb-torque', { k: 0.5, m: 100, u: 0.1, D: 400 }, 58.8399, '490.33 N at the 120 mm of the same triangle'],
  ['lift-off-speed', { F_i: 42, m: 0.105 }, 20, '42 N over 0.105 kg/m are 400 m²/s²'],
  ['pull-rating', { F_0: 100, d_0: 30, d: 60, v: 5 }, 250, 'half of 100 N at 5 m/s'],
  ['speed-of-rim', { v: Math.PI, d: 60 }, 1000, 'π m/s on 60 mm: 188.5 mm a turn, 16.67 turns a second'],
  ['crank-torque', { F: 100, r: 350 }, 35, '100 N at 0.35 m'],
  ['derated-power', { P_r: 1000, h: 1525 }, 825, 'five times 305 m, five times 3.5 %'],
  ['driving-speed', { n2: 495, i: 3, s: 0.01 }, 1500, '495 are 99 of 100 of 500, three times'],
  ['fluid-power', { p: 200, Q: 60 }, 20_000, 'a litre a second at 2 · 10⁷ Pa; the trade: kW = bar · L/min / 600'],
  ['mean-current', { I: 13.5, F: 1.35 }, 10, 'NEMA MG 1 (from memory): at a form factor of 1.35 a motor of 13.5 A makes the torque of 10'],
  ['cooled-current', { I: 10, c: 0.36, u: 0 }, 6, 'standing, 36 % of the heat leaves it: six tenths of the current'],
  ['inertia-by-run-up', { t: 0.5, T: 2, n: 954.9296586 }, 0.01, '2 N·m for half a second are 1 N·m·s, at 100 rad/s 0.01 kg·m²'],
  ['oil-motor-torque', { p: 62.83185307, V: 0.1, eta: 1 }, 100, '62.83 bar on 100 cm³ a turn: 628.3 J a turn, over 2π'],
  ['oil-motor-speed', { Q: 40, V: 0.1, eta: 0.95 }, 380, '38 of 40 L/min on 0.1 L a turn; the trade: n = 1000 Q / V'],
  ['air-stall-torque', { P: 500, n_0: 1909.859317 }, 10, 'half of the speed, 100 rad/s, at half of 10 N·m is 500 W'],
  ['push-power', { F: 98.0665, v: 0.5 }, 49.03325, '10 kg lifted by half a metre a second'],
  ['moving-energy', { m: 1000, v: 10 }, 50_000, 'a tonne at 36 km/h: half of 1000 kg at 10 m/s squared'],
  ['friction-loss', { P: 800, k: 0.95 }, 40, 'a twentieth of 800 W'],
  ['geared-angle', { phi: 0.25, i: 6 }, 1.5, 'six times the angle'],
  ['grown-torque', { T_1: 8, n: 500, n_1: 1000, g: 2 }, 2, 'affinity laws (fan textbooks): half the speed, a quarter of the torque'],
  ['lasting-torque', { P_a: 1000, K_s: 1.25, n: 954.9296586 }, 8, '1000 W over 1.25 at 100 rad/s'],
  ['lever-torque', { F: 49.03325, a: 500 }, 24.516625, '5 kg on the scale at half a metre'],
  ['measured-shaft-power', { P_on: 900, P_0: 300, eta: 0.7 }, 420, '600 W more than idling, seven tenths of it at the shaft'],
  ['milling-power', { Q: 1000, w: 3600 }, 1000, 'a tonne an hour at 1 kWh a tonne is 1 kW'],
  ['nip-torque', { z: 3, F: 250, D: 200 }, 75, 'three times 250 N at 0.1 m'],
  ['roll-inertia', { u: 1, rho: 8000, d: 1000 }, 785.3982, 'a metre of a metre round: π/4 · 8000 kg = 6283 kg, half of it times 0.5² m²'],
  ['pitch-from-outside', { d_a: 95, h: 6.6 }, 88.4, '95 less 6.6'],
  [
    'plate-clutch-torque',
    { mu: 0.3, F: 1000, r: 60, z: 2 },
    36,
    '300 N on each of two faces at 60 mm (Shigley 10e, uniform wear on the mean radius)',
  ],
  ['power-from-current', { m: 1.7320508, V: 400, I: 10, eta: 0.8, pf: 0.85 }, 4711.178, '√3 · 400 V · 10 A is 6928.2 VA; 0.68 of it'],
  ['rated-torque', { T_r: 60, f: 1.5 }, 40, '60 over 1.5'],
  ['shaft-from-input', { P: 2000, eta: 0.65 }, 1300, '65 % of 2 kW'],
  ['shrink-torque', { mu: 0.1, p: 40, d: 30, l: 40 }, 226.19467, '4 MPa of friction on π · 30 · 40 = 3769.9 mm² at 15 mm'],
  ['slip-loss', { P: 1000, k: 0.95, s: 0.02 }, 19, 'a fiftieth of the 950 W that are passed on'],
  ['slipped-speed', { n_s: 1500, s: 0.05 }, 1425, 'common plate of four poles at 50 Hz'],
  ['stiff-stopping-torque', { T_0: 0, J: 0.01, k: 400, n: 95.49296586 }, 20, 'ω √(J k) at 10 rad/s: ½ J ω² = T² / 2k'],
  ['stopping-angle', { a: 25, D: 200 }, 0.25, '25 mm on a radius of 100'],
  [
    'drill-thrust',
    { k: 2000, m: 0, f: 0.2, d: 10, p: 4, s: Math.PI, u: 0.7, w: 1.2 },
    1008,
    '3 mm by 0.2 mm of chip at 2000 MPa is 1200 N; seven tenths of it, a fifth more',
  ],
  ['milled-chip', { f: 0.05, a: 4, D: 16 }, 0.025, 'half of 0.05: the root of a quarter'],
  ['tooth-feed', { f: 0.05, z: 4, n: 600 }, 2, '0.2 mm a turn, ten turns a second'],
  ['tooth-bite', { v: 100, z: 3, n: 6000 }, 1 / 3, '6 m/min over 18 000 knives a minute (a planer of three knives)'],
  ['rubbing-power', { F: 25, mu: 0.4, v: 37 }, 370, '10 N at 37 m/s'],
  ['rubbing-torque', { F: 25, mu: 0.4, D: 200 }, 1, '10 N at 100 mm'],
  ['stone-bursts', { I: 8, d: 5 }, 563.67659, '25 mm² of 8 MPa, 10^0.45 = 2.8183829 times stronger as it is small'],
  ['stripping-torque', { s: 5, F_a: 200, d: 50 }, 25, '1000 N at 25 mm'],
  ['stopping-torque', { T_0: 12, E: 50, phi: 0.5 }, 112, '50 J given up within half a radian: 100 N·m on top'],
  ['times-rated', { k: 2.2, T_n: 5 }, 11, '2.2 times 5'],
  ['timing-tension', { k: 0.5, F: 240, F_c: 3 }, 123, 'half of 240, and 3'],
  ['torque-at-tool', { T: 6, G: 12 }, 72, 'six by twelve'],
  ['torque-gain', { i: 3, k: 0.9, G_2: 4 }, 10.8, '2.7 by four'],
];

test.each(byHand)('%s of %o is %d: %s', (id, given, expected) => {
  expect(formulas.get(id)?.compute(given) as number).toBeCloseTo(expected, expected > 1000 ? 2 : 4);
});

// Makers' lists have 0.0007 to 0.001 kg·m² for four poles of 0.37 kW, 0.002 to 0.003 for 1.1 kW, 0.0048 to 0.008 for 2.2 kW (from memory, in round figures).
test.each([
  [370, 0.0007, 0.001],
  [1100, 0.002, 0.003],
  [2200, 0.0048, 0.008],
])('a rotor of %d W is guessed within half and twice of what makers list', (P, least, most) => {
  const guess = (u: number) => formulas.get('rotor-inertia')?.compute({ u, P, p: 4 }) as number;
  expect(guess(2)).toBeGreaterThanOrEqual(least);
  expect(guess(0.5)).toBeLessThanOrEqual(most);
  expect(guess(1)).toBeGreaterThan(least / 2);
  expect(guess(1)).toBeLessThan(most * 2);
});

it('every formula is named in a test that holds it against something from outside', () => {
  const tests = import.meta.glob<string>(
    ['../**/*.test.ts', '!./registry.test.ts', '!./ranges.test.ts', '!../examples.test.ts', '!../procedures/worked-out.test.ts'],
    {
      eager: true,
      query: '?raw',
      import: 'default',
    },
  );
  const all = Object.values(tests).join('\n');
  const nameOf = (id: string) => id.replace(/-(\w)/g, (_, letter: string) => letter.toUpperCase());
  const here = new Set([...byHand.map(([id]) => id), 'rotor-inertia']);
  const held = (id: string) => here.has(id) || all.includes(`'${id}'`) || new RegExp(`\\b${nameOf(id)}\\b`).test(all);
  expect([...formulas.keys()].filter((id) => !held(id))).toEqual([]);
});
