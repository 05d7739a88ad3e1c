import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import type { Known } from '../../../figure/figure.js';
import { lowEnd } from '../../../figure/figure.js';
import { evaluateBuild } from '../../../procedures/evaluate-build.js';
import { sayAll, wordingFor } from '../../../wording/wording.js';
import { loadKinds } from '../../registry.js';

const kinds = await loadKinds();
const read = (working: string, idling: string) => {
  const build = crusher();
  const [line] = build.lines as [(typeof build.lines)[number]];
  const measured = { ...build, lines: [{ ...line, work: { kind: 'measured', v: 1, inputs: {} } }] };
  const typed = afterTyping(measured, { 'main/work/working': working, 'main/work/idling': idling, 'main/work/speed': '420 rpm' });
  const evaluation = evaluateBuild(typed, kinds);
  return { evaluation, says: sayAll(evaluation.says, wordingFor(typed)), steady: evaluation.lines[0]?.figures.get('main/work')?.get('torque') };
};

describe('work by the watts of what already does it', () => {
  // Common practice, no source: nothing draws less at work than idling; two readings that say so are the wrong way round, or of two machines.
  it('is not known where it draws no more at work than idling: no motor is strong enough for that', () => {
    const { evaluation, says, steady } = read('150 W', '420 W');
    expect(steady?.known).toBe(false);
    expect(evaluation.verdict).not.toBe('holds');
    expect(says).toContain('it draws no more at work (150 W) than idling (420 W): are the two readings the wrong way round?');
  });

  it('takes no less than nothing where the two readings are only as sure as they are near each other', () => {
    const { steady } = read('150 to 250 W', '160 to 180 W');
    expect((steady as Known).value).toBeGreaterThan(0);
    expect(lowEnd(steady as Known)).toBe(0);
  });
});
