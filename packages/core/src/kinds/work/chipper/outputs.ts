import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a chipper puts out. */
export const chipperOutputs = {
  figures: {
    torque: figure('Torque needed, mean', 'torque', 'At the disc', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the disc'),
    'chipping-energy': figure('Energy a kilogram', 'specific-energy', 'At the disc'),
    'mean-power': figure('Power by throughput', 'power', 'At the disc', { key: true }),
    stroke: figure('Energy of one stroke of a knife', 'energy', 'A stroke', { key: true }),
    peak: figure('Torque of a knife in its stroke', 'torque', 'A stroke', { key: true }),
    'full-bite': figure('Power while every knife cuts', 'power', 'A stroke', { key: true }),
    feed: figure('Speed at which the branch is drawn in', 'rim-speed', 'A stroke'),
    stored: figure('Energy that spins', 'energy', 'At the disc'),
    bites: figure('Strokes until it is down to nine tenths', 'count', 'At the disc'),
    rim: figure('Rim speed', 'rim-speed', 'At the disc'),
    'disc-inertia': figure('Inertia of the disc', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    rim: {
      name: 'the rim speed of the disc',
      subject: 'whether the disc turns too fast',
      source: 'Common practice, no source: a plain steel disc with bolted knives runs at 60 m/s at the most',
      closeBelow: 0,
      says: {
        holds: 'the rim runs at up to {needs}; {has} is safe for a steel disc with bolted knives',
        may: 'the rim may run too fast: at up to {needs}, and {has} is safe for a steel disc with bolted knives',
        fails:
          'the rim runs too fast: at up to {needs}, and {has} is safe for a steel disc with bolted knives; a knife that comes off is thrown through the housing',
      },
    },
    slow: {
      name: 'the speed of the knives',
      subject: 'whether the knives are fast enough to cut',
      source: 'Common practice, no source: under 15 m/s knives hack at branches held by hand instead of cutting them',
      closeBelow: 0,
      says: {
        holds: 'the knives run at {has}',
        may: 'the knives run at {has}; under {needs} they may hack at a branch instead of cutting it',
        fails: 'the knives run at {has}; under {needs} they hack at a branch instead of cutting it',
      },
    },
    stores: {
      name: 'the flywheel of the disc',
      subject: 'whether what spins makes the stroke',
      source: 'Common practice, no source: what spins holds twenty times the energy of a stroke, so that it slows by a fortieth',
      says: {
        holds: 'what spins holds {stored}, one stroke takes {stroke}',
        may: 'what spins holds {stored}, one stroke takes {stroke}: it may be slowed too much; twenty times as much is needed. A heavier disc',
        fails: 'what spins holds {stored}, one stroke takes {stroke}: it stalls in the branch; twenty times as much is needed. A heavier disc',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type ChipperOutputs = typeof chipperOutputs;
