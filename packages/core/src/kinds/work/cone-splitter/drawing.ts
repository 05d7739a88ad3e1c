import { type EndDrawing, round } from '../../shared/body.js';

/** A cone from its tip: its base, and the turns of its thread. */
export const drawsConeSplitter: EndDrawing = (body) => [round(body, 1), round(body, 0.7), round(body, 0.4), round(body, 0.12)];
