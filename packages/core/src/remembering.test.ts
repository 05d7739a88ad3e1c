import { expect, it } from 'vitest';
import { remembering } from './remembering.js';

it('works out each key once, and begins anew when it holds as many as it may', () => {
  const workedOut: string[] = [];
  const capital = remembering(2, (key: string) => {
    workedOut.push(key);
    return key.toUpperCase();
  });
  expect(['a', 'b', 'a', 'b'].map(capital)).toEqual(['A', 'B', 'A', 'B']);
  expect(workedOut).toEqual(['a', 'b']);
  expect(['c', 'a', 'c'].map(capital)).toEqual(['C', 'A', 'C']);
  expect(workedOut).toEqual(['a', 'b', 'c', 'a']);
});
