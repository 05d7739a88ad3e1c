import { describe, expect, it, test } from 'vitest';
import { readQuantity } from './read-quantity.js';
import { show, showNumber, showRange, showShare, unitShown } from './show.js';
import { showAs } from './show-as.js';

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
  [3 * 25.4, '76.2'],
  [0.03456, '0.0346'],
  [-5, '−5'],
  [0, '0'],
  [1.2e-7, '1.2 × 10⁻⁷'],
  [-12345678901, '−1.23 × 10¹⁰'],
])('%d is shown as %s', (value, text) => {
  expect(showNumber(value)).toBe(text);
});

test('units are chosen to read well', () => {
  expect(show(550, 'W')).toBe('550 W');
  expect(show(1500, 'W')).toBe('1.5 kW');
  expect(show(Math.PI, 'rad')).toBe('180°');
  expect(show(9800, 'N')).toBe('9800 N');
  expect(show(78_453, 'N')).toBe('78.5 kN');
  expect([47.6, 119, 150, 3600, 4_429_059].map((seconds) => show(seconds, 's'))).toEqual(['47.6 s', '119 s', '2.5 min', '60 min', '1230 h']);
  expect(showRange(90, 600, 's')).toBe('90 s to 10 min');
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

describe('shown as a person likes it', () => {
  it('is each call’s own: two people are told the same figure each in their units', () => {
    expect([show(25.4, 'mm', 'inch'), show(25.4, 'mm'), show(25.4, 'mm', 'mixed')]).toEqual(['1 in', '25.4 mm', '1 in']);
    expect(unitShown('N·m', 'inch').symbol).toBe('lbf·ft');
    expect(unitShown('N·m')).toEqual({ factor: 1, symbol: 'N·m' });
  });

  // Exact definitions: 25.4 mm, 0.45359237 kg, 9.80665 m/s², 550 ft·lbf/s (NIST SP 811).
  it.each([
    [25.4, 'mm', '1 in'],
    [1.3558179483314, 'N·m', '1.00 lbf·ft'],
    [4.4482216152605, 'N', '1 lbf'],
    [0.45359237, 'kg', '1 lb'],
    [5.08, 'm/s', '1000 ft/min'],
    [745.69987158227, 'W', '1.00 hp'],
    [5, 'W', '5 W'],
    [1425, 'rpm', '1425 rpm'],
    [0.5, 'rad', '28.6°'],
  ] as const)('%d %s is %s in inch and pound', (value, unit, text) => {
    expect(show(value, unit, 'inch').replace(/\.00 /, ' ')).toBe(text.replace(/\.00 /, ' '));
  });

  it('mixes inches with metric for the rest', () => {
    expect([show(508, 'mm', 'mixed'), show(8, 'N·m', 'mixed'), show(550, 'W', 'mixed')]).toEqual(['20 in', '8 N·m', '550 W']);
  });

  it('agrees with what is read: a figure shown in inch and pound reads back as itself', () => {
    for (const [name, unit, value] of [
      ['torque', 'N·m', 11.8],
      ['length', 'mm', 431.2],
      ['force', 'N', 176],
      ['mass', 'kg', 3.4],
    ] as const) {
      const read = readQuantity(show(value, unit, 'inch'), { label: 'it', quantity: name, accepts: [0, 1e6], bare: null });
      expect(read.ok && Math.abs(read.value / value - 1)).toBeLessThan(0.006);
    }
  });
});
