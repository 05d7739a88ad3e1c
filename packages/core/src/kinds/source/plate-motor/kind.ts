import { motorBody } from '../../../catalog/motor-frames.js';
import { type BandName, smallMotorSource, smallMotors } from '../../../catalog/small-motors.js';
import { type Figure, fixed, flag, highEnd, type Known, lowEnd, picked, scaled, unknown } from '../../../figure/figure.js';
import { apparentPower } from '../../../formulas/motor/apparent-power.js';
import { bleederPower } from '../../../formulas/motor/bleeder-power.js';
import { capacitorCurrent } from '../../../formulas/motor/capacitor-current.js';
import { capacitorEnergy } from '../../../formulas/motor/capacitor-energy.js';
import { capacitorReactance } from '../../../formulas/motor/capacitor-reactance.js';
import { dischargeTime } from '../../../formulas/motor/discharge-time.js';
import { drawnPower } from '../../../formulas/motor/drawn-power.js';
import { motorSlip } from '../../../formulas/motor/motor-slip.js';
import { onePhaseCapacitor } from '../../../formulas/motor/one-phase-capacitor.js';
import { powerFromCurrent } from '../../../formulas/motor/power-from-current.js';
import { reactivePower } from '../../../formulas/motor/reactive-power.js';
import { rotorInertia } from '../../../formulas/motor/rotor-inertia.js';
import { slippedSpeed } from '../../../formulas/motor/slipped-speed.js';
import { speedOnWall } from '../../../formulas/motor/speed-on-wall.js';
import { starCurrent } from '../../../formulas/motor/star-current.js';
import { startingCurrent } from '../../../formulas/motor/starting-current.js';
import { synchronousSpeed } from '../../../formulas/motor/synchronous-speed.js';
import { timesRated } from '../../../formulas/motor/times-rated.js';
import { torqueAtFlux } from '../../../formulas/motor/torque-at-flux.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { Fed, Reverses, SourceKind, SourceOutput } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { type SizedFamily, sizedUp } from '../../shared/by-size.js';
import { curvesOf } from '../../shared/induction-curves.js';
import { forAMinute, pullOf, restartsBy, withstandsStall } from '../../shared/motor.js';
import { arriving, inrushChecks } from '../../shared/on-mains.js';
import { whatStopsAStall } from '../../shared/stalled.js';
import { largerMotors } from './candidates.js';
import { forItsDuty, plateChecks, underLoad, type Wall, wallChecks } from './checks.js';
import { type Inputs, plateMotorHead } from './fields.js';
import { motorsLike, sizeOf, tabled } from './motors-like.js';
import { fluxOf, hasThreePhases, type OnWall, onWall, torqueOnWall } from './on-wall.js';
import type { PlateMotorOutputs } from './outputs.js';
import { currentOf, isShaftByAmps, phaseFactor, polesOf, shaftPowerOf, sharesOf } from './plate.js';
import { said } from './said.js';

/** An induction motor, from whatever can be read on its plate; what is missing is estimated from motors like it, and marked so. */
export const plateMotor: SourceKind<typeof plateMotorHead> = {
  ...plateMotorHead,
  output: (entered, fed, context) => {
    const { note, limit } = context;
    const onIt = onWall(entered, fed);
    const poles = note('poles', polesOf(entered, onIt.rated));
    const ofPlate = synchronousSpeed({ f: onIt.rated, p: poles });
    const rated = note('speed', entered.speed.known || !entered.poles.is ? entered.speed : slippedSpeed({ n_s: ofPlate, s: usualSlip }));
    const inputs = sizedUp(entered, familyOf(entered), rated);
    const like = motorsLike(inputs);
    const size = sizeOf(inputs, poles);
    const table = (name: BandName) => tabled(like, inputs, size, name);
    const given = (own: Figure<'1'>, name: 'efficiency' | 'powerFactor') => (own.known ? own : table(name));
    const eta = note('efficiency', given(inputs.efficiency, 'efficiency'));
    const pf = note('power-factor', given(inputs.powerFactor, 'powerFactor'));
    const m = phaseFactor(inputs);
    const byAmps = powerFromCurrent({ m, V: inputs.voltage, I: inputs.current, eta, pf });
    const power = note('power', shaftPowerOf(inputs, byAmps, eta, pf, m));

    const synchronous = note('synchronous-speed', synchronousSpeed({ f: onIt.frequency, p: poles }));
    const slip = note('slip', motorSlip({ n_s: ofPlate, n: rated }));
    const torque = note('torque', shaftTorque({ P: power, n: rated }));

    const current = note('current', currentOf(inputs, onIt, power, eta, pf, m));
    const drawn = note('drawn-power', drawnPower({ P: power, eta }));
    const apparent = note('apparent-power', apparentPower({ m, V: onIt.plate, I: current }));
    note('reactive-power', reactivePower({ S: apparent, P: drawn }));
    const capacitor = capacitorFigures(inputs, onIt, power, fed, note);
    const inrush = note('starting-current', startingCurrent({ k: table('locked'), I: current }));
    if (onIt.connection === 'delta') note('starting-current-in-star', starCurrent({ I: inrush }));
    const atRest = arriving(onIt, fed.lead, m, inrush, table('restFactor'));
    const atWork = fed.isLeadEntered ? arriving(onIt, fed.lead, m, current, pf) : onIt.wall;
    if (fed.isLeadEntered && (!fed.lead.known || fed.lead.value > 0)) {
      if (atRest.known) note('voltage-at-start', atRest);
      if (atWork.known) note('voltage-at-work', atWork);
    }
    const multiple = table('most');
    const atBreakdown = arriving(onIt, fed.lead, m, scaled(inrush, ofLocked, breakdownCurrentSource), breakdownFactor);
    const left = onOnePhase(inputs, fed);
    const breakdown = note('most-torque', ofIt(torqueOnWall(onIt, timesRated({ k: multiple, T_n: torque }), atBreakdown, 'breakdown'), left?.most));
    const starting = note('torque-at-rest', ofIt(torqueOnWall(onIt, timesRated({ k: table('start'), T_n: torque }), atRest, 'rest'), left?.rest));
    const flux = fluxOf(onIt, atWork);
    const lasting = note(
      'lasting-torque',
      lastingTorque(ofIt(torque, left?.lasting), flux, breakdown, like[0] === 'shaded-pole' ? shadedReserve : reserve),
    );
    // A wall that is down by a tenth leaves 81 % of it.
    note('for-a-minute', picked('least', 'N·m', [timesRated({ k: forAMinute, T_n: lasting }), scaled(breakdown, downByATenth, downSource)]));
    if (fed.current.is !== 'dc' && inputs.third.is !== 'converter') note('holds-back', scaled(breakdown, asGenerator, generatorSource));
    const speed = onIt.isOtherFrequency
      ? note('speed-on-wall', turning(speedOnWall({ n_s: synchronous, n_p: ofPlate, n: rated, phi: fluxOf(onIt, onIt.wall) })))
      : rated;
    const lasts = note('withstands-stall', withstandsStall(table('locked')));
    const inertia = note('rotor-inertia', inputs.inertia.known ? inputs.inertia : rotorInertia({ u: offBy, P: power, p: poles }));
    const supports = note('shaft-takes', pullOf(inputs.shaft));
    const drivers = new Set(like.map((kind) => smallMotors[kind].driver));
    const curves =
      synchronous.known && slip.known && slip.value > 0 && breakdown.known && starting.known
        ? curvesOf({
            synchronous,
            slip,
            rest: starting,
            most: breakdown,
            multiple,
            slower: onIt.isOtherFrequency && onIt.rated.known && onIt.frequency.known ? onIt.rated.value / onIt.frequency.value : 1,
            single: inputs.phases.is !== '3',
            switches: like.every((kind) => smallMotors[kind].switches),
          })
        : null;
    // In one phase goes what goes in three, with less of the power.
    const inOne = left ? { m: single, current: scaled(current, oneOfThree, oneSource) } : { m, current };
    const wall: Wall = { ...onIt, fed, ...inOne, flux, speed, ofPlate: { speed: rated, torque }, lasting, capacitor, atWork };
    return {
      is: 'rotary',
      flow: speed,
      effort: lasting,
      top: note('highest-speed', fastest(speed, synchronous)),
      curves,
      starting,
      heating: {
        template: 'that heats the winding like {heated} of starting current, and it withstands {lasts}',
        lasts,
        source: 'Copper heated without loss (closed form)',
      },
      // Pulled down, a starting winding is switched in again: it stalls at the larger of both.
      stall: limit('stall', { torque: note('stall-torque', picked('most', 'N·m', [breakdown, starting])), lasts, source: smallMotorSource }),
      moved: inertia,
      body: { across: motorBody(power.known ? power.value / 1000 : 0.55), known: false },
      supports,
      driver: drivers.size === 1 ? [...drivers][0] : undefined,
      reverses: reversesBy(inputs),
      stopped: whatStopsAStall(inputs.protector.is, fed, inrush),
      restarts: restartsBy(inputs.protector, inputs.noVolt),
      checks: [
        ...plateChecks(inputs, power, byAmps, m, rated, ofPlate, slip, poles, context),
        ...wallChecks(inputs, wall, context),
        ...inrushChecks(fed, inrush, context),
      ],
      under: (needed, lasts, own) => [
        ...underLoad(wall, ...sharesOf(inputs, power, m, eta, pf), needed, own),
        ...forItsDuty(inputs, power, needed, lasts, own),
      ],
      ...said(inputs, onIt, isShaftByAmps(inputs, eta, pf, m)),
    } satisfies SourceOutput;
  },
  candidates: largerMotors,
};

/** From so much power on no motor is started by copper rings (common practice, no source). */
const mostShaded_W = 200;

/** Three phases by two of them changed over; one phase by its start winding, at standstill; copper rings turn one way. */
function reversesBy({ phases, start, power }: Inputs): Reverses {
  if (phases.is === '3') return 'running';
  if (start.is) return start.is === 'shaded-pole' ? 'never' : 'at rest';
  return power.known && power.value >= mostShaded_W ? 'at rest' : [start.field];
}

/** As which it is weighed. */
function familyOf({ phases, start }: Inputs): SizedFamily {
  if (phases.is === '3') return 'three';
  if (start.is === 'shaded-pole') return 'shaded-pole';
  return phases.is || start.is ? 'single' : 'induction';
}

const oneSource =
  'Common practice, no source: on one phase with a run capacitor of 70 µF for each kW a motor has 60 to 80 % of its power and 10 to 20 % of its torque at rest, with a start capacitor 30 to 50 %';
const shares = {
  'run-capacitor': fixed('1', 0.15, oneSource, [0.1, 0.2], flag.estimated),
  'both-capacitors': fixed('1', 0.4, oneSource, [0.3, 0.5], flag.estimated),
} as const;
const ofMost = fixed('1', 0.6, oneSource, [0.5, 0.7], flag.estimated);
const ofPower = fixed('1', 0.7, oneSource, [0.6, 0.8], flag.estimated);
const single = fixed('1', 1, 'Single phase');
/** √3 times seven tenths of the power. */
const oneOfThree = fixed('1', 1.2, oneSource, [1, 1.4], flag.estimated);

/** What is left of a motor of three phases on a wall with one, where a capacitor makes the third; null where that is not so. */
function onOnePhase({ phases, third }: Inputs, fed: Fed) {
  if (phases.is !== '3' || hasThreePhases(fed) !== false || third.is === undefined || third.is === 'converter') return null;
  return { rest: shares[third.is], most: ofMost, lasting: ofPower };
}

const ofIt = (T: Figure<'N·m'>, share: Known<'1'> | undefined): Figure<'N·m'> => (share ? scaled(T, share, oneSource) : T);

/** With so little flux that it lags by more than it turns, a motor does not turn under its rated torque. */
const turning = (n: Figure<'rpm'>): Figure<'rpm'> =>
  n.known && lowEnd(n) <= 0 ? unknown('rpm', [], 'at the volts per hertz of this wall the motor is too weak to turn') : n;

const offBy = fixed('1', 1, 'An estimate from the size: half to twice is found', [0.5, 2], flag.estimated);

const lagSource = 'Common practice, no source: up to a tenth over the plate’s speed, since small motors lag by 2 to 10 %';
const lag = fixed('1', 1.05, lagSource, [1, 1.1], flag.estimated);

/** Unloaded it comes up to its synchronous speed; while that is not known, to a tenth over its plate's at the most. */
function fastest(speed: Figure<'rpm'>, synchronous: Figure<'rpm'>): Figure<'rpm'> {
  if (!speed.known || (synchronous.known && synchronous.value >= speed.value)) return synchronous.known ? synchronous : speed;
  return scaled(speed, lag, lagSource);
}

const downSource = 'IEC 60038: mains up to a tenth under their nominal voltage; breakdown torque goes with its square';
const downByATenth = 0.81;
const generatorSource =
  'Over its synchronous speed. Textbooks on electric machines: the resistance of the stator, against it as a motor, adds to its breakdown torque as a generator (estimated); it feeds the mains back, as long as it is on them';
const asGenerator = fixed('1', 1.3, generatorSource, [1, 1.8], flag.estimated);
const breakdownCurrentSource =
  'Common practice, no source: at breakdown a motor draws two thirds to nine tenths of its stalled current (from memory)';
const ofLocked = fixed('1', 0.75, breakdownCurrentSource, [0.65, 0.9], flag.estimated);
const breakdownFactor = fixed('1', 0.8, 'Power factor at breakdown: common practice, no source (from memory)', [0.7, 0.85], flag.estimated);
const reserveSource = 'IEC 60034-1: breakdown torque at least 1.6 times the rated at the rated voltage (from memory), 1.45 times at 95 % of it';
const reserve = 1.45;
const shadedReserve = 1;

/** What it may be loaded with for good: the plate's torque, less where the flux is less, and no more than its breakdown torque leaves with its usual reserve. */
function lastingTorque(torque: Figure<'N·m'>, flux: Figure<'1'>, breakdown: Figure<'N·m'>, least: number): Figure<'N·m'> {
  const atFlux = flux.known && lowEnd(flux) >= 0.95 ? torque : torqueAtFlux({ T_n: torque, phi: flux });
  const bounded = scaled(breakdown, 1 / least, reserveSource);
  // What cannot decide is no doubt about it either.
  return atFlux.known && bounded.known && lowEnd(bounded) >= highEnd(atFlux) ? atFlux : picked('least', 'N·m', [atFlux, bounded]);
}

const perWatt = fixed('1', 0.07, 'Common practice, no source: about 70 µF for each kW', [0.06, 0.08], flag.estimated);

const bleeder = fixed('Ω', 15_000, 'Common practice, no source: 15 kΩ, 2 W, across a start capacitor');
const harmless = fixed('V', 50, 'IEC 61140: 50 V of alternating current and less (from memory)');

/** Of a capacitor that is entered what it draws and keeps; of a three-phase motor on one phase the one that it would take. */
function capacitorFigures(
  { capacitor: C, phases }: Inputs,
  { wall: V, frequency: f }: OnWall,
  P: Figure<'W'>,
  fed: Fed,
  note: Context<PlateMotorOutputs>['note'],
): Figure<'µF'> {
  if (C.known && phases.is !== '3') {
    const X_C = note('capacitor-reactance', capacitorReactance({ f, C }));
    note('capacitor-current', capacitorCurrent({ V, X_C }));
    note('capacitor-energy', capacitorEnergy({ C, V }));
    const peak = scaled(V, Math.SQRT2, 'The peak of the voltage is √2 of it (definition)');
    note('discharged-after', dischargeTime({ R: bleeder, C, V_0: peak, V_1: harmless }));
    note('bleeder-power', bleederPower({ V: peak, R: bleeder }));
  }
  if (phases.is !== '3' || hasThreePhases(fed) !== false) return C;
  return note('run-capacitor', onePhaseCapacitor({ P, f, V, c: perWatt }));
}

/** Only where poles are said instead of the speed. */
const usualSlip = fixed('1', 0.04, 'Common practice, no source: small motors lag by 2 to 6 % at full load', [0.02, 0.06], flag.estimated);
