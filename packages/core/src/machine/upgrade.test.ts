import { expect, it } from 'vitest';
import { crusher } from '../../test/crusher.js';
import type { KindHead } from '../kinds/kind.js';
import { kindHead } from '../kinds/registry.js';
import type { Inputs } from './build.js';
import { upgradeBuild } from './upgrade.js';

/** The V-belt as it may be two versions on from where it is: a field renamed, then another given. */
const later = (role: KindHead['role'], kind: string): KindHead | undefined => {
  const head = kindHead(role, kind);
  if (!head || kind !== 'v-belt') return head;
  const renamed = ({ driver, ...others }: Inputs): Inputs => ({ ...others, ...(driver ? { motorPulley: driver } : {}) });
  const given = (inputs: Inputs): Inputs => ({ ...inputs, belts: { text: '1', value: 1, unit: '1', how: 'default' } });
  return { ...head, v: 5, upgrade: { ...head.upgrade, 3: renamed, 4: given } };
};

const belt = (build: object) => (build as ReturnType<typeof crusher>).lines[0]?.stages[0];

it('takes an old element through every step, and leaves the rest as the same objects', () => {
  const before = crusher();
  const { build, tooNew } = upgradeBuild(before, later);
  expect(tooNew).toEqual([]);
  expect(belt(build)).toMatchObject({ id: 'belt', v: 5, inputs: { motorPulley: { text: '75 mm' }, belts: { value: 1 } } });
  expect(belt(build)?.inputs).not.toHaveProperty('driver');
  expect((build as typeof before).lines[0]?.source).toBe(before.lines[0]?.source);
});

it('is the same object when nothing is old', () => {
  const build = crusher();
  expect(upgradeBuild(build).build).toBe(build);
});

it('names what was written by a newer version', () => {
  const build = JSON.parse(JSON.stringify(crusher()).replace('"kind":"v-belt","v":3', '"kind":"v-belt","v":9'));
  expect(upgradeBuild(build).tooNew).toMatchObject([
    { path: 'lines.0.stages.0', says: expect.stringContaining('version 9 of it; here 3 is the newest') },
  ]);
});

it.each([{}, { lines: null }, { lines: [null, 7, { stages: null }, { stages: [null, 3], source: 'x', work: [] }] }])(
  'leaves %j for the contract to refuse',
  (raw) => {
    expect(upgradeBuild(raw)).toEqual({ build: raw, tooNew: [], notices: [] });
  },
);
