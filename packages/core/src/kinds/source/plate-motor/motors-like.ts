import { type BandName, type SmallMotor, type StartType, smallMotorSource, smallMotors, widest } from '../../../catalog/small-motors.js';
import { flag, fromTable, type Known, unseen } from '../../../figure/figure.js';
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

/**
 * What the table says of those kinds: the same figure for the same kind and column. Where it may be one of several kinds, how it starts was not looked at.
 */
export function tabled(like: readonly SmallMotor[], { phases, start }: Inputs, name: BandName): Known<'1'> {
  const [only, another] = like;
  if (another || !only) return unseen('1', widest(like, name), phases.is ? start.field : phases.field, smallMotorSource);
  const known = found.get(only) ?? new Map<string, Known<'1'>>();
  found.set(only, known);
  const figure = known.get(name) ?? fromTable('1', only[name], { table: 'small motors', row: only.says, source: smallMotorSource }, flag.estimated);
  known.set(name, figure);
  return figure;
}

const found = new WeakMap<SmallMotor, Map<string, Known<'1'>>>();
