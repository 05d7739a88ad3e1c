import { smallMotors } from '../catalog/small-motors.js';
import { torqueOfIron, torqueOfKilogram } from '../catalog/torque-by-weight.js';
import { shaftPower } from '../formulas/power/shaft-power.js';
import { shaftTorque } from '../formulas/power/shaft-torque.js';
import { plateLine } from '../kinds/shared/plate-line.js';
import { type Donor, type DonorName, donors } from './donors.js';
import type { FamilyName } from './families.js';
import type { Ranked } from './identify.js';

/** Least, likely and most. */
export type Range = readonly [number, number, number];

/** What is measured of its body, and what is left of its plate. */
export interface Measured {
  readonly donor?: DonorName | undefined;
  readonly mass_kg?: number | undefined;
  readonly shaft_mm?: number | undefined;
  /** Of the pack of sheets: along the shaft, and across. */
  readonly stack_mm?: number | undefined;
  readonly across_mm?: number | undefined;
  readonly plate?: string | undefined;
}

export interface Estimate {
  readonly power_W: Range;
  readonly speed_rpm: Range;
  /** Torque for good, at that speed. */
  readonly torque_Nm: Range;
  /** Torque at rest over that. */
  readonly starts: Range;
  /** What it rests on, in words. */
  readonly rests: readonly string[];
}

interface Sizes {
  /** Speed under load, rpm. */
  readonly speed: Range;
  /** Shaft power of what it draws by volts times amps, and of the watts on a machine’s plate. */
  readonly ofDrawn: Range;
}
export const sizesSource =
  'Common practice, no source: torque by weight, speed and efficiency of salvaged motors, by family (from memory; held against the motors of the reference that were weighed)';
const single: Sizes = { speed: [1380, 1725, 3450], ofDrawn: [0.4, 0.56, 0.72] };
const sizes: Readonly<Record<FamilyName, Sizes>> = {
  universal: { speed: [9000, 16_000, 28_000], ofDrawn: [0.45, 0.58, 0.68] },
  'pm-dc': { speed: [1800, 3500, 7000], ofDrawn: [0.66, 0.78, 0.86] },
  'wound-dc': { speed: [1300, 1800, 3000], ofDrawn: [0.55, 0.7, 0.82] },
  'split-phase': single,
  'capacitor-start': single,
  'capacitor-run': { ...single, ofDrawn: [0.35, 0.55, 0.74] },
  'two-capacitor': { speed: [1400, 2850, 3450], ofDrawn: [0.58, 0.7, 0.8] },
  'shaded-pole': { speed: [1250, 2600, 3000], ofDrawn: [0.12, 0.2, 0.3] },
  'three-phase': { speed: [900, 1420, 2880], ofDrawn: [0.45, 0.58, 0.72] },
  brushless: { speed: [250, 3000, 12_000], ofDrawn: [0.6, 0.75, 0.87] },
  servo: { speed: [2000, 3000, 4500], ofDrawn: [0.4, 0.48, 0.6] },
  'direct-drive-washer': { speed: [600, 1100, 1500], ofDrawn: [0.5, 0.6, 0.75] },
  stepper: { speed: [300, 600, 900], ofDrawn: [0.2, 0.35, 0.5] },
  gearmotor: { speed: [20, 45, 120], ofDrawn: [0.1, 0.35, 0.65] },
};

/** Shaft power of what a motor of a family draws, volts times amps: least, likely and most. */
export const drawnShare = (family: FamilyName): Range => sizes[family].ofDrawn;

/** Torque at rest over the torque for good: of induction motors as the catalog has it, of the others common practice, no source. */
const starts: Readonly<Record<FamilyName, Range>> = {
  universal: [2.5, 4, 5],
  'pm-dc': [3, 6, 9],
  'wound-dc': [2, 3.5, 6],
  'split-phase': smallMotors['split-phase'].start,
  'capacitor-start': smallMotors['capacitor-start'].start,
  'capacitor-run': smallMotors['capacitor-run'].start,
  'two-capacitor': smallMotors['both-capacitors'].start,
  'shaded-pole': smallMotors['shaded-pole'].start,
  'three-phase': smallMotors['three-phase'].start,
  brushless: [1.5, 2.2, 3],
  servo: [2.5, 3, 3.5],
  'direct-drive-washer': [1.5, 2, 3],
  stepper: [1, 1.1, 1.3],
  gearmotor: [0.4, 2, 9],
};

/** Torque over the cube of the shaft, N·m a mm³: of motors whose bearings are their own (common practice, no source). */
const perShaft: Range = [2.2e-4, 5e-4, 9e-4];
const shafted: ReadonlySet<FamilyName> = new Set([
  'split-phase',
  'capacitor-start',
  'capacitor-run',
  'two-capacitor',
  'three-phase',
  'pm-dc',
  'wound-dc',
]);

/** How its iron is told; nothing of those whose magnets make the field. */
const ironOf: Readonly<Partial<Record<FamilyName, keyof typeof torqueOfIron>>> = {
  universal: 'universal',
  'pm-dc': 'pm-dc',
  'wound-dc': 'wound-dc',
  'split-phase': 'single',
  'capacitor-start': 'single',
  'capacitor-run': 'single',
  'two-capacitor': 'single',
  'three-phase': 'three',
  'shaded-pole': 'shaded-pole',
};

const byAll = (of: Range, by: (value: number) => number): Range => [by(of[0]), by(of[1]), by(of[2])];
const atPower = (T: Range, n: Range): Range => byAll(T, (each) => shaftPower.compute({ T: each, n: n[1] }));
const times = (of: Range, k: number): Range => byAll(of, (each) => k * each);
const leastSpread = 2.75;
/** Bands that say the same thing apart, as one: each counts by how narrow it is. */
function together(bands: readonly Range[]): Range {
  const logs = bands.map(([low, likely, high]) => ({ at: Math.log(likely), low: Math.log(low), high: Math.log(high) }));
  const weights = logs.map(({ low, high }) => 1 / Math.max(0.02, (high - low) / 2) ** 2);
  const all = weights.reduce((sum, each) => sum + each, 0);
  const at = logs.reduce((sum, each, k) => sum + each.at * (weights[k] as number), 0) / all;
  // Two rough things are no surer than the better of them: they owe much to each other. Nothing that was only weighed is known better than this.
  const narrow = Math.max(Math.log(leastSpread), Math.min(...logs.map(({ low, high }) => high - low)));
  return [Math.exp(at - narrow / 2), Math.exp(at), Math.exp(at + narrow / 2)];
}

/** A plate of what it is in, or a peak that sells: its power is no shaft power. */
const peak = /\b(PEAK|MAX|SPL|DUTY|TREADMILL)\b/i;
const ofMachine = /\b(on the)\b/i;
/** `1-1/2`, `1/3`, `220-240`, `0,5`: the first of a range. */
export function readNumber(text: string | undefined): number | undefined {
  const [, whole, over, under] = /^\s*(?:(\d+(?:[.,]\d+)?)(?![.,\d]|\s*\/))?[\s-]*(?:(\d+)\s*\/\s*(\d+))?/.exec(text ?? '') ?? [];
  const part = over && under && Number(over) < Number(under) && Number(under) <= 32 ? Number(over) / Number(under) : 0;
  const value = (whole ? Number(whole.replace(',', '.')) : 0) + part;
  return value > 0 ? value : undefined;
}
/** Two powers: what it draws and what it has. */
const lesser = (text: string): number | undefined => {
  const [, a, b] = /^\s*(\d+)\s*\/\s*(\d+)\s*W/.exec(text) ?? [];
  return a && b ? Math.min(Number(a), Number(b)) : undefined;
};

interface Said {
  readonly power?: Range;
  readonly speed?: Range;
}

/** Where a loaded rotor of the family turns at all; what else a plate says is the speed of something behind it. */
const turns: Readonly<Partial<Record<FamilyName, readonly [number, number]>>> = {
  universal: [3500, 40_000],
  gearmotor: [1, 700],
};

export const units = { hp: 745.7, PS: 735.5, CV: 735.5, kW: 1000, W: 1 } as const;
export const unitIn = (text: string): keyof typeof units =>
  (Object.keys(units) as (keyof typeof units)[]).find((unit) => new RegExp(`${unit}\\b`, 'i').test(text)) ?? 'W';
/** Motors whose plates state what is at the shaft, in watts too. */
const stateShaft: ReadonlySet<FamilyName> = new Set(['servo', 'pm-dc', 'wound-dc', 'brushless', 'three-phase']);
/** Under it a motor of the mains wastes most of what it draws, W. */
const small_W = 150;
const ofSmall: Readonly<Partial<Record<FamilyName, Range>>> = {
  universal: [0.29, 0.45, 0.6],
  'capacitor-run': [0.2, 0.4, 0.6],
  gearmotor: [0.05, 0.1, 0.3],
};
/** A motor with magnets on rectified mains is rated by what its machine draws for a minute. */
const onRectified: Range = [0.26, 0.4, 0.64];

function ofDrawnBy(family: FamilyName, drawn: number, plate: string): Range {
  if (family === 'pm-dc' && /~|AC\b/.test(plate)) return times(onRectified, drawn);
  return times((drawn < small_W ? ofSmall[family] : undefined) ?? sizes[family].ofDrawn, drawn);
}

/** Of what a plate states at the shaft what is there: it is rounded, and gears take their part. */
function atShaft(family: FamilyName, P: number, hasSpeed: boolean): Range {
  if (family === 'gearmotor') return times([0.58, 0.75, 0.9], P);
  // A hub has more than the law has on its plate; a starter less for longer than a moment.
  if (family === 'brushless' && !hasSpeed) return times([0.8, 1, 1.4], P);
  return times(family === 'wound-dc' && !hasSpeed ? [0.63, 0.95, 1.2] : [0.82, 1, 1.1], P);
}

/** What is left of its plate, for a motor of this family. */
function saidBy(plate: string | undefined, family: FamilyName): Said {
  const fills = plate ? (plateLine(plate)?.fills ?? {}) : {};
  if (!plate) return {};
  const [least, most] = turns[family] ?? [100, 20_000];
  const rpm = readNumber(fills.speed);
  const speed: Said = rpm && rpm >= least && rpm <= most ? { speed: [0.94 * rpm, rpm, 1.05 * rpm] } : {};
  const stated = fills.power ? (lesser(fills.power) ?? (readNumber(fills.power) ?? 0) * units[unitIn(fills.power)]) : 0;
  if (stated && !peak.test(plate)) {
    const isShaft = unitIn(fills.power ?? '') !== 'W' || lesser(fills.power ?? '') !== undefined || (stateShaft.has(family) && !/~/.test(plate));
    if (isShaft && !ofMachine.test(plate)) return { ...speed, power: atShaft(family, stated, rpm !== undefined) };
    if (!isShaft) return { ...speed, power: ofDrawnBy(family, stated, plate) };
  }
  const [V, I] = [readNumber(fills.voltage), readNumber(fills.current)];
  if (!V || !I) return speed;
  return { ...speed, power: ofDrawnBy(family, V * I * (fills.phases === '3' || family === 'servo' ? Math.sqrt(3) : 1), plate) };
}

function ofFamily(family: FamilyName, measured: Measured): Estimate {
  const of = sizeOf(family, measured);
  return { ...of, torque_Nm: byAll(of.power_W, (P) => shaftTorque.compute({ P, n: of.speed_rpm[1] })), starts: starts[family] };
}

type Size = Pick<Estimate, 'power_W' | 'speed_rpm' | 'rests'>;

function sizeOf(family: FamilyName, { donor, mass_kg, shaft_mm, stack_mm, across_mm, plate }: Measured): Size {
  const own = sizes[family];
  const from: Donor | undefined = donor && donors[donor];
  const isUsual = from !== undefined && (from.holds[family] ?? 0) >= 8;
  const said = saidBy(plate, family);
  const rests: string[] = [];
  const speed: Range = said.speed ?? (from?.speed_rpm && isMostly(from, family) ? between(from.speed_rpm) : own.speed);
  if (said.power) return { power_W: said.power, speed_rpm: speed, rests: ['what is left of its plate'] };
  const bands: Range[] = [];
  if (isUsual && from.power_W) {
    bands.push(between(from.power_W));
    rests.push('what motors of such a machine have');
  }
  if (mass_kg && !from?.sealed) {
    bands.push(atPower(times(torqueOfKilogram[family === 'two-capacitor' ? 'both-capacitors' : family], mass_kg), speed));
    rests.push(`${mass_kg} kg`);
  }
  const iron = ironOf[family];
  if (stack_mm && across_mm && iron) {
    bands.push(atPower(times(torqueOfIron[iron], (across_mm ** 2 * stack_mm) / 1e6), speed));
    rests.push(`iron of ${across_mm} by ${stack_mm} mm`);
  }
  if (shaft_mm && shafted.has(family)) {
    bands.push(atPower(times(perShaft, shaft_mm ** 3), speed));
    rests.push(`a shaft of ${shaft_mm} mm`);
  }
  if (bands.length === 0) return { power_W: atPower([0.05, 0.5, 5], speed), speed_rpm: speed, rests: ['its family alone'] };
  return { power_W: together(bands), speed_rpm: speed, rests };
}
/** Motors that turn alike: of one sort the speed of another is no guide. */
const onMains: ReadonlySet<FamilyName> = new Set(['split-phase', 'capacitor-start', 'capacitor-run', 'two-capacitor', 'three-phase', 'shaded-pole']);
function isMostly({ holds }: Donor, family: FamilyName): boolean {
  const [most] = Object.entries(holds).reduce((best, each) => (each[1] > best[1] ? each : best));
  return most === family || (onMains.has(most as FamilyName) && onMains.has(family));
}
const between = ([low, high]: readonly [number, number]): Range => [low, Math.sqrt(low * high), high];

/** Families that together are so likely are looked at. */
const enough = 0.9;

/** Power and speed of what it may be: of the families that are likely together, the widest. */
export function estimate(ranking: readonly Ranked[], measured: Measured): Estimate {
  let sum = 0;
  const likely = ranking.filter(({ chance }) => {
    const isLooked = sum < enough;
    sum += chance;
    return isLooked;
  });
  const each = likely.map(({ family }) => ofFamily(family, measured));
  const [first] = each as [Estimate, ...Estimate[]];
  const widest = (of: 'power_W' | 'speed_rpm' | 'torque_Nm' | 'starts'): Range => [
    Math.min(...each.map((e) => e[of][0])),
    first[of][1],
    Math.max(...each.map((e) => e[of][2])),
  ];
  return { power_W: widest('power_W'), speed_rpm: widest('speed_rpm'), torque_Nm: widest('torque_Nm'), starts: widest('starts'), rests: first.rests };
}
