import { rubbed, rubbedSource, wheelSpeedSource } from '../../../catalog/rubbed.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, picked, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { rubbingPower } from '../../../formulas/cutting/rubbing-power.js';
import { rubbingTorque } from '../../../formulas/cutting/rubbing-torque.js';
import { discInertia } from '../../../formulas/dynamics/disc-inertia.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy, thrownAt } from '../../shared/jam-stop.js';
import { emptyTorque, loadedUnder } from '../../shared/loaded.js';
import { grinderHead } from './fields.js';
import type { GrinderOutputs } from './outputs.js';

type Inputs = InputFigures<typeof grinderHead.fields>;

const idles = fixed(
  'W',
  50,
  'Common practice, no source: wheels and bearings of a bench grinder take 30 to 90 W without work',
  [30, 90],
  flag.estimated,
);
const leanSource = 'Common practice, no source: leaned on, a wheel takes twice as much and more; it slows, and does not stall at once';
const leaned = fixed('1', 2.2, leanSource, [1.6, 3], flag.estimated);
const ofFace = fixed('1', 2 / 3, 'Common practice, no source: work is held to a disc at two thirds of its radius', [0.5, 0.8]);
const solid = fixed('1', 0.5, 'Closed form: a solid wheel');
const unmeasured = fixed('kg·m²', 0, 'No width of the wheel is entered: its inertia is left out');

export const wheelMass = defineProcedure({
  id: 'grinding-wheel-mass',
  says: 'Volume of the wheels by the density of what they are of',
  source: 'Geometry',
});

const rowOf = ({ sort }: Inputs) => rubbed[sort.is ?? 'stone'];

/** A wheel that grinds, cuts, sands or polishes: drag of what is pressed on, and what the wheel itself withstands. */
export const grinder: WorkKind<typeof grinderHead> = {
  ...grinderHead,
  speedNeeded: (inputs) => {
    const { runs_m_s, label } = rowOf(inputs);
    const n = speedOfRim({ v: fromTable('m/s', runs_m_s, { table: 'speed of wheels', row: label, source: wheelSpeedSource }), d: inputs.across });
    return inputs.most.known ? picked('least', 'rpm', [n, loadedUnder(inputs.most)]) : n;
  },
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { across, wide, many, press, handsClear, lasts } = inputs;
    const n = arriving.flow;
    const { label, press_N, drag, density, at } = rowOf(inputs);
    const row = { row: label, source: rubbedSource };
    note('rim', rimSpeed({ n, d: across }));
    const where = at === 'rim' ? across : scaled(across, ofFace, 'At two thirds of its radius');
    const F = press.known ? press : fromTable('N', press_N, { table: 'pressed on by hand', ...row });
    const mu = fromTable('1', drag, { table: 'drag of wheels', ...row });
    note('rubbing-power', rubbingPower({ F, mu, v: rimSpeed({ n, d: where }) }));
    const steady = note('torque', picked('sum', 'N·m', [rubbingTorque({ F, mu, D: where }), shaftTorque({ P: idles, n })]));
    const rho = fixed('kg/m³', density, rubbedSource);
    const mass = solve(
      'kg',
      wheelMass,
      { D: across, b: wide, z: many, rho },
      ({ D = 0, b = 0, z = 1, rho: r = 0 }) => (Math.PI * D ** 2 * b * z * r) / 4e9,
    );
    if (wide.known) note('wheel-mass', mass);
    return {
      steady,
      body: bodyOf(across, 200),
      breakaway: note('breakaway', emptyTorque(steady)),
      peak: note('peak', scaled(steady, leaned, leanSource)),
      startsEmpty: true,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('wheel-inertia', wide.known ? discInertia({ k: solid, m: mass, d: across }) : unmeasured),
      ...jammedBy({ ...inputs, bursts: thrownAt(across) }, across, context),
      shock: 'uniform',
      checks: checksOf(inputs, arriving, context),
      cautions: cautionsOf(inputs),
      notEntered: inputs.most.known ? [] : ['the speed marked on the wheel'],
    };
  },
};

const isBonded = ({ sort }: Inputs): boolean => sort.is === undefined || sort.is === 'stone' || sort.is === 'disc';

const cautionsOf = (inputs: Inputs): string[] => [
  ...(isBonded(inputs)
    ? [
        'A wheel is rung before it is mounted: a dull sound is a crack. Blotters, clean flanges, no force.',
        'Guard closed, the rest within 3 mm of the wheel; nobody in its plane for the first minute.',
        inputs.sort.is === 'disc' ? 'A thin disc is not ground with from the side.' : 'No aluminium, no grinding on the side of the wheel.',
      ]
    : ['Work is held to the half that turns down, on a rest: the other half throws it up.']),
  ...(inputs.sort.is === 'cloth' ? ['A polishing wheel snatches edges and chains out of the hand: below its axis, edges away.'] : []),
  ...(inputs.sort.is === 'wire' ? ['Wires fly like needles: a face shield and a leather apron.'] : []),
  'Face shield, no gloves, sleeves short; dust is drawn off.',
  'A faster motor is none: the wheel sets the speed.',
];

function checksOf(inputs: Inputs, { top }: Port<'rotary'>, { note, check }: Context<GrinderOutputs>): Check[] {
  const { across, most } = inputs;
  const unmarked: Figure<'m/s'> = fixed('m/s', rowOf(inputs).fastest_m_s, wheelSpeedSource);
  note('fastest-for', most.known ? most : speedOfRim({ v: unmarked, d: across }));
  return [most.known ? check('marked', { has: most, needs: top }) : check('rim', { has: unmarked, needs: rimSpeed({ n: top, d: across }) })];
}
