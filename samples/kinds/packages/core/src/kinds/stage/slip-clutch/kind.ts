import { fixed } from '../../../figure/figure.js';
import { plateClutchTorque } from '../../../formulas/hub/plate-clutch-torque.js';
import type { StageKind } from '../../kind.js';
import { noPull, nothingEntered, onOneAxis, straightThrough } from '../../shared/coaxial.js';
import { geared } from '../../shared/driven-shaft.js';
import { slipClutchHead } from './fields.js';
import { slipClutchSource } from './outputs.js';

const all = fixed('1', 1, 'It loses nothing while it holds');
const faces = fixed('1', 2, 'Two faces, of one disc');

/** One disc between two faces, pressed by springs: it slips before anything breaks. */
export const slipClutch: StageKind<typeof slipClutchHead> = {
  ...slipClutchHead,
  ready: ({ mean }) => ({ ...geared(straightThrough, all), moved: nothingEntered, outline: onOneAxis(mean) }),
  under: ({ springs, mean, friction }, _ready, { duty: { torque } }, { note, check, limit }) => {
    const slipsAt = note('slips-at', plateClutchTorque({ mu: friction, F: springs, r: mean, z: faces }));
    return {
      checks: [check('holds', { has: slipsAt, needs: torque })],
      slips: limit('slip', { torque: slipsAt, source: slipClutchSource }),
      steady: null,
      hubs: { in: null, out: null },
      pulls: { in: noPull, out: noPull },
      cautions: ['A clutch that slips long is hot: let it cool before it is touched.'],
    };
  },
};
