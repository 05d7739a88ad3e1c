import { cutMetals, unitPowerSource } from '../../../catalog/cut-metals.js';
import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { fixed, flag, fromTable, picked, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { cutVolume } from '../../../formulas/cutting/cut-volume.js';
import { milledChip } from '../../../formulas/cutting/milled-chip.js';
import { millingTorque } from '../../../formulas/cutting/milling-torque.js';
import { toothFeed } from '../../../formulas/cutting/tooth-feed.js';
import { unitPower } from '../../../formulas/cutting/unit-power.js';
import { shaftPower } from '../../../formulas/power/shaft-power.js';
import { teethInCut } from '../../../geometry/teeth-in-cut.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { breaksSource, cutterBreaks } from '../../shared/cutter-breaks.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { chipForce, forceAt, insideChecks, insideSpeed, wornBy } from '../../shared/metal-cutting.js';
import { ratedFor } from '../../shared/rated.js';
import { bearingsCheck, speedsCheck, speedsOf } from '../../shared/spindle-speeds.js';
import { millHead } from './fields.js';
import { type MillOutputs, millOutputs } from './outputs.js';

type Inputs = InputFigures<typeof millHead.fields>;

const knockSource = 'Common practice, no source: each tooth meets the work with a knock of 1.1 to 1.6 times what it then takes';
const knock = fixed('1', 1.3, knockSource, [1.1, 1.6], flag.estimated);
const ratedSource =
  'Common practice, no source: a milling spindle has a motor of about twice the mean that its cuts take, for the knocks of the teeth';
const light = fixed('kg·m²', 0, 'No inertia of spindle and cutter is entered: left out');

export const teethMean = defineProcedure({ id: 'teeth-in-cut', says: 'Teeth by the share of a turn that each cuts over', source: 'Geometry' });
export const thickestTooth = defineProcedure({
  id: 'thickest-tooth',
  says: 'Mean torque by what all teeth in the cut take together at their most over what they take on the average of a turn, with their knock',
  source: knockSource,
});

/** A cutter that mills metal: mean torque by the mean thickness of its chips, and what its teeth add to that. */
export const mill: WorkKind<typeof millHead> = {
  ...millHead,
  speedNeeded: (inputs) => speedOfRim({ v: insideSpeed(inputs), d: inputs.across }),
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { across, teeth, depth, width, bite, material, inertia, handsClear, lasts, jam, resists } = inputs;
    const n = arriving.flow;
    const { unit_W, label } = cutMetals[material.is ?? 'mild'];
    const w = wornBy(inputs);
    // In one pass a cutter cuts no wider than it is.
    const a = picked('least', 'mm', [width, across]);
    const h = note('chip', milledChip({ f: bite, a, D: across }));
    note('force-by-chip', forceAt(inputs, h));
    const v = note('advance', toothFeed({ f: bite, z: teeth, n }));
    const Q = note('removal', cutVolume({ w: a, d: depth, v }));
    note('power-by-volume', unitPower({ Q, K: fromTable('1', unit_W, { table: 'unit power', row: label, source: unitPowerSource }), w }));
    note('surface', rimSpeed({ n, d: across }));
    const steady = note('torque', millingTorque({ ...chipForce(inputs), f: bite, a, D: across, d: depth, z: teeth, w }));
    note('cutting-power', shaftPower({ T: steady, n }));
    const cut = { D: across, a, z: teeth };
    note(
      'teeth-at-once',
      solve('1', teethMean, cut, ({ D = 1, a: ae = 0, z = 1 }) => teethInCut(D, ae, z).mean),
    );
    const peak = note(
      'peak',
      solve('N·m', thickestTooth, { T: steady, u: knock, ...cut }, ({ T = 0, u = 1, D = 1, a: ae = 0, z = 1 }) => {
        const { most, average } = teethInCut(D, ae, z);
        return (T * u * most) / average;
      }),
    );
    return {
      steady,
      body: bodyOf(across, 16),
      breakaway: note('breakaway', emptyTorque(steady)),
      peak,
      peaksPass: true,
      rated: ratedFor(steady, 2.2, ratedSource),
      ratedBy: 'for the knocks of the teeth',
      startsEmpty: true,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('spun-inertia', inertia.known ? inertia : light),
      ...jammedBy({ jam, resists, bursts: { torque: note('breaks', cutterBreaks(across)), source: breaksSource } }, across, context),
      shock: 'medium',
      checks: checksOf(inputs, arriving, context),
      cautions: [
        'A guard over the belt, and a screen before the cutter: carbide flies in pieces when it breaks.',
        'A cutter is held by a collet: in a drill chuck it walks out.',
        'Against the feed, not with it, while the screw of the table has slack: it snatches the work.',
        'The work is clamped to the table: thin plate lifts.',
        ...(material.is === 'aluminium' ? ['Chips of aluminium weld to the edges without air or a mist of oil.'] : []),
      ],
      notEntered: [],
    };
  },
};

const ofDiameter = fixed('1', 1.5, millOutputs.checks.deep.source);
const ofSlot = fixed('1', 0.5, millOutputs.checks.deep.source);
/** From so much of its diameter on a cut is a slot. */
const slotFrom = 0.8;

function checksOf(inputs: Inputs, arriving: Port<'rotary'>, context: Context<MillOutputs>): Check[] {
  const { check, state } = context;
  const { across, width, depth } = inputs;
  const speeds = speedsOf(inputs, arriving);
  const checks = insideChecks(inputs, speeds, ['cutter', 'least cutter'], context);
  checks.push(...bearingsCheck(inputs.most, speeds.fast, context), ...speedsCheck(inputs, context));
  if (width.known && across.known) {
    if (width.value > across.value) checks.push(state('wide', { verdict: 'fails', tells: { width, across } }));
    const share = width.value >= slotFrom * across.value ? ofSlot : ofDiameter;
    checks.push(noWorseThanClose(check('deep', { has: scaled(across, share, millOutputs.checks.deep.source), needs: depth })));
  }
  return checks;
}
