import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import type { Check } from '../../../checks/check.js';
import type { Known } from '../../../figure/figure.js';
import { evaluateBuild } from '../../../procedures/evaluate-build.js';
import { loadKinds } from '../../registry.js';

const kinds = await loadKinds(crusher());

/** What the motor's bearing takes by its shaft: least, likely and most. */
function takes(shaft: string): readonly number[] {
  const evaluation = evaluateBuild(afterTyping(crusher(), { 'main/source/shaft': shaft }), kinds);
  const { low, value, high } = (evaluation.checks.find(({ id }) => id === 'main/source/check-bearing') as Check).has as Known;
  return [low ?? value, value, high ?? value];
}

// Common practice, no source: about 420 N on a shaft of 14 mm, 650 N on 19 mm, each a third less to a quarter more.
it('a shaft that is only guessed at supports from the least of the thinner to the most of the thicker', () => {
  const [thin, thick, either] = [takes('14 mm'), takes('19 mm'), takes('14 to 19 mm')];
  expect(thin[1] as number).toBeLessThan(thick[0] as number);
  expect(either[0]).toBe(thin[0]);
  expect(either[2]).toBe(thick[2]);
});
