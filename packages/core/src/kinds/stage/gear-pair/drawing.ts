import { type StageDrawing, teeth, wheels } from '../../shared/drawn-wheels.js';

/** Two gears that touch at their pitch circles. */
export const drawsGearPair: StageDrawing = (placed) => [...wheels(placed, 'pitch'), ...teeth(placed, 'both')];
