import { type EndDrawing, round } from '../../shared/body.js';

/** The tool by its width alone: what it is is said in words. */
export const drawsDirectWork: EndDrawing = (body) => (body.known ? [round(body, 1)] : []);
