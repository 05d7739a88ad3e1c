import { evaluate } from 'mathjs';

const raised = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/** A printed sum in the notation of the maths library: only signs of print are put in place of those of a keyboard. */
const onKeys = (sum: string): string =>
  sum
    .replace(
      /(⁻?)([⁰¹²³⁴⁵⁶⁷⁸⁹]+)/g,
      (_, sign: string, digits: string) => `^(${sign ? '-' : ''}${[...digits].map((digit) => raised.indexOf(digit)).join('')})`,
    )
    .replaceAll('×', '*')
    .replaceAll('−', '-')
    .replaceAll('π', 'pi')
    .replaceAll('√', 'sqrt')
    .replaceAll('log₁₀', 'log10')
    .replace(/\bln\b/g, 'log')
    .replace(/\barc(sin|cos|tan)\b/g, 'a$1');

/** What a maths library makes of a sum as it is printed. */
export const onACalculator = (sum: string): number => evaluate(onKeys(sum)) as number;

/** The number at the start of a printed result, `4.77 N·m` or `1.2 × 10⁻⁷ J`, and one of its last digit. */
export function printedNumber(result: string): { readonly value: number; readonly lastDigit: number } {
  const digits = /^−?\d+(?:\.\d+)?(?: × 10[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+)?/.exec(result)?.[0];
  if (digits === undefined) throw new Error(`No number begins “${result}”`);
  const [mantissa = '', power = ''] = digits.split(' × ');
  const decimals = mantissa.split('.')[1]?.length ?? 0;
  return { value: onACalculator(digits), lastDigit: 10 ** -decimals * (power ? onACalculator(power) : 1) };
}

/** How far a printed line, `60 × 550 / (2 × π × 1425) = 3.69 N·m`, is off, in units of its result's last digit: up to a half it reads the same. */
export function offBy(line: string): number {
  const [sum = '', result = ''] = line.split(' = ');
  const { value, lastDigit } = printedNumber(result);
  return Math.abs(onACalculator(sum) - value) / lastDigit;
}
