import { type StageDrawing, spans, teeth, wheels } from '../../shared/drawn-wheels.js';

/** Two toothed pulleys at their pitch diameters, whose teeth lie inside of the belt's cords, and the belt. */
export const drawsTimingBelt: StageDrawing = (placed) => [...wheels(placed, 'pitch'), ...teeth(placed, 'in'), ...spans(placed, 'toothed-belt')];
