import { describe, expect, it } from 'vitest';
import { readDrawer } from '../../../drawer/read-part.js';
import { usualStock } from '../../../finder/usual-stock.js';
import type { Bounds, Shelf } from '../../finding.js';
import { steppedBelts } from './find-steps.js';

const bounds = (faster: NonNullable<Bounds['steps']>['faster'], first: readonly [number, number]): Bounds => ({
  shafts: [
    { of: 'source', size_mm: 14 },
    { of: 'work', size_mm: 16 },
  ],
  altering: { boreOut: false, bush: false },
  least_mm: 0,
  most_mm: 400,
  shock: 'light',
  reverse: false,
  steps: { faster, first },
});

/** Length of an open belt, as a geometer draws it: two tangents and two arcs. */
function around(d: number, D: number, C: number): number {
  const lean = Math.asin(Math.abs(D - d) / 2 / C);
  return 2 * C * Math.cos(lean) + Math.PI * ((d + D) / 2) + lean * Math.abs(D - d);
}

/** Distance of the shafts with a belt, by halving. */
function apart(d: number, D: number, L: number): number {
  let [low, high] = [Math.abs(D - d) / 2 + 1e-9, L];
  for (let k = 0; k < 200; k += 1) {
    const middle = (low + high) / 2;
    if (around(d, D, middle) > L) high = middle;
    else low = middle;
  }
  return high;
}

describe('a belt that is moved from step to step', () => {
  it('runs on every set of pairs that one belt serves at one distance, and on no other', () => {
    const sizes = [75, 80, 90, 100, 112, 125, 140, 150, 160, 180];
    const belts = usualStock.belts.A?.filter((_, k) => k % 4 === 0) ?? [];
    const shelf: Shelf = { own: [], made: {}, stock: { ...usualStock, pulleys: { A: sizes }, belts: { A: belts } } };
    const [first, second] = [
      [1.2, 2.6],
      [1.3, 2.4],
    ] as const;
    const found = steppedBelts('A', shelf, bounds([second], first)).map(({ says }) => says);
    const expected: string[] = [];
    for (const d1 of sizes)
      for (const D1 of sizes)
        for (const d2 of sizes)
          for (const D2 of sizes) {
            const [i1, i2] = [D1 / d1 / 0.99, D2 / d2 / 0.99];
            if (i1 < first[0] || i1 > first[1] || i1 / i2 < second[0] || i1 / i2 > second[1] || d2 <= d1 || D2 >= D1) continue;
            const runs = belts.some(({ pitchLength_mm: L }) => {
              const at = [apart(d1, D1, L), apart(d2, D2, L)] as const;
              const isRight = (d: number, D: number, C: number) => {
                const wrap = Math.PI - 2 * Math.asin(Math.abs(D - d) / 2 / C);
                return C >= (d + D + 11) / 2 + 10 && C <= 2 * (d + D) && wrap >= (120 / 180) * Math.PI;
              };
              return Math.abs(at[0] - at[1]) <= 3 && isRight(d1, D1, at[0]) && isRight(d2, D2, at[1]);
            });
            if (runs) expected.push(`V-belt A, ${d1}/${d2} to ${D1}/${D2} mm`);
          }
    expect(expected.length).toBeGreaterThan(20);
    expect(found.sort()).toEqual(expected.sort());
  });

  it('takes two stepped pulleys of one’s own as they were cast: steps that face each other', () => {
    const { own } = readDrawer('cone pulley A 75/100/125/150 mm, bore 14 mm\ncone pulley A 75/100/125/150 mm, bore 16 mm');
    const shelf: Shelf = { own, made: {}, stock: { ...usualStock, pulleys: {} } };
    const found = steppedBelts('A', shelf, bounds([[1.2, 4]], [0.5, 2.1]));
    // 75 faces 150, 100 faces 125, and the other way round: or shifted by a step.
    expect(found.map(({ says }) => says)).toContain('V-belt A, 75/100 to 150/125 mm');
    for (const { says } of found) {
      const [driving = [], driven = []] = says
        .slice('V-belt A, '.length, -' mm'.length)
        .split(' to ')
        .map((steps) => steps.split('/').map(Number));
      const place = (size: number | undefined) => [75, 100, 125, 150].indexOf(size ?? 0);
      const sums = driving.map((size, k) => place(size) + place(driven[k]));
      expect(new Set(sums).size, says).toBe(1);
    }
    expect(found.every(({ takes }) => takes.length === 2 && takes.every((each) => each.own >= 0))).toBe(true);
  });

  it('makes nothing where one speed is wished', () => {
    const { steps: _, ...one } = bounds([], [0, 9]);
    expect(steppedBelts('A', { own: [], made: {}, stock: usualStock }, one)).toEqual([]);
  });
});
