import { type StageDrawing, spans, teeth, wheels } from '../../shared/drawn-wheels.js';

/** Two sprockets at their pitch diameters and the chain. */
export const drawsRollerChain: StageDrawing = (placed) => [...wheels(placed, 'pitch'), ...teeth(placed, 'out'), ...spans(placed, 'chain')];
