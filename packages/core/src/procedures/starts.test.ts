import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import type { Known } from '../figure/figure.js';
import { loadKinds } from '../kinds/registry.js';
import { chartRunUp, type RunUp } from './chart-run-up.js';
import { evaluateBuild } from './evaluate-build.js';
import type { WalkedLine } from './walked.js';

const kinds = await loadKinds(crusher());

/** The load at the motor's shaft, and what it is made of. */
function loaded(fields: Readonly<Record<string, string>>) {
  const build = afterTyping(crusher(), fields);
  const line = evaluateBuild(build, kinds).lines[0] as WalkedLine;
  const breakaway = line.figures.get('main/source')?.get('breakaway-at-motor') as Known;
  const { load_Nm, speeds_rpm } = chartRunUp(build, kinds, 'main') as RunUp;
  const top = speeds_rpm.at(-1) as number;
  // The chart has 160 steps: each share that is looked at is one of them.
  const load = (share: number) => load_Nm[speeds_rpm.findIndex((speed) => Math.abs(speed - share * top) < 1e-6)];
  return { load, breakaway: breakaway.value };
}

// docs/decisions/0009: the torque that breaks it away is eased to the steady one within a twentieth of full speed.
it('the load at rest is the breakaway torque, and the steady one from a twentieth of full speed on', () => {
  const { load, breakaway } = loaded({ 'main/work/breakaway': '20 N·m' });
  // By hand: 8 N·m over 3.3333 and 0.96 is 2.5 N·m at the motor, 20 N·m two and a half times as much.
  expect(breakaway).toBeCloseTo(6.25, 2);
  expect(load(0)).toBeCloseTo(6.25, 2);
  expect(load(0.025)).toBeCloseTo((6.25 + 2.5) / 2, 2);
  for (const share of [0.05, 0.25, 0.5, 1]) expect(load(share)).toBeCloseTo(2.5, 2);
});
