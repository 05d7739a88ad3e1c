import { describe, expect, it } from 'vitest';
import { reference } from '../../test/reference.js';
import { arcOfContact } from '../formulas/belt/arc-of-contact.js';
import { pulleyRatio } from '../formulas/belt/pulley-ratio.js';
import { shaftTorque } from '../formulas/power/shaft-torque.js';
import { carriedTorque } from '../formulas/transmission/carried-torque.js';
import { drivenSpeed } from '../formulas/transmission/driven-speed.js';
import type { Unit } from '../quantity/quantities.js';
import { flag, guessesUnder, type Known, known, restsOn, unknown } from './figure.js';

const given = <U extends Unit>(unit: U, value: number, field = 'f', range?: readonly [number, number], flags = 0) =>
  known(unit, value, { by: 'given', field }, range, flags);
const ends = (figure: unknown) => [(figure as Known).low, (figure as Known).high] as number[];

describe('the figure door', () => {
  it('gives the same value as the number door, and remembers where it came from', () => {
    const [P, n] = [given('W', 550, 'main/source/power'), given('rpm', 1425, 'main/source/speed')];
    const figure = shaftTorque({ P, n });
    expect(figure).toMatchObject({
      known: true,
      unit: 'N·m',
      value: shaftTorque.compute({ P: 550, n: 1425 }),
      origin: { by: 'formula', id: 'shaft-torque', from: { P, n } },
    });
    expect(['main/source/power', 'main/source/speed', 'main/work/torque'].map((path) => restsOn(figure, new Set([path])))).toEqual([
      true,
      true,
      false,
    ]);
  });

  it('lets an unknown through, naming every field that is missing once', () => {
    const figure = carriedTorque({ T1: unknown('N·m', ['a', 'b']), i: unknown('1', ['b']), k: given('1', 0.96) });
    expect(figure).toEqual({ known: false, unit: 'N·m', missing: ['a', 'b'] });
    expect(['a', 'b', 'c'].map((path) => restsOn(figure, new Set([path])))).toEqual([true, true, false]);
  });

  it('passes on why something has no value', () => {
    expect(carriedTorque({ T1: given('N·m', 1), i: unknown('1', [], 'the pulleys overlap'), k: given('1', 1) })).toMatchObject({
      because: 'the pulleys overlap',
    });
  });

  it('turns a result that is not finite into an unknown with its reason', () => {
    const figure = arcOfContact({ d: given('mm', 50), D: given('mm', 500), C: given('mm', 100) });
    expect(figure).toMatchObject({ known: false, missing: [] });
    expect(!figure.known && figure.because).toContain('arc of contact has no value at d = 50, D = 500, C = 100');
  });

  it('passes the mark of a result outside the valid range upward', () => {
    const fast = shaftTorque({ P: given('W', 5e6), n: given('rpm', 1000) });
    const above = carriedTorque({ T1: fast, i: given('1', 2), k: given('1', 1) });
    expect(above.known && above.flags & flag.outsideValid).toBeTruthy();
  });

  it('knows which fields were guesses', () => {
    const figure = shaftTorque({ P: given('W', 750, 'power', [600, 900], flag.guessed), n: given('rpm', 1425, 'speed') });
    expect([...guessesUnder(figure)]).toEqual(['power']);
  });
});

describe('ranges', () => {
  const guessed = reference('drives', 'range-01');
  it(guessed.title, () => {
    const P = guessed.list('P') as [number, number];
    guessed.expects('T', ends(shaftTorque({ P: given('W', (P[0] + P[1]) / 2, 'P', P), n: given('rpm', guessed.list('n')[0] as number) })));
  });

  it('a sure figure has no ends', () => {
    expect(ends(shaftTorque({ P: given('W', 550), n: given('rpm', 1425) }))).toEqual([undefined, undefined]);
  });

  it('takes the ends that matter whichever way the relation runs', () => {
    const ratio = pulleyRatio({ d1: given('mm', 75, 'd1', [74, 76]), d2: given('mm', 250, 'd2', [248, 252]) });
    expect(ends(ratio)).toEqual([248 / 76, 252 / 74]);
    expect(ends(drivenSpeed({ n1: given('rpm', 1425), i: ratio, s: given('1', 0) }))).toEqual([(1425 * 74) / 252, (1425 * 76) / 248]);
  });
});
