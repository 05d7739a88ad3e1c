import { type Gallon, type QuantityName, quantities, type Unit } from './quantities.js';
import { plain, readNumber } from './read-number.js';
import { readSum } from './read-sum.js';
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
  /** It is counted: a part of one is no answer. */
  readonly whole?: true;
  /** What is usual, in the house unit: the end that is not written of `at least 3` is taken from it. */
  readonly usual?: { readonly low: number; readonly value: number; readonly high: number };
}

export type RefusalCode =
  | 'empty'
  | 'too-long'
  | 'no-number'
  | 'ambiguous-number'
  | 'one-ended'
  | 'zero-division'
  | 'unit-missing'
  | 'unit-unknown'
  | 'unit-of-another-quantity'
  | 'out-of-range'
  | 'not-whole';

/** Another way in which it may have been meant: a text to take in its place, and what it is then. */
export interface Offer {
  readonly text: string;
  readonly says: string;
}

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
  /** How else it may have been meant. */
  readonly offers?: readonly Offer[];
}

export interface Refused {
  readonly ok: false;
  readonly code: RefusalCode;
  /** What an ambiguous number could be. */
  readonly readings?: readonly string[];
  /** What it may have been meant as, the likelier first. */
  readonly offers?: readonly Offer[];
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
  /** The value is in the house unit already, as a sum of parts that have units is. */
  readonly isHouse?: true;
}

const houseOf = ({ value, unit, isHouse }: Part): number => (isHouse ? value : toHouse(value, unit));

/** What a guess without its ends is taken to be within. */
const guessed = 0.1;

/**
 * Reads a quantity as people write it: a number (`readNumber`) or a sum (`readSum`), a unit in any usual spelling, `k` for thousands; a range with `to`, `…`, a dash or `±`; a guess with
 * `~`, `about` or a question mark behind it, of a tenth either way; one end of what is usual with `at least` or `up to`. `value` of a range is its middle.
 * A hyphen is a mixed number before a proper fraction, a range where the second is larger, a difference where it is smaller.
 * @returns the value in the house unit of `field.quantity`, or one sentence naming the field, what was understood and what it takes; never throws
 * @example readQuantity('1/2 hp', { label: 'Power', quantity: 'power', accepts: [0, 1e6], bare: null }) // { ok: true, unit: 'W', understood: '373 W' }
 */
export function readQuantity(text: string, field: Reads, settings: ReadingSettings = {}): Reading {
  const typed = text.trim();
  if (typed === '') return refuse(field, 'empty', 'is empty');
  if (typed.length > longestText) return refuse(field, 'too-long', `is longer than ${longestText} characters`);

  const guess = /^(?:~|≈|(?:about|approx\.?|roughly|circa|ca\.?)(?=[\s\d.]))\s*(.+)$/i.exec(typed) ?? /^(.+?)\s*\?$/.exec(typed);
  if (guess) return readGuess(guess[1] as string, field, settings);
  const end = /^(at least|min\.?|from|≥|>=?|at most|up to|max\.?|≤|<=?)\s*(.+)$/i.exec(typed);
  if (end) return readOneEnd(/^(at least|min|from|≥|>)/i.test(end[1] as string) ? 'least' : 'most', end[2] as string, field, settings);
  const spread = /^(.*?)\s*(?:±|\+\/-|\+-)\s*(.+)$/.exec(typed);
  if (spread) return readSpread(spread[1] as string, spread[2] as string, field, settings);
  const range = /^(.+?)(?:\s+to\s+|\s*(?:…|\.\.\.?|–|—)\s*)(.+)$/i.exec(typed);
  if (range) return readRange(range[1] as string, range[2] as string, field, settings);
  return readHyphened(typed, field, settings) ?? readOne(typed, field, settings);
}

function readOne(typed: string, field: Reads, settings: ReadingSettings): Reading {
  const part = readPart(typed, field, settings);
  if ('ok' in part) return part;
  const value = houseOf(part);
  return within(value, value, value, part.unit, field, settings);
}

/** `0.6 to 0.9 kW`: the first number may leave its unit to the second. */
function readRange(from: string, to: string, field: Reads, settings: ReadingSettings): Reading {
  if (isOpen(from) || isOpen(to)) return refuse(field, 'no-number', 'has a range inside a sum: work it out for both ends');
  const end = readPart(to, field, settings);
  if ('ok' in end) return end;
  const start = readPart(from, field, settings, end.unit);
  if ('ok' in start) return start;
  return between(start, end, field, settings);
}

function between(start: Part, end: Part, field: Reads, settings: ReadingSettings): Reading {
  const [a, b] = [houseOf(start), houseOf(end)];
  return within(Math.min(a, b), (a + b) / 2, Math.max(a, b), end.unit, field, settings);
}

const isOpen = (text: string): boolean => text.split('(').length !== text.split(')').length;

/** One hyphen between two numbers (that of an inch thread is none), not within a unit, a power of ten or a mixed number: a range where the second is larger; where it is smaller a sum, which is read as one. */
function readHyphened(typed: string, field: Reads, settings: ReadingSettings): Reading | null {
  const thread =
    field.quantity === 'length' ? /^(1\/4|5\/16|3\/8|7\/16|1\/2|9\/16|5\/8|3\/4)-(10|11|12|13|14|16|18|20|24|28)(?: ?UN[CF])?$/i.exec(typed) : null;
  if (thread) return refuse(field, 'no-number', `is a thread of ${thread[1]} in with ${thread[2]} turns an inch`);
  const parts = /^([^-]*[\w"'″′%)²]|[^-]*\d) ?- ?([\d.,][^-]*)$/.exec(plain(typed));
  if (!parts || /\bmin$/i.test(parts[1] as string) || /\de$/i.test(parts[1] as string) || /[+*×()]/.test(typed)) return null;
  if (readNumberWhole(plain(typed))) return null;
  const end = readPart(parts[2] as string, field, settings);
  if ('ok' in end) return end.code === 'unit-of-another-quantity' ? end : null;
  const start = readPart(parts[1] as string, field, settings, end.unit);
  if ('ok' in start || houseOf(start) >= houseOf(end)) return null;
  const read = between(start, end, field, settings);
  if (!read.ok || field.accepts[0] >= 0) return read;
  // Where less than nought is a value, the difference is one too.
  const difference = `${parts[1]} + -${parts[2]}`;
  const other = readOne(difference, field, settings);
  return other.ok ? { ...read, offers: [{ text: difference, says: other.understood }] } : read;
}

/** Whether the hyphen is that of a mixed number: `3-11/16 in`. */
function readNumberWhole(text: string): boolean {
  const read = readNumber(text);
  return read.ok && !read.rest.includes('-');
}

/** `~0.5`, `0.5 ?`: a tenth either way, as far as the field takes it. */
function readGuess(text: string, field: Reads, settings: ReadingSettings): Reading {
  const part = readPart(text, field, settings);
  if ('ok' in part) return part;
  const value = houseOf(part);
  const half = Math.abs(part.isHouse ? value : part.value * part.unit.factor) * guessed;
  const [least, most] = field.accepts;
  if (value < least || value > most) return within(value, value, value, part.unit, field, settings);
  return within(Math.max(least, value - half), value, Math.min(most, value + half), part.unit, field, settings);
}

/** `at least 3`: to the other end of what is usual. */
function readOneEnd(which: 'least' | 'most', text: string, field: Reads, settings: ReadingSettings): Reading {
  const part = readPart(text, field, settings);
  if ('ok' in part) return part;
  const value = houseOf(part);
  const { usual } = field;
  const [low, high] = usual ? (which === 'least' ? [value, usual.high] : [usual.low, value]) : [Number.NaN, Number.NaN];
  if (!(usual && low < high)) return refuse(field, 'one-ended', 'has one end only, and the other is not usual: both ends, please');
  return within(low, Math.min(high, Math.max(low, usual.value)), high, part.unit, field, settings);
}

/** `2 ± 0.1 A`, `100 mm ± 2 %`. What is behind the sign is a difference: a scale's nought does not count for it. */
function readSpread(middle: string, about: string, field: Reads, settings: ReadingSettings): Reading {
  const share = /^(.+?)\s*%$/.exec(about);
  if (share && field.quantity !== 'fraction') {
    const part = readPart(middle, field, settings);
    if ('ok' in part) return part;
    const percent = readNumber(share[1] as string);
    if (!percent.ok || percent.rest !== '') return refuse(field, 'no-number', `has no share behind ± in “${about}”`);
    const scale = part.isHouse ? part.value : part.value * part.unit.factor;
    return around(part, Math.abs(scale * percent.value) / 100, field, settings);
  }
  const wide = readPart(about, field, settings);
  if ('ok' in wide) return wide;
  const part = readPart(middle, field, settings, wide.unit);
  return 'ok' in part ? part : around(part, Math.abs(wide.isHouse ? wide.value : wide.value * wide.unit.factor), field, settings);
}

function around(part: Part, half: number, field: Reads, settings: ReadingSettings): Reading {
  const centre = houseOf(part);
  return within(centre - half, centre, centre + half, part.unit, field, settings);
}

/** A number with its unit, or a sum of such. */
function readPart(text: string, field: Reads, settings: ReadingSettings, fallback?: KnownUnit): Part | Refused {
  if (field.quantity === 'voltage' && twoVoltages.test(text)) {
    return refuse(field, 'no-number', `has two voltages in “${text.trim()}”: write the smaller as the rated one, the larger as that in star`);
  }
  if (field.quantity === 'area' && /^\d\s*[x×]/i.test(text)) {
    return refuse(field, 'no-number', `has the cores of a lead in “${text.trim()}”: write the cross-section of one`);
  }
  const one = readNumberAndUnit(text, field, settings, fallback);
  if (!('ok' in one) || !/[+*×/():x-]/.test(text)) return one;
  const find = (spelling: string) => {
    const unit = findUnit(spelling, field.quantity, settings.gallon);
    return unit?.quantity === field.quantity ? unit : undefined;
  };
  const sum = readSum(text, find);
  if (!sum.ok)
    return sum.code === 'no-sum'
      ? one
      : refuse(field, sum.code === 'zero-division' ? 'zero-division' : 'no-number', `${sum.says} in “${text.trim()}”`);
  if (!Number.isFinite(sum.value)) return one;
  if (!sum.unit) return bare(sum.value, field, settings, fallback);
  return { value: sum.value, unit: sum.unit, ...(sum.isHouse ? { isHouse: true } : {}) };
}

function readNumberAndUnit(text: string, field: Reads, settings: ReadingSettings, fallback?: KnownUnit): Part | Refused {
  const area = field.quantity === 'area' ? gaugeArea_mm2(text) : null;
  if (area !== null) return { value: area, unit: findUnit('mm²', 'area') as KnownUnit };
  const number = readNumber(text, field.quantity === 'speed');
  if (number.ok) return withUnit(number.value, number.rest, field, settings, fallback);
  if (number.why === 'ambiguous' && number.readings) return oneOfTwo(number.readings, number.rest ?? '', field, settings, fallback);
  if (number.why === 'zero-division') return refuse(field, 'zero-division', `divides by nought in “${text.trim()}”`);
  return refuse(field, 'no-number', `does not start with a number: “${text.trim()}”`);
}

/** A number that may be in thousands or have decimals: the one that the field takes, or both to choose from where it takes both. A fourth decimal of a speed is no group of three. */
function oneOfTwo(readings: readonly [string, string], rest: string, field: Reads, settings: ReadingSettings, fallback?: KnownUnit): Part | Refused {
  const parts = readings.map((digits) => withUnit(Number(digits), rest, field, settings, fallback));
  const [least, most] = field.accepts;
  const possible = parts.flatMap((part, k) => {
    if ('ok' in part) return [];
    const value = houseOf(part);
    return value >= least && value <= most
      ? [{ part, value, text: `${readings[k]}${k === 1 && field.quantity === 'speed' ? '0' : ''}${rest ? ` ${rest}` : ''}` }]
      : [];
  });
  if (possible.length === 1 && possible[0]) return possible[0].part;
  if (possible.length === 0 && parts[0] && 'ok' in parts[0] && parts[0].code !== 'unit-missing') return parts[0];
  const [whole, decimals] = readings;
  const refused = refuse(field, 'ambiguous-number', `could be ${whole} or ${decimals}: write it without the separator, or with a point for decimals`);
  const sorted = [...possible].sort((a, b) => unlikely(a.value, field) - unlikely(b.value, field));
  const offers = sorted.map(({ text, value }) => ({ text, says: showAs(field.quantity, value, value, settings.units) }));
  return { ...refused, readings: [whole, decimals], ...(offers.length > 0 ? { offers } : {}) };
}

/** Speeds of the field of two to eight poles on 50 and 60 Hz. */
const synchronous = [3600, 3000, 1800, 1500, 1200, 1000, 900, 750];

/** How unlikely a value is: of a speed how far under that of a field, of others how far from what is usual; thousands before decimals where neither tells. */
function unlikely(value: number, { quantity, usual }: Reads): number {
  if (quantity === 'speed' && synchronous.some((n) => value <= n && value > 0.88 * n)) return -1;
  return usual && value > 0 && usual.value > 0 ? Math.abs(Math.log(value / usual.value)) : -value / 1e12;
}

function withUnit(value: number, rest: string, field: Reads, settings: ReadingSettings, fallback?: KnownUnit): Part | Refused {
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
  if (field.whole && !isWhole(low, high))
    return low === high ? notCounted(value, understood, field) : widened(low, value, high, symbol, field, units);
  return { ok: true, value, unit, ...(low === high ? {} : { low, high }), understood, symbol };
}

const isWhole = (low: number, high: number): boolean => Number.isInteger(low) && Number.isInteger(high);

/** Of what is counted a part of one is refused, with the numbers beside it to take. */
function notCounted(value: number, understood: string, field: Reads): Refused {
  const [least, most] = field.accepts;
  const beside = [Math.floor(value), Math.ceil(value)].filter((each) => each >= least && each <= most).map(String);
  return {
    ok: false,
    code: 'not-whole',
    says: `${field.label} was read as ${understood}; it is counted: ${beside.join(' or ')}.`,
    offers: beside.map((text) => ({ text, says: text })),
  };
}

/** A guess of what is counted lies between whole numbers. */
function widened(low: number, value: number, high: number, symbol: string, field: Reads, units: UnitHabit): Read {
  const [least, most] = field.accepts;
  const [from, to] = [Math.max(least, Math.floor(low)), Math.min(most, Math.ceil(high))];
  return { ok: true, value, unit: quantities[field.quantity].unit, low: from, high: to, understood: showAs(field.quantity, from, to, units), symbol };
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
