import { expect, it } from 'vitest';
import { shapeLimits } from './build/limits.js';
import { shapeGuard } from './shape-guard.js';

const nested = (depth: number) => {
  let value: unknown = 'deep';
  for (let k = 0; k < depth; k++) value = { a: value };
  return value;
};

it.each([
  ['nesting that would overflow a stack', nested(100_000), /nested more than 24 deep/],
  ['one level too deep', nested(25), /nested more than 24 deep/],
  ['a flood of names', Object.fromEntries(Array.from({ length: 40_000 }, (_, k) => [`k${k}`, 1])), /more than 200 names/],
  ['a flood of values', { a: Array.from({ length: shapeLimits.values + 1 }, () => 1) }, /more than 300000 values/],
  ['values spread over many lists', { a: Array.from({ length: 600 }, () => Array.from({ length: 600 }, () => 0)) }, /more than 300000 values/],
  ['null in a list', { stages: [{}, null] }, /must not be null/],
  ['a character PostgreSQL cannot store', { name: 'a\u0000b' }, /cannot be stored/],
  ['half a surrogate pair', { name: '\ud800' }, /cannot be stored/],
  ['a name every object has', JSON.parse('{"a":{"__proto__":1}}'), /a\.__proto__|cannot be used/],
  ['constructor as a name', { constructor: 1 }, /cannot be used/],
])('refuses %s', (_, value, words) => {
  const wrong = shapeGuard(value);
  expect(`${wrong?.path} ${wrong?.says}`).toMatch(words);
});

it.each([{}, { a: null }, nested(24), { text: 'Ω · ½' }, 'text', null])('lets an ordinary value through', (value) => {
  expect(shapeGuard(value)).toBeUndefined();
});
