import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { findUnit } from '../src/quantity/units.js';

interface Quantity {
  readonly v: unknown;
  readonly u?: string;
  readonly tol_rel?: number;
  readonly tol_abs?: number;
  readonly exact?: boolean;
}

interface Entry {
  readonly id: string;
  readonly title: string;
  readonly source: string;
  readonly given: Readonly<Record<string, Quantity>>;
  readonly expect: Readonly<Record<string, Quantity>>;
  readonly unsure?: boolean;
}

export type Book = 'drives' | 'machines';

const books = Object.fromEntries(
  (['drives', 'machines'] as const).map((book) => [
    book,
    JSON.parse(readFileSync(new URL(`./reference/${book}-checks.json`, import.meta.url), 'utf8')) as Entry[],
  ]),
) as Record<Book, Entry[]>;

/** House units in one of the file's unit; `''` and `'1'` are plain numbers. */
function factorOf(unit: string | undefined): number {
  if (unit === undefined || unit === '' || unit === '1') return 1;
  if (plain.has(unit)) return 1;
  if (unit === 'in/min') return 25.4;
  if (unit === 'um') return 0.001;
  // A rule of the trade counts in inches.
  if (unit === 'rpm*in') return 1;
  // Of pressure and stress, which share units, the entries that are used mean stress.
  const found = findUnit(unit.replace('*', ' ').replace('kpsi', 'ksi').replace('N/mm^2', 'MPa'), 'stress');
  if (!found) throw new Error(`The check files use the unit ${unit}, which Hobrek does not read`);
  return found.factor;
}

/** Units of the check files that no field of Hobrek takes. */
const plain = new Set([
  'ohm',
  'VA',
  'var',
  'ohm*mm^2/m',
  'text',
  'hp/(in3/min)',
  'hp*min/in^3',
  'kg/m³',
  'J/(kg*K)',
  'kg/m^3',
  'degC',
  'N*m*s^2',
  'N*m/A^2',
  '1/mm',
  'mm/min',
  'mm^4',
  'A/mm^2',
  'K/s',
  'kg*m^2',
  'rad/s²',
]);

const scaled = (value: unknown, factor: number): unknown =>
  Array.isArray(value) ? value.map((each) => scaled(each, factor)) : (value as number) * factor;

/**
 * An entry of the check files: its inputs in house units, and its expected figures to hold results against with the entry's own tolerance.
 * Entries marked unsure are refused: code is not held to a value remembered with doubt.
 */
export function reference(book: Book, id: string) {
  const entry = books[book].find((each) => each.id === id);
  if (!entry || entry.unsure) throw new Error(`No sure entry ${id} in ${book}-checks.json`);
  return {
    title: `${id}: ${entry.title} (${entry.source})`,
    expected: Object.keys(entry.expect),
    given: (name: string) => scaled(entry.given[name]?.v, factorOf(entry.given[name]?.u)) as number,
    raw: (name: string) => entry.given[name]?.v,
    list: (name: string) => scaled(entry.given[name]?.v, factorOf(entry.given[name]?.u)) as number[],
    expects: (name: string, actual: number | readonly number[] | string | readonly string[]) => {
      const expected = entry.expect[name];
      if (!expected) throw new Error(`${id} expects no ${name}`);
      if (expected.exact && [expected.v].flat().some((each) => typeof each === 'string')) {
        expect(actual).toEqual(expected.v);
        return;
      }
      const factor = factorOf(expected.u);
      const values = [scaled(expected.v, factor)].flat() as number[];
      const actuals = [actual].flat() as number[];
      expect(actuals).toHaveLength(values.length);
      values.forEach((value, k) => {
        const tolerance = expected.exact ? 0 : (expected.tol_abs ?? 0) * factor + (expected.tol_rel ?? 0) * Math.abs(value);
        expect(Math.abs((actuals[k] as number) - value), `${id} ${name}: ${actuals[k]} against ${value}`).toBeLessThanOrEqual(tolerance);
      });
    },
  };
}

type Given = Pick<ReturnType<typeof reference>, 'given' | 'list' | 'raw'>;

/** What the check files expect and Hobrek does not answer, by entry: the list in docs/checks.md, so that nothing is left out unsaid. */
const notWorkedOut = new Map(
  [...readFileSync(new URL('../../../docs/checks.md', import.meta.url), 'utf8').matchAll(/^- `([\w-]+)`: (.+)$/gm)].map(([, id = '', names = '']) => [
    id,
    new Set([...names.matchAll(/`([^`]+)`/g)].map(([, name]) => name as string)),
  ]),
);

/**
 * Declares a test of one entry: each expected figure by its name, worked out from the entry's own inputs by functions of the product, never in the test.
 * What is expected and neither worked out nor listed as not worked out fails.
 */
export function proves(
  book: Book,
  id: string,
  work: (entry: Given) => Readonly<Record<string, number | readonly number[] | string | readonly string[]>>,
): void {
  const entry = reference(book, id);
  test(entry.title, () => {
    const answers = work(entry);
    for (const [name, actual] of Object.entries(answers)) entry.expects(name, actual);
    const left = entry.expected.filter((name) => !(name in answers));
    expect(left, `${id} expects what is neither worked out nor listed in docs/checks.md as not worked out`).toEqual([
      ...(notWorkedOut.get(id) ?? []),
    ]);
  });
}
