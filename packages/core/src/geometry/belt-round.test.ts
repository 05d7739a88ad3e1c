import fc from 'fast-check';
import { expect, it } from 'vitest';
import { proves, reference } from '../../test/reference.js';
import { openBeltLength } from '../formulas/belt/open-belt-length.js';
import { beltRound, type Rounded } from './belt-round.js';
import { centresFromLength } from './centres-from-length.js';
import { openBeltSpans, type Point } from './open-belt.js';

for (const n of ['01', '02', '03']) {
  proves('drives', `belt-idler-${n}`, ({ list }) => {
    const round = beltRound(
      (list('centres') as unknown as [number, number][]).map(
        ([x, y], k): Rounded => ({ x, y, r: (list('dia')[k] as number) / 2, side: list('side')[k] as 1 | -1 }),
      ),
    );
    return { L: round?.length ?? Number.NaN, wrap: round?.wraps ?? [] };
  });
}
it('has no centres for a belt that does not go round both pulleys', () => {
  expect(centresFromLength(75, 250, 700)).toBeNull();
});

const size = fc.double({ min: 20, max: 400, noNaN: true });
const apart = fc.double({ min: 1.02, max: 8, noNaN: true });

it('the length of an open belt is the way round the hull of both circles: brute force, every point of both rims', () => {
  fc.assert(
    fc.property(size, size, apart, (d, D, times) => {
      const C = ((d + D) / 2) * times;
      const rim = (x: number, r: number) =>
        Array.from({ length: 1500 }, (_, k): Point => ({ x: x + r * Math.cos((k * Math.PI) / 750), y: r * Math.sin((k * Math.PI) / 750) }));
      const around = hull([...rim(0, d / 2), ...rim(C, D / 2)]);
      const length = around.reduce((sum, p, k) => sum + Math.hypot(p.x - (around.at(k - 1) as Point).x, p.y - (around.at(k - 1) as Point).y), 0);
      expect(length / openBeltLength.compute({ d, D, C })).toBeCloseTo(1, 4);
      expect((beltRound([circle(0, d), circle(C, D)])?.length ?? 0) / length).toBeCloseTo(1, 4);
    }),
    { seed: 21, numRuns: 25 },
  );
});

it('finds back the centres a length was made from, and a longer belt needs the shafts further apart', () => {
  fc.assert(
    fc.property(size, size, apart, (d, D, times) => {
      const C = ((d + D) / 2) * times;
      const L = openBeltLength.compute({ d, D, C });
      expect((centresFromLength(d, D, L) ?? 0) / C).toBeCloseTo(1, 8);
      expect(centresFromLength(d, D, L + 5)).toBeGreaterThan(C);
    }),
    { seed: 22, numRuns: 200 },
  );
});

it('round two pulleys it is the open belt, spans and all', () => {
  const { title } = reference('drives', 'belt-open-length-01');
  const [a, b] = [circle(0, 250), circle(450, 100)];
  expect(beltRound([a, b])?.length, title).toBeCloseTo(openBeltLength.compute({ d: 100, D: 250, C: 450 }), 6);
  expect(openBeltSpans(a, b)).not.toBeNull();
});

function circle(x: number, d: number): Rounded {
  return { x, y: 0, r: d / 2, side: 1 };
}

/** Andrew's monotone chain: the points that a rubber band round all of them touches. */
function hull(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (all: readonly Point[]) => {
    const chain: Point[] = [];
    for (const p of all) {
      while (chain.length > 1 && cross(chain.at(-2) as Point, chain.at(-1) as Point, p) <= 0) chain.pop();
      chain.push(p);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

function cross(o: Point, a: Point, b: Point): number {
  return (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);
}
