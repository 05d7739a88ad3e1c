import { efficiencyOf, powerFactorOf, sizeSource, startSource, threePhaseStart } from '../../../catalog/motor-sizes.js';
import { type Band, type BandName, type SmallMotor, type StartType, smallMotorSource, smallMotors, widest } from '../../../catalog/small-motors.js';
import { type Figure, flag, fromTable, type Known, unseen } from '../../../figure/figure.js';
import { show } from '../../../quantity/show.js';
import type { Inputs } from './fields.js';

/** The kinds of motor it may be, by what is said of it. */
export function motorsLike({ phases, start, power }: Inputs): readonly StartType[] {
  const named = phases.is === '3' ? 'three-phase' : start.is;
  if (named) return one[named];
  const { all, small } = phases.is === '1' ? some.single : some.any;
  return power.known && power.value <= 150 ? small : all;
}

/** Shaded poles are found on small ones only. */
const among = (kinds: readonly StartType[]) => ({ small: kinds, all: kinds.filter((kind) => kind !== 'shaded-pole') });
const kinds = Object.keys(smallMotors) as StartType[];
const one = Object.fromEntries(kinds.map((kind) => [kind, [kind]])) as unknown as Readonly<Record<StartType, readonly StartType[]>>;
const some = { any: among(kinds), single: among(kinds.filter((kind) => smallMotors[kind].phases === 1)) };

/** Rated output in kW by which a motor is looked up, and its poles where they are known. */
export interface Size {
  readonly kW: number;
  readonly poles: number | undefined;
}

/** By its power; else by what it draws, of which six tenths are at the shaft; else as half a kilowatt, in the middle of what is salvaged. */
export function sizeOf({ power, voltage, current }: Inputs, poles: Figure<'1'>): Size {
  const kW = power.known ? power.value / 1000 : voltage.known && current.known ? (0.6 * voltage.value * current.value) / 1000 : 0.5;
  return { kW: Math.max(0.01, kW), poles: poles.known ? poles.value : undefined };
}

/**
 * What the tables say of those kinds. Where it may be one of several kinds, how it starts was not looked at.
 */
export function tabled(like: readonly StartType[], { phases, start }: Inputs, size: Size, name: BandName): Known<'1'> {
  const [only, another] = like;
  const source = sourceOf(only, name);
  if (another || !only) {
    const bands = like.map((kind) => bandOf(kind, size, name));
    return unseen('1', widest(bands), phases.is ? start.field : phases.field, source);
  }
  const { says } = smallMotors[only];
  const row = bySize(only, name) ? `${says}, ${show(size.kW * 1000, 'W')}` : says;
  return fromTable('1', bandOf(only, size, name), { table: 'small motors', row, source }, flag.estimated);
}

const bySize = (kind: StartType, name: BandName): boolean =>
  name === 'efficiency' || name === 'powerFactor' || (name === 'start' && kind === 'three-phase');

function sourceOf(kind: StartType | undefined, name: BandName): string {
  if (name === 'efficiency' || name === 'powerFactor') return sizeSource;
  return name === 'start' && kind === 'three-phase' ? startSource : smallMotorSource;
}

function bandOf(kind: StartType, { kW, poles }: Size, name: BandName): Band {
  if (name === 'efficiency') return efficiencyOf(kind, kW, poles);
  if (name === 'powerFactor') return powerFactorOf(kind, kW, poles);
  if (name === 'start' && kind === 'three-phase') return threePhaseStart(kW, poles);
  const motor: SmallMotor = smallMotors[kind];
  return motor[name];
}
