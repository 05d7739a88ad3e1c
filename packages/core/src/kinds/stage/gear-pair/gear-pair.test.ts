import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { told } from '../../../../test/told.js';
import type { Figure } from '../../../figure/figure.js';
import { withStageAdded } from '../../../machine/reshape.js';
import { loadKinds } from '../../registry.js';

const kinds = await loadKinds();
const geared = (typed: Record<string, string>) => {
  const whole = { z1: '18', z2: '54', module: '2 mm', face: '20 mm', material: 'mild', ...typed };
  const build = afterTyping(
    withStageAdded(crusher(), 'main', 1, 'gear-pair'),
    Object.fromEntries(Object.entries(whole).map(([name, text]) => [`main/gear-pair/${name}`, text])),
  );
  const { lines, checks, cautions } = told(build, kinds);
  const value = (name: string) => {
    const figure = lines[0]?.figures.get('main/gear-pair')?.get(name) as Figure | undefined;
    return figure?.known ? figure.value : Number.NaN;
  };
  return { line: lines[0], value, cautions, check: (id: string) => checks.find((each) => each.id === `main/gear-pair/${id}`) };
};

describe('a pair of gears behind the belt', () => {
  // By hand: 423.2 rpm through 18 to 54 is 141.1; circles of 36 and 108 mm touch at 72.
  it('divides the speed by its teeth and touches at its pitch circles', () => {
    const { line, value } = geared({});
    const speed = line?.stations.at(-1)?.flow;
    expect(speed?.known && speed.value).toBeCloseTo(141.1, 1);
    expect(line?.outlines[1]).toMatchObject({ kind: 'gear-pair', driver: 36, driven: 108, centres: 72 });
    expect(value('pull') / value('tooth-force')).toBeCloseTo(1 / Math.cos((20 * Math.PI) / 180), 9);
  });

  // By hand, all level: the belt pulls B back along the line, the teeth push T at 110° to the line forward, so 70° apart: B² + T² + 2 B T cos 70°.
  it('pushes the shaft it shares with a belt across the line of centres', () => {
    const { line, value } = geared({});
    const belt = line?.figures.get('main/belt')?.get('shaft-pull') as Figure | undefined;
    const [B, T] = [belt?.known ? belt.value : Number.NaN, value('pull')];
    const shared = line?.stations[1]?.pull;
    expect(shared?.known && shared.value).toBeCloseTo(Math.sqrt(B ** 2 + T ** 2 + 2 * B * T * Math.cos((70 * Math.PI) / 180)), 6);
    expect(shared?.known && shared.value).toBeGreaterThan(Math.max(B, T));
  });

  it('takes inch gears by their pitch', () => {
    expect(geared({ module: '', pitch: '16', z1: '20', z2: '80' }).value('centres')).toBeCloseTo(79.375, 6);
  });

  // By hand: 8 N·m over 3 and 0.97 is 2.75 at the driving gear: 152.7 N on a foot of 20 · 2 · 0.309, times 1 + 0.798 / 6.1.
  it('bends its teeth by what is needed', () => {
    const { value, check } = geared({});
    expect(value('tooth-stress')).toBeCloseTo((1 + 0.798 / 6.1) * (((8 / 3 / 0.97) * 2000) / 36 / (20 * 2 * 0.309)), 1);
    expect(check('check-teeth-bend')).toMatchObject({ verdict: 'holds', byEstimate: true });
    expect(geared({ material: 'plastic', face: '5 mm' }).check('check-teeth-bend')?.verdict).toBe('fails');
  });

  it('says when teeth are too few, the face too wide, the shafts too close or too far', () => {
    expect(geared({ z1: '13' }).check('check-tooth-count')?.verdict).toBe('fails');
    expect(geared({}).check('check-tooth-count')?.verdict).toBe('holds');
    expect(geared({ face: '40 mm' }).check('check-face')?.verdict).toBe('fails');
    expect(geared({ apart: '71.9 mm' }).check('check-mesh-close')?.verdict).toBe('fails');
    const right = geared({ apart: '72.1 mm' });
    expect([right.check('check-mesh-close')?.verdict, right.check('check-mesh-far')?.verdict]).toEqual(['holds', 'holds']);
    expect(geared({ apart: '72.6 mm' }).check('check-mesh-far')?.verdict).toBe('fails');
  });

  it('warns of the mesh and of turning the other way round', () => {
    expect(geared({}).cautions.join(' ')).toMatch(/draw a finger in.*other way round/);
  });

  it('has no form factor below twelve teeth, and says so instead of guessing', () => {
    expect(geared({ z1: '10' }).check('check-teeth-bend')?.says).toContain('begins at 12 teeth');
  });
});
