import { describe, expect, it } from 'vitest';
import type { Figure } from '../figure/figure.js';
import { formulas } from '../formulas/registry.js';
import { figureFromText } from './figure-from-text.js';

describe.each([...formulas.values()].map((formula) => [formula.id, formula] as const))('%s', (_, formula) => {
  it('takes each of its inputs with its unit written out, as a value and as a range', () => {
    for (const [name, slot] of Object.entries(formula.inputs)) {
      const [least, most] = slot.valid;
      const unit = slot.unit === '1' ? '' : ` ${slot.unit}`;
      expect(figureFromText(`${most}${unit}`, name, slot), name).toMatchObject({ known: true, unit: slot.unit, value: expect.closeTo(most, 6) });
      const range = figureFromText(`${least} to ${most}${unit}`, name, slot) as Figure;
      expect(range, name).toMatchObject({ known: true, unit: slot.unit, low: expect.closeTo(least, 6), high: expect.closeTo(most, 6) });
    }
  });
});
