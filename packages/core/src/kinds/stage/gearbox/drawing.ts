import { box, circle, shape } from '../../../drawing/sketch.js';
import { onAxis, type StageDrawing } from '../../shared/drawn-wheels.js';

/** Its case, and two wheels in it that are not entered. */
export const drawsGearbox: StageDrawing = (placed) => {
  const { axis, y, middle, half } = onAxis(placed);
  return [
    axis,
    shape(box(middle - half, y - half, middle + half, y + half)),
    circle([middle - 0.4 * half, y], 0.3 * half, 'pitch'),
    circle([middle + 0.35 * half, y], 0.5 * half, 'pitch'),
  ];
};
