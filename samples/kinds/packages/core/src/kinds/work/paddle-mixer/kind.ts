import { fixed, picked, unknown } from '../../../figure/figure.js';
import type { WorkKind } from '../../kind.js';
import { bodyOf } from '../../shared/body.js';
import { paddleMixerHead } from './fields.js';

const atRest = fixed('N·m', 0.2, 'Common practice, no source: a paddle at rest is held by next to nothing', [0.1, 0.5]);
const hour = fixed('s', 1200, 'Common practice, no source: a mix is turned for ten minutes to an hour', [600, 3600]);

/** A paddle in a mix: its torque grows with its speed. */
export const paddleMixer: WorkKind<typeof paddleMixerHead> = {
  ...paddleMixerHead,
  demand: ({ torque, mixes, paddle, bought }, _arriving, { note }) => ({
    steady: note(
      'torque',
      torque.known || mixes.rows.length === 0
        ? torque
        : picked(
            'most',
            'N·m',
            mixes.rows.map((mix) => mix.torque),
          ),
    ),
    breakaway: atRest,
    lasts: hour,
    growth: 1,
    moved: unknown('kg·m²', []),
    stops: unknown('rad', []),
    jams: 'never',
    shock: 'light',
    body: bodyOf(paddle.known ? paddle : bought.sizes.across, 300),
    checks: [],
    cautions: ['Nobody reaches into a mix that turns.'],
  }),
};
