import { type Figure, fixed, scaled, unknown } from '../../../figure/figure.js';
import type { SourceKind } from '../../kind.js';
import { openSourceHead } from './fields.js';

const topSource = 'Common practice, no source: unloaded an induction motor turns a twentieth faster';
const unloaded = fixed('1', 1.05, topSource);

/** A place that is kept for whatever will drive the work. What hangs on it names the place itself. */
export const openSource: SourceKind<typeof openSourceHead> = {
  ...openSourceHead,
  output: ({ speed }, _fed, { path, note, limit }) => {
    const torque: Figure<'N·m'> = unknown('N·m', [path]);
    return {
      byHand: true,
      is: 'rotary',
      flow: note('speed', speed),
      effort: torque,
      top: scaled(speed, unloaded, topSource),
      curves: null,
      starting: torque,
      heating: null,
      stall: limit('stall', { torque, source: 'Nothing is chosen yet' }),
      moved: unknown('kg·m²', [path]),
      body: { across: 0, known: false },
      supports: unknown('N', []),
      driver: undefined,
      stopped: '',
      checks: [],
      under: () => [],
    };
  },
};
