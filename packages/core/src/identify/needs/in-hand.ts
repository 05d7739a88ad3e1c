import { plateLine } from '../../kinds/shared/plate-line.js';
import type { DonorName } from '../donors.js';
import { drawnShare, type Range, readNumber, unitIn, units } from '../estimate.js';
import { brushed, type FamilyName } from '../families.js';
import type { LookName } from '../looks.js';
import { tacho_ohm } from '../terminals.js';
import { closed_ohm, doesWander, patternOf, type Reading } from '../windings.js';

/** A motor that is taken for a family, with what is known of it: what it needs follows from that. */
export interface InHand {
  readonly family: FamilyName;
  readonly donor?: DonorName | undefined;
  /** What its machine was fed by, where that is known. */
  readonly fedBy?: 'one' | 'three' | 'battery' | undefined;
  readonly looks: Readonly<Partial<Record<LookName, string>>>;
  readonly readings: readonly Reading[];
  /** Its plate in one line, or what is left of it; empty where there is none. */
  readonly plate: string;
  /** Volts and amps of its plate, where they were entered by themselves. */
  readonly rated?: { readonly V?: number | undefined; readonly A?: number | undefined };
  /** At the shaft, W: least, likely and most. */
  readonly power_W: Range;
  readonly mass_kg?: number | undefined;
  /** The wall of the workshop. */
  readonly wall_V: number;
}

/** What of it is looked at more than once. */
export interface Known extends InHand {
  /** The motor itself; of a gearmotor the one inside, as far as that shows. */
  readonly motor: FamilyName | null;
  /** Volts and amps of its plate. */
  readonly plate_V: number | null;
  readonly plate_A: number | null;
  /** Power as its plate states it, W, and whether in horsepower. */
  readonly stated_W: number | null;
  readonly isStatedInHp: boolean;
  /** Amps that it draws at its volts, least and most. */
  readonly draws_A: readonly [number, number];
  /** Volts that it is fed with, as far as they are known; else those that are usual. */
  readonly at_V: number;
  readonly isShortTime: boolean;
  readonly hasCutOut: boolean;
  readonly hasTacho: boolean;
}

/** Machines that run for seconds or minutes. */
const shortTime: ReadonlySet<DonorName> = new Set([
  'sewing-machine',
  'kitchen-machine',
  'hand-mixer',
  'cordless',
  'power-tool',
  'garage-door',
  'car-starter',
  'car-wiper',
  'garden-shredder',
]);

/** Volts of a family whose plate does not say them, on a wall of so many. */
function usualVolts({ family, fedBy, donor, wall_V }: InHand): number {
  if (fedBy === 'battery' || donor === 'car-starter' || donor === 'car-wiper' || donor === 'car-fan') return donor?.startsWith('car') ? 12 : 24;
  const isSmall = donor === 'printer' || donor === 'copier' || donor === 'plotter' || donor === 'cordless' || donor === 'scooter';
  if (isSmall || family === 'stepper') return 24;
  if (family === 'pm-dc') return wall_V > 170 ? 180 : 90;
  if (family === 'wound-dc') return wall_V > 170 ? 180 : 110;
  if (family === 'three-phase') return wall_V > 170 ? 400 : 208;
  return wall_V;
}

/** The motor inside a gear case, by its wires and its plate. */
function insideOf({ fedBy, looks, readings, plate, donor }: InHand): FamilyName | null {
  const pattern = patternOf(readings);
  if (/3\s*~|3\s*PH/i.test(plate) || fedBy === 'three' || pattern === 'three-alike') return 'three-phase';
  if (fedBy === 'battery' || donor?.startsWith('car') || looks.brushes === 'yes' || doesWander(readings)) return 'pm-dc';
  if (looks.capacitor === 'run' || pattern === 'halves') return 'capacitor-run';
  return pattern === 'one' && looks.wires === '2' ? 'shaded-pole' : null;
}

/** With what follows from what is known of it. */
export function knownOf(hand: InHand): Known {
  const fills = plateLine(hand.plate)?.fills ?? {};
  // A stepper's has a volt or five, and nothing else that a plate of the mains has.
  const [, small_V] = /(\d+(?:[.,]\d+)?)\s*V\b/.exec(hand.plate) ?? [];
  const [, small_A] = /(\d+(?:[.,]\d+)?)\s*A\b/.exec(hand.plate) ?? [];
  const plate_V = hand.rated?.V ?? readNumber(fills.voltage ?? small_V) ?? null;
  const plate_A = hand.rated?.A ?? readNumber(fills.current ?? small_A) ?? null;
  const unit = unitIn(fills.power ?? '');
  const stated = (readNumber(fills.power) ?? 0) * units[unit];
  const at_V = plate_V ?? usualVolts(hand);
  const [, share] = drawnShare(hand.family);
  const phases = hand.family === 'three-phase' || hand.family === 'servo' ? Math.sqrt(3) : 1;
  const draws_A = plate_A
    ? ([plate_A, plate_A] as const)
    : ([hand.power_W[0] / share / at_V / phases, hand.power_W[2] / share / at_V / phases] as const);
  const ohms = hand.readings.flatMap(({ ohms: each }) => (each ? [(each[0] + each[1]) / 2] : []));
  const isBrushed = brushed.has(hand.family);
  return {
    ...hand,
    motor: hand.family === 'gearmotor' ? insideOf(hand) : hand.family,
    plate_V,
    plate_A,
    stated_W: stated > 0 ? stated : null,
    isStatedInHp: stated > 0 && unit !== 'kW' && unit !== 'W',
    draws_A,
    at_V,
    isShortTime: (hand.donor !== undefined && shortTime.has(hand.donor)) || /\b(S2|S3|S6|KB|SPL|PEAK|DUTY)\b/i.test(hand.plate),
    hasCutOut:
      (ohms.some((each) => each < closed_ohm) && hand.donor !== 'car-starter') ||
      (!isBrushed && hand.readings.some(({ ohms: each }) => each === null)),
    hasTacho: isBrushed && hand.family === 'universal' && ohms.length > 2 && ohms.some((each) => each >= tacho_ohm[0] && each <= tacho_ohm[1]),
  };
}
