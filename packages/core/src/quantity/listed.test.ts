import { expect, test } from 'vitest';
import { listed } from './listed.js';

test.each([
  [[], ''],
  [['speed'], 'speed'],
  [['power', 'speed'], 'power and speed'],
  [['power', 'speed', 'ratio'], 'power, speed and ratio'],
  [['driving sprocket, teeth'], 'driving sprocket, teeth'],
  [['driving sprocket, teeth', 'speed'], 'driving sprocket, teeth; and speed'],
  [['driving sprocket, teeth', 'driven sprocket, teeth', 'speed'], 'driving sprocket, teeth; driven sprocket, teeth; and speed'],
])('%j is read out so that it is heard how many there are', (words, text) => {
  expect(listed(words)).toBe(text);
});

test('a choice says or', () => {
  expect(listed(['kW', 'W', 'hp'], 'or')).toBe('kW, W or hp');
  expect(listed(['8M, round', 'H'], 'or')).toBe('8M, round; or H');
});
