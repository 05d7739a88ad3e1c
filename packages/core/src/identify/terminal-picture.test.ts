import { expect, it } from 'vitest';
import { lookedAt, type Salvaged, salvaged } from '../../test/salvaged.js';
import { type Strip, terminalPicture } from './terminal-picture.js';

const drawn = (id: string): readonly Strip[] => terminalPicture(lookedAt(salvaged.find((each) => each.id === id) as Salvaged).readings);
const words = (strips: readonly Strip[]) =>
  strips.map(({ is, wires, between }) => `${is} ${wires.join('-')} ${between.map((each) => each.is).join(' ')}`);

it('a washing machine’s motor: tachometer, cut-out, field and armature, each by itself', () => {
  expect(words(drawn('km-02')).sort()).toEqual(['chain 1-2 winding', 'chain 3-4 closed', 'chain 5-6 winding', 'chain 7-8 armature']);
});

it('three wires of which two readings add to the third: the common one in the middle', () => {
  const [strip] = drawn('km-19');
  // 1-2 17 Ω, 1-3 21.5 Ω, 2-3 38.5 Ω by the reference: 1 is common.
  expect(strip?.wires[1]).toBe('1');
  expect(strip?.between.map(({ ohms }) => ohms?.[0]).sort()).toEqual([17, 21.5]);
});

it('three alike are a star, a fan’s taps a chain in their order, open pairs are drawn open', () => {
  expect(words(drawn('km-35'))).toEqual(['star 1-2-3 winding']);
  const [taps] = drawn('km-24');
  // 5 and 2 are the ends of the pedestal fan's: 830 Ω between them.
  expect([taps?.wires[0], taps?.wires.at(-1)].sort()).toEqual(['2', '5']);
  expect(words(drawn('km-18'))).toContain('chain 1-2 open');
  expect(terminalPicture([])).toEqual([]);
});

it('every wire that was measured is drawn once; of three of which two were not measured against each other what was measured', () => {
  for (const each of salvaged) {
    const wires = terminalPicture(lookedAt(each).readings).flatMap((strip) => strip.wires);
    expect(new Set(wires).size, each.id).toBe(wires.length);
  }
  const [strip] = terminalPicture([
    { a: '1', b: '2', ohms: [10, 10] },
    { a: '1', b: '3', ohms: [25, 25] },
  ]);
  expect(strip?.wires).toEqual(['2', '1', '3']);
  expect(strip?.between.map(({ ohms }) => ohms?.[0])).toEqual([10, 25]);
});
