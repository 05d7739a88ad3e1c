import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import type { Kind, StageKind } from '../kinds/kind.js';
import { kindKey, loadKinds } from '../kinds/registry.js';
import { withStageAdded } from '../machine/reshape.js';
import { evaluateBuild } from './evaluate-build.js';

const loaded = await loadKinds();

/** The same kinds, of which each counts how often a stage is worked out apart from its load. */
function counted() {
  const count = { ready: 0 };
  const kinds = new Map(
    [...loaded].map(([key, kind]): [string, Kind] => {
      if (kind.role !== 'stage') return [key, kind];
      const { ready } = kind as StageKind;
      return [
        key,
        {
          ...(kind as StageKind),
          ready: (inputs, context) => {
            count.ready++;
            return ready(inputs, context);
          },
        } as StageKind,
      ];
    }),
  );
  return { kinds, count };
}

it('a stage that nobody touched is not worked out again apart from its load, and its figures are there all the same', () => {
  const { kinds, count } = counted();
  expect(kinds.has(kindKey('stage', 'v-belt'))).toBe(true);
  const build = withStageAdded(crusher(), 'main', 1, 'roller-chain', { z1: '11', z2: '33', chain: '40' });
  const before = evaluateBuild(build, kinds);
  expect(count.ready).toBe(2);
  const heavier = evaluateBuild(afterTyping(build, { 'main/work/torque': '9 N m', 'main/source/power': '0.75 kW' }), kinds);
  expect(count.ready).toBe(2);
  const own = ({ lines }: typeof before) => lines[0]?.figures.get('main/belt');
  expect(own(heavier)?.get('ratio')).toBe(own(before)?.get('ratio'));
  expect(own(heavier)?.get('design-power')).not.toEqual(own(before)?.get('design-power'));
  expect([...(own(heavier)?.keys() ?? [])].sort()).toEqual([...(own(before)?.keys() ?? [])].sort());
  evaluateBuild(afterTyping(build, { 'main/belt/driven': '280 mm' }), kinds);
  expect(count.ready).toBe(3);
});
