import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import type { Check } from '../checks/check.js';
import { worstVerdict } from '../checks/verdict.js';
import { kindHeads, loadKinds } from '../kinds/registry.js';
import { enter } from '../machine/enter.js';
import { isOpen } from '../machine/open.js';
import { withStageAdded } from '../machine/reshape.js';
import { evaluateBuild } from './evaluate-build.js';
import { fitsHere, ratioNeeded } from './fits-here.js';

const kinds = await loadKinds();
const tried = (build = crusher()) => fitsHere(build, kinds, 'main', 1, evaluateBuild(build, kinds));

/** A place that is left open is nothing to be put in. */
const chosen = kindHeads('stage').filter((head) => !isOpen(head));

describe('what could go here', () => {
  it('tries every kind of stage and says what each would change', () => {
    const fits = tried();
    expect(fits.map(({ kind }) => kind)).toEqual(chosen.map(({ kind }) => kind));
    // 18 to 36 teeth are two to one: 423.2 / 2 = 211.6.
    expect(fits.find(({ kind }) => kind === 'roller-chain')?.says).toContain('speed 423 rpm → 212 rpm');
    expect(fits.find(({ kind }) => kind === 'coupling')?.says).not.toContain('speed');
  });

  it('says the same as putting it in does, and how much of it is not known yet', () => {
    const unknown = (checks: readonly Check[]) => checks.filter(({ verdict }) => verdict === 'unknown').length;
    for (const { kind, begins, verdict, says } of tried()) {
      const { checks } = evaluateBuild(withStageAdded(crusher(), 'main', 1, kind, begins), kinds);
      expect(worstVerdict(checks.filter((check) => check.verdict !== 'unknown'))).toBe(verdict);
      if (unknown(checks) > 0) expect(says).toContain(`${unknown(checks)} more not known yet`);
    }
  });

  it('goes for the speed that is wished of the tool', () => {
    const slow = afterTyping(crusher(), { 'wishes/leastSpeed': '90 rpm', 'wishes/mostSpeed': '110 rpm' });
    expect(ratioNeeded(slow, 'main', evaluateBuild(slow, kinds))).toBeCloseTo(423.2 / Math.sqrt(90 * 110), 1);
    const speed = evaluateBuild(
      withStageAdded(slow, 'main', 1, 'gearbox', tried(slow).find(({ kind }) => kind === 'gearbox')?.begins),
      kinds,
    ).lines[0]?.stations.at(-1)?.flow;
    expect(speed?.known && speed.value > 90 && speed.value < 110).toBe(true);
    const met = afterTyping(crusher(), { 'wishes/leastSpeed': '400 rpm' });
    expect(ratioNeeded(met, 'main', evaluateBuild(met, kinds))).toBe(2);
  });
});

describe.each(chosen)('a $kind begins', ({ fields, begins }) => {
  it.each([0.2, 0.5, 1, 2, 3.7, 12, 40])('with entries that read, for a ratio of %s', (ratio) => {
    for (const [name, text] of Object.entries(begins?.(ratio) ?? {})) {
      const field = fields[name];
      if (!field) throw new Error(`no field ${name}`);
      expect(enter(field, text, undefined).input).not.toHaveProperty('draft');
    }
  });

  it('as guesses', () => {
    const [, stage] = withStageAdded(crusher(), 'main', 1, 'v-belt', { driver: '80 mm', driven: '160 mm' }).lines[0]?.stages ?? [];
    expect(stage?.inputs.driver).toMatchObject({ value: 80, how: 'guessed' });
  });
});
