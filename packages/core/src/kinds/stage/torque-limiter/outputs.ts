import { figure, type LimitWords, type Outputs } from '../../outputs.js';
import { drivenShaft } from '../../shared/driven-shaft.js';

export const pinSource = 'Shear strength: common practice, no source; shear over the planes (closed form)';
export const clutchSource = 'Coulomb friction on the mean radius (closed form)';

const pin: LimitWords = { short: 'shear pin', what: 'the shear pin', fails: 'breaks', may: 'may break' };
const clutch: LimitWords = { short: 'clutch slips', what: 'the clutch', fails: 'slips', may: 'may slip' };

/** What a shear pin or a slip clutch puts out. */
export const torqueLimiterOutputs = {
  figures: {
    ...drivenShaft,
    'releases-at': figure('Releases at', 'torque', 'Load', { key: true }),
  },
  checks: {
    holds: {
      name: 'the overload protection at work',
      subject: 'whether it holds at work',
      source: clutchSource,
      says: 'the {what} at {has}; the work needs {needs}',
    },
  },
  limits: { limiter: { ...pin, harm: 'harmless', variants: { 'shear-pin': pin, 'slip-clutch': clutch } } },
} as const satisfies Outputs;

export type TorqueLimiterOutputs = typeof torqueLimiterOutputs;
