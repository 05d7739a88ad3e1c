import type { Point } from '@hobrek/core';
import type { Frame } from '../../kinds/machine-drawing.js';

/** How far in the machine a drag on the screen goes, mm: pixels count downwards, the machine upwards. */
export const draggedBy = ({ scale }: Pick<Frame, 'scale'>, [dx_px, dy_px]: readonly [number, number]): Point => ({
  x: dx_px / scale,
  y: -dy_px / scale,
});

/** A wheel’s size after its upper rim was dragged, as a share of the size before: up makes it larger, and never less than a twentieth of it is left. */
export const rimDragged = ({ scale }: Pick<Frame, 'scale'>, diameter_mm: number, dy_px: number): number =>
  Math.max(0.05, 1 - (2 * dy_px) / scale / diameter_mm);
