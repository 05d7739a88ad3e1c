import { figure, type Outputs } from '../../outputs.js';
import { drivenShaft, ratioFigure } from '../../shared/driven-shaft.js';

/** What a stage that is still open puts out. */
export const openStageOutputs = {
  figures: { ...ratioFigure, ...drivenShaft, efficiency: figure('Share of the torque that is passed on', 'fraction', 'Losses') },
  checks: {},
  limits: {},
} as const satisfies Outputs;
