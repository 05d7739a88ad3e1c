import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a tumbling drum puts out. */
export const rotaryTumblerOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the drum', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the drum', { key: true }),
    'torque-of-load': figure('Torque of the load', 'torque', 'At the drum'),
    'load-by-volume': figure('Load by the room it takes', 'mass', 'At the drum'),
    'centre-of-load': figure('Centre of the load, from the axis', 'length', 'At the drum'),
    'critical-speed': figure('Critical speed', 'speed', 'At the drum', { key: true }),
    'drum-speed': figure('Speed of the drum', 'speed', 'On its rollers'),
    'roller-grip': figure('Torque that the rollers grip with', 'torque', 'On its rollers'),
    'drum-starts': figure('Torque to start the drum', 'torque', 'On its rollers'),
    weight: figure('Weight of drum and load', 'mass', 'At the drum'),
    'inertia-of-all': figure('Inertia of drum and load', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    clings: {
      name: 'the tumbling of the load',
      subject: 'whether the load tumbles',
      source: 'Comminution textbooks (from memory): tumbling at 40 to 85 % of the critical speed',
      says: 'the load clings to the drum from {has} on; it turns at up to {needs}{share}{does}',
    },
    grip: {
      name: 'the grip of the rollers',
      subject: 'whether the rollers turn the drum',
      source:
        'Friction of the drum’s weight on its rollers, 25 to 40° beside the middle: rubber 0.4 to 0.8, wet 0.2 to 0.45, bare 0.1 to 0.25 (common practice, no source)',
      says: {
        holds: 'the rollers grip with {has} at the drum; {needs} starts it',
        may: 'the drum may slip on its rollers: they grip with {has}, and {needs} starts it. Rubber on the rollers, or both driven',
        fails: 'the drum slips on its rollers: they grip with {has}, and {needs} starts it. Rubber on the rollers, or both driven',
      },
    },
  },
  limits: {
    ...jamLimits,
    rollers: { short: 'drum slips on its rollers', what: 'the drum on its rollers', fails: 'slips', may: 'may slip', harm: 'harmless' },
  },
} as const satisfies Outputs;

export type RotaryTumblerOutputs = typeof rotaryTumblerOutputs;
