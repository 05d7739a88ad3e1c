import { penFor, type StageDrawing, spans, wheels } from '../../shared/drawn-wheels.js';

/** The two pulleys at their pitch diameters and the belt's straight spans. */
export const drawsVBelt: StageDrawing = (placed) => [...wheels(placed, 'line'), ...spans(placed, penFor(placed, 'belt'))];
