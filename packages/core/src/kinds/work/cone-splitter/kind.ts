import { splitSource, splits } from '../../../catalog/woods.js';
import { type Figure, fixed, flag, fromTable, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { drivenScrewTorque } from '../../../formulas/work/driven-screw-torque.js';
import { leverTorque } from '../../../formulas/work/lever-torque.js';
import { screwFeed } from '../../../formulas/work/screw-feed.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { ratedFor } from '../../shared/rated.js';
import { coneSplitterHead } from './fields.js';
import { coneSplitterOutputs } from './outputs.js';

type Inputs = InputFigures<typeof coneSplitterHead.fields>;

export const splitsIn = defineProcedure({
  id: 'splits-in',
  says: 'Half of the cone’s length, at the speed at which it is drawn in; a quarter of it to all of it',
  source: 'Common practice, no source',
});

const runs = fixed('rpm', 350, 'Common practice, no source: a screw cone turns at 280 to 420 rpm', [280, 420], flag.estimated);
// Its spread is in that of the force: both were told by the same machines.
const efficiency = fixed(
  '1',
  0.22,
  'Common practice, no source: a screw cone in wood passes on about a fifth of its torque as force, the rest is friction',
  undefined,
  flag.estimated,
);
const knotSource = 'Common practice, no source: knots and twisted grain take 1.4 to 2.4 times as much as clear wood';
const inKnots = fixed('1', 2, knotSource, [1.4, 2.4], flag.estimated);
const ratedSource =
  'Common practice, no source: a motor is taken for what clear wood takes; knots are left to its breakdown torque and to what spins';
const light = fixed('kg·m²', 0, 'No inertia of the cone is entered: left out');
const fastest = fixed('rpm', 500, coneSplitterOutputs.checks.fast.source);
const share = fixed('1', 0.5, splitsIn.source, [0.25, 1], flag.estimated);

/** A cone with a thread that draws itself into a log until it splits. */
export const coneSplitter: WorkKind<typeof coneSplitterHead> = {
  ...coneSplitterHead,
  speedNeeded: () => runs,
  demand: (inputs, { flow: speed, top }, context) => {
    const { note, check } = context;
    const { pitch, wide, deep, pull, arm, flywheel, loaded, handsClear, lasts } = inputs;
    const force = note('wedge-force', forceOf(inputs));
    const byForce = note('torque-by-force', drivenScrewTorque({ F: force, l: pitch, eta: efficiency }));
    const lever = pull.known || arm.known ? note('torque-by-lever', leverTorque({ F: pull, a: arm })) : null;
    const steady = note('torque', lever ?? byForce);
    const feed = note('feed', screwFeed({ n: speed, l: pitch }));
    note(
      'splits-in',
      solve('s', splitsIn, { L: deep, u: share, v: feed }, ({ L = 0, u = 0, v = 1 }) => (L * u) / v),
    );
    const isFedLater = loaded.is === 'up-to-speed';
    return {
      steady,
      body: bodyOf(wide, 80),
      breakaway: note('breakaway', isFedLater ? emptyTorque(steady) : steady),
      peak: note('peak', scaled(steady, inKnots, knotSource)),
      rated: ratedFor(steady, 1, ratedSource),
      ratedBy: 'knots are left to its breakdown torque',
      startsEmpty: isFedLater,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('cone-inertia', flywheel.known ? flywheel : light),
      ...jammedBy(inputs, wide, context),
      shock: 'heavy',
      checks: [check('fast', { has: fastest, needs: top })],
      cautions: [
        'Many inspectors refuse this machine: a log that spins takes an arm or a sleeve with it. A ram or a kinetic splitter is the safer school.',
        'A stop edge under the log, no gloves, no loose clothes, nobody beside it.',
        'A foot switch that stops it when it is released, and reverse to free a stuck log.',
      ],
      notEntered: lever ? [] : ['the pull at a bar, which would replace a guess'],
    };
  },
};

function forceOf({ force, wood }: Inputs): Figure<'N'> {
  if (force.known) return force;
  if (!wood.is) return unknown('N', [wood.field]);
  const { force_kN, label } = splits[wood.is];
  const newtons = force_kN.map((each) => each * 1000) as [number, number, number];
  return fromTable('N', newtons, { table: 'force that splits wood', row: label, source: splitSource });
}
