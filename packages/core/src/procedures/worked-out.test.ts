import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { parse } from 'mathjs';
import { describe, expect, it, test } from 'vitest';
import { inputsOf } from '../../test/inputs-of.js';
import { offBy, onACalculator, printedNumber } from '../../test/pocket-calculator.js';
import { type Figure, known, picked } from '../figure/figure.js';
import { formulas } from '../formulas/registry.js';
import { relations } from '../formulas/relations.js';
import { loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { show, type UnitHabit } from '../quantity/show.js';
import { evaluateBuild } from './evaluate-build.js';
import { explain } from './explain.js';
import { figuresByPath } from './figure-paths.js';
import { asText, asWords, type Line, numberLine, type Relation, setRelation, symbolLine } from './set-relation.js';
import { workedOut } from './worked-out.js';

const demos = new URL('../../../../demo/', import.meta.url);
const builds = readdirSync(demos).map((name) => [name, JSON.parse(readFileSync(new URL(name, demos), 'utf8')) as Build] as const);

describe.each([...formulas.values()].map((formula) => [formula.id, formula] as const))('%s', (id, formula) => {
  it('printed with its numbers, a maths library makes the printed result of it', () => {
    let compared = 0;
    fc.assert(
      fc.property(inputsOf(formula), (numbers) => {
        const value = formula.compute(numbers);
        compared++;
        const line = asText(workedOut(relations[id] as Relation, formula.symbol, numbers, formula.compute, { value, unit: formula.unit }).numbers);
        expect(offBy(line), line).toBeLessThanOrEqual(0.5001);
      }),
      { seed: 3, numRuns: 200 },
    );
    expect(compared).toBe(200);
  });

  it('printed in its symbols, it is the relation that was parsed', () => {
    // Read again with the names for the symbols: the brackets that were set must make the same of any numbers as the relation as it is written.
    const again = asText(setRelation(relations[id] as Relation, (name) => [{ text: name, says: name }]));
    let compared = 0;
    fc.assert(
      fc.property(inputsOf(formula), (numbers) => {
        const put = (text: string) =>
          Object.entries(numbers).reduce((now, [name, value]) => now.replace(new RegExp(`\\b${name}\\b`, 'g'), `(${value})`), text);
        const [shown, meant] = [onACalculator(put(again)), parse(put(formula.expr)).evaluate() as number];
        compared++;
        expect(Math.abs(shown - meant), again).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(meant)));
      }),
      { seed: 4, numRuns: 20 },
    );
    expect(compared).toBe(20);
  });
});

describe.each(builds)('%s', (_, build) => {
  it.each(['metric', 'inch'] as const)('every figure adds up as it is printed, in %s', async (habit) => {
    const evaluation = evaluateBuild(build, await loadKinds(build));
    let compared = 0;
    const told = new Set<Figure>();
    const tell = (figure: Figure): void => {
      if (told.has(figure)) return;
      told.add(figure);
      const { relation, parts } = explain(build, figure, habit);
      if (relation && figure.known) {
        compared++;
        const [sum, result, other] = asText(relation.numbers).split(' = ');
        expect(offBy(`${sum} = ${result}`), `${sum} = ${result}`).toBeLessThanOrEqual(0.5001);
        if (other !== undefined) expect(other).toBe(show(figure.value, figure.unit, habit));
      }
      for (const part of parts) tell(part.figure);
    };
    for (const figure of figuresByPath(evaluation).values()) tell(figure);
    for (const { has, needs } of evaluation.checks) for (const figure of [has, needs]) tell(figure);
    expect(compared).toBeGreaterThan(40);
  });
});

/** As `explain` sets a sum of one formula. */
const line = (id: string, numbers: Readonly<Record<string, number>>, units: UnitHabit = 'metric'): string => {
  const formula = formulas.get(id);
  if (!formula) throw new Error(`No formula ${id}`);
  return asText(
    workedOut(relations[id] as Relation, formula.symbol, numbers, formula.compute, { value: formula.compute(numbers), unit: formula.unit }, units)
      .numbers,
  );
};

test.each([
  // In watts: the motor of 1.8 kW at 3600 rpm has 60 · 1800 / (2π · 3600) = 4.775 N·m.
  ['shaft-torque', { P: 1800, n: 3600 }, '60 × 1800 / (2 × π × 3600) = 4.77 N·m'],
  // Powers and quotients: a wheel of 5 kg and 250 mm, 0.5 · 5 · 0.125² = 0.0391 kg·m².
  ['disc-inertia', { k: 0.5, m: 5, d: 250 }, '0.5 × 5 × (250 / 2000)² = 0.0391 kg·m²'],
  // Exponents that are no whole number: 0.8 · 50.17 · (19/9.5)^1.14 = 88.45 N.
  ['allowed-pull', { T_a: 50.17, b: 19, b_0: 9.5, K_z: 0.8 }, '0.8 × 50.2 × (19 / 9.5)^1.14 = 88.5 N'],
  // Near numbers: 1500 less 1496.25 of 1500 is 0.0025, which 1496 would make 0.00267.
  ['motor-slip', { n_s: 1500, n: 1496.25 }, '(1500 − 1496.25) / 1500 = 0.0025'],
  // An angle in radians, read in degrees: π − 2 arcsin(175/840) = 2.722 rad = 156°.
  ['arc-of-contact', { d: 75, D: 250, C: 420 }, 'π − 2 × arcsin((250 − 75) / (2 × 420)) = 2.72 rad = 156°'],
  // A negative in its own brackets: from −90° to 0, and 2 rad (115°) more, are 205°.
  ['angle-between-pulls', { a_1: -Math.PI / 2, a_2: 0, s: -1, e: 2 }, '0 − (−1.57) − (−1) × 2 = 3.57 rad = 205°'],
] as const)('%s of %o reads as on paper', (id, numbers, text) => {
  expect(line(id, numbers)).toBe(text);
});

test('behind the result it is said again in the unit that the person reads', () => {
  expect(line('shaft-torque', { P: 1800, n: 3600 }, 'inch')).toBe('60 × 1800 / (2 × π × 3600) = 4.77 N·m = 3.52 lbf·ft');
  expect(line('rim-speed', { d: 100, n: 1450 }, 'inch')).toBe('π × 100 × 1450 / 60000 = 7.59 m/s = 1495 ft/min');
});

test('a sum of several, and the least of them, add up too', () => {
  const from = [2.25, 0.375].map((value, k) => known('N·m', value, { by: 'given', field: `f${k}` }));
  const build = builds[0]?.[1] as Build;
  const shown = (figure: Figure) => asText(explain(build, figure).relation?.numbers as Line);
  expect(shown(picked('sum', 'N·m', from))).toBe('2.25 + 0.375 = 2.63 N·m');
  expect(shown(picked('least', 'N·m', from))).toBe('min(2.25, 0.375) = 0.375 N·m');
});

test('symbols are Greek where they are, and are set low where they are', () => {
  const text = ['theta', 'dF', 'n_1', 'k1', 'µ′', 'c_α', 'T_s', 's_b', 'eta', 'theta_1', 'EA', 'pf'].map((name) => asText(symbolLine(name)));
  expect(text).toEqual(['θ', 'ΔF', 'n₁', 'k₁', 'µ′', 'c_α', 'Tₛ', 's_b', 'η', 'θ₁', 'EA', 'pf']);
});

test('aloud, roots, powers and subscripts are words', () => {
  const said = (id: string) => asWords(setRelation(relations[id] as Relation, symbolLine));
  expect(said('breakdown-slip')).toBe(
    's sub n times open bracket k plus the square root of open bracket k squared minus 1 close bracket close bracket',
  );
  expect(said('allowed-pull')).toBe('K sub z times T sub a times open bracket b divided by b sub 0 close bracket to the power of 1.14');
  expect(said('arc-of-contact')).toMatch(/^pi minus 2 times the arc sine of open bracket/);
  expect(asWords(numberLine('1.2 × 10⁻⁷'))).toBe('1.2 times ten to the power of minus 7');
  expect(asWords(symbolLine('dF'))).toBe('delta F');
});

test('a printed number is read with its power of ten and its last digit', () => {
  expect(printedNumber('1.20 × 10⁻⁷ kg·m²')).toEqual({ value: 1.2e-7, lastDigit: expect.closeTo(1e-9, 20) });
  expect(printedNumber('−1425 rpm')).toEqual({ value: -1425, lastDigit: 1 });
});
