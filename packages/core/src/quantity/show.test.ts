import { expect, test } from 'vitest';
import { show, showAs, showNumber, showRange, showShare } from './show.js';

test.each([
  [1425, '1425'],
  [14253.7, '14254'],
  [423.2, '423'],
  [11.794, '11.8'],
  [12, '12'],
  [3.686, '3.69'],
  [8, '8'],
  [7.996, '8.00'],
  [0.55, '0.55'],
  [0.03456, '0.0346'],
  [-5, '−5'],
  [0, '0'],
  [1.2e-7, '1.20e−7'],
])('%d is shown as %s', (value, text) => {
  expect(showNumber(value)).toBe(text);
});

test('units are chosen to read well', () => {
  expect(show(550, 'W')).toBe('550 W');
  expect(show(1500, 'W')).toBe('1.5 kW');
  expect(show(Math.PI, 'rad')).toBe('180°');
  expect(show(10 / 3, '1')).toBe('3.33');
});

test('a range names its unit once, and is one figure when both ends read alike', () => {
  expect(showRange(10.927, 12.04, 'N·m')).toBe('10.9 to 12.0 N·m');
  expect(showRange(600, 1500, 'W')).toBe('600 W to 1.5 kW');
  expect(showRange(8, 8, 'N·m')).toBe('8 N·m');
});

test('a share is shown whole unless that hides it', () => {
  expect(showShare(0.268)).toBe('27 %');
  expect(showShare(0.005)).toBe('0.5 %');
  expect(showShare(-0.079)).toBe('−8 %');
  expect(showAs('fraction', 0.005, 0.02)).toBe('0.5 % to 2 %');
});
