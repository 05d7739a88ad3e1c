import { describe, expect, it } from 'vitest';
import { blankBuild } from '../machine/blank-build.js';
import { rowsOf } from '../machine/field-types/rows.js';
import { withInput } from '../machine/paths.js';
import { withoutPartsList } from '../machine/without-parts.js';
import { partsCounted, partsOnList, reservedIn, withDriveParts } from './build-parts.js';
import type { TakenPart } from './judge.js';

const pulley: TakenPart = { what: 'pulley A 80 mm', many: 1, from: 'own', label: 'P1', written: 'P1 pulley A 80 mm' };
const belt: TakenPart = { what: 'belt A53', many: 1, from: 'buy', label: null, written: null };
const disc: TakenPart = { what: 'disc of 300 mm', many: 1, from: 'make', label: null, written: null };
const build = blankBuild('A blank');
const line = build.lines[0]?.id ?? '';
const rows = (of: typeof build) =>
  rowsOf(of.finder?.parts).map(({ inputs: { what, many, state, own } }) => [what?.text, many?.value, state?.text, own?.text]);

describe('the parts of a build', () => {
  it('are what a drive takes: own ones reserved by their line of the drawer, the others to buy or to make; those that are alike in one row', () => {
    const taken = withDriveParts(build, line, [pulley, belt, belt, disc]);
    expect(rows(taken)).toEqual([
      ['pulley A 80 mm', 1, 'reserved', 'P1 pulley A 80 mm'],
      ['belt A53', 2, 'buy', undefined],
      ['disc of 300 mm', 1, 'make', undefined],
    ]);
    expect(partsCounted(taken.finder)).toEqual({ reserved: 1, buy: 2, make: 1, there: 0 });
    expect(reservedIn(taken.finder, 'Mill')).toEqual([{ written: 'P1 pulley A 80 mm', many: 1, by: 'Mill' }]);
    expect(partsOnList(taken.finder)).toEqual([
      { state: 'reserved, from the drawer', parts: ['1 × pulley A 80 mm (P1)'] },
      { state: 'to buy', parts: ['2 × belt A53'] },
      { state: 'to make', parts: ['1 × disc of 300 mm'] },
    ]);
    const undecided = withInput(taken, `finder/parts/${rowsOf(taken.finder?.parts)[1]?.id}/state`, undefined);
    expect(partsOnList(undecided.finder).at(-1)).toEqual({ state: 'without a state', parts: ['2 × belt A53'] });
    expect(withoutPartsList(taken)).toEqual(build);
  });

  it('make way for those of another drive of the same line; what is there already stays, and is not bought again', () => {
    const first = withDriveParts(build, line, [pulley, belt, disc]);
    const [, bought] = rowsOf(first.finder?.parts);
    const there = withInput(first, `finder/parts/${bought?.id}/state`, { text: 'there', how: 'chosen' });
    expect(rows(withDriveParts(there, line, [{ ...belt, many: 2 }]))).toEqual([
      ['belt A53', 1, 'there', undefined],
      ['belt A53', 1, 'buy', undefined],
    ]);
    expect(rows(withDriveParts(there, line, [belt]))).toEqual([['belt A53', 1, 'there', undefined]]);
  });

  it('stay where they are of another line, or were added by hand', () => {
    const other = withDriveParts({ ...build, lines: build.lines.map((each) => ({ ...each, name: 'fan' })) }, line, [disc]);
    const renamed = { ...other, lines: other.lines.map((each) => ({ ...each, name: 'roll' })) };
    expect(rows(withDriveParts(renamed, line, [belt])).map(([what]) => what)).toEqual(['disc of 300 mm', 'belt A53']);
  });
});
