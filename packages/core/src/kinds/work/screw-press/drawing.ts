import { type EndDrawing, round } from '../../shared/body.js';

/** A screw from its end: thread, core, and the nut round it. */
export const drawsScrewPress: EndDrawing = (body) => [round(body, 1.9), round(body, 1), round(body, 0.78, 'hidden')];
