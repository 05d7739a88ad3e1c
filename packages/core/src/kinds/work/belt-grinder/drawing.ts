import { circle, path } from '../../../drawing/sketch.js';
import { type EndDrawing, penOf, round } from '../../shared/body.js';

/** The driven wheel, and the belt up to the two others. */
export const drawsBeltGrinder: EndDrawing = (body) => {
  const [x, y] = body.at;
  const [r, pen] = [body.across / 2, penOf(body)];
  return [
    round(body, 1),
    circle([x + 3.2 * r, y + 1.6 * r], 0.45 * r, pen),
    circle([x + 3.2 * r, y - 1.2 * r], 0.45 * r, pen),
    path(
      [
        [x + 0.2 * r, y + r],
        [x + 3.1 * r, y + 2.05 * r],
      ],
      pen,
    ),
    path(
      [
        [x + 3.65 * r, y + 1.6 * r],
        [x + 3.65 * r, y - 1.2 * r],
      ],
      pen,
    ),
    path(
      [
        [x + 0.2 * r, y - r],
        [x + 3.1 * r, y - 1.65 * r],
      ],
      pen,
    ),
  ];
};
