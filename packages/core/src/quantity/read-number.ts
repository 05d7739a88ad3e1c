export type NumberRead =
  | { readonly ok: true; readonly value: number; readonly rest: string }
  | { readonly ok: false; readonly why: 'none' | 'ambiguous' | 'zero-division'; readonly readings?: readonly [string, string] };

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
function plain(text: string): string {
  return text
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (sign) => ` ${vulgar[sign]} `)
    .replace(/[⁄∕]/g, '/')
    .replace(/[−‐‑]/g, '-')
    .replace(/\s+/g, ' ')
    .trim();
}

const mixed = /^(\d+)(?: | ?- ?)(\d+) ?\/ ?(\d+)(?![\d.,])/;
const fraction = /^(\d+(?:[.,]\d+)?) ?\/ ?(\d+(?:[.,]\d+)?)(?![\d.,])/;
const decimal = /^(?:\d+(?:[.,]\d+)*|[.,]\d+)(?:e[+-]?\d+)?/i;

const decimalValue = (digits: string) => Number(digits.replace(',', '.'));

/**
 * Reads the number at the start of a text as people in a workshop write it: `1425`, `5,5`, `.75`, `1/2`, `3 11/16`, `3-11/16`, `1½`, `2e3`.
 * Comma and point are both decimals; `1,425` could be either reading and is refused with both, so that no motor is a thousand times too fast.
 * A hyphen between whole and fraction makes a mixed number, never a range.
 * @returns the value and what follows it, or why there is none; never throws
 */
export function readNumber(text: string): NumberRead {
  const cleaned = plain(text);
  const sign = /^[+-]/.exec(cleaned)?.[0] ?? '';
  const body = cleaned.slice(sign.length).trimStart();
  const factor = sign === '-' ? -1 : 1;
  const read = (value: number, used: string): NumberRead =>
    Number.isFinite(value) ? { ok: true, value: factor * value, rest: body.slice(used.length).trim() } : { ok: false, why: 'none' };

  const m = mixed.exec(body);
  if (m) {
    if (Number(m[3]) === 0) return { ok: false, why: 'zero-division' };
    return read(Number(m[1]) + Number(m[2]) / Number(m[3]), m[0]);
  }
  const f = fraction.exec(body);
  if (f) {
    const below = decimalValue(f[2] as string);
    if (below === 0) return { ok: false, why: 'zero-division' };
    return read(decimalValue(f[1] as string) / below, f[0]);
  }
  const d = decimal.exec(body)?.[0];
  if (!d) return { ok: false, why: 'none' };
  if ((d.match(/[.,]/g) ?? []).length > 1) return ambiguous(sign + d);
  if (/^[1-9]\d{0,2},\d{3}$/.test(d)) return ambiguous(sign + d);
  return read(decimalValue(d), d);
}

/** A separator that could group thousands or start the decimals: both readings, for the person to choose. */
function ambiguous(digits: string): NumberRead {
  const last = Math.max(digits.lastIndexOf(','), digits.lastIndexOf('.'));
  const grouped = digits.replace(/[.,]/g, '');
  const decimals = `${digits.slice(0, last).replace(/[.,]/g, '')}.${digits.slice(last + 1)}`;
  return { ok: false, why: 'ambiguous', readings: [grouped, decimals] };
}
