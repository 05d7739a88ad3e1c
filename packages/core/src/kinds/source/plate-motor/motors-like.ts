import { type BandName, type SmallMotor, type StartType, smallMotorSource, smallMotors, widest } from '../../../catalog/small-motors.js';
import { flag, fromTable, type Known } from '../../../figure/figure.js';
import type { Inputs } from './fields.js';

/** The kinds of motor it may be, by what is said of it. */
export function motorsLike({ phases, start, power }: Inputs): readonly SmallMotor[] {
  const named = phases.is === '3' ? 'three-phase' : start.is;
  if (named) return kindsOfMotor.one[named as StartType];
  const { all, small } = phases.is === '1' ? kindsOfMotor.single : kindsOfMotor.any;
  return power.known && power.value <= 150 ? small : all;
}

/** Shaded poles are found on small ones only. */
const among = (motors: readonly (readonly [string, SmallMotor])[]) => ({
  small: motors.map(([, motor]) => motor),
  all: motors.filter(([name]) => name !== 'shaded-pole').map(([, motor]) => motor),
});
const entries = Object.entries(smallMotors);
const kindsOfMotor = {
  one: Object.fromEntries(entries.map(([name, motor]) => [name, [motor]])) as unknown as Record<StartType, readonly SmallMotor[]>,
  any: among(entries),
  single: among(entries.filter(([, motor]) => motor.phases === 1)),
};

/** What the table says of those kinds: the same figure for the same kinds, row and column. */
export function tabled(like: readonly SmallMotor[], row: string, name: BandName): Known<'1'> {
  const known = found.get(like) ?? new Map<string, Known<'1'>>();
  found.set(like, known);
  const figure = known.get(name) ?? fromTable('1', widest(like, name), { table: 'small motors', row, source: smallMotorSource }, flag.estimated);
  known.set(name, figure);
  return figure;
}

const found = new WeakMap<readonly SmallMotor[], Map<string, Known<'1'>>>();

/** What of the table it is, in words. */
export const rowOf = ({ phases, start }: Inputs) =>
  phases.is === '3' ? 'three-phase' : start.is ? smallMotors[start.is as StartType].says : 'how it starts is not said: the widest of all';
