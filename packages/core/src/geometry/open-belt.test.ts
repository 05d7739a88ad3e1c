import fc from 'fast-check';
import { expect, it } from 'vitest';
import { openBeltLength } from '../formulas/belt/open-belt-length.js';
import { layOut } from './lay-out.js';
import { type Circle, openBeltSpans, type Point } from './open-belt.js';

const between = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);

/** How far a point lies from the line through two others. */
function offLine(p: Point, [a, b]: readonly [Point, Point]): number {
  return Math.abs((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)) / between(a, b);
}

it('draws true tangents: each span touches each circle at its end and comes no nearer, and both with the arcs make up the belt', () => {
  const size = fc.double({ min: 5, max: 500, noNaN: true });
  fc.assert(
    fc.property(size, size, fc.double({ min: 1.01, max: 10, noNaN: true }), fc.double({ min: 0, max: 6.28, noNaN: true }), (r1, r2, apart, turn) => {
      const C = (r1 + r2) * apart;
      const a: Circle = { x: 10, y: -20, r: r1 };
      const b: Circle = { x: 10 + C * Math.cos(turn), y: -20 + C * Math.sin(turn), r: r2 };
      const spans = openBeltSpans(a, b);
      expect(spans).not.toBeNull();
      for (const span of spans ?? []) {
        expect(between(span[0], a)).toBeCloseTo(r1, 6);
        expect(between(span[1], b)).toBeCloseTo(r2, 6);
        expect(offLine(a, span)).toBeCloseTo(r1, 6);
        expect(offLine(b, span)).toBeCloseTo(r2, 6);
      }
      const lean = Math.asin((r2 - r1) / C);
      const arcs = r1 * (Math.PI - 2 * lean) + r2 * (Math.PI + 2 * lean);
      const straight = (spans ?? []).reduce((sum, [from, to]) => sum + between(from, to), 0);
      expect((straight + arcs) / openBeltLength.compute({ d: 2 * r1, D: 2 * r2, C })).toBeCloseTo(1, 9);
    }),
    { seed: 3, numRuns: 200 },
  );
});

it('has no spans where one circle lies inside the other', () => {
  expect(openBeltSpans({ x: 0, y: 0, r: 100 }, { x: 50, y: 0, r: 20 })).toBeNull();
});

it('places shafts at their true distances and says where it had to assume one', () => {
  const laid = layOut([
    { driver: 75, driven: 250, centres: 420 },
    { driver: 60, driven: null, centres: null },
    { driver: 100, driven: 100, centres: 90 },
  ]);
  expect(laid.shafts.slice(0, 2)).toEqual([
    { x: 0, y: 0 },
    { x: 420, y: 0 },
  ]);
  expect(laid.assumed).toEqual([1, 2]);
  expect([laid.top, laid.bottom]).toEqual([125, -125]);
  expect(laid.left).toBe(-37.5);
  // Assumed or not, no two wheels of a stage run into each other.
  for (const stage of [0, 1, 2]) {
    const [a, b] = laid.wheels.filter((wheel) => wheel.stage === stage);
    expect((b?.x ?? 0) - (a?.x ?? 0)).toBeGreaterThan((a?.r ?? 0) + (b?.r ?? 0));
  }
});

it('puts a shaft where its angle says, seen from the one before', () => {
  const { shafts, top } = layOut([
    { driver: 80, driven: 200, centres: 400, angle: Math.PI / 2 },
    { driver: 60, driven: 120, centres: 300, angle: Math.PI },
  ]);
  expect(shafts[1]?.x).toBeCloseTo(0, 9);
  expect(shafts[1]?.y).toBeCloseTo(400, 9);
  expect(shafts[2]?.x).toBeCloseTo(-300, 9);
  expect(top).toBeCloseTo(500, 9);
});
