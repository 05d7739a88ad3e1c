import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { quantity } from '../kinds/fields.js';
import { type QuantityName, quantities } from '../quantity/quantities.js';
import { readQuantity } from '../quantity/read-quantity.js';
import type { Input } from './build.js';
import { enter } from './enter.js';

const table = JSON.parse(readFileSync(new URL('../../test/reading.json', import.meta.url), 'utf8')) as [string, QuantityName, unknown][];
const before: Input = { text: '3', value: 3, unit: '1', how: 'measured' };

it('typed key by key, what counts is what stands there, or what stood there before the visit, and never a part of it', () => {
  let prefixes = 0;
  for (const [text, name] of table) {
    const field = quantity('The field', name, {
      accepts: [-1e9, 1e9],
      bare: quantities[name].spellings[0].symbol,
      how: 'measured',
      help: '',
      measure: '',
    });
    for (let n = 1; n <= text.length; n++) {
      const typed = text.slice(0, n);
      if (typed.trim() === '' || typed.trim() === '?') continue;
      const { input } = enter(field, typed, before);
      const reading = readQuantity(typed, field);
      expect(input?.value, typed).toBe(reading.ok ? reading.value : 3);
      expect(input?.draft === undefined, typed).toBe(reading.ok);
      prefixes++;
    }
  }
  expect(prefixes).toBeGreaterThan(3000);
});

it('nothing, or a question mark, is not known', () => {
  const field = quantity('The field', 'length', { accepts: [0, 100], bare: 'mm', how: 'measured', help: '', measure: '' });
  for (const text of ['', '  ', '?']) expect(enter(field, text, before)).toEqual({ input: undefined, reading: 'not-known' });
});

it('a guess says that it is one', () => {
  const field = quantity('The field', 'length', { accepts: [0, 100], bare: 'mm', how: 'measured', help: '', measure: '' });
  expect(enter(field, '~50', undefined).input).toMatchObject({ text: '~50', value: 50, low: 45, high: 55, how: 'guessed' });
  expect(enter(field, '2*25', undefined).input).toMatchObject({ text: '2*25', value: 50, how: 'measured' });
});
