import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { withStageAdded } from '../machine/reshape.js';
import { compareBuilds } from './compare-builds.js';
import { evaluateBuild, type WorkedOut } from './evaluate-build.js';

const kinds = await loadKinds();
const compared = (...builds: [Build, Build]) => {
  const [a, b] = builds.map((build) => ({ build, evaluation: evaluateBuild(build, kinds) })) as [WorkedOut, WorkedOut];
  return compareBuilds(a, b);
};

it('finds nothing between a build and itself, whatever it is called', () => {
  const { entered, places, shape, figures, checks } = compared(crusher(), { ...crusher(), name: 'Other' });
  expect([entered, places, shape, figures, checks]).toEqual([[], [], [], [], []]);
});

it('names what was entered otherwise, and only the figures and checks that change because of it', () => {
  const half = compared(crusher(), afterTyping(crusher(), { 'main/source/power': '1/2 hp' }));
  expect(half.entered).toEqual(['Plate power 0.55 kW → 1/2 hp']);
  expect([half.places, half.shape]).toEqual([['main/source/power'], []]);
  expect(half.figures.map(({ what }) => what)).toEqual([
    'motor: shaft power',
    'motor: starting torque',
    'motor: breakdown torque',
    'motor: speed under the load',
    'motor: run-up time',
    'motor shaft: speed',
    'motor shaft: power',
    'motor shaft: torque at full load',
    'motor shaft: power at full load',
    'roll: speed',
    'roll: power',
    'roll: torque at full load',
    'roll: power at full load',
    'roll: jam torque at the tool',
    'roll: time it may go on',
  ]);
  expect(half.figures.find(({ what }) => what === 'motor shaft: torque at full load')).toEqual({
    what: 'motor shaft: torque at full load',
    a: '3.69 N·m',
    b: '2.50 N·m',
  });
  const carries = half.checks.find(({ id }) => id === 'main/work/check-carries');
  expect([carries?.a?.verdict, carries?.b?.verdict]).toEqual(['holds', 'fails']);
  expect(half.checks.some(({ id }) => id === 'main/belt/check-wrap')).toBe(false);
});

it('lays a machine with a stage more beside the one without', () => {
  const more = compared(crusher(), withStageAdded(crusher(), 'main', 1, 'coupling'));
  expect(more.places).toEqual([]);
  expect(more.entered.join()).toContain('coupling added');
  // What the coupling alone has is told once, by its name.
  expect(more.onlyIn).toEqual({ a: [], b: ['coupling'] });
  expect(more.checks.some(({ id }) => id.startsWith('main/coupling/'))).toBe(false);
  expect(more.figures.every(({ a, b }) => a !== '' && b !== '')).toBe(true);
});

it('says which is better and in what, and where what is not known could turn it', () => {
  const better = (entries: Record<string, string>) => compared(crusher(), { ...afterTyping(crusher(), entries), name: 'Variant' }).better;
  expect(better({ 'main/source/power': '1/4 hp' })).toMatch(
    /^“Apple crusher” is better: nothing fails in it; in “Variant” this fails: the strength of the motor/,
  );
  const coupled = { ...withStageAdded(crusher(), 'main', 1, 'coupling'), name: 'Variant' };
  expect(compared(crusher(), coupled).better).toMatch(
    /^Which is better is not known yet: \d+ checks of “Variant” wait for an entry, none of “Apple crusher”\.$/,
  );
  expect(better({})).toBe('Neither is better: as many checks hold, are close and fail in the one as in the other.');
  // 8 N·m at 430 rpm is what it needs; a tenth less leaves more of the same motor.
  expect(better({ 'main/work/torque': '7.5 N·m' })).toMatch(/^“Variant” is better/);
});

it('has the checks whose verdict is another first', () => {
  const { checks } = compared(crusher(), afterTyping(crusher(), { 'main/source/power': '1/2 hp' }));
  const turned = checks.map(({ a, b }) => a?.verdict !== b?.verdict);
  expect(turned).toEqual([...turned].sort((one, other) => Number(other) - Number(one)));
  expect(turned[0]).toBe(true);
});
