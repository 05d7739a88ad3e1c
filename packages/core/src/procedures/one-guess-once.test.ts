import { readdirSync, readFileSync } from 'node:fs';
import { beforeAll, expect, it } from 'vitest';
import { afterTyping } from '../../test/crusher.js';
import { buildOf, knownMachines } from '../../test/known-machines.js';
import { type Kinds, loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { placesOf, withInput } from '../machine/paths.js';
import { evaluateBuild } from './evaluate-build.js';

let kinds: Kinds;
beforeAll(async () => {
  kinds = await loadKinds();
});

const worstOf = (build: Build) =>
  new Map(evaluateBuild(build, kinds).checks.flatMap(({ id, margin }) => (margin ? [[id, margin.worst] as const] : [])));

const demos = new URL('../../../../demo/', import.meta.url);
const builds: readonly (readonly [string, () => Build])[] = [
  ...readdirSync(demos).map((file) => [file, () => JSON.parse(readFileSync(new URL(file, demos), 'utf8')) as Build] as const),
  ...knownMachines.map((machine) => [machine.id, () => buildOf(machine)] as const),
];
/** Machines whose belt is set by thumb. */
const byThumb = new Set(['clock-plate-mill.json', 'ask-03']);
const values = 25;
const classOf = (worst: number) => (worst < 0 ? 'short' : worst < 0.2 ? 'close' : 'enough');

it.each(builds)('%s: what a stage passes is not counted at both ends', (name, load) => {
  const build = load();
  const twice: string[] = [];
  for (const { path } of placesOf(build)) {
    if (!/^main\/(?!work|source|feed)[^/]+\/efficiency$/.test(path)) continue;
    const [low, high] = [0.72, 0.88];
    const at = (value: number, ends = {}) => worstOf(withInput(build, path, { text: '', value, how: 'measured', ...ends }));
    const ranged = at(0.8, { low, high });
    const found = new Map<string, number>();
    for (let k = 0; k < values; k++) {
      for (const [id, worst] of at(low + ((high - low) * k) / (values - 1))) found.set(id, Math.min(found.get(id) ?? 1, worst));
    }
    for (const [id, worst] of found) {
      // A check of how it runs up comes and goes with what is not known of it.
      const left = ranged.get(id) ?? worst;
      // What is short or enough by far is judged without putting together what belongs together: set by thumb, the tension rests on what the work needs.
      // The pull of a chain has its loss in it, and with it what its shaft withstands: a hundredth.
      const isDecided = classOf(left) === classOf(worst) && classOf(worst) !== 'close';
      if (Math.abs(left - worst) > 0.01 * Math.max(1, Math.abs(worst)) && !(isDecided && (byThumb.has(name) || id.endsWith('/check-bends'))))
        twice.push(`${path} ${id}: ${worst} by a value, ${ranged.get(id)} by the range`);
    }
  }
  expect(twice).toEqual([]);
});

/** Where a value within the range is another case than the likely one, by field and check: no range says so. */
const cases: readonly { readonly at: RegExp; readonly why: string }[] = [
  { at: /(source|supply)\/frequency /, why: 'mains have 50 or 60 Hz: which of them decides the poles' },
  { at: /source\/speed .*check-(speed|rim|runs-up)$/, why: 'a motor has a whole number of poles, by the likely speed on its plate' },
  {
    at: /source\/speed .*check-gears$/,
    why: 'a slower motor stalls at more and spins with less: in a jam the two are not put together, a hundredth',
  },
  { at: /Bore .*-hub$/, why: 'a key by the size of its shaft (DIN 6885-1)' },
];
const band = 0.05;
const few = 4;

it.each(builds)('%s: an entry that is only known to a twentieth is judged as the worst of its values', (_, load) => {
  const build = load();
  const otherwise: string[] = [];
  for (const { path, field, input } of placesOf(build)) {
    const likely = input?.value ?? (field.is === 'quantity' ? field.usual?.value : undefined);
    if (field.is !== 'quantity' || path.startsWith('wishes') || likely === undefined || likely <= 0) continue;
    const [low, high] = [likely * (1 - band), Math.min(likely * (1 + band), path.endsWith('efficiency') ? 1 : Number.POSITIVE_INFINITY)];
    const at = (value: number, ends = {}) => worstOf(withInput(build, path, { text: '', value, how: 'measured', ...ends }));
    const among = (many: number) => Array.from({ length: many + 1 }, (_, k) => at(low + ((high - low) * k) / many));
    const worstAmong = (id: string, all: readonly ReadonlyMap<string, number>[]) => {
      const found = all.map((each) => each.get(id));
      return found.some((worst) => worst === undefined) ? undefined : Math.min(...(found as number[]));
    };
    const sparse = among(few);
    for (const [id, ranged] of at((low + high) / 2, { low, high })) {
      const called = `${path} ${id}`;
      // A check that some values do not have is another question.
      const worst = worstAmong(id, sparse);
      if (worst === undefined || classOf(worst) === classOf(ranged) || cases.some((each) => each.at.test(called))) continue;
      const all = worstAmong(id, among(values));
      if (all !== undefined && classOf(all) !== classOf(ranged)) otherwise.push(`${called}: ${all} by its values, ${ranged} by the range`);
    }
  }
  expect(otherwise).toEqual([]);
});

it('a driving pulley that is only guessed moves what a belt transmits and what it needs alike: it slips no sooner than with the worst of its values', () => {
  const build = builds.find(([name]) => name.startsWith('apple'))?.[1]() as Build;
  const at = (value: number, ends = {}) => worstOf(withInput(build, 'main/belt/driver', { text: '', value, how: 'measured', ...ends }));
  const worst = Math.min(...Array.from({ length: values }, (_, k) => at(70 + (10 * k) / (values - 1)).get('main/belt/check-slip') ?? 1));
  const ranged = at(75, { low: 70, high: 80 }).get('main/belt/check-slip') ?? 1;
  expect(ranged).toBeLessThanOrEqual(worst + 1e-9);
  expect(ranged).toBeGreaterThan(worst - 0.02);
});

it('a worm’s rating is at its output, as its load is: what it passes is nothing to it', () => {
  const press = knownMachines.find(({ id }) => id === 'ask-10');
  if (!press) throw new Error('ask-10 is gone');
  const left = (entries: Record<string, string>) => worstOf(afterTyping(buildOf(press), entries)).get('main/box/check-rating');
  // By hand: 250 N·m with light shock, 1.5 at the most, is 166.7; 110 are needed: 34 % are left.
  expect(left({ 'main/box/gears': 'worm' })).toBeCloseTo(1 - 110 / (250 / 1.5), 6);
  for (const efficiency of ['35 %', '50 %', '62 %']) expect(left({ 'main/box/efficiency': efficiency })).toBe(left({ 'main/box/gears': 'worm' }));
});
