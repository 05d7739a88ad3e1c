import { type At, path } from '../../../drawing/sketch.js';
import { halves, onAxis, type StageDrawing } from '../../shared/drawn-wheels.js';

/** Two hubs that face each other, their jaws in each other. */
export const drawsCoupling: StageDrawing = (placed) => {
  const { axis, y, middle, half } = onAxis(placed);
  const [gap, quarter] = [half / 6, half / 2];
  const jaws: At[] = [0, 1, 2, 3].flatMap((k): At[] => {
    const x = middle + (k % 2 === 0 ? -gap / 2 : gap / 2);
    return [
      [x, y - half + k * quarter],
      [x, y - half + (k + 1) * quarter],
    ];
  });
  return [axis, ...halves(placed, gap), path(jaws)];
};
