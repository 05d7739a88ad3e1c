import { figure, type Outputs } from '../../outputs.js';
import { jamFigures } from '../../shared/jam-stop.js';

/** What work by a measured machine puts out. */
export const measuredWorkOutputs = {
  figures: {
    power: figure('Shaft power', 'power', 'At the tool', { key: true }),
    torque: figure('Torque needed', 'torque', 'At the tool', { key: true }),
    ...jamFigures,
  },
  checks: {},
  limits: {},
} as const satisfies Outputs;
