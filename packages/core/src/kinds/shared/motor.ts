import { shaftPullBand, shaftPullSource } from '../../catalog/small-motors.js';
import { type Figure, fixed, flag, fromTable, highEnd, lowEnd, picked, unknown } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';
import { lockedSeconds } from '../../formulas/motor/locked-seconds.js';
import { show } from '../../quantity/show.js';
import type { Chosen } from '../fields.js';
import type { Fed, SourceOutput } from '../kind.js';
import { figure } from '../outputs.js';
import type { NoVolt, Protector } from './motor-fields.js';

const warm = fixed('°C', 75, 'Common practice, no source: a small motor at work is 50 to 100 °C in its winding', [50, 100], flag.estimated);
const cooks = fixed(
  '°C',
  160,
  'IEC 60085 classes B and F, 130 and 155 °C for years; for seconds 150 to 180 °C (common practice, no source)',
  [150, 180],
  flag.estimated,
);

const density = fixed('A/mm²', 6.5, 'Common practice, no source: small motors are wound for 5 to 8 A/mm²', [5, 8], flag.estimated);

/** Stalled over rated current from which a winding is heated alone: under it the iron helps, and it lasts longer. */
const leastOver = 1.5;

/** How long a stalled winding lasts. @param k stalled over rated current */
export const withstandsStall = (k: Figure<'1'>): Figure<'s'> => lockedSeconds({ theta_1: warm, theta_2: cooks, k, J: density });

export const heldOverRated = defineProcedure({
  id: 'held-over-rated',
  says: 'Current of the held rotor over the rated, one and a half at the least: under it a winding lasts longer than is told',
  source: 'Definition',
});

/** How long the winding of a held rotor lasts, by its current. */
export const lastsHeld = (I: Figure<'A'>, I_n: Figure<'A'>): Figure<'s'> =>
  withstandsStall(solve('1', heldOverRated, { I, I_n }, (of) => Math.max(leastOver, (of.I ?? 0) / (of.I_n ?? 1))));

/** What every commutator motor withstands for a minute, and every motor of three phases for two. */
const minuteSource =
  'Copper heated without loss (closed form); at least 1.5 times the rated current, IEC 60034-1, occasional excess current (from memory)';
const aMinute = fixed('s', 60, 'A minute');
const leastForAMinute = 1.5;
export const overForAMinute = defineProcedure({
  id: 'over-for-a-minute',
  says: 'The current over the rated that heats the warm winding alone to where it is destroyed in a minute; 1.5 at the least',
  source: minuteSource,
});

const oneAndAHalf = fixed('1', leastForAMinute, minuteSource);

/** Current for a minute, from warm, over the rated. */
export const forAMinute: Figure<'1'> = solve(
  '1',
  overForAMinute,
  { t_k: withstandsStall(oneAndAHalf), k: oneAndAHalf, t: aMinute },
  ({ t_k = 0, k = 1, t = 1 }) => Math.max(k, k * Math.sqrt(t_k / t)),
);

export const minuteTorque = figure('Torque for a minute', 'torque', 'At the shaft');
export const voltsDriven = figure('Voltage it makes, driven at its rated speed', 'voltage', 'Driven');

export const voltsOfTurning = defineProcedure({
  id: 'volts-of-turning',
  says: 'Its constant times the speed: what its leads show with no current, and what its supply has to withstand or take back',
  source: 'Textbooks on electric machines (relation)',
});

/** What a motor with a steady field makes when its load drives it. */
export const voltsAt = (k: Figure<'V·s/rad'>, n: Figure<'rpm'>): Figure<'V'> =>
  solve('V', voltsOfTurning, { k, n }, (of) => ((of.k ?? 0) * Math.PI * (of.n ?? 0)) / 30);

/** A cut-out that resets by itself starts the motor again, unless a release that it drops out is in between. */
export function restartsBy(protector: Chosen<Protector>, noVolt: Chosen<NoVolt>): NonNullable<SourceOutput['restarts']> {
  if (noVolt.is === 'through' || protector.is === 'hand-reset' || protector.is === 'none') return 'not by itself';
  return protector.is === 'self-resetting' ? 'by itself' : [protector.field];
}

/** Torque for good, less the motor's own friction: not known where the friction likely takes it all, next to nothing where it may. */
export function leftOver(T: Figure<'N·m'>): Figure<'N·m'> {
  if (!T.known || lowEnd(T) > 0) return T;
  if (T.value <= 0) return unknown('N·m', [], 'its own friction takes all that so little current makes');
  return picked('most', 'N·m', [T, fixed('N·m', 0.1 * T.value, 'At the worst its own friction takes nearly all of it')]);
}

/** Overhung load that a small motor of this shaft supports. */
export function pullOf(shaft: Figure<'mm'>): Figure<'N'> {
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

/** What its winding goes through while it runs up. @param lasts how long it withstands that at rest */
export const heatedLikeStalled = (lasts: Figure<'s'>): NonNullable<SourceOutput['heating']> => ({
  template: 'that heats the winding like {heated} of stalled current, and it withstands {lasts}',
  lasts,
  source: 'Copper heated without loss (closed form)',
});

/** A speed under full load; not known where so few volts leave nothing to turn it by. */
export const turning = (n: Figure<'rpm'>): Figure<'rpm'> =>
  n.known && lowEnd(n) <= 0 ? unknown('rpm', [], 'at this voltage it does not turn under its full load') : n;

/** A current, no more than the supply puts out. */
export function limited(I: Figure<'A'>, { limit }: Fed): Figure<'A'> {
  if (!limit?.known || (I.known && highEnd(I) <= lowEnd(limit))) return I;
  return I.known && lowEnd(I) >= highEnd(limit) ? limit : picked('least', 'A', [I, limit]);
}

/** Cooling by a fan of its own: what of the heat leaves a motor that does not turn. */
export const coolSource = 'Common practice, no source: 0.3 to 0.5 of the heat leaves a motor whose own fan does not turn';
export const leavesStill = fixed('1', 0.4, coolSource, [0.3, 0.5], flag.estimated);

export const cooledShare = defineProcedure({
  id: 'cooled-share',
  says: 'The root of what heat leaves it standing and the rest by its speed over the rated: heat goes with the square of the current, air with the speed',
  source: coolSource,
});

/** What it may draw for good over the rated, with its own fan turned slower. @param there speed, or volts that it goes with. @param rated the same at its rated point */
export const cooledBy = <U extends 'rpm' | 'V'>(there: Figure<U>, rated: Figure<U>): Figure<'1'> =>
  solve('1', cooledShare, { x: there, x_n: rated, c: leavesStill }, ({ x = 0, x_n = 1, c = 0 }) => Math.sqrt(c + (1 - c) * Math.min(1, x / x_n)));

/** An armature over the speed that it was made for. */
export const burstSource = 'Common practice, no source: an armature withstands 1.3 to 2 times the speed that it was made for';
export const burst = fixed('1', 1.6, burstSource, [1.3, 2], flag.estimated);
