import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a tumbling drum puts out. */
export const rotaryTumblerOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the drum', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the drum', { key: true }),
    'torque-of-load': figure('Torque of the load', 'torque', 'At the drum'),
    'centre-of-load': figure('Centre of the load, from the axis', 'length', 'At the drum'),
    'critical-speed': figure('Critical speed', 'speed', 'At the drum', { key: true }),
    'inertia-of-all': figure('Inertia of drum and load', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    clings: {
      name: 'the tumbling of the load',
      subject: 'whether the load tumbles',
      source: 'Comminution textbooks (from memory): tumbling at 40 to 85 % of the critical speed',
      says: 'the load clings to the drum from {has} on; it turns at up to {needs}{share}{slow}',
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type RotaryTumblerOutputs = typeof rotaryTumblerOutputs;
