import type { Driver } from '../../../catalog/service-factors.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, lowEnd, picked, scaled, unknown, unseen } from '../../../figure/figure.js';
import { criticalSpeed } from '../../../formulas/dynamics/critical-speed.js';
import { twinResonance } from '../../../formulas/dynamics/twin-resonance.js';
import { cardanFastest } from '../../../formulas/hub/cardan-fastest.js';
import { cardanSlowest } from '../../../formulas/hub/cardan-slowest.js';
import { jointAngleByShake } from '../../../formulas/hub/joint-angle-by-shake.js';
import { jointAngleBySpeed } from '../../../formulas/hub/joint-angle-by-speed.js';
import { spacerAngle } from '../../../formulas/hub/spacer-angle.js';
import { ratedTorque } from '../../../formulas/transmission/rated-torque.js';
import type { InputFigures } from '../../fields.js';
import type { Duty, StageKind, StageResult } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { noPull, nothingEntered, onOneAxis, straightThrough } from '../../shared/coaxial.js';
import { geared } from '../../shared/driven-shaft.js';
import { hubFixings } from '../../shared/hub-fixing.js';
import { keyedInstead } from '../../shared/keyed-instead.js';
import { ratedBetween, rowOf, serviceFactor } from '../../shared/service-factor.js';
import { couplingHead } from './fields.js';
import { bendSource, type CouplingOutputs, ratingSource, shakeSource } from './outputs.js';

type Inputs = InputFigures<typeof couplingHead.fields>;

const efficiencies = {
  jaw: fixed('1', 0.99, 'Common practice, no source: an elastic coupling passes 99 %', [0.98, 0.995]),
  sleeve: fixed('1', 1, 'A rigid sleeve loses nothing'),
  cardan: fixed('1', 0.98, 'Common practice, no source: a greased universal joint passes 97 to 99 %', [0.97, 0.99]),
};
const anySource = 'Common practice, no source: a coupling passes 97 to 100 %, by its kind';
const misalignment = {
  jaw: { says: 'Common practice, no source: elastic jaws allow 0.2 to 0.4 mm (take the maker’s)', mm: 0.3, range: [0.2, 0.4] as const },
  sleeve: {
    says: 'Common practice, no source: a rigid sleeve allows 0.05 mm; beyond it the bearings are loaded',
    mm: 0.05,
    range: [0.03, 0.08] as const,
  },
};

/** Two shafts joined on one axis. */
export const coupling: StageKind<typeof couplingHead> = {
  ...couplingHead,
  ready: ({ type, size }) => {
    const efficiency = type.is ? efficiencies[type.is] : unseen('1', [0.97, 0.99, 1], type.field, anySource);
    return { ...geared(straightThrough, efficiency), moved: nothingEntered, outline: onOneAxis(size) };
  },
  under: (inputs, _ready, { arriving, duty }, context) => underLoad(inputs, arriving, duty, context),
  candidates: (inputs) => keyedInstead(inputs, { driver: 'driving half', driven: 'driven half' }),
};

const tearSource = 'Common practice, no source: an elastic part tears at two to three times its rating';
const tears = fixed('1', 0.4, tearSource, [0.33, 0.5], flag.estimated);

function underLoad(inputs: Inputs, arriving: Port<'rotary'>, duty: Duty, context: Context<CouplingOutputs>): StageResult {
  const { torque } = duty;
  const { note, check, limit } = context;
  const { type, rating, offset, gap, bend } = inputs;
  const factor = note('service-factor', serviceFactor('coupling', duty));
  const allowed = note('lasts-up-to', ratedTorque({ T_r: rating, f: factor }));
  if (offset.known && gap.known) note('bends-by', spacerAngle({ o: offset, s: gap }));
  const checks: Check[] = [ratedBetween(check('rating', { has: allowed, needs: torque, tells: { factor, factorOf: rowOf(duty) } }), duty)];
  if (offset.known && (type.is === 'jaw' || type.is === 'sleeve')) {
    const { says, mm, range } = misalignment[type.is];
    checks.push(check('line', { has: fixed('mm', mm, says, range, flag.estimated), needs: offset, source: says }));
  }
  if (type.is === 'cardan') checks.push(...turnsUnevenly(inputs, arriving, context));
  else if (!type.is && bend.known) checks.push(check('bend', { has: unknown('rad', [type.field]), needs: bend }));
  if (type.is !== 'sleeve' && inputs.stiffness.known) checks.push(resonates(inputs, arriving, duty, context));
  if (inputs.most.known) checks.push(check('speed', { has: inputs.most, needs: arriving.top }));
  const hubs = hubFixings(inputs, context);
  return {
    checks,
    slips: null,
    steady: rating.known ? limit('lasts', { torque: allowed, source: ratingSource }) : null,
    breaks: rating.known ? limit('coupling', { torque: note('breaks-at', ratedTorque({ T_r: rating, f: tears })), source: tearSource }) : null,
    stiffness: inputs.stiffness,
    hubs,
    pulls: { in: noPull, out: noPull },
    cautions: ['Guard the coupling: bolts and keys catch a sleeve.'],
  };
}

const mostBend = fixed('rad', (18 * Math.PI) / 180, bendSource, [(15 * Math.PI) / 180, (20 * Math.PI) / 180], flag.estimated);

const speedTimesAngle = fixed('1', 18_000, shakeSource, [14_000, 20_000], flag.estimated);
const mostShake = fixed('1', 1250, shakeSource, [1000, 1500], flag.estimated);

/** One joint alone turns the driven shaft faster and slower, twice a turn: judged at the highest speed that it can reach. */
function turnsUnevenly({ bend }: Inputs, { flow: speed, top: n }: Port<'rotary'>, { note, check }: Context<CouplingOutputs>): Check[] {
  note('runs-up-to', cardanFastest({ n: speed, beta: bend }));
  note('runs-down-to', cardanSlowest({ n: speed, beta: bend }));
  const may = picked('least', 'rad', [jointAngleBySpeed({ k: speedTimesAngle, n }), jointAngleByShake({ a: mostShake, n })]);
  const atSpeed = check('bend-at-speed', { has: note('may-bend-by', may), needs: bend, tells: { n } });
  // What is missing is said once.
  return [check('bend', { has: mostBend, needs: bend }), ...(bend.known && atSpeed.verdict !== 'holds' ? [atSpeed] : [])];
}

const quarterSource = 'Common practice, no source: a quarter away from a resonance';
const quarterMore = fixed('1', 1.25, quarterSource);

/** How often a turn a driver strikes what it turns: once by unbalance, and as a four-stroke engine fires, with its first harmonics; twin cylinders fire evenly or not. */
const orders: Readonly<Record<Driver, readonly number[]>> = {
  normal: [1],
  high: [1],
  hand: [1],
  '1': [0.5, 1, 1.5],
  '2': [0.5, 1, 2],
  more: [1, 1.5, 2],
};
const struck: Readonly<Record<number, string>> = { 0.5: 'every other turn', 1: 'once a turn', 1.5: 'three times in two turns', 2: 'twice a turn' };

/** What spins on both sides oscillates against the elastic part: every order of the driver is kept off the speed it runs at, and the nearest is told. */
function resonates(
  { stiffness }: Inputs,
  { flow: speed }: Port<'rotary'>,
  { inertias, driver }: Duty,
  { note, check }: Context<CouplingOutputs>,
): Check {
  const { before, behind } = inertias();
  const f = note('resonance', twinResonance({ k: stiffness, J_1: spinning(before, 'before'), J_2: spinning(behind, 'behind') }));
  const apart = (n: Figure<'rpm'>) => scaled(n, quarterMore, quarterSource);
  const each = orders[driver ?? 'normal'].map((often) => {
    const critical = criticalSpeed({ f, o: fixed('1', often, `The driver strikes ${struck[often]}`) });
    const above = critical.known && speed.known && speed.value > critical.value;
    const [has, needs] = above ? [speed, apart(critical)] : [critical, apart(speed)];
    const tells = {
      critical,
      resonance: f,
      speed,
      struck: struck[often] ?? '',
      where: above ? 'above' : 'below',
      start: above ? ', and passes it at every start' : '',
    };
    return { critical, check: check('resonance', { has, needs, tells }) };
  });
  const nearest = each.reduce((one, other) => (leftOf(other.check) < leftOf(one.check) ? other : one));
  note('critical-speed', nearest.critical);
  return nearest.check;
}

const leftOf = ({ margin }: Check): number => margin?.worst ?? Number.POSITIVE_INFINITY;

/** Something without inertia does not oscillate: what is left out as nought is not known here. */
const spinning = (J: Figure<'kg·m²'>, where: string): Figure<'kg·m²'> =>
  J.known && lowEnd(J) <= 0 ? unknown('kg·m²', [], `the inertia of what spins ${where} it is not entered`) : J;
