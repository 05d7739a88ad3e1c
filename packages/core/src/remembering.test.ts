import { expect, it } from 'vitest';
import { remembering } from './remembering.js';

it('asks once for each key, and begins anew when it holds as many as it may', () => {
  const asked: string[] = [];
  const capital = remembering(2, (key: string) => {
    asked.push(key);
    return key.toUpperCase();
  });
  expect(['a', 'b', 'a', 'b'].map(capital)).toEqual(['A', 'B', 'A', 'B']);
  expect(asked).toEqual(['a', 'b']);
  expect(['c', 'a', 'c'].map(capital)).toEqual(['C', 'A', 'C']);
  expect(asked).toEqual(['a', 'b', 'c', 'a']);
});
