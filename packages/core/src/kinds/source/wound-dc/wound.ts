import { type Figure, fixed, flag, highEnd, type Known, lowEnd, unseen } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import type { Curve, Ends, Fed } from '../../kind.js';
import { runSeries, type SeriesRun } from '../../shared/brushed/series-motor.js';
import { forAMinute, leftOver, turning } from '../../shared/motor.js';
import { saturated } from '../../shared/saturation.js';
import type { Inputs } from './fields.js';

const relation = 'Textbooks on electric machines (relation)';
export const woundTop = defineProcedure({
  id: 'wound-top',
  says: 'Speed at which friction takes all that the current makes, its field by volts and current, found between rest and there',
  source: relation,
});
export const woundRest = defineProcedure({
  id: 'wound-rest',
  says: 'Field times current of the held rotor, less friction; nothing where that is more',
  source: relation,
});
export const woundSpeed = defineProcedure({
  id: 'wound-speed',
  says: 'Speed at which the volts add up at the current for good, its field by volts and current',
  source: relation,
});
export const woundTorque = defineProcedure({
  id: 'wound-torque',
  says: 'Field times current, no more than the held rotor’s, less friction and air at the speed that goes with it',
  source: relation,
});

const fieldSource = 'Common practice, no source: the iron of a series motor takes half of its field at once to three times its rated current';
const saturates = fixed('1', 1.5, fieldSource, [1, 3], flag.estimated);

const compoundSource = 'Common practice, no source: the series winding of a compound motor makes 10 to 40 % of its field at the rated load';
const ofCompound = fixed('1', 0.2, compoundSource, [0.1, 0.4], flag.estimated);
const ofSeries = fixed('1', 1, 'A series motor has no other field');
const ofShunt = fixed('1', 0, 'The field of a shunt motor does not go with its current');

/** Share of its losses that is moved air: they turn slower than universal motors, with less of a fan (common practice, no source). */
const airShare = 0.3;

/** Shares of the rated volts between which a shunt field is as on the plate. */
const alike = [0.95, 1.05] as const;
const shuntSource =
  'Froelich: at its rated volts the iron of a shunt motor takes a third to three quarters of what more current would add (common practice, no source)';
const shuntIron = fixed('1', 1, shuntSource, [0.5, 3], flag.estimated);
const asRated = fixed('1', 1, 'Its field is as at its rated voltage');
export const shuntField = defineProcedure({
  id: 'shunt-field',
  says: 'Of the rated field x·(1 + a)/(1 + a·x), x its volts over the rated',
  source: shuntSource,
});

/** What is left of the shunt field at these volts. */
function shuntShare({ field, fieldFed, voltage }: Inputs, V: Figure<'V'>): Figure<'1'> {
  if (field.is === 'series' || fieldFed.is === 'apart' || !V.known || !voltage.known) return asRated;
  if (lowEnd(V) > alike[0] * highEnd(voltage) && highEnd(V) < alike[1] * lowEnd(voltage)) return asRated;
  const own = solve('1', shuntField, { V, V_n: voltage, a: shuntIron }, ({ V = 0, V_n = 1, a = 1 }) => saturated(V / V_n, a));
  if (fieldFed.is === 'same' || !own.known) return own;
  return unseen('1', [Math.min(1, lowEnd(own)), Math.min(1, own.value), Math.max(1, highEnd(own))], fieldFed.field, shuntSource);
}

interface AtRated {
  readonly current: Figure<'A'>;
  readonly lasting: Figure<'A'>;
  readonly resistance: Figure<'Ω'>;
  readonly rated: Figure<'N·m'>;
}

/** Whether its field is another than the steady one of a motor with magnets: a part goes with its current, or it is on other volts. */
export function isItsOwn({ field, voltage, speed }: Inputs, V: Figure<'V'>): boolean {
  if (field.is === 'series') return true;
  if (!speed.known || !voltage.known || field.is === undefined) return false;
  return field.is === 'compound' || (V.known && (lowEnd(V) <= alike[0] * highEnd(voltage) || highEnd(V) >= alike[1] * lowEnd(voltage)));
}

/** A motor through its rated point whose field goes with its current, with its volts, or with both: what a steady one has is its straight line through that point. */
export function asWound(inputs: Inputs, fed: Fed, { current: I_n, lasting: I, resistance: R, rated }: AtRated) {
  const { voltage, speed: n, field } = inputs;
  const V = fed.voltage.known ? fed.voltage : voltage;
  const c = field.is === 'series' ? ofSeries : field.is === 'compound' ? ofCompound : ofShunt;
  const from = { V_n: voltage, I_n, n, T: rated, V, R, s: saturates, c, phi: shuntShare(inputs, V) };
  const by = (answer: (run: SeriesRun, of: Readonly<Record<string, number>>) => number) => (of: Readonly<Record<string, number>>) => {
    const run = runOf(of);
    return run ? answer(run, of) : Number.NaN;
  };
  const top = solve(
    'rpm',
    woundTop,
    from,
    by((run) => run.top()),
  );
  const speed = turning(
    solve(
      'rpm',
      woundSpeed,
      { ...from, I },
      by((run, of) => run.speedAt(of.I ?? 0)),
    ),
  );
  const atMost = (run: SeriesRun, I: number) => run.torqueAt(Math.min(run.held_A, I));
  const torque = leftOver(
    solve(
      'N·m',
      woundTorque,
      { ...from, I },
      by((run, of) => atMost(run, of.I ?? 0)),
    ),
  );
  const limit = fed.limit?.known ? { I_m: fed.limit } : {};
  const minute = leftOver(
    solve(
      'N·m',
      woundTorque,
      { ...from, ...limit, k: forAMinute },
      by((run, of) => atMost(run, Math.min((of.k ?? 1) * (of.I_n ?? 0), of.I_m ?? Number.POSITIVE_INFINITY))),
    ),
  );
  const starting = (held: Figure<'A'>) =>
    solve(
      'N·m',
      woundRest,
      { ...from, I: held },
      by((run, of) => Math.max(0, run.torqueAt(Math.min(run.held_A, of.I ?? 0), 0))),
    );
  return { top, speed, torque, minute, starting, curves: curvesOf(from, fed) };
}

const runOf = ({ V_n = 0, I_n = 0, n = 0, T = 0, V = 0, R = 0, s = 1, c = 1, phi = 1 }: Readonly<Record<string, number>>): SeriesRun | null =>
  runSeries({ V_n, I_n, pf: 1, n, P: (T * Math.PI * n) / 30, R, s, c, w: airShare }, { V, x: 0, r: 0, air: 1, phi });

type Pick = (figure: Known) => number;
const value: Pick = (figure) => figure.value;

function curvesOf(from: Readonly<Record<string, Figure>>, { limit }: Fed): Ends<Curve> | null {
  const figures = Object.entries(from);
  if (!figures.every(([, figure]) => figure.known) || (limit && !limit.known)) return null;
  const most = limit?.known ? limit.value : Number.POSITIVE_INFINITY;
  // At the end with the least torque it has the most resistance, and the least of its field goes with its current.
  const curve = (pick: Pick, other: Pick): Curve | null => {
    const run = runOf(Object.fromEntries(figures.map(([name, figure]) => [name, (name === 'R' ? other : pick)(figure as Known)])));
    if (!run) return null;
    const held = Math.min(most, run.held_A);
    return {
      torque: (n: number) => (run.current(n) > most ? run.torqueAt(most, n) : run.torque(n)),
      top_rpm: Math.max(1, run.top()),
      switch_rpm: null,
      hangsBelow_rpm: 0,
      heat: (n: number) => (Math.min(most, run.current(n)) / held) ** 2,
    };
  };
  const [low, likely, high] = [curve(lowEnd, highEnd), curve(value, value), curve(highEnd, lowEnd)];
  return low && likely && high ? [low, likely, high] : null;
}
