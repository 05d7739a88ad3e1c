import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';
import { overspeedCheck, rimCheck } from '../../shared/over-speed.js';

/** What work by a measured machine puts out. */
export const measuredWorkOutputs = {
  figures: {
    'at-work': figure('From the wall, mean of the readings', 'power', 'At the tool'),
    power: figure('Shaft power', 'power', 'At the tool', { key: true }),
    'reaches-shaft': figure('Share of the added watts at its shaft', 'fraction', 'At the tool'),
    torque: figure('Torque needed', 'torque', 'At the tool', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the tool'),
    ...jamFigures,
  },
  checks: { speed: overspeedCheck, rim: rimCheck },
  limits: jamLimits,
} as const satisfies Outputs;
