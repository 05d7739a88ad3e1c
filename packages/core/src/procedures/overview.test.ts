import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import { phrase, wordingFor } from '../wording/wording.js';
import { evaluateBuild } from './evaluate-build.js';
import { attentionOf, nextSteps } from './overview.js';

const kinds = await loadKinds();
const lookedAt = (build: Build) => {
  const [evaluated] = evaluateBuild(build, kinds).lines;
  if (!evaluated) throw new Error('there is a line');
  const line = lineOf(build, null);
  return { attention: attentionOf(line, evaluated, 2), steps: nextSteps(build, line, evaluated), evaluated };
};

it('tells the worst by name, how many more there are, and what holds with the least left', () => {
  const { attention, evaluated } = lookedAt(afterTyping(crusher(), { 'main/belt/driven': '315 mm' }));
  const bad = evaluated.ledger.filter(({ verdict }) => verdict !== 'holds').length;
  expect(attention.worst).toHaveLength(2);
  expect(phrase(attention.worst[0]?.name as never, wordingFor(crusher()))).toBe('the room to slip the belt on');
  expect(attention.more).toBe(bad - 2);
  expect(attention.holding + bad).toBe(evaluated.ledger.length);
  const lefts = evaluated.ledger.flatMap(({ verdict, margin }) => (verdict === 'holds' && margin ? [margin.worst] : []));
  expect(attention.nearest?.check.margin?.worst).toBe(Math.min(...lefts));
});

it('puts first what the work waits for, with how it is measured and what it settles', () => {
  const { steps } = lookedAt(afterTyping(crusher(), { 'main/work/torque': '' }));
  expect(steps[0]).toMatchObject({ path: 'main/work/torque', label: 'Torque needed' });
  expect(steps[0]?.measure).toContain('spring scale');
  expect(steps[0]?.settles.map((name) => phrase(name, wordingFor(crusher())))).toContain('the strength of the motor');
  expect(lookedAt(crusher()).steps.every(({ settles }) => settles.length > 0)).toBe(true);
});
