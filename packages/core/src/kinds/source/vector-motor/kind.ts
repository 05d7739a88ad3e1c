import { motorBody } from '../../../catalog/motor-frames.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, highEnd, type Known, lowEnd, picked, scaled, unseen } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { circuitPower } from '../../../formulas/motor/circuit-power.js';
import { lineCurrent } from '../../../formulas/motor/line-current.js';
import { rotorInertia } from '../../../formulas/motor/rotor-inertia.js';
import { timesRated } from '../../../formulas/motor/times-rated.js';
import { voltsByFrequency } from '../../../formulas/motor/volts-by-frequency.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { Curve, Ends, Fed, SourceKind, SourceOutput } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { cooledBy, forAMinute, heatedLikeStalled, lastsHeld, pullOf, restartsBy } from '../../shared/motor.js';
import { isApart } from '../../shared/on-mains.js';
import { polesBy } from '../../shared/poles.js';
import { saturated } from '../../shared/saturation.js';
import { whatStopsAStall } from '../../shared/stalled.js';
import { ampsOf, overVoltage } from '../../shared/supplied.js';
import { bestMagnetising, currentFor, type FieldOriented, torqueOf } from './field.js';
import { type Inputs, vectorMotorHead } from './fields.js';
import { type VectorMotorOutputs, vectorMotorOutputs } from './outputs.js';

/** An induction motor under a drive that sets its field and its torque apart: full torque from rest to where its volts are used up. */
export const vectorMotor: SourceKind<typeof vectorMotorHead> = {
  ...vectorMotorHead,
  output: (inputs, fed, context) => {
    const { note, limit } = context;
    const { power: P, speed: n_n, voltage: V_n, most } = inputs;
    note('power', P);
    const pf = note('power-factor', inputs.powerFactor.known ? inputs.powerFactor : usualFactor);
    const I_n = note('current', inputs.current.known ? inputs.current : lineCurrent({ P, m: root3, V: V_n, eta: usualEfficiency, pf }));
    const T_n = shaftTorque({ P, n: n_n });
    const breakdown = scaled(T_n, breakdownTimes, breakdownSource);
    note('poles', polesBy(n_n, inputs.frequency));
    const point = { T_n, I_n, pf, u: ofReactive, a: iron };
    const rated = note(
      'rated-magnetising',
      solve('A', ratedMagnetising, { I_n, pf, u: ofReactive }, (of) => pointOf(of).I_m),
    );
    const I_d = inputs.magnetising;
    const set = note('magnetising', I_d.known ? I_d : rated);
    // Without an entry it goes with the rated point: what is not known of that is in it once.
    const own: Readonly<Record<string, Figure>> = I_d.known ? { I_d } : {};
    const field = note(
      'field',
      solve('1', fieldOver, { ...leavingTorque(point), ...own }, (of) => saturated(setOf(of) / pointOf(of).I_m, of.a ?? 1)),
    );
    const V = voltsOf(fed, V_n);
    const base = note(
      'base-speed',
      solve('rpm', baseSpeed, { n: n_n, V, V_n, ...leavingTorque(point), ...own }, (of) => {
        return ((of.n ?? 0) * (of.V ?? 0)) / ((of.V_n ?? 1) * saturated(setOf(of) / pointOf(of).I_m, of.a ?? 1));
      }),
    );
    const speed = note('speed', inputs.set.known ? inputs.set : picked('least', 'rpm', [n_n, base]));
    const f = note(
      'output-frequency',
      solve('Hz', frequencyAt, { f_n: inputs.frequency, n: speed, n_n }, (of) => ((of.f_n ?? 0) * (of.n ?? 0)) / (of.n_n ?? 1)),
    );
    note('volts-by-frequency', voltsByFrequency({ V_n, V_b: scaled(V_n, boost, boostSource), f, f_n: inputs.frequency }));
    const within: Readonly<Record<string, Figure>> = most.known ? { I_l: most } : {};
    // As far as the volts reach it has all of its field.
    const weaker = inputs.set.known ? solve('1', weakened, { n_b: base, n: speed }, ({ n_b = 1, n = 1 }) => Math.min(1, n_b / n)) : whole;
    const at = (I: Readonly<Record<string, Figure>>) =>
      timesRated({ k: weaker, T_n: solve('N·m', torqueAtCurrent, { ...point, ...own, ...I }, (of) => torqueOf(pointOf(of), amps(of), setOf(of))) });
    const torque = note('torque', at({ c: lastingShare(inputs, speed), ...within }));
    note('for-a-minute', picked('least', 'N·m', [at({ c: forAMinute, ...within }), breakdown]));
    const mostAtRest = solve('N·m', torqueAtCurrent, { ...point, ...own, I: most }, (of) => torqueOf(pointOf(of), of.I ?? 0, setOf(of)));
    const bounded = picked('least', 'N·m', [mostAtRest, breakdown]);
    const starting = note('torque-at-rest', atRest(inputs, bounded));
    const best = note(
      'best-magnetising',
      solve('A', mostTorque, { I: most, I_n, pf, u: ofReactive, a: iron }, (of) => bestMagnetising(pointOf(of), of.I ?? 0)),
    );
    if (best.known)
      note(
        'best-torque',
        solve('N·m', torqueAtCurrent, { ...point, I: most }, (of) => torqueOf(pointOf(of), of.I ?? 0, bestMagnetising(pointOf(of), of.I ?? 0))),
      );
    const top = note('highest-speed', scaled(speed, over, overSource));
    const lasts = note('withstands-stall', lastsHeld(most, I_n));
    return {
      is: 'rotary',
      flow: speed,
      effort: torque,
      top,
      curves: curvesOf({ starting, bounded, base, speed }),
      starting,
      ...(inputs.stops.known ? { braked: { time: inputs.stops, link: linkOf(fed) } } : {}),
      heating: heatedLikeStalled(lasts),
      stall: limit('stall', { torque: starting, lasts, source: breakdownSource }),
      moved: note('rotor-inertia', inputs.inertia.known ? inputs.inertia : rotorInertia({ u: offBy, P, p: polesBy(n_n, inputs.frequency) })),
      body: { across: motorBody(P.known ? P.value / 1000 : 0.55), known: false },
      supports: note('shaft-takes', pullOf(inputs.shaft)),
      driver: 'normal',
      reverses: 'running',
      stopped: whatStopsAStall(inputs.protector.is, fed, most),
      restarts: restartsBy(inputs.protector, inputs.noVolt),
      checks: [
        ...reachCheck(inputs, base, speed, torque, context),
        ...ironCheck(inputs, set, rated, field, context),
        ...(fed.current.is === 'dc' ? [] : overVoltage(V_n, fed.voltage, context)),
      ],
      under: (needed) => {
        const T = shaftTorque({ P: needed, n: speed });
        const I = solve('A', currentForTorque, { ...point, ...own, T, u_b: weaker }, (of) =>
          currentFor(pointOf(of), (of.T ?? 0) / (of.u_b ?? 1), setOf(of)),
        );
        return [context.check('limit', { has: most, needs: I }), ...supplyChecks(fed, needed, context)];
      },
      ...said(inputs),
    } satisfies SourceOutput;
  },
};

const relation = 'Textbooks on electric machines (relation)';
export const ratedMagnetising = defineProcedure({
  id: 'rated-magnetising',
  says: 'Of the rated current what is across its power, and of that what magnetises; the rest fills the stray field',
  source: relation,
});
export const fieldOver = defineProcedure({
  id: 'field-over-rated',
  says: 'x·(1 + a)/(1 + a·x), x the magnetising current over that of the rated point',
  source: 'Froelich’s saturation curve (textbooks on electric machines)',
});
export const baseSpeed = defineProcedure({
  id: 'base-speed',
  says: 'The rated speed by the volts that there are over the rated, and by the field that they have to make: more field uses them up sooner',
  source: relation,
});
export const weakened = defineProcedure({
  id: 'weakened-field',
  says: 'Over the speed at which the volts are used up, that speed over the one it is run at; 1 under it',
  source: relation,
});
export const torqueAtCurrent = defineProcedure({
  id: 'torque-of-current',
  says: 'Rated torque by the field and by the current at right angles to the one that magnetises, √(I² − I_d²), over those of the rated point',
  source: relation,
  turns: ['u', 'I_d'],
});
export const currentForTorque = defineProcedure({
  id: 'current-for-torque',
  says: 'The current at right angles that the torque needs, and the one that magnetises, together',
  source: relation,
  turns: ['u', 'I_d'],
});
export const mostTorque = defineProcedure({
  id: 'most-torque-of-current',
  says: 'Where what more magnetising current adds to the field it takes from the torque, by halving; with iron that is not full 1/√2 of the current',
  source: 'Textbooks on field-oriented control (relation)',
});

const reactiveSource = 'Common practice, no source: 70 to 100 % of the current across its power magnetises a motor, the rest fills its stray field';
const ofReactive = fixed('1', 0.85, reactiveSource, [0.7, 1], flag.estimated);
const ironSource = 'Common practice, no source: twice the rated magnetising current makes 1.1 to 1.3 times the field';
const iron = fixed('1', 2, ironSource, [1, 4], flag.estimated);
const breakdownSource = 'Common practice, no source: 2 to 3.5 times its rated torque is the most that a motor has, whatever current its drive has';
const breakdownTimes = fixed('1', 2.6, breakdownSource, [2, 3.5], flag.estimated);
const overSource = 'Common practice, no source: a drive that reads or works out the speed holds it within a few per cent';
const over = fixed('1', 1.01, overSource, [1, 1.03], flag.estimated);
const root3 = fixed('1', Math.sqrt(3), 'Definition: √3 for three phases');
const usualFactor = fixed('1', 0.76, 'Common practice, no source: small motors have power factors of 0.65 to 0.86', [0.65, 0.86], flag.estimated);
const usualEfficiency = fixed('1', 0.75, 'Common practice, no source: small motors have efficiencies of 0.6 to 0.87', [0.6, 0.87], flag.estimated);
const offBy = fixed('1', 1, 'An estimate from the size: half to twice is found', [0.5, 2], flag.estimated);

/** Of any combination of ends the same motor. */
function pointOf({ T_n = 1, I_n = 1, pf = 0.8, u = 1, a = 1 }: Readonly<Record<string, number>>): FieldOriented {
  const I_m = u * I_n * Math.sqrt(1 - pf ** 2);
  return { T_n, I_m, I_q: Math.sqrt(I_n ** 2 - I_m ** 2), a };
}
const setOf = (of: Readonly<Record<string, number>>): number => of.I_d ?? pointOf(of).I_m;
/** A share of the rated current, no more than the limit. */
const amps = (of: Readonly<Record<string, number>>): number => Math.min((of.c ?? 1) * (of.I_n ?? 0), of.I_l ?? Number.POSITIVE_INFINITY);
const leavingTorque = <P extends { readonly T_n: Figure }>({ T_n: _, ...rest }: P) => rest;

const voltsSource = 'Common practice, no source: a drive makes 90 to 100 % of the mains’ volts between two phases, of direct volts 1/√2 of as much';
const made = fixed('1', 0.95, voltsSource, [0.9, 1], flag.estimated);
const madeOfDirect = fixed('1', 0.67, voltsSource, [0.63, Math.SQRT1_2], flag.estimated);

/** Volts between two phases that the drive can make; while the supply is not entered those of the plate. */
const voltsOf = (fed: Fed, V_n: Figure<'V'>): Figure<'V'> =>
  fed.voltage.known ? scaled(fed.voltage, fed.current.is === 'dc' ? madeOfDirect : made, voltsSource) : V_n;

export const frequencyAt = defineProcedure({
  id: 'frequency-at-speed',
  says: 'The rated frequency by the speed over the rated; its slip stays the same',
  source: relation,
});
const boostSource = 'Common practice, no source: a boost of 2 to 6 % of the rated volts at rest makes up for the resistance of a small motor';
const boost = fixed('1', 0.04, boostSource, [0.02, 0.06], flag.estimated);

const chopperSource =
  'Common practice, no source: a drive’s chopper is on at 1.6 to 1.8 times the mains’ volts (about 370 on 230 V, 700 on 400 V), at 1.1 to 1.2 times direct volts';
const chopper = fixed('1', 1.7, chopperSource, [1.6, 1.8], flag.estimated);
const chopperOfDirect = fixed('1', 1.15, chopperSource, [1.1, 1.2], flag.estimated);
/** Volts of the link at which the braking resistor is switched on. */
const linkOf = (fed: Fed): Figure<'V'> => scaled(fed.voltage, fed.current.is === 'dc' ? chopperOfDirect : chopper, chopperSource);

const whole = fixed('1', 1, 'As on the plate');

/** What it may draw for good, over the rated: less where its own fan turns slowly. */
const lastingShare = ({ fan, speed: n_n }: Inputs, n: Figure<'rpm'>): Figure<'1'> =>
  fan.is === 'blown' || !n.known || !n_n.known || lowEnd(n) >= 0.9 * highEnd(n_n) ? whole : cooledBy(n, n_n);

const blindSource = 'Common practice, no source: without an encoder a drive has 30 to 100 % of its torque at rest, by how well it is set';
const blind = fixed('1', 0.6, blindSource, [0.3, 1], flag.estimated);

/** At rest the drive has to know where the field is. */
function atRest({ sensors }: Inputs, T: Figure<'N·m'>): Figure<'N·m'> {
  if (sensors.is === 'encoder') return T;
  return scaled(T, sensors.is ? blind : unseen('1', [0.3, 0.8, 1], sensors.field, blindSource), blindSource);
}

interface Points {
  readonly starting: Figure<'N·m'>;
  readonly bounded: Figure<'N·m'>;
  readonly base: Figure<'rpm'>;
  readonly speed: Figure<'rpm'>;
}

/** Below a twentieth of its speed a drive without an encoder finds the field. */
const found = 0.05;

/** Its most torque to where the volts are used up, from there with the field; at the speed that is set it is held. */
function curvesOf({ starting, bounded, base, speed }: Points): Ends<Curve> | null {
  if (!starting.known || !bounded.known || !base.known || !speed.known) return null;
  const curve = (end: (figure: Known) => number): Curve => {
    const [T_0, T, n_b, n_set] = [end(starting), end(bounded), end(base), end(speed)];
    const slow = found * n_b;
    const free = (n: number) => (n < slow ? T_0 + ((T - T_0) * n) / slow : n <= n_b ? T : (T * n_b) / n);
    const top = over.value * n_set;
    return {
      torque: (n) => (n <= n_set ? free(n) : (free(n_set) * Math.max(0, top - n)) / (top - n_set)),
      top_rpm: top,
      switch_rpm: null,
      hangsBelow_rpm: 0,
      heat: () => 1,
    };
  };
  return [curve(lowEnd), curve((figure) => figure.value), curve(highEnd)];
}

type Own = Context<VectorMotorOutputs>;

/** Over the speed at which the volts are used up it is close, over twice that it does not get there. */
function reachCheck({ set }: Inputs, base: Figure<'rpm'>, speed: Figure<'rpm'>, left: Figure<'N·m'>, { check }: Own): Check[] {
  if (!set.known || !base.known) return [];
  return [check('reach', { has: scaled(base, 2, vectorMotorOutputs.checks.reach.source), needs: speed, closeBelow: 0.5, tells: { base, left } })];
}

const mostShare = 1.3;
const leastShare = 0.7;

/** Only of one that is entered. */
function ironCheck({ magnetising, most }: Inputs, set: Figure<'A'>, rated: Figure<'A'>, field: Figure<'1'>, { state }: Own): Check[] {
  if (!magnetising.known || !rated.known) return [];
  const tells = { set, rated, field };
  if (most.known && lowEnd(magnetising) >= highEnd(most)) return [state('iron', { verdict: 'fails', tells })];
  const isFar = lowEnd(magnetising) > mostShare * highEnd(rated) || highEnd(magnetising) < leastShare * lowEnd(rated);
  return [state('iron', { verdict: isFar ? 'close' : 'holds', tells })];
}

const etaSource = 'Common practice, no source: motor and drive put 55 to 80 % of what they draw on the shaft';
const eta = fixed('1', 0.7, etaSource, [0.55, 0.8], flag.estimated);
const rectifier = fixed(
  '1',
  0.65,
  'Common practice, no source: the rectifier of a small drive has a power factor of 0.55 to 0.75',
  [0.55, 0.75],
  flag.estimated,
);
const one = fixed('1', 1, 'Direct current, or a single phase');

/** Whether the supply, or the wall, feeds drive and motor. */
function supplyChecks(fed: Fed, needed: Figure<'W'>, context: Own): Check[] {
  const m = fed.current.is !== 'dc' && fed.phases.is === '3' ? root3 : one;
  const pf = fed.current.is === 'dc' ? one : rectifier;
  const drawn = lineCurrent({ P: needed, m, V: fed.voltage, eta, pf });
  if (fed.limit || isApart(fed.breaker)) return ampsOf(fed, drawn, context);
  return [context.check('circuit', { has: circuitPower({ m, V: fed.voltage, I: fed.breaker, share: fed.share, eta, pf }), needs: needed })];
}

/** What to beware of, and what is not entered although it matters. */
function said({ sensors, most, protector, fan, stops }: Inputs) {
  return {
    cautions: [
      'Isolate the drive and wait five minutes before reaching in: its capacitors hold the volts of the mains.',
      'The drive’s stop does not take the power off: an emergency stop and a no-volt release before it.',
      'Driven by its load it is a generator: without a braking resistor the drive trips, and lets the load run.',
      ...(stops.known ? ['A braking resistor gets red hot: apart from wood and chips, behind a grating.'] : []),
      ...(sensors.is === 'encoder'
        ? ['With its encoder unplugged or turned about it may run away or hold still at full current: set a speed at which it stops.']
        : []),
      ...(fan.is === 'blown' ? [] : ['Slow and loaded it overheats: its fan is on its shaft.']),
      'Old windings may not withstand the steep edges of a drive at 400 V: test them against the frame first.',
      'Residual-current devices before a drive are of a kind of their own; mains wiring follows your local code and belongs to a licensed electrician.',
    ],
    notEntered: [
      ...(sensors.is ? [] : ['how the drive reads its speed']),
      ...(most.known ? [] : ['current limit of the drive']),
      ...(protector.is ? [] : ['thermal cut-out of the motor']),
    ],
    notWorkedOut: ['how well the drive is set to its motor'],
  };
}
