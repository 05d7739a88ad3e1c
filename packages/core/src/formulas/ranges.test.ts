import { afterAll, describe, expect, it, test } from 'vitest';
import { across } from '../../test/inputs-of.js';
import { newerCoefficients } from '../catalog/v-belts.js';
import { type Figure, flag, type Known, known } from '../figure/figure.js';
import type { Formula } from '../figure/formula.js';
import { newerRating } from './belt/newer-rating.js';
import { klossTorque } from './motor/kloss-torque.js';
import { formulas } from './registry.js';
import { resultantPull } from './transmission/resultant-pull.js';

const ranges = 400;
const points = 60;

/** A share in [0, 1) after the other, the same at every run (Park and Miller’s generator). */
function shares(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

const sure = (value: number): Known => known('1', value, { by: 'limit', source: '' });
const between = (low: number, high: number, value = (low + high) / 2): Known => known('1', value, { by: 'limit', source: '' }, [low, high]);

/** A box of inputs: a third of them sure, the others from a hair to all of where the formula is good. */
function box(formula: Formula, share: () => number): Record<string, Known> {
  const inputs = Object.entries(formula.inputs).map(([name, { valid }]) => {
    const middle = share();
    const wide = share() < 1 / 3 ? 0 : share() ** 2;
    const [low, high] = [across(valid, Math.max(0, middle - wide / 2)), across(valid, Math.min(1, middle + wide / 2))];
    return [name, between(low, high, low + (high - low) * share())] as const;
  });
  return Object.fromEntries(inputs);
}

function tooNarrow({ id }: Formula, point: object, value: number, told: readonly number[], figures: Record<string, Known>): string {
  const over = Object.entries(figures).map(([name, { value: likely, low = likely, high = likely }]) => `${name} ${low} to ${high}`);
  return `${id} of ${JSON.stringify(point)} is ${value}; over ${over.join(', ')} ${told.join(' to ')} was told`;
}

let compared = 0;
let searched = 0;
afterAll(() => {
  process.stdout.write(`     ranges: ${compared} points inside of ranges were compared with what was told; ${searched} ranges were searched\n`);
});

describe.each([...formulas.values()].map((formula) => [formula.id, formula] as const))('%s', (_, formula) => {
  it('tells no range that is too narrow', () => {
    const share = shares(4711);
    let [told, tries] = [0, 0];
    while (told < ranges && tries < 20 * ranges) {
      tries++;
      const figures = box(formula, share);
      const result = formula(figures as never) as Figure;
      if (!result.known || result.flags & flag.outsideValid) continue;
      told++;
      if (result.flags & flag.searched) searched++;
      const [low, high] = [result.low ?? result.value, result.high ?? result.value];
      const slack = 1e-9 * Math.max(Math.abs(low), Math.abs(high), 1e-12);
      const point: Record<string, number> = {};
      const ends = Object.entries(figures).map(([name, { value, low: least = value, high: most = value }]) => ({ name, least, wide: most - least }));
      for (let k = 0; k < points; k++) {
        for (const { name, least, wide } of ends) point[name] = least + wide * share();
        const value = formula.compute(point);
        compared++;
        if (!(value >= low - slack && value <= high + slack)) expect.fail(tooNarrow(formula, point, value, [low, high], figures));
      }
    }
    expect(told).toBe(ranges);
  });
});

/** The two ends that a figure was told with. */
const ends = (figure: Figure): readonly (number | undefined)[] => (figure.known ? [figure.low, figure.high] : []);

// By the relation: Kloss’s torque is at its most, 25 N·m, at a slip of 0.24; at 0.08 it is 2 · 25 / (1/3 + 3) = 15 N·m, at 0.9 12.4.
test('a motor’s torque over slips on both sides of its peak reaches the peak', () => {
  const torque = klossTorque({ T_b: sure(25), s_b: sure(0.24), s: between(0.08, 0.9) } as never);
  expect(ends(torque)).toEqual([expect.closeTo(50 / (0.9 / 0.24 + 0.24 / 0.9), 9), expect.closeTo(25, 9)]);
  expect(torque.known && torque.flags & flag.searched).toBeTruthy();
});

test('a motor’s torque over slips below its peak is told by its ends, unmarked', () => {
  const torque = klossTorque({ T_b: sure(25), s_b: sure(0.24), s: between(0.08, 0.2) } as never);
  expect(torque.known && torque.flags).toBe(0);
  expect(ends(torque)[0]).toBeCloseTo(15, 9);
});

// Against a plain search in a hundred thousand steps.
test('a belt’s rating over speeds on both sides of its best reaches its best', () => {
  const { k1, k2, k3, k4 } = newerCoefficients.A;
  const numbers = { d: 100, k1, k2, k3, k4, K: 1 };
  let best = 0;
  for (let k = 0; k <= 100_000; k++) best = Math.max(best, newerRating.compute({ ...numbers, n: 1000 + 0.08 * k }));
  const rating = newerRating({ d: sure(100), n: between(1000, 9000), k1: sure(k1), k2: sure(k2), k3: sure(k3), k4: sure(k4), K: sure(1) } as never);
  expect(Math.max(...[1000, 5000, 9000].map((n) => newerRating.compute({ ...numbers, n })))).toBeLessThan(best * 0.999);
  expect(ends(rating)[1] as number).toBeGreaterThanOrEqual(best);
  expect((ends(rating)[1] as number) / best).toBeCloseTo(1, 6);
});

// Two pulls of 300 and 400 N, the second anywhere from against to along the first: from their difference to their sum.
test('two pulls that may lie any way are between their difference and their sum', () => {
  const pull = resultantPull({ F_1: sure(300), F_2: sure(400), gamma: between(-1, 4) } as never);
  expect(ends(pull)).toEqual([expect.closeTo(100, 6), expect.closeTo(700, 6)]);
});

test('two pulls of which either may be nothing, against each other, may leave nothing', () => {
  const pull = resultantPull({ F_1: between(100, 500), F_2: between(200, 400), gamma: between(-0.5, 0.5) } as never);
  expect(ends(pull)[0] as number).toBeCloseTo(0, 4);
});
