import { expect, it } from 'vitest';
import { type Figure, fixed, type Known, known, unknown } from '../figure/figure.js';
import type { StageReady, StageResult } from '../kinds/kind.js';
import { pullOnShaft } from './pull-on-shaft.js';

const force = (value: number): Known<'N'> => fixed('N', value, 'given');
/** An angle that a person entered, in degrees. */
const entered = (degrees: number): Known<'rad'> => known('rad', (degrees * Math.PI) / 180, { by: 'given', field: 'main/belt/angle' });
const level = fixed('rad', 0, 'drawn level while nothing is entered');
const held = (into: number, out: number): StageResult => ({ pulls: { in: force(into), out: force(out) } }) as unknown as StageResult;
const passing = (direction?: Figure<'rad'>): StageReady => (direction ? { direction } : {}) as unknown as StageReady;
const value = (pull: Figure<'N'> | null) => (pull?.known ? pull.value : pull);

it('beside a stage on one axis, which pulls nothing, is the pull of the belt alone', () => {
  expect(value(pullOnShaft(1, [passing(entered(30)), passing()], [held(300, 300), held(0, 0)]))).toBe(300);
  expect(value(pullOnShaft(1, [passing(), passing(entered(30))], [held(0, 0), held(250, 250)]))).toBe(250);
});

it('beside a stage on one axis that pulls all the same is the larger of the two, however the other lies', () => {
  for (const degrees of [0, 90, 180])
    expect(value(pullOnShaft(1, [passing(entered(degrees)), passing()], [held(300, 300), held(400, 400)]))).toBe(400);
});

// Closed form: 3, 4 and 5; a belt that goes on straight ahead pulls against the one before, one that comes back adds to it.
it('of two belts is put together as they lie, once that is entered', () => {
  const two = (first: Figure<'rad'>, second: Figure<'rad'>) => value(pullOnShaft(1, [passing(first), passing(second)], [held(1, 300), held(400, 1)]));
  expect(two(entered(0), entered(90))).toBeCloseTo(500, 9);
  expect(two(entered(0), entered(0))).toBeCloseTo(100, 9);
  expect(two(entered(0), entered(180))).toBeCloseTo(700, 9);
  expect(two(level, level)).toBe(400);
});

it('is none on a shaft that nothing pulls at, and that of one belt at either end of the line', () => {
  expect(pullOnShaft(1, [passing(), passing()], [held(0, 0), held(0, 0)])).toBeNull();
  expect(pullOnShaft(0, [], [])).toBeNull();
  expect(value(pullOnShaft(0, [passing(level)], [held(120, 80)]))).toBe(120);
  expect(value(pullOnShaft(1, [passing(level)], [held(120, 80)]))).toBe(80);
});

it('is not known while one of the two is not', () => {
  const missing = { pulls: { in: unknown('N', ['main/chain/teeth']), out: unknown('N', []) } } as unknown as StageResult;
  expect(pullOnShaft(1, [passing(level), passing(level)], [held(1, 300), missing])).toMatchObject({ known: false, missing: ['main/chain/teeth'] });
});
