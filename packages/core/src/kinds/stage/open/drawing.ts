import { circle } from '../../../drawing/sketch.js';
import { type StageDrawing, spans } from '../../shared/drawn-wheels.js';

/** A place that is kept: wheels of the size that the work suggests, and what would run on them. */
export const drawsOpen: StageDrawing = (placed) => [
  ...[placed.driver, placed.driven].map(({ at, r }) => circle(at, r, 'open')),
  ...spans(placed, 'open'),
];
