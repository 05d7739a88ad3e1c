import { describe, expect, it } from 'vitest';
import { reference } from '../../test/reference.js';
import { arcOfContact } from '../formulas/belt/arc-of-contact.js';
import { pulleyRatio } from '../formulas/belt/pulley-ratio.js';
import { shaftTorque } from '../formulas/power/shaft-torque.js';
import { carriedTorque } from '../formulas/transmission/carried-torque.js';
import { drivenSpeed } from '../formulas/transmission/driven-speed.js';
import type { Unit } from '../quantity/quantities.js';
import { flag, type Known, known, picked, restsOn, unknown, unseen, unseenUnder } from './figure.js';
import { defineProcedure, solve } from './formula.js';

const given = <U extends Unit>(unit: U, value: number, field = 'f', range?: readonly [number, number], flags = 0) =>
  known(unit, value, { by: 'given', field }, range, flags);
const ends = (figure: unknown) => [(figure as Known).low, (figure as Known).high] as number[];

describe('the figure door', () => {
  it('has the same value as the number door, and remembers where it came from', () => {
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

  it('knows which fields nobody has looked at, and how much of the band looking would settle', () => {
    const n = given('rpm', 1425, 'speed', [1400, 1450]);
    const figure = shaftTorque({ P: given('W', 750, 'power', [600, 900], flag.guessed | flag.unseen), n }) as Known;
    expect([...unseenUnder(figure)]).toEqual(['power']);
    // The power moves it from 600 to 900 W at the likely 1425 rpm; the speed is scatter.
    const at = (P: number, rpm: number) => shaftTorque.compute({ P, n: rpm });
    expect([figure.low, figure.unseenLow, figure.unseenHigh, figure.high]).toEqual([at(600, 1450), at(600, 1425), at(900, 1425), at(900, 1400)]);
    const seen = shaftTorque({ P: given('W', 750), n });
    expect([...unseenUnder(seen)]).toEqual([]);
    expect(seen).not.toHaveProperty('unseenLow');
    expect([...unseenUnder(shaftTorque({ P: unseen('W', [1, 2, 3], 'x', 's'), n }))]).toEqual(['x']);
  });
});

describe('one relation inside another', () => {
  const inner = defineProcedure({ id: 'inner', says: '', source: '' });
  const outer = defineProcedure({ id: 'outer', says: '', source: '' });
  const [a, b] = [given('mm', 2, 'a', [1, 3]), given('mm', 10, 'b', [8, 12])];

  // Closed form: a of 1 to 3 on b of 8 to 12 adds up to 9 to 15; the inner sum, of the same names and with ranges of its own, is 40 to 60 every time.
  it('a procedure that calls another, or itself, for a range in between comes to what it would alone', () => {
    const called: (readonly number[])[] = [];
    const within = () => {
      const found = solve('mm', inner, { a: given('mm', 20, 'x', [15, 25]), b: given('mm', 30, 'y', [25, 35]) }, ({ a: p = 0, b: q = 0 }) => p + q);
      called.push(ends(found));
    };
    const sum = solve('mm', outer, { a, b }, (numbers) => {
      within();
      return (numbers.a ?? 0) + (numbers.b ?? 0);
    });
    expect(sum).toMatchObject({ value: 12, low: 9, high: 15 });
    expect(called.length).toBeGreaterThanOrEqual(5);
    for (const range of called) expect(range).toEqual([40, 60]);
  });

  it('a formula worked out inside a formula’s own procedure carries both ranges', () => {
    const speed = solve('rpm', outer, { n: given('rpm', 1000, 'n', [900, 1100]), d: given('mm', 100, 'd', [80, 125]) }, ({ n = 0, d = 0 }) => {
      const i = pulleyRatio({ d1: given('mm', d, 'd'), d2: given('mm', 200, 'D', [180, 220]) });
      return n / (i as Known).value;
    });
    // 900 rpm over 200/80 and 1100 over 200/125.
    expect(ends(speed)).toEqual([expect.closeTo(360, 9), expect.closeTo(687.5, 9)]);
  });

  it('a procedure within itself, by other names, disturbs neither', () => {
    const deep = solve('mm', outer, { a, b }, ({ a: p = 0, b: q = 0 }) => {
      const off = solve('mm', outer, { c: given('mm', 1, 'c', [0, 2]) }, ({ c = 0 }) => 100 * c);
      expect(ends(off)).toEqual([0, 200]);
      return p + q;
    });
    expect(deep).toMatchObject({ value: 12, low: 9, high: 15 });
  });

  it('is whole again after one of its calls threw', () => {
    const broken = () =>
      solve('mm', outer, { a, b }, () => {
        throw new Error('a fault');
      });
    expect(broken).toThrow('a fault');
    expect(solve('mm', outer, { a, b }, ({ a: p = 0, b: q = 0 }) => p + q)).toMatchObject({ value: 12, low: 9, high: 15 });
  });

  it('a procedure that turns is searched, and marked; what rests on it is not', () => {
    const turning = defineProcedure({ id: 'turning', says: '', source: '', turns: ['a'] });
    const off = solve('mm', turning, { a: given('mm', 1, 'a', [-3, 5]) }, ({ a: by = 0 }) => Math.abs(by));
    expect(off).toMatchObject({ value: 1, low: expect.closeTo(0, 9), high: 5, flags: flag.searched });
    expect(picked('sum', 'mm', [off, a])).toMatchObject({ flags: 0 });
    const twice = solve('mm', outer, { a: off }, ({ a: by = 0 }) => 2 * by);
    expect(twice).toMatchObject({ flags: 0 });
  });

  it('a procedure with a hole in the middle is marked outside of where it is good', () => {
    const turning = defineProcedure({ id: 'turning', says: '', source: '', turns: ['a'] });
    const torn = solve('mm', turning, { a: given('mm', 2, 'a', [-2, 4]) }, ({ a: by = 0 }) => (Math.abs(by) < 0.5 ? Number.NaN : by));
    expect(torn).toMatchObject({ value: 2, low: -2, high: 4, flags: flag.outsideValid });
  });
});

it('core keeps nothing that a call could leave behind: no variable of a module is ever changed', () => {
  const sources = import.meta.glob<string>(['../**/*.ts', '!../**/*.test.ts'], { eager: true, query: '?raw', import: 'default' });
  const changing = Object.entries(sources).flatMap(([file, text]) =>
    [...text.matchAll(/^(?:export )?(?:let|var) (\w+)/gm)].map(([, name]) => `${file} ${name}`),
  );
  expect(changing).toEqual([]);
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

describe('a procedure whose ends are looked for one input after the other', () => {
  const every = defineProcedure({ id: 'every', says: '', source: '' });
  const few = defineProcedure({ id: 'few', says: '', source: '', oneByOne: true });
  const many = 9;
  const from = Object.fromEntries(Array.from({ length: many }, (_, k) => [`x${k}`, given('mm', 10 + k, `x${k}`, [8 + k, 13 + k])]));
  const of = (numbers: Readonly<Record<string, number>>) => Array.from({ length: many }, (_, k) => numbers[`x${k}`] ?? Number.NaN);

  it('has those of every corner, of sums, products and the worse of two, in far fewer looks', () => {
    const functions: readonly ((x: readonly number[]) => number)[] = [
      (x) => x.reduce((sum, each, k) => sum + (k % 2 ? -1 : 1) * each, 0),
      (x) => x.reduce((product, each, k) => (k % 3 ? product * each : product / each), 1),
      (x) => Math.max((x[0] ?? 0) * (x[1] ?? 0) - (x[2] ?? 0), 12 * (x[3] ?? 0) - (x[4] ?? 0)) / (x[5] ?? 1),
    ];
    for (const f of functions) {
      let looks = 0;
      const counted = (n: Readonly<Record<string, number>>) => {
        looks++;
        return f(of(n));
      };
      const [all, ends] = [solve('mm', every, from, (n) => f(of(n))), solve('mm', few, from, counted)] as [Known, Known];
      expect([ends.low, ends.high]).toEqual([expect.closeTo(all.low ?? 0, 9), expect.closeTo(all.high ?? 0, 9)]);
      expect(looks).toBeLessThan(5 * many);
      expect(ends.value).toBe(all.value);
    }
  });

  it('has no value where it has none on the way', () => {
    expect(solve('mm', few, from, ({ x3 = 0 }) => (x3 > 14 ? Number.NaN : x3)).known).toBe(false);
  });
});
