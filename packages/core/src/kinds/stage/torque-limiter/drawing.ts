import { path } from '../../../drawing/sketch.js';
import { halves, onAxis, type StageDrawing } from '../../shared/drawn-wheels.js';

/** Two flanges and the pin between them. */
export const drawsTorqueLimiter: StageDrawing = (placed) => {
  const { axis, y, middle, half } = onAxis(placed);
  const [pin, above] = [half / 3, y + 0.6 * half];
  return [
    axis,
    ...halves(placed, half / 12),
    path(
      [
        [middle - pin, above],
        [middle + pin, above],
      ],
      'belt',
    ),
  ];
};
