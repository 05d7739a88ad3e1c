import { type EndDrawing, round } from '../../shared/body.js';

/** The tool by its width alone. */
export const drawsMeasuredWork: EndDrawing = (body) => (body.known ? [round(body, 1)] : []);
