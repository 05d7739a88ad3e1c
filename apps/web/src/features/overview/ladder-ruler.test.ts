import { expect, it } from 'vitest';
import { type LadderRuler, ladderRuler } from './ladder-ruler.js';

const ruler = (values: readonly number[], factor = 1) => ladderRuler(values, 600, factor) as LadderRuler;

it('has as much room from 1 to 10 as from 10 to 100, and from 2 to 4 as from 20 to 40', () => {
  const { x } = ruler([1, 100]);
  expect(x(10) - x(1)).toBeCloseTo(x(100) - x(10), 6);
  expect(x(4) - x(2)).toBeCloseTo(x(40) - x(20), 6);
  expect(x(10) - x(1)).toBeGreaterThan(200);
});

it('has every value within its width, in their order, and what is nothing at its left end', () => {
  const values = [0.4, 3, 8, 64.8, 733];
  const { x } = ruler(values);
  const places = values.map(x);
  expect(places).toEqual([...places].sort((a, b) => a - b));
  expect(places[0] as number).toBeGreaterThan(0);
  expect(places.at(-1) as number).toBeLessThan(600);
  expect([0, -5].map(x)).toEqual([0, 0]);
});

it('says 1, 2 and 5 of each decade where they belong, in the unit that is shown', () => {
  // A tenth under 8 and over 64, and on to the next sixth of a decade: 6.8 to 100.
  expect(ruler([8, 64]).ticks).toEqual([10, 20, 50, 100].map((says) => ({ says, at: says })));
  // 0.7376 lbf·ft are 1 N·m: 10 lbf·ft are where 13.56 N·m are.
  const pounds = ruler([8, 64], 0.737562);
  expect(pounds.ticks.find(({ says }) => says === 10)?.at).toBeCloseTo(13.558, 3);
});

it('is none where there is nothing to show', () => {
  expect(ladderRuler([], 600, 1)).toBeNull();
  expect(ladderRuler([0, -1], 600, 1)).toBeNull();
});
