import { type EndDrawing, round } from '../../shared/body.js';

/** The drum with its wall. */
export const drawsRotaryTumbler: EndDrawing = (body) => [round(body, 1), round(body, 0.95)];
