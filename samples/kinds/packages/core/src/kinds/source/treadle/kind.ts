import { fixed, scaled, unknown } from '../../../figure/figure.js';
import { crankTorque } from '../../../formulas/source/crank-torque.js';
import type { SourceKind } from '../../kind.js';
import { bodyOf } from '../../shared/body.js';
import { treadleHead } from './fields.js';

const meanSource = 'Half a turn driven, over which a crank has 2/π of its arm on the mean: 1/π over the turn (closed form)';
const ofTurn = fixed('1', 1 / Math.PI, meanSource);
const paceSource = 'Common practice, no source: a foot keeps up 50 to 80 strokes a minute';

/** A foot on a board, a rod, and a flywheel that comes over the dead points. */
export const treadle: SourceKind<typeof treadleHead> = {
  ...treadleHead,
  output: ({ force, crank, wheel }, _fed, { note, limit }) => {
    const torque = note('torque', scaled(crankTorque({ F: force, r: crank }), ofTurn, meanSource));
    return {
      byHand: true,
      is: 'rotary',
      flow: note('speed', fixed('rpm', 60, paceSource, [50, 80])),
      effort: torque,
      top: fixed('rpm', 100, paceSource),
      curves: null,
      starting: torque,
      heating: null,
      stall: limit('stall', { torque, source: meanSource }),
      moved: unknown('kg·m²', []),
      body: bodyOf(wheel, 500),
      supports: unknown('N', []),
      driver: 'hand',
      stopped: '',
      checks: [],
      under: () => [],
      cautions: ['A rod between the wheel and the board catches feet and children: a board before it.'],
    };
  },
};
