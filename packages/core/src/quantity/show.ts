import { listed } from './listed.js';
import { type Quantity, type QuantityName, quantities, type Unit } from './quantities.js';

/**
 * A number as it stands on a drawing: at least three significant figures, whole digits never rounded away, and no zeros behind a value that is exact without them.
 * @example showNumber(1425) // '1425'
 * @example showNumber(11.794) // '11.8'
 * @example showNumber(7.996) // '8.00': rounded, and seen to be
 * @example showNumber(8) // '8'
 */
export function showNumber(value: number): string {
  const known = shownNumbers.get(value);
  if (known !== undefined) return known;
  if (shownNumbers.size > 5_000) shownNumbers.clear();
  const text = write(value);
  shownNumbers.set(value, text);
  return text;
}

/** Most of the numbers of a sheet are the same after a keystroke, and putting one into digits is the dearest step of showing it. */
const shownNumbers = new Map<number, string>();

function write(value: number): string {
  if (value === 0) return '0';
  const size = Math.abs(value);
  if (size < 1e-4 || size >= 1e9) return minus(value.toPrecision(3));
  const decimals = Math.max(0, 2 - Math.floor(Math.log10(size)));
  const rounded = value.toFixed(decimals);
  return minus(Number(rounded) === value ? String(Number(rounded)) : rounded);
}

const minus = (digits: string) => digits.replace('-', '−');

/** Units in which a house figure is shown when the house unit itself would read badly. */
const shownAs: Partial<Record<Unit, (value: number) => { factor: number; symbol: string }>> = {
  W: (value) => (Math.abs(value) >= 1000 ? { factor: 1e-3, symbol: 'kW' } : { factor: 1, symbol: 'W' }),
  rad: () => ({ factor: 180 / Math.PI, symbol: '°' }),
  '1': () => ({ factor: 1, symbol: '' }),
};

export interface Shown {
  readonly number: string;
  readonly symbol: string;
}

/** A house figure as number and unit, apart, so that the screen can set the unit small. */
export function showParts(value: number, unit: Unit): Shown {
  const { factor, symbol } = shownAs[unit]?.(value) ?? { factor: 1, symbol: unit };
  return { number: showNumber(value * factor), symbol };
}

/** A house figure as text, e.g. `550 W`, `156°`. */
export function show(value: number, unit: Unit): string {
  const { number, symbol } = showParts(value, unit);
  return symbol === '' || symbol === '°' ? `${number}${symbol}` : `${number} ${symbol}`;
}

/** From least to most: `10.9 to 12.0 N·m`; one figure when both are the same. */
export function showRange(low: number, high: number, unit: Unit): string {
  const [from, to] = [showParts(low, unit), showParts(high, unit)];
  if (from.number === to.number && from.symbol === to.symbol) return show(low, unit);
  return from.symbol === to.symbol ? `${from.number} to ${show(high, unit)}` : `${show(low, unit)} to ${show(high, unit)}`;
}

/** A share as per cent: `27 %`. Whole per cent unless that would hide a small figure. */
export function showShare(value: number): string {
  const percent = value * 100;
  return `${minus(Math.abs(percent) >= 1 || percent === 0 ? percent.toFixed(0) : percent.toPrecision(1))} %`;
}

/** A value of a field's quantity from least to most, as it would be typed: shares as per cent. */
export function showAs(name: QuantityName, low: number, high = low): string {
  if (name === 'sound level') return `${showRange(low, high, '1')} dB(A)`;
  if (name !== 'fraction') return showRange(low, high, quantities[name].unit);
  return low === high ? showShare(low) : `${showShare(low)} to ${showShare(high)}`;
}

/** The units a field of this quantity takes, as a list to read out: `kW, W, hp, PS or MW`. */
export function acceptedUnits(name: QuantityName): string {
  const { spellings }: Quantity = quantities[name];
  const offered = spellings.filter((spelling) => spelling.offered !== false).map((spelling) => spelling.symbol);
  return listed([...new Set(offered)], 'or');
}
