export type NumberRead =
  | { readonly ok: true; readonly value: number; readonly rest: string }
  | {
      readonly ok: false;
      readonly why: 'none' | 'ambiguous' | 'zero-division';
      /** What an ambiguous one could be, thousands first, and what follows it. */
      readonly readings?: readonly [string, string];
      readonly rest?: string;
    };

const vulgar: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** One spelling for the signs that keyboards and word processors put in place of a plain one. */
export function plain(text: string): string {
  return text
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (sign) => ` ${vulgar[sign]} `)
    .replace(/[⁄∕]/g, '/')
    .replace(/[−‐‑]/g, '-')
    .replace(/\s+/g, ' ')
    .trim();
}

const mixed = /^(\d+)(?: | ?- ?)(\d+) ?\/ ?(\d+)(?![\d.,])/;
const fraction = /^(\d+(?:[.,]\d+)?) ?\/ ?(\d+(?:[.,]\d+)?)(?![\d.,])/;
const spaced = /^\d{1,3}(?: \d{3})+(?:[.,]\d+)?(?![\d.,/]| ?\/)/;
const decimal = /^(?:\d+(?:[.,]\d+)*|[.,]\d+)(?:e[+-]?\d+)?/i;
const grouped = { comma: /^[1-9]\d{0,2},\d{3}$/, point: /^[1-9]\d{0,2}\.\d{3}$/ };

const decimalValue = (digits: string) => Number(digits.replace(',', '.'));

/**
 * Reads the number at the start of a text as people in a workshop write it: `1425`, `5,5`, `.75`, `1/2`, `3 11/16`, `3-11/16`, `1½`, `2e3`, `12 000`.
 * Comma and point are both decimals; `1,425` could be either reading and is refused with both, so that no motor is a thousand times too fast. Several of one separator,
 * or both, can only be read one way.
 * A hyphen between whole and proper fraction makes a mixed number.
 * @param pointGroups whether `1.425` could be 1425 too, as in a field of speed
 * @returns the value and what follows it, or why there is none; never throws
 */
export function readNumber(text: string, pointGroups = false): NumberRead {
  const cleaned = plain(text);
  const sign = /^[+-]/.exec(cleaned)?.[0] ?? '';
  const body = cleaned.slice(sign.length).trimStart();
  const factor = sign === '-' ? -1 : 1;
  const read = (value: number, used: string): NumberRead =>
    Number.isFinite(value) ? { ok: true, value: factor * value, rest: body.slice(used.length).trim() } : { ok: false, why: 'none' };

  const m = mixed.exec(body);
  const isProper = m && (Number(m[2]) < Number(m[3]) || Number(m[3]) === 0);
  if (m && (isProper || !m[0].includes('-'))) {
    if (Number(m[3]) === 0) return { ok: false, why: 'zero-division' };
    return read(Number(m[1]) + Number(m[2]) / Number(m[3]), m[0]);
  }
  const f = fraction.exec(body);
  if (f) {
    const below = decimalValue(f[2] as string);
    if (below === 0) return { ok: false, why: 'zero-division' };
    return read(decimalValue(f[1] as string) / below, f[0]);
  }
  const s = spaced.exec(body)?.[0];
  if (s) return read(decimalValue(s.replaceAll(' ', '')), s);
  const d = decimal.exec(body)?.[0];
  if (!d) return { ok: false, why: 'none' };
  if (grouped.comma.test(d) || (pointGroups && grouped.point.test(d))) {
    return { ok: false, why: 'ambiguous', readings: [sign + d.replace(/[.,]/, ''), sign + d.replace(',', '.')], rest: body.slice(d.length).trim() };
  }
  if ((d.match(/[.,]/g) ?? []).length < 2) return read(decimalValue(d), d);
  const value = severalSeparators(d);
  return value === null ? { ok: false, why: 'none' } : read(value, d);
}

/** `1,425,000`, `1.425,5`: groups of three by the one separator, decimals by the other. Null where the groups are none. */
function severalSeparators(digits: string): number | null {
  const last = digits[Math.max(digits.lastIndexOf(','), digits.lastIndexOf('.'))] as string;
  const group = digits.includes(',') && digits.includes('.') ? (last === ',' ? '.' : ',') : last;
  const [whole = '', decimals] = group === last ? [digits] : digits.split(last);
  const groups = whole.split(group);
  if (digits.split(last).length > 2 && group !== last) return null;
  if (groups[0] === '' || (groups[0] as string).length > 3 || groups.slice(1).some((three) => three.length !== 3)) return null;
  return Number(decimals === undefined ? groups.join('') : `${groups.join('')}.${decimals}`);
}
