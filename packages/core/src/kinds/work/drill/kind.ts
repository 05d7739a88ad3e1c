import { type Check } from '../../../checks/check.js';
import { fixed, flag, scaled } from '../../../figure/figure.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { drillChip } from '../../../formulas/cutting/drill-chip.js';
import { drillThrust } from '../../../formulas/cutting/drill-thrust.js';
import { drillingTorque } from '../../../formulas/cutting/drilling-torque.js';
import { toothFeed } from '../../../formulas/cutting/tooth-feed.js';
import { shaftPower } from '../../../formulas/power/shaft-power.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { breaksSource, cutterBreaks } from '../../shared/cutter-breaks.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { chipForce, insideChecks, insideSpeed, wornBy } from '../../shared/metal-cutting.js';
import { ratedFor } from '../../shared/rated.js';
import { bearingsCheck, speedsCheck, speedsOf } from '../../shared/spindle-speeds.js';
import { drillHead } from './fields.js';
import type { DrillOutputs } from './outputs.js';

type Inputs = InputFigures<typeof drillHead.fields>;

const point = fixed('rad', (118 * Math.PI) / 180, 'Common practice, no source: twist drills are ground to 118°', [
  (116 * Math.PI) / 180,
  (135 * Math.PI) / 180,
]);
const pushSource = 'Handbooks on drilling (from memory): the feed force is half to nine tenths of the cutting force';
const push = fixed('1', 0.7, pushSource, [0.5, 0.9]);
const grabSource = 'Common practice, no source: as it breaks through a drill grabs, and takes 1.5 to 3 times its torque';
const grabs = fixed('1', 2, grabSource, [1.5, 3], flag.estimated);
const shortSource = 'Common practice, no source: a drill is at work a quarter of the time, which heats a motor as half of its load would';
const partly = fixed('1', 0.5, shortSource);
const oneFeed = fixed('1', 1, 'A drill goes in by its feed each turn');
const light = fixed('kg·m²', 0, 'No inertia of spindle and chuck is entered: left out');

/** A drill in metal: torque and thrust by the thickness of the chip, speed by what its edge withstands. */
export const drill: WorkKind<typeof drillHead> = {
  ...drillHead,
  speedNeeded: (inputs) => speedOfRim({ v: insideSpeed(inputs), d: inputs.across }),
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { across, feed, pilot, inertia, handsClear, lasts, jam, resists } = inputs;
    const n = arriving.flow;
    note('chip', drillChip({ f: feed, s: point }));
    const cut = { ...chipForce(inputs), f: feed, s: point, d: across, p: pilot, w: wornBy(inputs) };
    const steady = note('torque', drillingTorque(cut));
    note('thrust', drillThrust({ ...cut, u: push }));
    note('cutting-power', shaftPower({ T: steady, n }));
    note('surface', rimSpeed({ n, d: across }));
    note('advance', toothFeed({ f: feed, z: oneFeed, n }));
    return {
      steady,
      body: bodyOf(across, 13),
      breakaway: note('breakaway', emptyTorque(steady)),
      peak: note('peak', scaled(steady, grabs, grabSource)),
      peaksPass: true,
      heatsAs: scaled(steady, partly, shortSource),
      rated: ratedFor(steady, 0.5, shortSource),
      ratedBy: 'for a quarter of the time at work',
      startsEmpty: true,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('spun-inertia', inertia.known ? inertia : light),
      ...jammedBy({ jam, resists, bursts: { torque: note('breaks', cutterBreaks(across)), source: breaksSource } }, across, context),
      shock: 'medium',
      checks: checksOf(inputs, arriving, context),
      cautions: [
        'The plate is clamped: held by hand it becomes a propeller as the drill breaks through.',
        'The chuck key comes out before the motor is switched on.',
        'Goggles, hair tied, no gloves: a spindle winds them up.',
      ],
      notEntered: [],
    };
  },
};

function checksOf(inputs: Inputs, arriving: Port<'rotary'>, context: Context<DrillOutputs>): Check[] {
  const { state } = context;
  const { across, pilot } = inputs;
  const speeds = speedsOf(inputs, arriving);
  const checks = insideChecks(inputs, speeds, ['greatest drill', 'least drill'], context);
  checks.push(...bearingsCheck(inputs.most, speeds.fast, context), ...speedsCheck(inputs, context));
  if (across.known && pilot.known && pilot.value >= across.value) checks.push(state('pilot', { verdict: 'fails', tells: { pilot, across } }));
  return checks;
}
