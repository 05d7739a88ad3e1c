import { woodSource, woods } from '../../../catalog/woods.js';
import { type Figure, fixed, flag, fromTable, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { discInertia } from '../../../formulas/dynamics/disc-inertia.js';
import { kineticEnergy } from '../../../formulas/dynamics/kinetic-energy.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { fullBitePower } from '../../../formulas/work/full-bite-power.js';
import { knifeStroke } from '../../../formulas/work/knife-stroke.js';
import { millingPower } from '../../../formulas/work/milling-power.js';
import { strokeTorque } from '../../../formulas/work/stroke-torque.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { ratedFor } from '../../shared/rated.js';
import { chipperHead } from './fields.js';
import { chipperOutputs } from './outputs.js';

type Inputs = InputFigures<typeof chipperHead.fields>;

export const feedOfKnives = defineProcedure({
  id: 'feed-of-knives',
  says: 'Every knife draws the branch in by as much as it is proud of the disc',
  source: 'Geometry',
});
export const strokesLeft = defineProcedure({
  id: 'strokes-left',
  says: 'Energy that spins, less that at nine tenths of the speed, over one stroke',
  source: 'Conservation of energy (closed form)',
});

const runs = fixed(
  'm/s',
  47,
  'Common practice, no source: discs with bolted knives are run by a two-pole motor, at 45 to 50 m/s at the rim',
  [45, 49],
  flag.estimated,
);
const disc = fixed('1', 0.53, 'Closed form: a disc with its knives near the rim', [0.47, 0.6]);
const cutsAtSource = 'Common practice, no source: the branch meets the knives at seven to nine tenths of the disc’s diameter';
const cutsAt = fixed('1', 0.8, cutsAtSource, [0.7, 0.9]);
const unevenSource = 'Common practice, no source: fed by hand with pauses, a motor is taken for half as much again as the mean';
const safeRim = fixed('m/s', 60, chipperOutputs.checks.rim.source);
const slowest = fixed('m/s', 15, chipperOutputs.checks.slow.source);
const twenty = fixed('1', 20, chipperOutputs.checks.stores.source);

/** Knives on a heavy disc that slice branches: the disc makes each stroke, the motor what it takes on the average. */
export const chipper: WorkKind<typeof chipperHead> = {
  ...chipperHead,
  speedNeeded: ({ disc: d }) => speedOfRim({ v: runs, d }),
  demand: (inputs, { flow: speed, top }, context) => {
    const { note, check } = context;
    const { branch, disc: d, mass, knives, set, throughput, energy, loaded, handsClear, lasts } = inputs;
    note('chipping-energy', energy);
    const mean = note('mean-power', millingPower({ Q: throughput, w: energy }));
    const steady = note('torque', shaftTorque({ P: mean, n: speed }));
    const E = note('stroke', knifeStroke({ k: cuttingOf(inputs), s: set, d: branch }));
    note('peak', strokeTorque({ E, D: scaled(d, cutsAt, cutsAtSource), d: branch }));
    note('full-bite', fullBitePower({ E, z: knives, n: speed }));
    note(
      'feed',
      solve('m/s', feedOfKnives, { z: knives, s: set, n: speed }, ({ z = 0, s = 0, n = 0 }) => (z * s * n) / 60_000),
    );
    const rim = note('rim', rimSpeed({ n: speed, d }));
    const moved = note('disc-inertia', discInertia({ k: disc, m: mass, d }));
    const stored = note('stored', kineticEnergy({ J: moved, n: speed }));
    note(
      'bites',
      solve('1', strokesLeft, { S: stored, E }, ({ S = 0, E: stroke = 1 }) => (0.19 * S) / stroke),
    );
    const isFedLater = loaded.is === 'up-to-speed';
    return {
      steady,
      body: bodyOf(d, 320),
      breakaway: note('breakaway', isFedLater ? emptyTorque(steady) : steady),
      rated: ratedFor(steady, 1.5, unevenSource),
      ratedBy: 'as it is fed unevenly',
      startsEmpty: isFedLater,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved,
      ...jammedBy(inputs, d, context),
      shock: 'heavy',
      checks: [
        check('rim', { has: safeRim, needs: rimSpeed({ n: top, d }) }),
        check('slow', { has: rim, needs: slowest }),
        ...(mass.known
          ? [check('stores', { has: stored, needs: scaled(E, twenty, chipperOutputs.checks.stores.source), tells: { stored, stroke: E } })]
          : []),
      ],
      cautions: [
        'The disc runs on for a minute: it is locked before the housing is opened, plug pulled.',
        'A chute longer than an arm; no loose clothes, no gloves with cuffs: branches whip and pull.',
        'Face shield and ear defenders, nobody before the outlet.',
      ],
      notEntered: [],
    };
  },
};

function cuttingOf({ wood }: Inputs): Figure<'MPa'> {
  if (!wood.is) return unknown('MPa', [wood.field]);
  const { cutting_MPa, label } = woods[wood.is];
  return fromTable('MPa', cutting_MPa, { table: 'energy of cutting wood', row: label, source: woodSource });
}
