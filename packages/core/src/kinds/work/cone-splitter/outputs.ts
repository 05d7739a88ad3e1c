import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a cone that splits wood puts out. */
export const coneSplitterOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the cone', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the cone'),
    peak: figure('Torque in knots', 'torque', 'At the cone', { key: true }),
    'wedge-force': figure('Force that drives it in', 'force', 'At the cone', { key: true }),
    'torque-by-force': figure('Torque by force', 'torque', 'At the cone'),
    'torque-by-lever': figure('Torque by bar and scale', 'torque', 'At the cone'),
    feed: figure('Speed into the wood', 'feed', 'At the cone', { key: true }),
    'splits-in': figure('A log is split in', 'time', 'At the cone'),
    'cone-inertia': figure('Inertia of cone and flywheel', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    fast: {
      name: 'the speed of the cone',
      subject: 'whether the cone turns slowly enough',
      source: 'Common practice, no source: over 500 rpm it bites before a hand is away',
      says: 'the cone turns at up to {needs}; over {has} it bites before a hand is away',
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type ConeSplitterOutputs = typeof coneSplitterOutputs;
