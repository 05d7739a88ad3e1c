import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';
import { overspeedCheck, rimCheck } from '../../shared/over-speed.js';

/** What work with a known torque puts out. */
export const directWorkOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the tool', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the tool', { key: true }),
    inertia: figure('Inertia of the tool', 'inertia', 'At the tool'),
    ...jamFigures,
  },
  checks: { speed: overspeedCheck, rim: rimCheck },
  limits: jamLimits,
} as const satisfies Outputs;
