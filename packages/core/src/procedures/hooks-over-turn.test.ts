import { expect, it } from 'vitest';
import { afterTyping } from '../../test/crusher.js';
import { loadKinds } from '../kinds/registry.js';
import { beginSizing, sizedBuild } from '../machine/sizing.js';
import { type EvaluatedLine, evaluateBuild } from './evaluate-build.js';
import { hooksOverTurn } from './hooks-over-turn.js';

const build = sizedBuild(afterTyping(beginSizing('shredder'), { 'main/work/material': 'hdpe' }));
const line = evaluateBuild(build, await loadKinds(build)).lines[0] as EvaluatedLine;

// By hand: acos(1 − 20/130) is 32.2°; two hooks of a blade are 180° apart, in line all fourteen cut from 0 to 32.2° and from 180 to 212.2°.
it('in line all blades cut together, twice a turn, and nothing in between', () => {
  const over = hooksOverTurn(line, { blades: 14, hooks: 2, order: '1' });
  expect(over?.steps.map(({ from_deg, hooks }) => [Math.round(from_deg), hooks])).toEqual([
    [0, 14],
    [32, 0],
    [180, 14],
    [212, 0],
  ]);
  expect(over?.places).toEqual(Array.from({ length: 14 }, () => 1));
  expect(over?.most).toBe(14);
});

it('staggered two or three cut at any moment, and the mean is the same', () => {
  const [even, inLine] = [hooksOverTurn(line, { blades: 14, hooks: 2, order: '' }), hooksOverTurn(line, { blades: 14, hooks: 2, order: '1' })];
  expect(new Set(even?.steps.map(({ hooks }) => hooks))).toEqual(new Set([2, 3]));
  expect(even?.mean).toBeCloseTo(inLine?.mean ?? 0, 9);
  // A second way: over the turn, each step by how long it is.
  const mean = even?.steps.reduce((sum, { from_deg, hooks }, k, all) => sum + (hooks * ((all[k + 1]?.from_deg ?? 360) - from_deg)) / 360, 0);
  expect(mean).toBeCloseTo(even?.mean ?? 0, 3);
  // 22 MPa by 2 mm by both sides of 10 mm, a third more: 1162 N at 60 mm.
  expect(even?.ofHook_Nm).toBeCloseTo((22 * 2 * 2 * 10 * 1.32 * 0.06) as number, 6);
});

it('has nothing to draw while it is not known what a hook cuts over', () => {
  expect(hooksOverTurn(line, { blades: 0, hooks: 2, order: '' })).toBeNull();
});
