import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, picked, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { bowlInertia } from '../../../formulas/dynamics/bowl-inertia.js';
import { discInertia } from '../../../formulas/dynamics/disc-inertia.js';
import { centrifugalForce } from '../../../formulas/vibration/centrifugal-force.js';
import { unbalance } from '../../../formulas/vibration/unbalance.js';
import { nipTorque } from '../../../formulas/work/nip-torque.js';
import { speedByInches } from '../../../formulas/work/speed-by-inches.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { ratedFor } from '../../shared/rated.js';
import { speedsCheck, speedsOf } from '../../shared/spindle-speeds.js';
import { walksFromForce } from '../../shared/walks.js';
import { woodLatheHead } from './fields.js';
import { type WoodLatheOutputs, woodLatheOutputs } from './outputs.js';

type Inputs = InputFigures<typeof woodLatheHead.fields>;
type Own = Context<WoodLatheOutputs>;

const ruleSource = 'Common practice, no source: speed by diameter in inches is 6000 to 9000; slender blanks at 1700 to 2800 rpm';
export const blankMass = defineProcedure({ id: 'blank-mass', says: 'Volume of a round blank by the density of its wood', source: 'Geometry' });
export const walksFrom = defineProcedure({
  id: 'walks-from',
  says: 'Where the force of the unbalance is a tenth of the weight of the lathe: it grows with the square of the speed',
  source: 'Closed form',
});

const rule = fixed('1', 7200, ruleSource, [6000, 8500], flag.estimated);
const mostByRule = fixed('1', 9000, ruleSource);
const slender = fixed('rpm', 2200, ruleSource, [1700, 2800], flag.estimated);
const slenderMost = fixed('rpm', 3000, woodLatheOutputs.checks.fast.source);

const forceSource = 'Common practice, no source: a gouge at the rim of a bowl takes 30 to 75 N, a tool between centres 12 to 28';
const forces = {
  bowl: fixed('N', 45, forceSource, [30, 75], flag.estimated),
  spindle: fixed('N', 18, forceSource, [12, 28], flag.estimated),
} as const;
const catchSource =
  'Common practice, no source: a tool that digs in takes four to eight times as much at a rim, six to thirteen between centres, before the belt slips';
const catches = {
  bowl: fixed('1', 5.2, catchSource, [4, 8], flag.estimated),
  spindle: fixed('1', 8.8, catchSource, [6, 13], flag.estimated),
} as const;
const densitySource = 'Wood handbooks (from memory): softwood 450 to 600, dry hardwood 600 to 800, green hardwood 750 to 950 kg/m³';
const densities = {
  soft: fixed('kg/m³', 500, densitySource, [450, 600]),
  hard: fixed('kg/m³', 690, densitySource, [600, 800]),
  green: fixed('kg/m³', 830, densitySource, [750, 950]),
} as const;
const rimShare = fixed('1', 0.95, 'Common practice, no source: a gouge cuts a little inside the rim', [0.85, 1]);
const one = fixed('1', 1, 'One tool');
const wallSource = 'Common practice, no source: a bowl is turned out to a tenth of its diameter while it is green, thinner when dry';
const ofWall = fixed('1', 0.1, wallSource, [0.05, 0.12]);
const solid = fixed('1', 0.5, 'Closed form: a solid blank');
const squareSource = 'Common practice, no source: roughing a square knocks four times a turn: a motor is taken for twice and a half the mean';

/** Speed by diameter, of a product of both. */
const byInches = (p: Figure<'1'>, d: Figure<'mm'>): Figure<'rpm'> => speedByInches({ p, d });

/** A lathe that turns wood: what a gouge takes at the rim, what a rough blank does to the lathe, how fast it may turn. */
export const woodLathe: WorkKind<typeof woodLatheHead> = {
  ...woodLatheHead,
  speedNeeded: ({ does, across }) => (does.is === 'spindle' ? picked('least', 'rpm', [slender, byInches(rule, across)]) : byInches(rule, across)),
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { does, across, thick, wood, force, handsClear, lasts } = inputs;
    const sort = does.is ?? 'bowl';
    const n = arriving.flow;
    const F = note('tool-force', force.known ? force : forces[sort]);
    const steady = note('torque', nipTorque({ z: one, F, D: sort === 'bowl' ? scaled(across, rimShare, 'A little inside the rim') : across }));
    const torque = note('catch', scaled(steady, catches[sort], catchSource));
    note('surface', rimSpeed({ n, d: across }));
    const mass = note(
      'mass',
      solve(
        'kg',
        blankMass,
        { D: across, h: thick, rho: densities[wood.is ?? 'green'] },
        ({ D = 0, h = 0, rho = 0 }) => (rho * Math.PI * D ** 2 * h) / 4e9,
      ),
    );
    const moved = note('blank-inertia', discInertia({ k: solid, m: mass, d: across }));
    if (sort === 'bowl') note('bowl-inertia', bowlInertia({ rho: densities[wood.is ?? 'green'], D: across, u: ofWall }));
    return {
      steady,
      body: bodyOf(across, 300),
      breakaway: note('breakaway', emptyTorque(steady)),
      ...(sort === 'spindle' ? { rated: ratedFor(steady, 2.5, squareSource), ratedBy: 'as a square knocks while it is roughed' } : {}),
      startsEmpty: true,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved,
      // A tool that digs in is held by a hand: it tears out, or is torn away, at that.
      ...jammedBy({ ...inputs, bursts: { torque, source: catchSource } }, across, context),
      shock: 'medium',
      checks: checksOf(inputs, mass, arriving, context),
      cautions: [
        'A new blank at the lowest speed first, and nobody in the plane of its rim.',
        'A face shield, short sleeves, hair tied: the rest is locked close to the work before the motor is switched on.',
        ...(sort === 'bowl'
          ? ['Screws of a faceplate go deep into sound wood. Reversed it unscrews, unless it is locked.']
          : ['The tail centre tight, and looked at again after the first minute: a loose blank flies.']),
        'The belt should slip before a catch throws the blank: no more motor than it needs.',
      ],
      notEntered: sort === 'bowl' && !inputs.lathe.known ? ['mass of the lathe'] : [],
    };
  },
};

function checksOf(inputs: Inputs, mass: Figure<'kg'>, arriving: Port<'rotary'>, context: Own): Check[] {
  const { note, check } = context;
  const { does, across, off, lathe, most } = inputs;
  const { slow, fast } = speedsOf(inputs, arriving);
  const byRule = byInches(mostByRule, across);
  const limits = [byRule, ...(does.is === 'spindle' ? [slenderMost] : []), ...(most.known ? [most] : [])];
  const fastest = note('fastest-for', picked('least', 'rpm', limits));
  const checks: Check[] = [check('fast', { has: fastest, needs: fast }), ...speedsCheck(inputs, context)];
  const U = unbalance({ m: mass, e: off });
  const pull = note('unbalance', centrifugalForce({ U, n: slow }));
  if (lathe.known) {
    const tenth = walksFromForce(lathe);
    const from = note(
      'walks-from',
      solve('rpm', walksFrom, { F: tenth, U }, ({ F = 0, U: kgmm = 1 }) => (30 / Math.PI) * Math.sqrt((1000 * F) / kgmm)),
    );
    checks.push(check('walks', { has: tenth, needs: pull, tells: { from } }));
  }
  return checks;
}
