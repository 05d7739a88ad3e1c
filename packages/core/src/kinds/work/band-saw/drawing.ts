import { circle, path } from '../../../drawing/sketch.js';
import { type EndDrawing, penOf, round } from '../../shared/body.js';

/** The driven wheel, and the blade up to the other one. */
export const drawsBandSaw: EndDrawing = (body) => {
  const [x, y] = body.at;
  const r = body.across / 2;
  const pen = penOf(body);
  return [
    round(body, 1),
    round(body, 0.15),
    circle([x, y + 2.3 * body.across], r, pen),
    path(
      [
        [x - r, y],
        [x - r, y + 2.3 * body.across],
      ],
      pen,
    ),
    path(
      [
        [x + r, y],
        [x + r, y + 2.3 * body.across],
      ],
      pen,
    ),
  ];
};
