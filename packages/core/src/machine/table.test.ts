import { describe, expect, it } from 'vitest';
import { afterTyping, crusher, inputAt } from '../../test/crusher.js';
import { type Figure, highEnd, type Known, lowEnd } from '../figure/figure.js';
import { loadKinds } from '../kinds/registry.js';
import { evaluateBuild } from '../procedures/evaluate-build.js';
import { explain } from '../procedures/explain.js';
import type { Build, Row } from './build.js';
import { describeChange } from './describe-change.js';
import { enter } from './enter.js';
import { rowsOf } from './field-types/rows.js';
import { meansTheSame } from './means-the-same.js';
import { mergeBuilds } from './merge.js';
import { draftsIn, fieldLabel, placeAt, withInput } from './paths.js';
import { withKind } from './reshape.js';
import { textsOf, unreadCells, withoutRow, withPasted, withRowAdded } from './table.js';

const readings = 'main/work/readings';
const blank = afterTyping(withKind(crusher(), 'main/work', 'measured'), { 'main/work/idling': '240 W', 'main/work/speed': '500 rpm' });
const place = (build: Build) => {
  const at = placeAt(build, readings);
  if (at?.field.is !== 'table') throw new Error('no table');
  return { field: at.field, input: at.input };
};
const { field } = place(blank);
const counted = () => {
  let k = 0;
  return () => `r${++k}`;
};
const withTexts = (build: Build, texts: string[][], newId = counted()): Build =>
  withInput(build, readings, withPasted(field, place(build).input, { texts, newId }).input);
const three = withTexts(blank, [
  ['800 W', 'oak'],
  ['900', 'ash'],
  ['1 kW', ''],
]);
const typed = (build: Build, path: string, text: string): Build => afterTyping(build, { [`${readings}/${path}`]: text });
const rows = (build: Build): readonly Row[] => rowsOf(inputAt(build, readings));

describe('rows put in from a spreadsheet', () => {
  it('are read cell by cell as if they had been typed', () => {
    expect(rows(three).map(({ id, inputs }) => [id, inputs.drawn?.value, inputs.what?.text])).toEqual([
      ['r1', 800, 'oak'],
      ['r2', 900, 'ash'],
      ['r3', 1000, undefined],
    ]);
  });

  it('go by the columns that a first row names, in any order; a strange column is told', () => {
    const put = withPasted(field, undefined, {
      texts: [
        ['At what', 'Colour', 'drawn'],
        ['oak', 'red', '700 W'],
      ],
      newId: counted(),
    });
    expect(put.says).toEqual(['No column is called “Colour”: left out.']);
    expect(rowsOf(put.input)[0]?.inputs).toMatchObject({ drawn: { value: 700 }, what: { text: 'oak' } });
  });

  it('go over what is there from a cell on, and on behind the last row', () => {
    const put = withPasted(field, inputAt(three, readings), {
      texts: [['elm'], ['fir'], ['yew']],
      at: { row: 'r2', column: 'what' },
      newId: () => 'new',
    });
    expect(textsOf(field, put.input).slice(1)).toEqual([
      ['800 W', 'oak'],
      ['900', 'elm'],
      ['1 kW', 'fir'],
      ['', 'yew'],
    ]);
  });

  it('keep what is not read in its cell, and name it', () => {
    const bad = withTexts(three, [['wet', 'elm']], () => 'r4');
    expect(rows(bad)[3]?.inputs.drawn).toMatchObject({ draft: 'wet', text: '' });
    expect(unreadCells(field, inputAt(bad, readings))).toEqual([expect.stringMatching(/^Reading 4: Drawn from the wall .*“wet”/)]);
    expect(draftsIn(bad).map(({ path }) => path)).toEqual([`${readings}/r4/drawn`]);
    expect(fieldLabel(bad, `${readings}/r4/drawn`)).toBe('readings at work, reading 4, drawn from the wall');
  });

  it('change nothing where there are more than a table holds; columns beyond the last are told', () => {
    const many = withPasted(field, inputAt(three, readings), { texts: Array.from({ length: 498 }, () => ['1 W']), newId: counted() });
    expect(many.input).toBe(inputAt(three, readings));
    expect(many.says).toEqual(['Readings at work would have 501 rows; 500 is the most. Nothing was put in.']);
    const wide = withPasted(field, undefined, { texts: [['1 W', 'oak', 'red']], newId: counted() });
    expect(wide.says[0]).toContain('reading 1 has 3 columns');
  });
});

describe('a row', () => {
  it('is added behind another, and taken out; a table without rows is not entered', () => {
    const added = withRowAdded(field, inputAt(three, readings), { id: 'new', inputs: {} }, 'r1');
    expect(rowsOf(added).map(({ id }) => id)).toEqual(['r1', 'new', 'r2', 'r3']);
    const gone = ['r1', 'r2', 'r3'].reduce((now, id) => withoutRow(field, now, id), inputAt(three, readings));
    expect(gone).toBeUndefined();
  });

  it('of which one cell changed leaves every other row the same object', () => {
    const now = typed(three, 'r2/drawn', '950 W');
    expect(rows(now).map((row, k) => row === rows(three)[k])).toEqual([true, false, true]);
  });
});

describe('a table that two pages change', () => {
  it('is joined row by row and cell by cell', () => {
    const mine = typed(three, 'r1/drawn', '810 W');
    const theirs = withTexts(typed(three, 'r1/what', 'elm'), [['1.1 kW', 'yew']], () => 'theirs');
    const { build, conflicts } = mergeBuilds(three, mine, theirs);
    expect(conflicts).toEqual([]);
    expect(textsOf(field, inputAt(build, readings)).slice(1)).toEqual([
      ['810 W', 'elm'],
      ['900', 'ash'],
      ['1 kW', ''],
      ['1.1 kW', 'yew'],
    ]);
  });

  it('is left to choose where both changed a cell, or one took out the row that the other changed', () => {
    const [mine, theirs] = [typed(three, 'r2/drawn', '910 W'), typed(three, 'r2/drawn', '920 W')];
    const at = ['lines', 'main', 'work', 'inputs', 'readings', 'rows', 'r2'];
    expect(mergeBuilds(three, mine, theirs).conflicts.map(({ path }) => path)).toEqual([[...at, 'inputs', 'drawn']]);
    const without = withInput(three, readings, withoutRow(field, inputAt(three, readings), 'r2'));
    expect(mergeBuilds(three, mine, without).conflicts.map(({ path }) => path)).toEqual([at]);
    expect(rows(mergeBuilds(three, mine, without, () => 'theirs').build)).toHaveLength(2);
  });

  it('begun on both keeps the rows of both; of which both take the last out is not entered', () => {
    const [mine, theirs] = [withTexts(blank, [['1 W']], () => 'a'), withTexts(blank, [['2 W']], () => 'b')];
    expect(rows(mergeBuilds(blank, mine, theirs).build).map(({ id }) => id)).toEqual(['a', 'b']);
    const both = mergeBuilds(blank, mine, theirs).build;
    const [one, other] = ['a', 'b'].map((id) => withInput(both, readings, withoutRow(field, inputAt(both, readings), id))) as [Build, Build];
    expect(inputAt(mergeBuilds(both, one, other).build, readings)).toBeUndefined();
  });
});

describe('what changed in a table', () => {
  it('is told row by row, and counted where it is much', () => {
    const now = withInput(
      withTexts(typed(three, 'r2/drawn', '950 W'), [['1.1 kW', 'yew']], () => 'r4'),
      `${readings}/r1/what`,
      undefined,
    );
    expect(describeChange(three, JSON.parse(JSON.stringify(now)))).toEqual([
      'Readings at work, reading 1: at what “oak” → not known',
      'Readings at work, reading 2: drawn from the wall 900 → 950 W',
      'Readings at work: reading 4 added (1.1 kW, yew)',
    ]);
    expect(describeChange(now, three).at(-1)).toBe('Readings at work: reading 4 taken out (1.1 kW, yew)');
    const many = withTexts(
      blank,
      Array.from({ length: 40 }, (_, k) => [`${k + 1} W`]),
    );
    expect(describeChange(blank, many)).toEqual(['Readings at work: 40 rows added']);
    const turned = withInput(three, readings, { text: '', how: 'measured', rows: [...rows(three)].reverse() });
    expect(describeChange(three, turned)).toEqual(['Readings at work: rows in another order']);
  });

  it('means the same in other words, and not in other rows', () => {
    expect(meansTheSame(three, typed(three, 'r3/drawn', '1000 W'))).toBe(true);
    expect(meansTheSame(three, typed(three, 'r3/drawn', '1001 W'))).toBe(false);
  });
});

describe('readings at work', async () => {
  const kinds = await loadKinds();
  // Common practice, no source: of several readings the mean is likely, and the least and the most of them have been.
  it('are worked with by their mean, from the least to the most, where one figure is not entered', () => {
    const figure = (build: Build) => evaluateBuild(build, kinds).lines[0]?.figures.get('main/work')?.get('at-work') as Known;
    expect(figure(three).value).toBeCloseTo(900, 9);
    expect(lowEnd(figure(three))).toBeCloseTo(800, 9);
    expect(highEnd(figure(three))).toBeCloseTo(1000, 9);
    // The way down from it leads to what was typed in each row.
    const ends = (of: Figure): string[] => {
      const { parts, says } = explain(three, of);
      return parts.length === 0 ? [...says] : parts.flatMap((each) => ends(each.figure));
    };
    expect(ends(figure(three)).filter((says) => /readings at work, reading \d, drawn from the wall: typed “/.test(says))).toHaveLength(3);
    expect(figure(afterTyping(three, { 'main/work/working': '700 W' }))).toBeUndefined();
    expect(evaluateBuild(typed(typed(typed(three, 'r1/drawn', ''), 'r2/drawn', ''), 'r3/drawn', ''), kinds).lines[0]?.verdict).toBe('unknown');
  });
});

describe('an answer and a part', () => {
  it('are entered by what people write; a part only from the shelf', () => {
    const hands = placeAt(blank, 'main/work/handsClear')?.field;
    if (!hands) throw new Error('no field');
    expect(['y', 'TRUE', '1', 'yes, when it jams'].map((text) => enter(hands, text, undefined).input?.text)).toEqual(['yes', 'yes', 'yes', 'yes']);
    expect(['N', 'false', '0'].map((text) => enter(hands, text, undefined).input?.text)).toEqual(['no', 'no', 'no']);
    expect(enter(hands, 'perhaps', undefined).input).toMatchObject({ text: '', draft: 'perhaps' });
    expect(enter(hands, '?', undefined).input).toBeUndefined();
    expect(enter(field, 'a, b', undefined).input).toMatchObject({ draft: 'a, b' });
  });
});
