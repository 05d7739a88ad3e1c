import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { layOut } from '../geometry/lay-out.js';
import { loadKinds } from '../kinds/registry.js';
import { evaluateBuild } from '../procedures/evaluate-build.js';
import { canMove, withShaftAt } from './move-shaft.js';
import { withStageAdded } from './reshape.js';

const kinds = await loadKinds();
const outlinesOf = (build: ReturnType<typeof crusher>) => evaluateBuild(build, kinds).lines[0]?.outlines ?? [];
const moved = (build: ReturnType<typeof crusher>, k: number, to: { x: number; y: number }) => {
  const outlines = outlinesOf(build);
  return withShaftAt(build, 'main', k, to, layOut(outlines).shafts);
};
const twoBelts = () =>
  afterTyping(withStageAdded(crusher(), 'main', 1, 'v-belt'), {
    'main/v-belt/driver': '80 mm',
    'main/v-belt/driven': '160 mm',
    'main/v-belt/centres': '300 mm',
    'main/v-belt/section': 'A',
  });

describe('a shaft that is moved', () => {
  it('takes distance and direction with it: 300 across and 400 up is 500 mm at 53.13°', () => {
    const belt = moved(crusher(), 1, { x: 300, y: 400 }).lines[0]?.stages[0];
    expect(belt?.inputs.centres?.text).toBe('500 mm');
    expect(belt?.inputs.angle?.text).toBe('53.13°');
  });

  it('is chosen then, however it was known before', () => {
    const measured = crusher();
    expect(measured.lines[0]?.stages[0]?.inputs.centres?.how).toBe('measured');
    expect(moved(measured, 1, { x: 300, y: 400 }).lines[0]?.stages[0]?.inputs).toMatchObject({
      centres: { how: 'chosen' },
      angle: { how: 'chosen' },
    });
  });

  it('leaves the other shafts where they are', () => {
    const before = layOut(outlinesOf(twoBelts())).shafts;
    const after = layOut(outlinesOf(moved(twoBelts(), 1, { x: 350, y: 120 }))).shafts;
    expect(after[1]?.x).toBeCloseTo(350, 0);
    expect(after[1]?.y).toBeCloseTo(120, 0);
    expect(after[2]?.x).toBeCloseTo(before[2]?.x ?? Number.NaN, 0);
    expect(after[2]?.y).toBeCloseTo(before[2]?.y ?? Number.NaN, 0);
  });

  it('writes no angle where all stays level', () => {
    expect(moved(crusher(), 1, { x: 460, y: 0 }).lines[0]?.stages[0]?.inputs.angle).toBeUndefined();
  });

  it('comes along with what is on one axis with it, and cannot be moved from a gearbox alone', () => {
    const build = afterTyping(withStageAdded(crusher(), 'main', 1, 'gearbox'), { 'main/gearbox/ratio': '5' });
    expect([0, 1, 2].map((k) => canMove(build, 'main', k))).toEqual([true, true, true]);
    expect(moved(build, 1, { x: 0, y: -420 }).lines[0]?.stages[0]?.inputs.angle?.text).toBe('-90°');
  });
});

describe('pulls on one shaft', () => {
  const pullAt = (angles: Record<string, string>) => {
    const line = evaluateBuild(afterTyping(twoBelts(), angles), kinds).lines[0];
    const pulls = ['belt', 'v-belt'].map((id) => line?.figures.get(`main/${id}`)?.get('shaft-pull'));
    const together = line?.stations[1]?.pull;
    const likely = (figure: typeof together) => (figure?.known ? figure.value : Number.NaN);
    return { together: likely(together), a: likely(pulls[0] as never), b: likely(pulls[1] as never) };
  };

  it('are put together when it is entered how the shafts lie', () => {
    const turned = pullAt({ 'main/v-belt/angle': '180°' });
    expect(turned.together).toBeCloseTo(turned.a + turned.b, 6);
    const straight = pullAt({ 'main/v-belt/angle': '0°' });
    expect(straight.together).toBeCloseTo(Math.abs(straight.a - straight.b), 6);
    const square = pullAt({ 'main/v-belt/angle': '90°' });
    expect(square.together).toBeCloseTo(Math.hypot(square.a, square.b), 6);
  });

  it('are the larger of the two while nothing is entered', () => {
    const { together, a, b } = pullAt({});
    expect(together).toBe(Math.max(a, b));
  });
});
