import { remembering } from '../remembering.js';
import type { Unit } from './quantities.js';

/**
 * A number as it is written on a drawing: at least three significant figures, whole digits never rounded away, and no zeros behind a value that is exact without them.
 * @example showNumber(1425) // '1425'
 * @example showNumber(11.794) // '11.8'
 * @example showNumber(7.996) // '8.00': rounded, and seen to be
 * @example showNumber(8) // '8'
 */
export const showNumber = (value: number): string => shownNumber(value);

/** As far as a conversion leaves a double beside what it is, as a share of it. */
const conversion = 5e-14;

/**
 * As `showNumber`, with at least so many significant figures.
 * @example digitsOf(1 / 3, 5) // '0.33333'
 */
export function digitsOf(value: number, figures: number): string {
  if (value === 0) return '0';
  const size = Math.abs(value);
  if (size < 1e-4 || size >= 1e9) {
    const [digits = '', power = '0'] = value.toExponential(figures - 1).split('e');
    const exact = String(Number(digits));
    return `${minus(Number(`${exact}e${power}`) === value ? exact : digits)} × 10${raised(Number(power))}`;
  }
  const decimals = Math.min(100, Math.max(0, figures - 1 - Math.floor(Math.log10(size))));
  const rounded = value.toFixed(decimals);
  // What only a conversion left in the last digits of a double is not told: three inches are 76.2 mm, not 76.20.
  const read = Number(rounded);
  const isExact = figures < 13 ? Math.abs(read - value) <= conversion * size : read === value;
  return minus(isExact ? String(read) : rounded);
}

/**
 * A whole number as an exponent.
 * @example raised(-7) // '⁻⁷'
 */
export const raised = (whole: number): string => [...String(whole)].map((sign) => '⁻⁰¹²³⁴⁵⁶⁷⁸⁹'['-0123456789'.indexOf(sign)]).join('');

/** Most of the numbers of a sheet are the same after a keystroke, and putting one into digits is the dearest step of showing it. */
const shownNumber = remembering(5_000, (value: number) => digitsOf(value, 3));

const minus = (digits: string) => digits.replace('-', '−');

/** In which units figures are shown: metric, inch and pound, or inches for lengths and metric for the rest. What is kept and worked with stays the same. */
export const unitHabits = ['metric', 'inch', 'mixed'] as const;
export type UnitHabit = (typeof unitHabits)[number];

/** A unit to show figures in: how many of it one of the house unit is, and its symbol. */
export interface UnitShown {
  readonly factor: number;
  readonly symbol: string;
}

type ShownAs = Partial<Record<Unit, UnitShown>>;
const inches: ShownAs = { mm: { factor: 1 / 25.4, symbol: 'in' } };
/** Exact definitions: 1 in = 25.4 mm, 1 lb = 0.45359237 kg, g = 9.80665 m/s² (NIST SP 811). */
const pound_N = 0.45359237 * 9.80665;
const customary: ShownAs = {
  ...inches,
  'mm²': { factor: 1 / 25.4 ** 2, symbol: 'in²' },
  N·m: { factor: 1 / (0.3048 * pound_N), symbol: 'lbf·ft' },
  N: { factor: 1 / pound_N, symbol: 'lbf' },
  kg: { factor: 1 / 0.45359237, symbol: 'lb' },
  'mm/s': { factor: 1 / 25.4, symbol: 'in/s' },
  'cm³/min': { factor: 1 / 16.387064, symbol: 'in³/min' },
  'N/mm': { factor: 25.4 / pound_N, symbol: 'lbf/in' },
  kg·mm: { factor: 16 / 0.45359237 / 25.4, symbol: 'oz·in' },
  'kg/m': { factor: 0.3048 / 0.45359237, symbol: 'lb/ft' },
  'kg·m²': { factor: 1 / (0.45359237 * 0.3048 ** 2), symbol: 'lb·ft²' },
  'kg/m³': { factor: 0.3048 ** 3 / 0.45359237, symbol: 'lb/ft³' },
  'm/s': { factor: 60 / 0.3048, symbol: 'ft/min' },
  MPa: { factor: 25.4 ** 2 / pound_N / 1000, symbol: 'ksi' },
};
const habits: Record<UnitHabit, ShownAs> = { metric: {}, inch: customary, mixed: inches };

/** How one of a house unit is written: its factor and its symbol. For rulers and axes, which count in the unit that is shown. */
export const unitShown = (unit: Unit, habit: UnitHabit = 'metric'): UnitShown => habits[habit][unit] ?? { factor: 1, symbol: unit };

/** 550 ft·lbf/s. */
const hp_W = 550 * 0.3048 * pound_N;

/** Units in which a house figure is shown when the house unit itself would read badly. */
const shownAs: Partial<Record<Unit, (value: number, habit: UnitHabit) => UnitShown>> = {
  W: (value, habit) =>
    habit === 'inch' && Math.abs(value) >= hp_W / 100
      ? { factor: 1 / hp_W, symbol: 'hp' }
      : Math.abs(value) >= 1000
        ? { factor: 1e-3, symbol: 'kW' }
        : { factor: 1, symbol: 'W' },
  N: (value) => (Math.abs(value) >= 10_000 ? { factor: 1e-3, symbol: 'kN' } : { factor: 1, symbol: 'N' }),
  s: (value) =>
    Math.abs(value) >= 7200
      ? { factor: 1 / 3600, symbol: 'h' }
      : Math.abs(value) >= 120
        ? { factor: 1 / 60, symbol: 'min' }
        : { factor: 1, symbol: 's' },
  'm/s²': () => ({ factor: 1 / 9.80665, symbol: 'g' }),
  rad: () => ({ factor: 180 / Math.PI, symbol: '°' }),
  'J/kg': (value) => (Math.abs(value) >= 360 ? { factor: 1 / 3600, symbol: 'kWh/t' } : { factor: 1, symbol: 'J/kg' }),
  '1': () => ({ factor: 1, symbol: '' }),
};

export interface Shown {
  readonly number: string;
  readonly symbol: string;
}

/** A house figure as number and unit, apart, so that the screen can set the unit small. */
export function showParts(value: number, unit: Unit, habit: UnitHabit = 'metric'): Shown {
  const { factor, symbol } = habits[habit][unit] ?? shownAs[unit]?.(value, habit) ?? { factor: 1, symbol: unit };
  return { number: showNumber(value * factor), symbol };
}

/** A house figure as text, e.g. `550 W`, `156°`. */
export const show = (value: number, unit: Unit, habit: UnitHabit = 'metric'): string => joinParts(showParts(value, unit, habit));

/** Number and unit as one text. */
export const joinParts = ({ number, symbol }: Shown): string => (symbol === '' || symbol === '°' ? `${number}${symbol}` : `${number} ${symbol}`);

/** From least to most: `10.9 to 12.0 N·m`; one figure when both are the same. */
export function showRange(low: number, high: number, unit: Unit, habit: UnitHabit = 'metric'): string {
  const [from, to] = [showParts(low, unit, habit), showParts(high, unit, habit)];
  if (from.number === to.number && from.symbol === to.symbol) return joinParts(from);
  return from.symbol === to.symbol ? `${from.number} to ${joinParts(to)}` : `${joinParts(from)} to ${joinParts(to)}`;
}

/**
 * As `showRange`, with digits as wide as the band: what is known to within a third is told in two, what is five times as much at one end as at the other in one.
 * @example showBand(2.61, 47.6, 's') // 'about 3 to 50 s'
 * @example showBand(18.83, 28.61, 'N·m') // '19 to 29 N·m'
 */
export function showBand(low: number, high: number, unit: Unit, habit: UnitHabit = 'metric'): string {
  const times = low > 0 ? high / low : low === high ? 1 : 3;
  const digits = times > 5 ? 1 : times > 1.3 ? 2 : 0;
  if (digits === 0) return showRange(low, high, unit, habit);
  const [from, to] = [bandEnd(low, digits, unit, habit), bandEnd(high, digits, unit, habit)];
  const band = from.symbol === to.symbol ? `${from.number} to ${joinParts(to)}` : `${joinParts(from)} to ${joinParts(to)}`;
  return digits === 1 ? `about ${band}` : band;
}

/** Rounded in the unit in which it is shown. */
function bandEnd(value: number, digits: number, unit: Unit, habit: UnitHabit): Shown {
  const { factor, symbol } = habits[habit][unit] ?? shownAs[unit]?.(value, habit) ?? { factor: 1, symbol: unit };
  return { number: showNumber(Number((value * factor).toPrecision(digits))), symbol };
}

/** A share as per cent: `27 %`. Whole per cent unless that would hide a small figure. */
export function showShare(value: number): string {
  const percent = value * 100;
  return `${minus(Math.abs(percent) >= 1 || percent === 0 ? percent.toFixed(0) : percent.toPrecision(1))} %`;
}
