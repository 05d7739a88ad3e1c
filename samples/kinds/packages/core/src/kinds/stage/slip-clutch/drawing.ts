import { halves, onAxis, type StageDrawing } from '../../shared/drawn-wheels.js';

/** Two discs, face to face. */
export const drawsSlipClutch: StageDrawing = (placed) => {
  const { axis, half } = onAxis(placed);
  return [axis, ...halves(placed, half / 16)];
};
