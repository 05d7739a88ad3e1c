import { type Gallon, type QuantityName, quantities, type Unit } from './quantities.js';
import { type NumberRead, readNumber } from './read-number.js';
import { showNumber, type UnitHabit } from './show.js';
import { acceptedUnits, showAs } from './show-as.js';
import { findUnit, type KnownUnit, toHouse } from './units.js';

/** What a field takes: enough of its description to read what is typed into it. */
export interface Reads {
  readonly label: string;
  readonly quantity: QuantityName;
  /** Least and most that is not absurd, in the house unit. */
  readonly accepts: readonly [number, number];
  /** The unit a bare number is taken in; null where it could be off by a thousand and must be said. */
  readonly bare: string | null;
}

export type RefusalCode =
  | 'empty'
  | 'too-long'
  | 'no-number'
  | 'ambiguous-number'
  | 'zero-division'
  | 'unit-missing'
  | 'unit-unknown'
  | 'unit-of-another-quantity'
  | 'out-of-range';

/** What was typed, in the house unit. `low` and `high` come together, around `value`. */
export interface Read {
  readonly ok: true;
  readonly value: number;
  readonly unit: Unit;
  readonly low?: number;
  readonly high?: number;
  /** How it was understood, to be shown beside the field. */
  readonly understood: string;
  /** The unit it was written in; empty for a plain share. */
  readonly symbol: string;
}

export interface Refused {
  readonly ok: false;
  readonly code: RefusalCode;
  /** What an ambiguous number could be. */
  readonly readings?: readonly string[];
  /** One sentence: the field, what was understood, what would be accepted. */
  readonly says: string;
}

export type Reading = Read | Refused;

/** Longest text a field reads; also the longest draft a build keeps. */
export const longestText = 80;

/** What a person has chosen once for all fields. */
export interface ReadingSettings {
  readonly gallon?: Gallon;
  /** In which units it is told how an entry was understood. */
  readonly units?: UnitHabit;
}

interface Part {
  readonly value: number;
  readonly unit: KnownUnit;
}

/**
 * Reads a quantity as people write it: a number (`readNumber`), a unit in any usual spelling, `k` for thousands, and a range with `to`, `…` or `±`.
 * A guess written as a range keeps its ends; `value` is the middle.
 * @returns the value in the house unit of `field.quantity`, or one sentence naming the field, what was understood and what it takes; never throws
 * @example readQuantity('1/2 hp', { label: 'Power', quantity: 'power', accepts: [0, 1e6], bare: null }) // { ok: true, unit: 'W', understood: '373 W' }
 */
export function readQuantity(text: string, field: Reads, settings: ReadingSettings = {}): Reading {
  const typed = text.trim();
  if (typed === '') return refuse(field, 'empty', 'is empty');
  if (typed.length > longestText) return refuse(field, 'too-long', `is longer than ${longestText} characters`);

  const spread = /^(.*?)\s*(?:±|\+\/-|\+-)\s*(.+)$/.exec(typed);
  if (spread) return readSpread(spread[1] as string, spread[2] as string, field, settings);
  const range = /^(.+?)(?:\s+to\s+|\s*(?:…|\.\.\.?)\s*)(.+)$/i.exec(typed);
  if (range) return readRange(range[1] as string, range[2] as string, field, settings);

  const part = readPart(typed, field, settings);
  if ('ok' in part) return part;
  const value = toHouse(part.value, part.unit);
  return within(value, value, value, part.unit, field, settings);
}

/** `0.6 to 0.9 kW`: the first number may leave its unit to the second. */
function readRange(from: string, to: string, field: Reads, settings: ReadingSettings): Reading {
  const end = readPart(to, field, settings);
  if ('ok' in end) return end;
  const start = readPart(from, field, settings, end.unit);
  if ('ok' in start) return start;
  const [a, b] = [toHouse(start.value, start.unit), toHouse(end.value, end.unit)];
  return within(Math.min(a, b), (a + b) / 2, Math.max(a, b), end.unit, field, settings);
}

/** `2 ± 0.1 A`, `100 mm ± 2 %`. What is behind the sign is a difference: a scale's nought does not count for it. */
function readSpread(middle: string, about: string, field: Reads, settings: ReadingSettings): Reading {
  const share = /^(.+?)\s*%$/.exec(about);
  if (share && field.quantity !== 'fraction') {
    const part = readPart(middle, field, settings);
    if ('ok' in part) return part;
    const percent = readNumber(share[1] as string);
    if (!percent.ok || percent.rest !== '') return refuse(field, 'no-number', `has no share behind ± in “${about}”`);
    return around(part, Math.abs(part.value * part.unit.factor * percent.value) / 100, field, settings);
  }
  const wide = readPart(about, field, settings);
  if ('ok' in wide) return wide;
  const part = readPart(middle, field, settings, wide.unit);
  return 'ok' in part ? part : around(part, Math.abs(wide.value * wide.unit.factor), field, settings);
}

function around({ value, unit }: Part, half: number, field: Reads, settings: ReadingSettings): Reading {
  const centre = toHouse(value, unit);
  return within(centre - half, centre, centre + half, unit, field, settings);
}

function readPart(text: string, field: Reads, settings: ReadingSettings, fallback?: KnownUnit): Part | Refused {
  const area = field.quantity === 'area' ? gaugeArea_mm2(text) : null;
  if (area !== null) return { value: area, unit: findUnit('mm²', 'area') as KnownUnit };
  if (field.quantity === 'voltage' && twoVoltages.test(text)) {
    return refuse(field, 'no-number', `has two voltages in “${text.trim()}”: write the smaller as the rated one, the larger as that in star`);
  }
  const number = readNumber(text);
  if (!number.ok) return refuseNumber(text, number, field);
  const { rest, value } = number;
  const find = (spelling: string) => findUnit(spelling, field.quantity, settings.gallon);
  if (rest === '') return bare(value, field, settings, fallback);
  const unit = find(rest);
  if (unit?.quantity === field.quantity) return { value, unit };
  // `2.9k rpm`: thousands, once no unit of that spelling is known (kW is one).
  if (/^k(?! *k)/i.test(rest)) {
    const behind = rest.slice(1).trim();
    if (rest === 'k') return bare(value * 1000, field, settings, fallback);
    const thousands = find(behind);
    if (thousands?.quantity === field.quantity) return { value: value * 1000, unit: thousands };
  }
  if (unit) return refuseUnit(value, unit, field);
  return refuse(field, 'unit-unknown', `was read as ${showNumber(value)}, but “${rest}” is not a unit of ${quantities[field.quantity].name}`);
}

/** `230/400 V`: no fraction, but a motor that can be connected for either. */
const twoVoltages = /^\s*\d{2,3}\s*V?\s*\/\s*\d{3}\s*V?\s*$/i;

/**
 * Cross-section of a wire by its American gauge, mm² (ASTM B258): `AWG 14`, `14 AWG`, `#14`, `2/0 AWG`.
 * @returns null for anything that is no gauge
 */
function gaugeArea_mm2(text: string): number | null {
  const found = /^(?:awg|#)\s*#?\s*(\d{1,2}|[1-4]\/0)$|^(\d{1,2}|[1-4]\/0)\s*(?:awg|ga\.?|gauge)$/i.exec(text.trim());
  const gauge = found?.[1] ?? found?.[2];
  if (gauge === undefined) return null;
  // 2/0 is one below 0: −1.
  const n = gauge.endsWith('/0') ? 1 - Number(gauge[0]) : Number(gauge);
  return (Math.PI / 4) * (0.127 * 92 ** ((36 - n) / 39)) ** 2;
}

const plainShare: KnownUnit = { quantity: 'fraction', symbol: '', factor: 1, zero: 0, offered: false };

function bare(value: number, field: Reads, settings: ReadingSettings, fallback?: KnownUnit): Part | Refused {
  if (fallback) return { value, unit: fallback };
  if (field.quantity === 'fraction') return { value, unit: plainShare };
  const unit = field.bare === null ? undefined : findUnit(field.bare, field.quantity, settings.gallon);
  return unit ? { value, unit } : refuse(field, 'unit-missing', `was read as ${showNumber(value)} without a unit`);
}

function within(low: number, value: number, high: number, { symbol }: KnownUnit, field: Reads, { units = 'metric' }: ReadingSettings): Reading {
  const { unit } = quantities[field.quantity];
  const understood = low === high ? showAs(field.quantity, value, value, units) : showAs(field.quantity, low, high, units);
  const [least, most] = field.accepts;
  if (!(low >= least && high <= most)) {
    return refuse(field, 'out-of-range', `was read as ${understood}; it takes ${showAs(field.quantity, least, most, units)}`);
  }
  return { ok: true, value, unit, ...(low === high ? {} : { low, high }), understood, symbol };
}

function refuseNumber(text: string, read: NumberRead & { ok: false }, field: Reads): Refused {
  if (read.why === 'ambiguous') {
    const [grouped, decimals] = read.readings ?? ['', ''];
    const refused = refuse(
      field,
      'ambiguous-number',
      `could be ${grouped} or ${decimals}: write it without the separator, or with a point for decimals`,
    );
    return { ...refused, readings: [grouped, decimals].map(String) };
  }
  if (read.why === 'zero-division') return refuse(field, 'zero-division', `divides by nought in “${text.trim()}”`);
  return refuse(field, 'no-number', `does not start with a number: “${text.trim()}”`);
}

function refuseUnit(value: number, unit: KnownUnit, field: Reads): Refused {
  return refuse(
    field,
    'unit-of-another-quantity',
    `was read as ${showNumber(value)} ${unit.symbol}, which is ${named(unit.quantity)}, not ${named(field.quantity)}`,
  );
}

function refuse(field: Reads, code: RefusalCode, what: string): Refused {
  const quantity = quantities[field.quantity];
  const units = code === 'out-of-range' ? '' : ` in ${acceptedUnits(field.quantity)}`;
  return { ok: false, code, says: `${field.label} ${what}. Write ${named(field.quantity)}${units}, such as ${quantity.example}.` };
}

/** The name of a quantity with its article. */
function named(name: QuantityName): string {
  const word = quantities[name].name;
  return `${/^[aeiou]/.test(word) ? 'an' : 'a'} ${word}`;
}
