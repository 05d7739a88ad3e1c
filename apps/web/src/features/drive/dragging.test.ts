import type { DrawnStage } from '@hobrek/core';
import { expect, it } from 'vitest';
import { fitDrawing } from '../../kinds/machine-drawing.js';
import { draggedBy, rimDragged } from './dragging.js';

/** A belt whose driven shaft is so far to the right of and above the driving one, mm. */
const belt = (x: number, y: number): DrawnStage => ({
  kind: 'v-belt',
  driver: 75,
  driven: 250,
  centres: Math.hypot(x, y),
  angle: Math.atan2(y, x),
});

it.each([
  [30, -50, 'up and to the right'],
  [-20, 40, 'down and to the left'],
  [0, 25, 'straight down'],
])('a shaft dragged %d and %d px is as far %s on the screen', (dx, dy) => {
  const { frame, shafts } = fitDrawing([belt(420, 0)], { width: 800, height: 400 });
  const by = draggedBy(frame, [dx, dy]);
  const after = fitDrawing([belt(420 + by.x, by.y)], { width: 800, height: 400, frame });
  expect((after.shafts[1]?.x ?? 0) - (shafts[1]?.x ?? 0)).toBeCloseTo(dx, 6);
  expect((after.shafts[1]?.y ?? 0) - (shafts[1]?.y ?? 0)).toBeCloseTo(dy, 6);
});

it('a rim pulled up by its radius makes the wheel twice as large, down half; what would be nothing stays a twentieth', () => {
  const frame = { scale: 0.5 };
  // A wheel of 200 mm is drawn with a radius of 50 px.
  expect(rimDragged(frame, 200, -50)).toBeCloseTo(2, 9);
  expect(rimDragged(frame, 200, 25)).toBeCloseTo(0.5, 9);
  expect(rimDragged(frame, 200, 900)).toBe(0.05);
});
