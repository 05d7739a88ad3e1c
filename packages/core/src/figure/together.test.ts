import { describe, expect, it } from 'vitest';
import { fixed, highEnd, type Known, lookedUp, lowEnd, scaled, unseen } from './figure.js';
import { defineFormula, defineProcedure, inputSlot, solve } from './formula.js';
import { type Pair, together } from './together.js';

const product = defineFormula({
  id: 'test-product',
  title: 'product',
  symbol: 'p',
  unit: 'N·m',
  expr: 'a * b',
  source: 'Definition',
  inputs: { a: inputSlot('N·m', 'first', [0, 1000]), b: inputSlot('1', 'second', [0, 1000]) },
  compute: ({ a, b }) => a * b,
});
const halving = defineProcedure({ id: 'test-halving', says: 'Half of it', source: 'Definition' });
const half = (T: Known) => solve('N·m', halving, { T }, ({ T: torque = 0 }) => torque / 2) as Known;
const always = () => true;
const guess = fixed('1', 2, 'A guess', [1, 4]);
const ten = fixed('N·m', 10, 'Ten');
const ends = (pairs: readonly Pair[]) => pairs.map(({ has, needs }) => [has.value, needs.value]);

describe('what belongs together', () => {
  it('is the same value of a band in both, through formulas, procedures, tables and rules alike', () => {
    const [limit, load] = [product({ a: ten, b: guess }) as Known, half(product({ a: ten, b: guess }) as Known)];
    expect(ends(together(limit, load, always))).toEqual([
      [10, 5],
      [20, 10],
      [40, 20],
    ]);
    const table = { table: 'a table', row: 'its row', source: 'Test' };
    const read = lookedUp('N·m', guess, (value) => value * value, table) as Known;
    expect(ends(together(scaled(read, 3, 'three times') as Known, limit, always))).toEqual([
      [3, 10],
      [12, 20],
      [48, 40],
    ]);
  });

  it('leaves a band at its ends that is on one side only', () => {
    const other = fixed('1', 1, 'Another guess', [0.5, 1.5]);
    const load = product({ a: scaled(ten, other, 'by another guess'), b: guess });
    const [low] = together(product({ a: ten, b: guess }) as Known, load as Known, always);
    expect([low?.needs.value, low && lowEnd(low.needs), low && highEnd(low.needs)]).toEqual([10, 5, 15]);
  });

  it('is nothing where no band enters twice, or where it would change nothing', () => {
    const limit = product({ a: ten, b: guess }) as Known;
    expect(together(limit, ten, always)).toEqual([]);
    expect(together(limit, half(limit), () => false)).toEqual([]);
  });

  it('says of a pair whether only looking moved it', () => {
    const passedOver = unseen('1', [1, 2, 4], 'main/belt/driver', 'Nobody looked');
    const likely = (band: Known<'1'>) => together(product({ a: ten, b: band }) as Known, half(product({ a: ten, b: band }) as Known), always);
    expect(likely(passedOver).map((pair) => pair.likely)).toEqual([true, true, true]);
    expect(likely(guess).map((pair) => pair.likely)).toEqual([false, true, false]);
  });
});
