import type { Known } from '../figure/figure.js';
import { digitsOf, showNumber, showParts, type UnitHabit } from '../quantity/show.js';
import { equals, type Line, numberLine, type Relation, setRelation, symbolLine } from './set-relation.js';

/** A relation and its sum, set for print. */
export interface WorkedOutLine {
  /** `T = 60 × P / (2 × π × n)` */
  readonly symbols: Line;
  /** `60 × 1800 / (2 × π × 3600) = 4.77 N·m`, and behind it the same as the person reads it, where that is another unit. */
  readonly numbers: Line;
}

/** More than these figures no double has. */
const most = 17;

/**
 * The relation with the numbers that went into it, in the units it is made for, with as many digits as it takes for the result to come out as it is printed, digit for digit.
 * @param numbers what goes in, by the names of the relation, in house units
 * @param compute the relation as it was worked out
 * @param units those the person reads
 */
export function workedOut(
  relation: Relation,
  symbol: string,
  numbers: Readonly<Record<string, number>>,
  compute: (numbers: Readonly<Record<string, number>>) => number,
  { value, unit }: Pick<Known, 'value' | 'unit'>,
  units: UnitHabit = 'metric',
): WorkedOutLine {
  const result = showNumber(value);
  const printed = digitsThatAddUp(numbers, compute, result);
  const other = showParts(value, unit, units);
  const read = unit === '1' || other.symbol === unit ? [] : [equals, ...numberLine(other.number), ...unitLine(other.symbol)];
  return {
    symbols: [...symbolLine(symbol), equals, ...setRelation(relation, symbolLine)],
    numbers: [
      ...setRelation(relation, (name) => numberLine(printed[name] ?? name)),
      equals,
      ...numberLine(result),
      ...unitLine(unit === '1' ? '' : unit),
      ...read,
    ],
  };
}

const unitLine = (unit: string): Line => (unit === '' ? [] : [{ text: unit === '°' ? unit : ` ${unit}`, says: unit }]);

/** The numbers as they are printed: three figures or more, as many as it takes. */
function digitsThatAddUp(
  numbers: Readonly<Record<string, number>>,
  compute: (numbers: Readonly<Record<string, number>>) => number,
  result: string,
): Readonly<Record<string, string>> {
  for (let figures = 3; ; figures++) {
    const printed = Object.fromEntries(Object.entries(numbers).map(([name, number]) => [name, digitsOf(number, figures)]));
    const read = Object.fromEntries(Object.entries(printed).map(([name, digits]) => [name, numberIn(digits)]));
    if (figures >= most || numberIn(showNumber(compute(read))) === numberIn(result)) return printed;
  }
}

const minus = /−/g;

/** The number that printed digits are: `1.2 × 10⁻⁷` too. */
export function numberIn(digits: string): number {
  const [mantissa, , exponent] = numberLine(digits).filter(({ text }) => text.trim() !== '×');
  return Number(`${mantissa?.text ?? ''}e${exponent?.text ?? '0'}`.replace(minus, '-'));
}
