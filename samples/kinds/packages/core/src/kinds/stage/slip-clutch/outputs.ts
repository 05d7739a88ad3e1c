import { figure, type Outputs } from '../../outputs.js';
import { drivenShaft } from '../../shared/driven-shaft.js';

export const slipClutchSource = 'Coulomb friction on the mean radius (closed form)';

/** What a slip clutch puts out. */
export const slipClutchOutputs = {
  figures: { ...drivenShaft, 'slips-at': figure('Slips at', 'torque', 'Load', { key: true }) },
  checks: {
    holds: {
      name: 'the slip clutch at work',
      subject: 'whether the clutch holds at work',
      source: slipClutchSource,
      says: 'the clutch slips at {has}; the work needs {needs}',
    },
  },
  limits: { slip: { short: 'clutch slips', what: 'the clutch', fails: 'slips', may: 'may slip', harm: 'harmless' } },
} as const satisfies Outputs;
