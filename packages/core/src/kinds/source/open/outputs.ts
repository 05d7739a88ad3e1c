import { figure, type Outputs } from '../../outputs.js';

/** What a place that is still open puts out. */
export const openSourceOutputs = {
  figures: { speed: figure('Speed', 'speed', 'At the shaft', { aside: true }) },
  checks: {},
  limits: { stall: { short: 'it stalls', what: 'the motor', fails: 'stalls', may: 'may stall', harm: 'harmless' } },
} as const satisfies Outputs;
