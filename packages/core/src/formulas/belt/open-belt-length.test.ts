import { expect, test } from 'vitest';
import { openBeltLength } from './open-belt-length.js';

test('does not care which pulley is called which', () => {
  expect(openBeltLength.compute({ d: 75, D: 250, C: 420 })).toBeCloseTo(openBeltLength.compute({ d: 250, D: 75, C: 420 }), 10);
});

test('is the convex hull of both circles: a string round many points on them is as long', () => {
  const [d, D, C] = [75, 250, 420];
  const rim = (x: number, r: number) =>
    Array.from({ length: 20_000 }, (_, k) => [x + r * Math.cos((k * Math.PI) / 10_000), r * Math.sin((k * Math.PI) / 10_000)] as const);
  const points = [...rim(0, d / 2), ...rim(C, D / 2)].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  expect(openBeltLength.compute({ d, D, C })).toBeCloseTo(hullLength(points), 3);
});

/** Andrew's monotone chain. */
function hullLength(points: readonly (readonly [number, number])[]): number {
  const half = (from: readonly (readonly [number, number])[]) => {
    const hull: (readonly [number, number])[] = [];
    for (const p of from) {
      while (hull.length >= 2) {
        const [a, b] = hull.slice(-2) as [readonly [number, number], readonly [number, number]];
        if ((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]) > 0) break;
        hull.pop();
      }
      hull.push(p);
    }
    return hull;
  };
  const hull = [...half(points).slice(0, -1), ...half([...points].reverse()).slice(0, -1)];
  return hull.reduce(
    (sum, p, k) => sum + Math.hypot(p[0] - (hull[(k + 1) % hull.length]?.[0] ?? 0), p[1] - (hull[(k + 1) % hull.length]?.[1] ?? 0)),
    0,
  );
}
