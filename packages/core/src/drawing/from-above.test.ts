import { describe, expect, it } from 'vitest';
import type { DrawnStage } from '../kinds/kind.js';
import { drawFromAbove } from './from-above.js';
import { drawLine } from './line.js';

const belt: DrawnStage = { kind: 'v-belt', driver: 80, driven: 250, centres: 400, line: [30, 33] };
const chain: DrawnStage = { kind: 'roller-chain', driver: 60, driven: null, centres: 300, line: [90, 90] };
const names = ['motor shaft', 'layshaft', 'tool shaft'];
const stations = names.map((name) => ({ name }));
const paths = (pen: string) =>
  (drawFromAbove([belt, chain], names)?.strokes ?? []).flatMap(({ stroke }) => (stroke.is === 'path' && stroke.pen === pen ? [stroke.through] : []));

describe('a line seen from above', () => {
  it('has each wheel at its place along its shaft, its width that of its diameter, in true millimetres', () => {
    // The shafts of the side view are at 0, 400 and 700; places count from the nearest, 30.
    expect(paths('line').map(([from, , to]) => [from, to])).toEqual([
      [
        [-40, -10],
        [40, 10],
      ],
      [
        [275, -13],
        [525, 7],
      ],
      [
        [370, -70],
        [430, -50],
      ],
    ]);
    expect(paths('centre').map(([from]) => from?.[0])).toEqual([0, 400, 700]);
  });

  it('shows what runs askew as such, and a wheel without a size dashed', () => {
    expect(paths('askew')).toEqual([
      [
        [0, 0],
        [400, -3],
      ],
    ]);
    expect(paths('belt')).toEqual([
      [
        [400, -60],
        [700, -60],
      ],
    ]);
    expect(paths('hidden')).toHaveLength(1);
    expect(drawFromAbove([belt, chain], names)?.hasUsual).toBe(true);
    expect(drawFromAbove([belt], names)?.hasUsual).toBe(false);
  });

  it('says the places in the units of who reads it', () => {
    const notes = (units: 'metric' | 'inch') =>
      drawFromAbove([belt], names, units)?.strokes.flatMap(({ stroke }) => (stroke.is === 'note' ? [stroke.says] : []));
    expect(notes('metric')).toEqual(['30 mm', '33 mm']);
    // 30 / 25.4 and 33 / 25.4.
    expect(notes('inch')).toEqual(['1.18 in', '1.30 in']);
  });

  it('is nothing until the places of two wheels are entered', () => {
    expect(drawFromAbove([{ ...belt, line: [30, null] }], names)).toBeNull();
    expect(drawFromAbove([], ['shaft'])).toBeNull();
  });
});

it('on paper the view from above is below the side view, at the same x; without it the side view is all', () => {
  const both = drawLine({ outlines: [belt], stations });
  const side = drawLine({ outlines: [{ ...belt, line: undefined }], stations });
  expect([both.left, both.right, both.top]).toEqual([side.left, side.right, side.top]);
  expect(both.strokes.slice(0, side.strokes.length)).toEqual(side.strokes);
  const ys = both.strokes.slice(side.strokes.length).flatMap(({ stroke }) => (stroke.is === 'path' ? stroke.through.map(([, y]) => y) : []));
  expect(Math.max(...ys)).toBe(side.bottom - 40);
  expect(Math.min(...ys)).toBe(both.bottom);
});
