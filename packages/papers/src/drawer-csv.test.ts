import { readFileSync } from 'node:fs';
import { readDrawer } from '@hobrek/core';
import papaparse from 'papaparse';
import { expect, it } from 'vitest';
import { drawerCsv, drawerFromCsv } from './drawer-csv.js';

const parts = readFileSync(new URL('../../../samples/drawer.txt', import.meta.url), 'utf8');

const back = (csv: string): string => {
  const read = drawerFromCsv(csv);
  if (!read.ok) throw new Error(read.says);
  return read.text;
};

it('the drawer goes out as CSV and comes back the same parts, with their labels and how many', () => {
  const there = readDrawer(parts);
  const csv = drawerCsv(there);
  const { data, errors } = papaparse.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true });
  expect([errors, data.length]).toEqual([[], there.lines.length]);
  expect(data[9]).toMatchObject({ label: 'B2', many: '2', part: 'belt A46' });
  const again = readDrawer(back(csv));
  expect(again.own.map(({ label, many, part }) => [label, many, part])).toEqual(there.own.map(({ label, many, part }) => [label, many, part]));
});

it('keeps a line that is not understood, and what a spreadsheet would take for a formula', () => {
  const csv = drawerCsv(readDrawer('hat, and gloves\n=1+1\nbelt A53'));
  expect(back(csv)).toBe('hat, and gloves\n=1+1\nbelt A53\n');
  expect(csv).toContain("'=1+1");
});

it('is read from any spreadsheet: other separators, other columns, another order; without its column it is refused by name', () => {
  expect(back('Where;Part;Many\nshelf;pulley A 80 mm;2\n;;\nbox;belt A53;1')).toBe('pulley A 80 mm x2\nbelt A53\n');
  expect(back('\uFEFFpart\nbelt A53\n')).toBe('belt A53\n');
  expect(back('part\n')).toBe('');
  expect(drawerFromCsv('name,size\na,b')).toEqual({ ok: false, says: 'A table of parts has a column “part”; this one has name, size.' });
  expect(drawerFromCsv('')).toMatchObject({ ok: false });
});
