import type { EndDrawing } from '../../shared/body.js';

/** Nothing is chosen yet. */
export const drawsOpenSource: EndDrawing = () => [];
