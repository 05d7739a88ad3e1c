import { describe, expect, it } from 'vitest';
import { known, unknown } from '../figure/figure.js';
import { sentence } from './sentence.js';
import { phrase, say, sayAll } from './wording.js';

const metric = { units: 'metric', label: (path: string) => `the ${path}` } as const;
const inch = { ...metric, units: 'inch' } as const;
const torque = known('N·m', 12, { by: 'limit', source: '' }, [10, 14.5]);

describe('a sentence', () => {
  it('has its capital and its full stop put in where it is told, and neither inside another', () => {
    const inner = sentence('belt slips at {at:likely}', { at: torque });
    expect(say(inner, metric)).toBe('Belt slips at 12 N·m.');
    expect(say(sentence('weakest part: {inner}', { inner }), metric)).toBe('Weakest part: belt slips at 12 N·m.');
    expect(phrase(inner, metric)).toBe('belt slips at 12 N·m');
    expect(sayAll([inner, sentence(''), inner], metric)).toBe('Belt slips at 12 N·m. Belt slips at 12 N·m.');
  });

  // NIST SP 811: 1 lbf·ft is 1.355818 N·m.
  it('tells figures in the units of whoever reads, as its template says', () => {
    const said = sentence('{t:likely}, {t}', { t: torque });
    expect([say(said, metric), say(said, inch)]).toEqual(['12 N·m, 10 to 15 N·m.', '8.85 lbf·ft, 7.4 to 11 lbf·ft.']);
  });

  it('tells digits as wide as the band, unless what is needed and what there is lie near each other', () => {
    const band = (low: number, high: number) => sentence('{t}', { t: { value: low, unit: 's', low, high } });
    expect([band(2.61, 47.6), band(18.83, 28.61), band(10.91, 12.03), band(5, 5)].map((each) => say(each, metric))).toEqual([
      'About 3 to 50 s.',
      '19 to 29 s.',
      '10.9 to 12.0 s.',
      '5 s.',
    ]);
    expect(say({ ...band(18.83, 28.61), exact: true }, metric)).toBe('18.8 to 28.6 s.');
  });

  it('names three of many fields, and how many more there are', () => {
    expect(say(sentence('enter {f}', { f: { fields: ['a', 'b', 'c', 'd', 'e'] } }), metric)).toMatch(/^Enter .*, .*,? .*and 2 more\.$/);
  });

  it('tells numbers, shares, amounts, money, fields and what is not known', () => {
    expect(say(sentence('{n} and {s:share}', { n: 17, s: 0.346 }), metric)).toBe('17 and 35 %.');
    expect(say(sentence('{a}', { a: { value: 25.4, unit: 'mm' } }), inch)).toBe('1 in.');
    expect(say(sentence('{a}', { a: { value: 180, unit: '1', quantity: 'cost' } }), metric)).toBe('180.');
    expect(say(sentence('enter {f}', { f: { fields: ['a', 'b'] } }), metric)).toBe('Enter the a and the b.');
    expect(say(sentence('{u}', { u: unknown('mm', []) }), metric)).toBe('Not known.');
    expect(say(sentence('{r}', { r: { left: -0.5 } }), metric)).toBe('Overloaded 1.5 times.');
  });

  it('is a bug where its template names what it does not have', () => {
    expect(() => say(sentence('{gone}'), metric)).toThrow(RangeError);
  });
});
