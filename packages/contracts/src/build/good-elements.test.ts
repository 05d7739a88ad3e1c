import { readFileSync } from 'node:fs';
import type { Build } from '@hobrek/core';
import { expect, it } from 'vitest';
import { GoodElements } from './good-elements.js';

const demo = JSON.parse(readFileSync(new URL('../../../../demo/apple-crusher.json', import.meta.url), 'utf8')) as Build;
/** The demo with so many letters in the note of its work. */
const noted = (letters: number, k: number): Build => ({
  ...demo,
  lines: demo.lines.map((line) => ({
    ...line,
    work: { ...line.work, inputs: { ...line.work.inputs, torque: { text: '8 N·m', how: 'measured' as const, note: `${k} ${'x'.repeat(letters)}` } } },
  })),
});

it('what was judged good is not judged again, and is kept by size: two hundred large saves leave next to nothing', () => {
  const good = new GoodElements();
  good.without(demo).passed();
  const again = good.without(demo).left as Build;
  expect(again.lines[0]?.work.inputs).toEqual({});
  for (let k = 0; k < 200; k++) good.without(noted(500_000, k)).passed();
  expect(good.held).toBeLessThan(100_000);
  for (let k = 0; k < 200; k++) good.without(noted(50_000, k)).passed();
  expect(good.held).toBeLessThanOrEqual(4_000_000);
  expect((good.without(noted(50_000, 199)).left as Build).lines[0]?.work.inputs).toEqual({});
});
