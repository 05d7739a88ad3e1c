import { fixed, flag, scaled, unknown } from '../../../figure/figure.js';
import { timesRated } from '../../../formulas/motor/times-rated.js';
import { crankTorque } from '../../../formulas/source/crank-torque.js';
import type { SourceKind } from '../../kind.js';
import { bodyOf } from '../../shared/body.js';
import { handCrankHead } from './fields.js';

const lunge = fixed('1', 3, 'Common practice, no source: for a moment a person pulls two to four times what lasts', [2, 4], flag.estimated);
const noWheel = fixed('kg·m²', 0.02, 'Common practice, no source: an arm and a crank', [0.01, 0.04], flag.estimated);
const source = 'Common practice, no source: what a person keeps up at a crank, and for a moment';

/** A person at a handle. It starts and stops as the person does: no run-up is worked out. */
export const handCrank: SourceKind<typeof handCrankHead> = {
  ...handCrankHead,
  output: ({ force, radius, speed, inertia }, _fed, { note, limit }) => {
    const torque = note('torque', crankTorque({ F: force, r: radius }));
    const most = note('most-torque', timesRated({ k: lunge, T_n: torque }));
    return {
      byHand: true,
      is: 'rotary',
      flow: note('speed', speed),
      effort: torque,
      top: note('highest-speed', fixed('rpm', 120, 'Common practice, no source: nobody cranks faster')),
      curves: null,
      starting: most,
      heating: null,
      stall: limit('stall', { torque: most, source }),
      moved: inertia.known ? inertia : noWheel,
      body: bodyOf(scaled(radius, 2, 'Across the way of the handle'), 600),
      supports: unknown('N', []),
      driver: 'hand',
      reverses: 'running',
      stopped: '',
      checks: [],
      under: () => [],
      cautions: ['A crank kicks back when the work springs: a ratchet, or a handle that comes off.'],
    };
  },
};
