import { wormEfficiencies } from '../../../catalog/gears.js';
import { motorBody } from '../../../catalog/motor-frames.js';
import { type SmallMotor, smallMotors } from '../../../catalog/small-motors.js';
import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, type Known, picked, scaled, unseen } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { inertiaByRunUp } from '../../../formulas/motor/inertia-by-run-up.js';
import { timesRated } from '../../../formulas/motor/times-rated.js';
import { shaftPower } from '../../../formulas/power/shaft-power.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { type Band, bandAt } from '../../../numeric/band-at.js';
import { sentence } from '../../../wording/sentence.js';
import type { Chosen } from '../../fields.js';
import type { Curve, Ends, Reverses, SourceKind, SourceOutput } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { type CurvePoints, curvesOf } from '../../shared/induction-curves.js';
import { forAMinute, heatedLikeStalled, pullOf, restartsBy, withstandsStall } from '../../shared/motor.js';
import { ampsOf, overVoltage } from '../../shared/supplied.js';
import { gearmotorHead, type Inputs } from './fields.js';
import { type GearmotorOutputs, gearmotorOutputs } from './outputs.js';

/** What the motor inside does over its rated torque: at rest, at the most, the current of the held rotor, its slip; by kind. */
interface Inside {
  readonly start: Band;
  readonly most: Band;
  readonly locked: Band;
  /** Of induction motors, share of the speed that it lags under its rated load. */
  readonly slip?: Band;
  readonly direct?: true;
}
/** Induction motors as the catalog has them. */
const induction = ({ start, most, locked }: SmallMotor, slip: Band): Inside => ({ start, most, locked, slip });
const insides: Readonly<Record<'three-phase' | 'single' | 'shaded-pole' | 'dc' | 'universal', Inside>> = {
  'three-phase': induction(smallMotors['three-phase'], [0.04, 0.07, 0.1]),
  single: induction(smallMotors['capacitor-run'], [0.05, 0.08, 0.12]),
  'shaded-pole': induction(smallMotors['shaded-pole'], [0.08, 0.12, 0.2]),
  dc: { start: [4, 6, 9], most: [4, 6, 9], locked: [4, 6, 9], direct: true },
  universal: { start: [3, 4, 5], most: [3, 4, 5], locked: [2.5, 3, 4] },
};
const insideSource = 'Small motors by kind: common practice and catalogue averages, no source (from memory)';

function reversedBy({ is, field }: Chosen<keyof typeof insides>): Reverses {
  if (!is) return [field];
  if (is === 'shaded-pole') return 'never';
  return is === 'three-phase' ? 'running' : 'at rest';
}

/** A motor with its gears as one body, by what its output shaft does. */
export const gearmotor: SourceKind<typeof gearmotorHead> = {
  ...gearmotorHead,
  output: (inputs, fed, context) => {
    const { note, limit } = context;
    const { speed, torque: T_p, power: P_m } = inputs;
    const eta = note('efficiency', efficiencyOf(inputs));
    note(
      'backward',
      solve('1', backward, { k: eta }, ({ k = 1 }) => 2 - 1 / k),
    );
    const torque = note(
      'torque',
      T_p.known ? T_p : shaftTorque({ P: solve('W', throughGears, { P: P_m, k: eta }, ({ P = 0, k = 1 }) => P * k), n: speed }),
    );
    note('speed', speed);
    const power = note('power', shaftPower({ T: torque, n: speed }));
    const start = note('torque-at-rest', timesRated({ k: ofInside(inputs.inside, 'start'), T_n: torque }));
    const most = note('most-torque', timesRated({ k: ofInside(inputs.inside, 'most'), T_n: torque }));
    note('for-a-minute', picked('least', 'N·m', [timesRated({ k: forAMinute, T_n: torque }), most]));
    const is: Inside | undefined = inputs.inside.is && insides[inputs.inside.is];
    const curves = curvesFor(inputs, speed, torque, start, most);
    const top = note('highest-speed', topOf(inputs, speed));
    const lasts = note('withstands-stall', withstandsStall(ofInside(inputs.inside, 'locked')));
    const moved = note('inertia', inputs.inertia.known ? inputs.inertia : inertiaByRunUp({ t: aloneIn, T: torque, n: speed }));
    const needsDirect = is?.direct === true;
    return {
      is: 'rotary',
      flow: speed,
      effort: torque,
      top,
      curves,
      starting: start,
      heating: heatedLikeStalled(lasts),
      stall: limit('stall', { torque: picked('most', 'N·m', [start, most]), lasts, source: insideSource }),
      moved,
      body: { across: 0.9 * motorBody(power.known ? power.value / 1000 : 0.1), known: false },
      supports: note('shaft-takes', inputs.overhung.known ? inputs.overhung : pullOf(inputs.shaft)),
      driver: 'normal',
      reverses: reversedBy(inputs.inside),
      stopped: 'whether anything stops it in that time is not worked out',
      restarts: restartsBy(inputs.protector, inputs.noVolt),
      checks: [
        ...(is && fed.current.is && (fed.current.is === 'dc') !== needsDirect && inputs.inside.is !== 'universal'
          ? [
              context.state('kind', {
                verdict: 'fails',
                tells: { own: needsDirect ? 'direct' : 'alternating', there: fed.current.is === 'dc' ? 'direct' : 'alternating' },
              }),
            ]
          : []),
        ...(inputs.voltage.known ? overVoltage(inputs.voltage, fed.voltage, context) : []),
        ...gearsCheck(inputs, most, context),
      ],
      under: (needed) => [
        ...(inputs.rating.known ? [context.check('rating', { has: inputs.rating, needs: shaftTorque({ P: needed, n: speed }) })] : []),
        ...ampsOf(
          fed,
          solve('A', drawnByShare, { P: needed, P_n: power, I: inputs.current }, ({ P = 0, P_n = 1, I = 0 }) => (P / P_n) * I),
          context,
        ),
      ],
      ...said(inputs, eta),
    } satisfies SourceOutput;
  },
};

export const backward = defineProcedure({
  id: 'gears-backward',
  says: '2 − 1 / efficiency: of the power at the output what comes back to the motor; below nothing the gears hold by themselves',
  source: 'Shigley’s Mechanical Engineering Design (worms and screws: the friction is the same both ways)',
});
export const throughGears = defineProcedure({
  id: 'through-gears',
  says: 'Power of the motor inside times the efficiency of the gears',
  source: 'Definition',
});
export const drawnByShare = defineProcedure({
  id: 'drawn-by-share',
  says: 'The rated current by the share of the rated power that is needed',
  source: 'Common practice, no source: near full load',
});

const gearSource =
  'Common practice, no source: spur 0.95 to 0.98 a mesh, two to four of them; planetary 0.85 to 0.95; worm 0.40 at 60 to 1, 0.90 at 5 to 1';

/** By what is inside; a worm by its ratio. */
function efficiencyOf({ gears, ratio }: Inputs): Figure<'1'> {
  const table = (band: Band, row: string) => fromTable('1', band, { table: 'gears of gearmotors', row, source: gearSource }, flag.estimated);
  if (gears.is === 'spur') return table([0.82, 0.9, 0.95], 'spur');
  if (gears.is === 'planetary') return table([0.8, 0.88, 0.95], 'planetary');
  if (gears.is === 'worm') return table(ratio.known ? bandAt(wormEfficiencies, ratio.value) : [0.35, 0.65, 0.9], 'worm');
  return unseen('1', [0.35, 0.85, 0.95], gears.field, gearSource);
}

/** A band of the motor inside; of all of them where it is not said. */
function ofInside({ is, field }: Chosen<keyof typeof insides>, name: 'start' | 'most' | 'locked'): Figure<'1'> {
  if (is) return fromTable('1', insides[is][name], { table: 'motors inside', row: is, source: insideSource }, flag.estimated);
  const all = Object.values(insides).map((each) => each[name]);
  return unseen('1', [Math.min(...all.map(([low]) => low)), 2, Math.max(...all.map(([, , high]) => high))], field, insideSource);
}

const slipFixed = (band: Band): Known<'1'> => fixed('1', band[1], insideSource, [band[0], band[2]], flag.estimated);
export const unloadedOutput = defineProcedure({
  id: 'unloaded-output',
  says: 'The rated speed, over what of it is left by the lag or by the straight line to the torque at rest',
  source: insideSource,
});

/** Unloaded an induction motor comes up to its field, one with brushes to where its straight line ends. */
function topOf({ inside }: Inputs, n: Figure<'rpm'>): Figure<'rpm'> {
  const is: Inside | undefined = inside.is && insides[inside.is];
  if (!is) return scaled(n, unseen('1', [1.04, 1.15, 1.6], inside.field, insideSource), insideSource);
  const lag = is.slip ? slipFixed(is.slip) : fixed('1', 1 / is.start[1], insideSource, [1 / is.start[2], 1 / is.start[0]], flag.estimated);
  return solve('rpm', unloadedOutput, { n, s: lag }, ({ n: speed = 0, s = 0 }) => speed / (1 - s));
}

function curvesFor({ inside }: Inputs, n: Figure<'rpm'>, T: Figure<'N·m'>, rest: Figure<'N·m'>, most: Figure<'N·m'>): Ends<Curve> | null {
  const is: Inside | undefined = inside.is && insides[inside.is];
  if (!is || !n.known || !T.known || !rest.known || !most.known) return null;
  if (is.slip) {
    const slip = fixed('1', is.slip[1], insideSource);
    const synchronous = { ...n, value: n.value / (1 - slip.value) };
    const multiple = ofInside(inside, 'most') as Known<'1'>;
    const points: CurvePoints = { synchronous, slip, rest, most, multiple, slower: 1, single: inside.is !== 'three-phase', switches: false };
    return curvesOf(points);
  }
  const line = (k: number, pick: (figure: Known) => number): Curve => {
    const n_0 = n.value / (1 - 1 / k);
    const T_0 = k * pick(T);
    return {
      torque: (at) => T_0 * Math.max(0, 1 - at / n_0),
      top_rpm: n_0,
      switch_rpm: null,
      hangsBelow_rpm: 0,
      heat: (at) => Math.max(0, 1 - at / n_0) ** 2,
    };
  };
  return [
    line(is.start[0], (figure) => figure.low ?? figure.value),
    line(is.start[1], (figure) => figure.value),
    line(is.start[2], (figure) => figure.high ?? figure.value),
  ];
}

const aloneSource = 'Common practice, no source: a gearmotor takes 0.1 to 0.6 s to its speed with its rated torque; its rotor is all its inertia';
const aloneIn = fixed('s', 0.25, aloneSource, [0.1, 0.6], flag.estimated);

type Own = Context<GearmotorOutputs>;
const withstood = fixed('1', 3, gearmotorOutputs.checks.gears.source, [2, 4], flag.estimated);

const gearsCheck = ({ rating }: Inputs, most: Figure<'N·m'>, { check }: Own): Check[] =>
  rating.known && most.known
    ? [noWorseThanClose(check('gears', { has: scaled(rating, withstood, gearmotorOutputs.checks.gears.source), needs: most }))]
    : [];

/** What to beware of, and what is not entered although it matters. */
function said({ inside, gears, protector }: Inputs, eta: Figure<'1'>) {
  const mayHold = eta.known && eta.value < 0.55;
  return {
    cautions: [
      'Isolate the motor and wait before reaching in: never clear a jam with the power on.',
      ...(gears.is === 'worm'
        ? [
            mayHold
              ? sentence('Its worm may hold a load by itself, and creeps when it shakes: it is no brake for what can fall')
              : sentence('Its worm does not hold a load by itself: driven backward it turns'),
          ]
        : ['Driven backward by its load it turns: it is no brake.']),
      'Its small motor turns a slow shaft with a force that does not stop for fingers.',
      ...(protector.is === 'self-resetting'
        ? ['This thermal cut-out resets by itself: the machine starts again while a jam is being cleared. Pull the plug first.']
        : []),
      'Earth to the frame before any power; mains wiring follows your local code and belongs to a licensed electrician.',
    ],
    notEntered: [...(inside.is ? [] : ['what motor is inside']), ...(gears.is ? [] : ['what gears are inside'])],
    notWorkedOut: ['what its own bearings last'],
  };
}
