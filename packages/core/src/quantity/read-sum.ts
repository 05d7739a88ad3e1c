import { plain, readNumber } from './read-number.js';
import type { KnownUnit } from './units.js';

/** What a sum comes to: a bare number, or one in the house unit where its parts have units. */
export type SumRead =
  | { readonly ok: true; readonly value: number; readonly unit: KnownUnit | null; readonly isHouse: boolean }
  /** Not a sum at all, or one that cannot be worked out, with the reason as a sentence goes on. */
  | { readonly ok: false; readonly code: 'no-sum' | 'zero-division' | 'units' | 'ambiguous'; readonly says: string };

type Token = { readonly is: 'number'; readonly value: number } | { readonly is: 'unit'; readonly unit: KnownUnit } | { readonly is: Operator };
type Operator = '+' | '-' | '*' | '/' | '(' | ')';

const signs: Readonly<Record<string, Operator>> = { '+': '+', '-': '-', '*': '*', '×': '*', x: '*', '/': '/', ':': '/', '(': '(', ')': ')' };

/** What a part comes to; with a unit it is in house units. */
interface Term {
  readonly value: number;
  readonly unit: KnownUnit | null;
}

class Unread extends Error {
  constructor(
    readonly code: (SumRead & { ok: false })['code'],
    says: string,
  ) {
    super(says);
  }
}

/**
 * Works out a sum as it is written on cardboard: `+ - * × / ( )`, fractions within, a unit behind all of it or behind each part. What is added has one unit, and what
 * multiplies has none.
 * @param find the unit of the field's quantity that a spelling means
 * `3 in + 4 mm` is 80.2 mm, in the house unit.
 */
export function readSum(text: string, find: (spelling: string) => KnownUnit | undefined): SumRead {
  try {
    const tokens = tokensOf(plain(text), find);
    if (!tokens.some(({ is }) => is !== 'number' && is !== 'unit')) throw new Unread('no-sum', 'is no sum');
    const units = tokens.filter((token) => token.is === 'unit');
    const last = tokens.at(-1);
    // Behind all of it: it is the unit of every part.
    const isBehind = units.length === 1 && last?.is === 'unit';
    const worked = new Sum(isBehind ? tokens.slice(0, -1) : tokens).whole();
    if (isBehind) return { ok: true, value: worked.value, unit: (last as { unit: KnownUnit }).unit, isHouse: false };
    return { ok: true, value: worked.value, unit: worked.unit, isHouse: worked.unit !== null };
  } catch (problem) {
    if (problem instanceof Unread) return { ok: false, code: problem.code, says: problem.message };
    throw problem;
  }
}

function tokensOf(text: string, find: (spelling: string) => KnownUnit | undefined): Token[] {
  const tokens: Token[] = [];
  let rest = text;
  while (rest !== '') {
    const sign = signs[rest[0] as string];
    if (/^[\d.,]/.test(rest)) {
      const used = numberIn(rest, tokens.at(-1)?.is === '/');
      const number = readNumber(used);
      if (!number.ok) throw unreadNumber(number.why, used);
      tokens.push({ is: 'number', value: number.value });
      rest = rest.slice(used.length).trimStart();
    } else if (sign && !(rest[0] === 'x' && !/^x ?[\d(]/.test(rest))) {
      tokens.push({ is: sign });
      rest = rest.slice(1).trimStart();
    } else {
      const { unit, used } = longestUnit(rest, find);
      if (!unit) throw new Unread('no-sum', `has “${rest}” in it`);
      tokens.push({ is: 'unit', unit });
      rest = rest.slice(used).trimStart();
    }
  }
  return tokens;
}

const unreadNumber = (why: 'none' | 'ambiguous' | 'zero-division', text: string): Unread =>
  why === 'none'
    ? new Unread('no-sum', `has “${text}” in it`)
    : why === 'ambiguous'
      ? new Unread('ambiguous', `has “${text}”, which could be two numbers,`)
      : new Unread(why, 'divides by nought');

/** The number that a text begins with: a whole with a proper fraction behind it, a fraction (`1/8 in`) unless it is divided by, or a plain one. */
function numberIn(text: string, isDivisor: boolean): string {
  const mixed = /^\d+[ -](\d+) ?\/ ?(\d+)(?![\d.,])/.exec(text);
  if (mixed && Number(mixed[1]) < Number(mixed[2])) return mixed[0];
  const fraction = isDivisor ? null : /^\d+ ?\/ ?\d+(?![\d.,])/.exec(text);
  return (fraction ?? /^(?:\d[\d.,]*(?:e[+-]?\d+)?|[.,]\d+)/i.exec(text))?.[0] ?? text;
}

/** As many of the signs as make a unit: `m/s` before `m`. */
function longestUnit(
  text: string,
  find: (spelling: string) => KnownUnit | undefined,
): { readonly unit: KnownUnit | undefined; readonly used: number } {
  const most = /^[^\d+*×()]+/.exec(text)?.[0].length ?? 0;
  for (let used = most; used > 0; used--) {
    const spelling = text.slice(0, used).trim();
    const unit = spelling === '' || /[-/]$/.test(spelling) ? undefined : find(spelling);
    if (unit) return { unit, used };
  }
  return { unit: undefined, used: 0 };
}

/** A sum, from left to right, times before plus. */
class Sum {
  private at = 0;

  constructor(private readonly tokens: readonly Token[]) {}

  whole(): Term {
    const all = this.added();
    if (this.at < this.tokens.length) throw new Unread('no-sum', 'is no sum that can be worked out');
    return all;
  }

  private added(): Term {
    let sum = this.multiplied();
    for (let sign = this.next('+', '-'); sign; sign = this.next('+', '-')) {
      const other = this.multiplied();
      if ((sum.unit === null) !== (other.unit === null)) throw new Unread('units', 'adds a number without a unit to one with a unit');
      sum = { value: sign === '+' ? sum.value + other.value : sum.value - other.value, unit: sum.unit };
    }
    return sum;
  }

  private multiplied(): Term {
    let product = this.factor();
    for (let sign = this.next('*', '/'); sign; sign = this.next('*', '/')) {
      const other = this.factor();
      if (sign === '*') {
        if (product.unit && other.unit) throw new Unread('units', 'multiplies two numbers with a unit');
        product = { value: product.value * other.value, unit: product.unit ?? other.unit };
      } else {
        if (other.value === 0) throw new Unread('zero-division', 'divides by nought');
        if (!product.unit && other.unit) throw new Unread('units', 'divides by a number with a unit');
        product = { value: product.value / other.value, unit: other.unit ? null : product.unit };
      }
    }
    return product;
  }

  private factor(): Term {
    if (this.next('-')) {
      const { value, unit } = this.factor();
      return { value: -value, unit };
    }
    const bracket = this.next('(');
    const inner = bracket ? this.added() : { value: this.number(), unit: null };
    if (bracket && !this.next(')')) throw new Unread('no-sum', 'has a bracket that is not closed');
    const token = this.tokens[this.at];
    if (token?.is !== 'unit') return inner;
    this.at++;
    if (inner.unit) throw new Unread('units', 'has two units on one part');
    if (token.unit.zero !== 0) throw new Unread('units', 'adds temperatures, of which only the last may have a unit');
    return { value: inner.value * token.unit.factor, unit: token.unit };
  }

  private number(): number {
    const token = this.tokens[this.at];
    if (token?.is !== 'number') throw new Unread('no-sum', 'is no sum that can be worked out');
    this.at++;
    return token.value;
  }

  private next<O extends Operator>(...which: readonly O[]): O | null {
    const is = this.tokens[this.at]?.is as O | undefined;
    if (is === undefined || !which.includes(is)) return null;
    this.at++;
    return is;
  }
}
