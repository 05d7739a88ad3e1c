import { readFileSync } from 'node:fs';
import { expect } from 'vitest';
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
  const found = findUnit(unit);
  if (!found) throw new Error(`The check files use the unit ${unit}, which Hobrek does not read`);
  return found.factor;
}

const scaled = (value: unknown, factor: number): unknown => (Array.isArray(value) ? value.map((each) => each * factor) : (value as number) * factor);

/**
 * An entry of the check files: its inputs in house units, and its expected figures to hold results against with the entry's own tolerance.
 * Entries marked unsure are refused: code is not held to a value remembered with doubt.
 */
export function reference(book: Book, id: string) {
  const entry = books[book].find((each) => each.id === id);
  if (!entry || entry.unsure) throw new Error(`No sure entry ${id} in ${book}-checks.json`);
  return {
    title: `${id}: ${entry.title} (${entry.source})`,
    given: (name: string) => scaled(entry.given[name]?.v, factorOf(entry.given[name]?.u)) as number,
    list: (name: string) => scaled(entry.given[name]?.v, factorOf(entry.given[name]?.u)) as number[],
    expects: (name: string, actual: number | readonly number[]) => {
      const wanted = entry.expect[name];
      if (!wanted) throw new Error(`${id} expects no ${name}`);
      const factor = factorOf(wanted.u);
      const values = [scaled(wanted.v, factor)].flat() as number[];
      const actuals = [actual].flat();
      expect(actuals).toHaveLength(values.length);
      values.forEach((value, k) => {
        const tolerance = wanted.exact ? 0 : (wanted.tol_abs ?? 0) * factor + (wanted.tol_rel ?? 0) * Math.abs(value);
        expect(Math.abs((actuals[k] as number) - value), `${id} ${name}: ${actuals[k]} against ${value}`).toBeLessThanOrEqual(tolerance);
      });
    },
  };
}
