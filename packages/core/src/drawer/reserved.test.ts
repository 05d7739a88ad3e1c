import { describe, expect, it } from 'vitest';
import { readDrawer } from './read-part.js';
import { withoutReserved, writtenOf } from './reserved.js';

const { own } = readDrawer('P1 pulley A 80 mm, bore 19 mm x2\nbelt A53\nP3 pulley A 80 mm, bore 19 mm\nP1 pulley A 80 mm, bore 19 mm\n');
const written = 'P1 pulley A 80 mm, bore 19 mm';

describe('parts of the drawer that are reserved', () => {
  it('are named as they are written there, without how many there are and without the number of their line', () => {
    expect(own.map(writtenOf)).toEqual([written, 'belt A53', 'P3 pulley A 80 mm, bore 19 mm', written]);
  });

  it('are left out for others, so many as are reserved; the first of two lines that are alike is taken first', () => {
    const { free, kept } = withoutReserved(own, [
      { written, many: 1, by: 'Lathe' },
      { written: ' p1  pulley a 80 mm, bore 19 mm', many: 1, by: 'Mill' },
      { written: 'belt A53', many: 1, by: 'Mill' },
    ]);
    expect(free.map(({ label, many }) => [label, many])).toEqual([
      ['P3', 1],
      ['P1', 1],
    ]);
    expect(kept.map(({ own: { label }, by, some, short }) => [label, by, some, short])).toEqual([
      ['P1', ['Lathe', 'Mill'], null, 0],
      ['line 2', ['Mill'], null, 0],
    ]);
  });

  it('are told where more are reserved than there are, and where there are none any more', () => {
    const { free, kept, gone } = withoutReserved(own, [
      { written: 'belt A53', many: 3, by: 'Mill' },
      { written: 'belt A60', many: 1, by: 'Lathe' },
    ]);
    expect(free.map(({ label }) => label)).toEqual(['P1', 'P3', 'P1']);
    expect(kept.map(({ short }) => short)).toEqual([2]);
    expect(gone).toEqual([{ written: 'belt A60', many: 1, by: 'Lathe' }]);
    expect(withoutReserved(own, []).free).toEqual(own);
    const one = withoutReserved(own, [{ written, many: 1, by: 'Mill' }]);
    expect([one.free[0]?.many, one.kept[0]?.some]).toEqual([1, 1]);
  });
});
