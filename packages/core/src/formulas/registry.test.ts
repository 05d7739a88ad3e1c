import fc from 'fast-check';
import { evaluate } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { inputsOf, shareOf } from '../../test/inputs-of.js';
import { type Figure, flag, known } from '../figure/figure.js';
import { formulas } from './registry.js';

describe.each([...formulas.values()].map((formula) => [formula.id, formula] as const))('%s', (_, formula) => {
  it('shows the relation that it works with', () => {
    let compared = 0;
    fc.assert(
      fc.property(inputsOf(formula), (numbers) => {
        const computed = formula.compute(numbers);
        const shown: unknown = evaluate(formula.expr, { ...numbers });
        compared++;
        expect(Math.abs((shown as number) - computed)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(computed)));
      }),
      { seed: 1, numRuns: 300 },
    );
    expect(compared).toBe(300);
  });

  it('rises or falls steadily in each input, as carrying ranges by their ends assumes: throughout, or in what turns where it says', () => {
    const draws = fc
      .tuple(inputsOf(formula), fc.constantFrom(...Object.keys(formula.inputs)), shareOf())
      .map(([numbers, name, t]) => {
        const [least, most] = formula.inputs[name]?.valid ?? [0, 0];
        const from = numbers[name] as number;
        const to = least + (most - least) * t ** 6;
        const points = [from, (from + to) / 2, to].map((value) => ({ ...numbers, [name]: value }));
        return { name, points, values: points.map((point) => formula.compute(point)) as [number, number, number] };
      })
      .filter(({ name, points, values }) => {
        const steady = !formula.where?.turns.includes(name) || points.every((point) => formula.where?.holds(point));
        return steady && values.every(Number.isFinite);
      });
    let compared = 0;
    fc.assert(
      fc.property(draws, ({ values: [a, between, b] }) => {
        compared++;
        const slack = 1e-9 * Math.max(Math.abs(a), Math.abs(b), 1);
        expect(between).toBeGreaterThanOrEqual(Math.min(a, b) - slack);
        expect(between).toBeLessThanOrEqual(Math.max(a, b) + slack);
      }),
      { seed: 2, numRuns: 400 },
    );
    expect(compared).toBe(400);
  });

  it('marks a result as soon as one input leaves the range where it is good', () => {
    const inside = (least: number, most: number) => (least > 0 ? Math.sqrt(least * most) : (least + most) / 2);
    const entries = Object.entries(formula.inputs);
    const figures = entries.map(([name, { unit, valid }]) => [name, known(unit, inside(...valid), { by: 'limit', source: '' })] as const);
    const marks = (result: Figure) => (result.known ? result.flags : undefined);
    expect(marks(formula(Object.fromEntries(figures)))).toBe(0);
    for (const [name, { unit, valid }] of entries) {
      const beyond = known(unit, valid[1] * 1.01, { by: 'limit', source: '' });
      expect([flag.outsideValid, undefined]).toContain(marks(formula({ ...Object.fromEntries(figures), [name]: beyond })));
    }
  });

  it('names its source, its symbols and what they mean', () => {
    expect(formula.source.length).toBeGreaterThan(10);
    for (const [name, { means, valid }] of Object.entries(formula.inputs)) {
      expect(formula.expr).toMatch(new RegExp(`\\b${name}\\b`));
      expect(means).not.toBe('');
      expect(valid[0]).toBeLessThan(valid[1]);
    }
  });
});
