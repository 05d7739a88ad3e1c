import { type BandName, shaftPullBand, shaftPullSource, smallMotorSource } from '../../../catalog/small-motors.js';
import { type Figure, fixed, flag, fromTable, highEnd, type Known, known, lowEnd, scaled, unknown, unseen } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { arrivingVoltage } from '../../../formulas/motor/arriving-voltage.js';
import { breakdownSlip } from '../../../formulas/motor/breakdown-slip.js';
import { klossTorque } from '../../../formulas/motor/kloss-torque.js';
import { lineCurrent } from '../../../formulas/motor/line-current.js';
import { lockedSeconds } from '../../../formulas/motor/locked-seconds.js';
import { motorSlip } from '../../../formulas/motor/motor-slip.js';
import { powerFromCurrent } from '../../../formulas/motor/power-from-current.js';
import { rotorInertia } from '../../../formulas/motor/rotor-inertia.js';
import { shaftFromInput } from '../../../formulas/motor/shaft-from-input.js';
import { slippedSpeed } from '../../../formulas/motor/slipped-speed.js';
import { startingCurrent } from '../../../formulas/motor/starting-current.js';
import { synchronousSpeed } from '../../../formulas/motor/synchronous-speed.js';
import { timesRated } from '../../../formulas/motor/times-rated.js';
import { torqueAtVoltage } from '../../../formulas/motor/torque-at-voltage.js';
import { voltageDrop } from '../../../formulas/motor/voltage-drop.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { type Band, bandAt } from '../../../numeric/band-at.js';
import { show, showShare } from '../../../quantity/show.js';
import { sentence } from '../../../wording/sentence.js';
import type { Candidate, Fed, SourceKind, SourceOutput } from '../../kind.js';
import { allDay, inrushChecks, plateChecks, underLoad, voltageCheck } from './checks.js';
import { curvesOf } from './curves.js';
import { type Inputs, plateMotorHead } from './fields.js';
import { motorsLike, tabled } from './motors-like.js';

export const byPoles = defineProcedure({
  id: 'poles',
  says: 'The largest even number of poles whose synchronous speed, 120 × frequency / poles, the shaft stays under',
  source: 'Textbooks on electric machines (relation)',
});

export const byKloss = defineProcedure({
  id: 'kloss-at-rest',
  says: 'Kloss’s curve through the rated point and the most torque, at rest, where the slip is 1',
  source: 'Textbooks on electric machines (Kloss)',
});

/** Rated outputs of motors in kW (IEC 60072-1, from memory). The salvage heap holds others; these can be bought. */
const ratings_kW = [0.06, 0.09, 0.12, 0.18, 0.25, 0.37, 0.55, 0.75, 1.1, 1.5, 2.2, 3, 4, 5.5, 7.5, 11, 15, 18.5, 22] as const;

/** As many sizes larger as are tried: behind them another wall circuit is the question. */
const mostSizes = 8;

/** How far motors lag at their rated load, by rated output in kW (catalogue averages, from memory). */
const lags: readonly (readonly [kW: number, Band])[] = [
  [0.06, [0.07, 0.1, 0.13]],
  [0.25, [0.05, 0.075, 0.1]],
  [0.75, [0.04, 0.06, 0.08]],
  [2.2, [0.03, 0.045, 0.06]],
  [5.5, [0.02, 0.035, 0.05]],
  [22, [0.01, 0.02, 0.03]],
];

/** What is on the plate of another size belongs to that: its speed is as usual for it, its current, efficiency and power factor are those of motors like it. */
const plateOf = (rating_kW: number, synchronous_rpm: number | null): NonNullable<Candidate['with']> => ({
  powerIs: 'shaft',
  current: null,
  efficiency: null,
  powerFactor: null,
  ...(synchronous_rpm ? { speed: `${Math.round((synchronous_rpm * (1 - bandAt(lags, rating_kW)[1])) / 5) * 5} rpm` } : {}),
});

/** An induction motor, from whatever can be read on its plate; what is missing is estimated from motors like it, and marked so. */
export const plateMotor: SourceKind<typeof plateMotorHead> = {
  ...plateMotorHead,
  output: (inputs, fed, context) => {
    const { note, limit } = context;
    const like = motorsLike(inputs);
    const table = (name: BandName) => tabled(like, inputs, name);
    const given = (own: Figure<'1'>, name: 'efficiency' | 'powerFactor') => (own.known ? own : table(name));
    const eta = note('efficiency', given(inputs.efficiency, 'efficiency'));
    const pf = note('power-factor', given(inputs.powerFactor, 'powerFactor'));
    const m = phaseFactor(inputs);
    const power = note('power', shaftPowerOf(inputs, eta, pf, m));

    const frequency = inputs.frequency.known ? inputs.frequency : fed.frequency.known ? fed.frequency : inputs.frequency;
    const poles = note('poles', polesOf(inputs, frequency));
    const synchronous = note('synchronous-speed', synchronousSpeed({ f: frequency, p: poles }));
    const speed = note('speed', inputs.speed.known || !inputs.poles.is ? inputs.speed : slippedSpeed({ n_s: synchronous, s: usualSlip }));
    const slip = note('slip', motorSlip({ n_s: synchronous, n: speed }));
    const torque = note('torque', shaftTorque({ P: power, n: speed }));

    const current = note('current', inputs.current.known ? inputs.current : lineCurrent({ P: power, m, V: inputs.voltage, eta, pf }));
    const inrush = note('starting-current', startingCurrent({ k: table('locked'), I: current }));
    // Not entered, the wall is taken as the plate's: that it is not known is said of the voltage.
    const arriving = arrivingAt(fed.voltage.known ? fed : { ...fed, voltage: inputs.voltage }, inrush, m, pf);
    if (arriving.known && fed.lead.known && fed.lead.value > 0) note('voltage-at-start', arriving);
    const plateVoltage = inputs.voltage.known ? inputs.voltage : fed.voltage;
    const atVoltage = (T: Figure<'N·m'>) => (plateVoltage.known ? torqueAtVoltage({ T_n: T, V: arriving, V_n: plateVoltage }) : T);
    const single = inputs.phases.is !== '3';
    const multiple = table('most');
    const most = note('most-torque', atVoltage(timesRated({ k: multiple, T_n: torque })));
    const starting = note('torque-at-rest', single ? atVoltage(timesRated({ k: table('start'), T_n: torque })) : klossAtRest(most, multiple, slip));
    const lasts = note('withstands-stall', lockedSeconds({ theta_1: warm, theta_2: cooks, k: table('locked'), J: density }));
    const inertia = note('rotor-inertia', inputs.inertia.known ? inputs.inertia : rotorInertia({ u: offBy, P: power, p: poles }));
    const supports = note('shaft-takes', pullOf(inputs.shaft));
    const drivers = new Set(like.map((motor) => motor.driver));
    const switches = like.every((motor) => motor.switches);
    const curves =
      synchronous.known && slip.known && slip.value > 0 && torque.known && most.known && starting.known
        ? curvesOf({ synchronous, slip, rest: starting, most, multiple, single, switches })
        : null;
    return {
      speed,
      torque,
      top: note('highest-speed', fastest(speed, synchronous)),
      curves,
      starting,
      heating: { template: 'the winding withstands {lasts} of starting current', lasts, source: 'Copper heated without loss (closed form)' },
      stall: limit('stall', { torque: most, lasts, source: smallMotorSource }),
      inertia,
      supports,
      driver: drivers.size === 1 ? [...drivers][0] : undefined,
      stopped: stops[inputs.protector.is ?? 'unknown'],
      checks: [
        ...plateChecks(inputs, power, m, speed, synchronous, poles, context),
        ...voltageCheck(inputs, fed, context),
        ...inrushChecks(fed, inrush, context),
      ],
      under: (needed) => [...underLoad(fed, eta, pf, needed, context), ...allDay(inputs, power, needed, context)],
      ...said(inputs),
    } satisfies SourceOutput;
  },
  candidates: ({ power, poles, speed, frequency }): Candidate[] => {
    if (!power.known) return [];
    const many = poles.is ? Number(poles.is) : speed.known && frequency.known ? polesFrom(speed.value, frequency.value) : null;
    const synchronous_rpm = many && frequency.known ? (120 * frequency.value) / many : null;
    return ratings_kW
      .filter((rating) => rating * 1000 > power.value * 1.001)
      .slice(0, mostSizes)
      .map((rating) => ({ field: 'power', text: `${rating} kW`, with: plateOf(rating, synchronous_rpm), says: sentence(`a ${rating} kW motor`) }));
  },
};

const warm = fixed('°C', 75, 'Common practice, no source: a small motor at work is 50 to 100 °C in its winding', [50, 100], flag.estimated);
const cooks = fixed(
  '°C',
  160,
  'IEC 60085 classes B and F, 130 and 155 °C for years; for seconds 150 to 180 °C (common practice, no source)',
  [150, 180],
  flag.estimated,
);
const nothingStops = 'nothing stops it in that time: a breaker protects the cable, not the motor';
const stops = {
  none: nothingStops,
  unknown: 'whether anything stops it in that time is not entered; a breaker protects the cable, not the motor',
  'hand-reset': 'its thermal cut-out should trip before that, and stays out until its button is pushed',
  'self-resetting': 'its thermal cut-out should trip before that, and starts it again by itself',
};
const density = fixed('A/mm²', 6.5, 'Common practice, no source: small motors are wound for 5 to 8 A/mm²', [5, 8], flag.estimated);
const offBy = fixed('1', 1, 'An estimate from the size: half to twice is found', [0.5, 2], flag.estimated);

function phaseFactor({ phases }: Inputs): Figure<'1'> {
  const source = 'Definition: 1 for single phase, √3 for three';
  if (phases.is) return fixed('1', phases.is === '3' ? Math.sqrt(3) : 1, source);
  return unknown('1', [phases.field]);
}

function shaftPowerOf({ power, powerIs, voltage, current }: Inputs, eta: Figure<'1'>, pf: Figure<'1'>, m: Figure<'1'>): Figure<'W'> {
  if (!power.known && voltage.known && current.known) return powerFromCurrent({ m, V: voltage, I: current, eta, pf });
  if (powerIs.is === 'shaft') return power;
  if (powerIs.is === 'input') return shaftFromInput({ P: power, eta });
  const least = eta.known ? (eta.low ?? eta.value) : 0.5;
  const either = unseen('1', [least, 1, 1], powerIs.field, 'Not said whether the plate states shaft or input power');
  return shaftFromInput({ P: power, eta: either });
}

const lagSource = 'Common practice, no source: up to a tenth over the plate’s speed, since small motors lag by 2 to 10 %';
const lag = fixed('1', 1.05, lagSource, [1, 1.1], flag.estimated);

/** Unloaded it comes up to its synchronous speed; while that is not known, to a tenth over its plate's at the most. */
function fastest(speed: Figure<'rpm'>, synchronous: Figure<'rpm'>): Figure<'rpm'> {
  if (!speed.known || (synchronous.known && synchronous.value >= speed.value)) return synchronous.known ? synchronous : speed;
  return scaled(speed, lag, lagSource);
}

/** Poles: said, or the largest even number whose synchronous speed the shaft stays under (textbooks on electric machines). */
export function polesFrom(speed_rpm: number, frequency_Hz: number): number {
  return 2 * Math.max(1, Math.floor((60 * frequency_Hz) / speed_rpm + 1e-9));
}

function polesOf({ poles, speed }: Inputs, frequency: Figure<'Hz'>): Figure<'1'> {
  if (poles.is) return known('1', Number(poles.is), { by: 'given', field: poles.field });
  return solve('1', byPoles, { n: speed, f: frequency }, ({ n = 0, f = 0 }) => polesFrom(n, f));
}

/** Only where poles are said instead of the speed. */
const usualSlip = fixed('1', 0.04, 'Common practice, no source: small motors lag by 2 to 6 % at full load', [0.02, 0.06], flag.estimated);

/** The wall's voltage less what is lost in the lead while the motor starts. Nothing is taken off while the wall's voltage is not known. */
function arrivingAt({ voltage, lead }: Fed, inrush: Figure<'A'>, m: Figure<'1'>, pf: Figure<'1'>): Figure<'V'> {
  if (!voltage.known || (lead.known && lead.value === 0)) return voltage;
  const w = m.known ? fixed('1', m.value === 1 ? 2 : m.value, 'Cores the current goes through: 2, or √3 of three phases') : m;
  return arrivingVoltage({ V_0: voltage, dV: voltageDrop({ w, I: inrush, R: lead, pf }) });
}

/** Kloss's curve at rest, where the slip is 1. */
const klossAtRest = (most: Figure<'N·m'>, multiple: Known<'1'>, slip: Figure<'1'>): Figure<'N·m'> =>
  solve('N·m', byKloss, { T_b: most, k: multiple, s_n: slip }, ({ T_b = 0, k = 0, s_n = 0 }) =>
    klossTorque.compute({ T_b, s_b: breakdownSlip.compute({ s_n, k }), s: 1 }),
  );

function pullOf(shaft: Figure<'mm'>): Figure<'N'> {
  if (!shaft.known) return unknown('N', shaft.missing);
  const [band, thin, thick] = [shaft.value, lowEnd(shaft), highEnd(shaft)].map(shaftPullBand);
  if (!band || !thin || !thick) return unknown('N', [], 'no small motor has so thick a shaft');
  return fromTable(
    'N',
    [thin[0], band[1], thick[2]],
    { table: 'pull on a motor shaft', row: `up to ${show(shaft.value, 'mm')}`, source: shaftPullSource },
    flag.estimated,
  );
}

function said({ protector, duty, onShare, powerIs, start, phases }: Inputs) {
  const cautions = [
    'Isolate the motor and wait before reaching in: never clear a jam with the power on.',
    ...(protector.is === 'self-resetting'
      ? ['This thermal cut-out resets by itself: the machine starts again while a jam is being cleared. Pull the plug first.']
      : []),
    ...(start.is?.includes('capacitor')
      ? ['A capacitor stays charged with the plug out: leave its terminals to someone licensed to open the motor.']
      : []),
    ...(duty.is && duty.is !== 'S1'
      ? [
          `The plate’s power is for ${duty.is}${onShare.known ? ` ${showShare(onShare.value)}` : ''} only: all day it runs less, and the plate does not say how much.`,
        ]
      : []),
    'Mains wiring follows your local code and belongs to a licensed electrician.',
  ];
  const notEntered = [
    ...(powerIs.is ? [] : ['whether the plate states shaft or input power']),
    ...(phases.is !== '3' && !start.is ? ['how the motor starts'] : []),
    ...(protector.is ? [] : ['thermal cut-out of the motor']),
  ];
  return { cautions, notEntered };
}
