import { expect, it } from 'vitest';
import { terms, withTerms } from './terms.js';

it('marks each term where it is first, the longest name before a shorter one, and loses nothing of the text', () => {
  const text = 'At worst reserve 26 %; the breakaway torque leaves a reserve of 2 %.';
  const parts = withTerms(text);
  expect(parts.flatMap((part) => (typeof part === 'string' ? [] : [part.term.id]))).toEqual(['at-worst', 'reserve', 'breakaway']);
  expect(parts.map((part) => (typeof part === 'string' ? part : part.as)).join('')).toBe(text);
  expect(withTerms('It reserves nothing, jammed as it is.')).toEqual(['It reserves nothing, jammed as it is.']);
});

it('has one text for each, and no name twice', () => {
  const names = terms.flatMap((term) => term.names);
  expect(new Set(names).size).toBe(names.length);
  for (const { says } of terms) expect(says).toMatch(/\.$/);
});
