import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { told } from '../../test/told.js';
import { type Figure, known, picked, unknown } from '../figure/figure.js';
import { loadKinds } from '../kinds/registry.js';
import { evaluateBuild } from './evaluate-build.js';
import { explain, explainAsText, usedBy } from './explain.js';
import { figureAt, figuresByPath } from './figure-paths.js';
import { asText } from './set-relation.js';
import type { WorkedOutLine } from './worked-out.js';

const kinds = await loadKinds(crusher());
const evaluation = evaluateBuild(crusher(), kinds);
const figures = figuresByPath(evaluation);
const at = (path: string) => figures.get(path) as Figure;

it('shows the relation in symbols and with the numbers put in', () => {
  const { symbols, numbers } = explain(crusher(), at('main/source/torque')).relation as WorkedOutLine;
  expect([asText(symbols), asText(numbers)]).toEqual(['T = 60 × P / (2 × π × n)', '60 × 550 / (2 × π × 1425) = 3.69 N·m']);
});

it('every figure can be walked down to something typed, usual or missing', () => {
  const blank = told(afterTyping(crusher(), { 'main/source/power': '?', 'main/belt/centres': '100 mm' }), kinds);
  for (const figure of [...figures.values(), ...figuresByPath(blank).values()]) {
    const bottom = (each: Figure): void => {
      const { says, parts } = explain(crusher(), each);
      expect(says.join('').length).toBeGreaterThan(5);
      expect(says.join()).not.toMatch(/Found by /);
      for (const part of parts) bottom(part.figure);
    };
    bottom(figure);
  }
});

it('as text, the chain is told once, down to what was typed', () => {
  const text = explainAsText(crusher(), at('main/roll/power'), 'power at the roll');
  expect(text).toContain('typed “0.55 kW”, that is 550 W');
  expect(text).toContain("Machinery's Handbook");
  expect(text.match(/^ *i, ratio: /gm)).toHaveLength(2);
  expect(text).toContain('i, ratio: 3.33, as above');
});

it('knows what a figure goes into', () => {
  const uses = (path: string) => usedBy(crusher(), evaluation, at(path));
  expect(uses('main/belt/ratio').map(({ path }) => path)).toEqual(
    expect.arrayContaining(['main/belt/speed', 'main/belt/torque', 'main/belt/highest-speed']),
  );
  // A figure and a check, both called as they are beside the drawing, to be walked up to.
  const [power, carries, ...others] = uses('main/belt/torque');
  expect(others).toEqual([]);
  expect(power).toEqual({ path: 'main/roll/power', called: 'Power at full load, roll', figure: at('main/roll/power') });
  expect(carries).toMatchObject({
    path: 'main/work/check-carries',
    called: told(crusher(), kinds).checks.find(({ id }) => id === 'main/work/check-carries')?.says,
    check: { has: at('main/belt/torque') },
  });
  expect(uses('main/roll/speed').map(({ called }) => called)).toContain('Power at full load, roll');
  expect(uses('main/source/most-torque').map(({ called }) => called)).toEqual(['Torque that holds it back, driven, motor', 'Stall torque, motor']);
  expect(uses('main/source/torque-at-rest').map(({ called }) => called)).toContain('Run-up time, motor');
});

it('picks the least, the most or the sum, end by end, and cannot pick past an unknown', () => {
  const some = ([value, low, high]: [number, number, number], flags = 0) =>
    known('N·m', value, { by: 'given', field: `f${value}` }, [low, high], flags);
  const from = [some([10, 8, 12]), some([11, 5, 20], 2)];
  expect(picked('least', 'N·m', from)).toMatchObject({ value: 10, low: 5, high: 12, flags: 2 });
  expect(picked('most', 'N·m', from)).toMatchObject({ value: 11, low: 8, high: 20 });
  expect(picked('sum', 'N·m', from)).toMatchObject({ value: 21, low: 13, high: 32 });
  // By hand: √(10² + 11²), √(5² + 8²), √(12² + 20²).
  const squares = picked('squares', 'N·m', from);
  expect(squares).toMatchObject({ value: expect.closeTo(14.866, 3), low: expect.closeTo(9.434, 3), high: expect.closeTo(23.324, 3) });
  const { says, relation } = explain(crusher(), squares);
  expect(says).toEqual(['The root of the sum of 2 squares.']);
  expect(asText((relation as WorkedOutLine).numbers)).toMatch(/√\(10² \+ 11²\) = 14\.9 N·m/);
  expect(picked('least', 'N·m', [...from, unknown('N·m', ['x'])])).toMatchObject({ known: false, missing: ['x'] });
  expect(picked('sum', 'N·m', [])).toMatchObject({ known: false, because: 'there is nothing to pick from' });
  expect(explain(crusher(), picked('least', 'N·m', from)).parts.map((part) => part.shows)).toEqual(['10 N·m (8 to 12 N·m)', '11 N·m (5 to 20 N·m)']);
});

it('finds a figure by its path as the index of all of them does', () => {
  for (const [path, figure] of figures) expect(figureAt(evaluation, path), path).toBe(figure);
  for (const path of ['', 'main', 'main/belt', 'main/belt/nothing', 'main/nothing/torque', 'torque', 'main/roll/id']) {
    expect(figureAt(evaluation, path), path).toBeUndefined();
  }
});
