import { readdirSync, readFileSync } from 'node:fs';
import { beforeAll, expect, it } from 'vitest';
import { buildOf, knownMachines } from '../../test/known-machines.js';
import type { Check } from '../checks/check.js';
import { type Kinds, loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { placesOf, withInput } from '../machine/paths.js';
import { evaluateBuild } from './evaluate-build.js';

/**
 * Taken out, these may make a check better, and why that is right: the entry reaches outside its usual range, or it is one of two that contradict each other.
 */
const mayBetter: Readonly<Record<string, string>> = {
  'kindling-splitter belt/belts source/check-bearing': 'two belts are entered, one is usual: they pull twice as hard',
  'bad-06 belt/tension source/check-bearing': 'twenty-five times what is needed is entered; set by thumb it is within half',
  'good-04 belt/drivenMass belt/check-driven-hub': 'heavier than an aluminium pulley of its size is usually',
  'bad-02 source/frequency source/check-runs-up':
    'its speed does not go with the wall’s frequency: check-lag is not known and says to enter the plate’s',
  'bad-11 work/inertia source/check-runs-up': 'heavier than a solid steel round of its diameter as long as it is thick',
  'good-02 work/stops chain/check-driven-hub': 'nothing jams a closed drum: only the angle that was entered said that something does',
  'good-02 work/stops box/check-gears': 'nothing jams a closed drum: only the angle that was entered said that something does',
  'good-11 work/stops cup/check-coupling': 'nothing jams a pump: only the angle that was entered said that something does',
  'ask-09 belt/section belt/check-driver-hub': 'shafts and pulleys contradict each other: without a belt nothing hangs on them',
  'ask-09 belt/section belt/check-driven-hub': 'shafts and pulleys contradict each other: without a belt nothing hangs on them',
  'ask-07 source/power cup/check-driver-hub': 'power, voltage and current contradict each other: without the power it is taken from the others',
  'ask-07 source/power cup/check-driven-hub': 'power, voltage and current contradict each other: without the power it is taken from the others',
  'ask-07 source/power source/check-plate': 'of two that contradict each other one is gone',
  'ask-07 source/current work/check-carries': 'of two that contradict each other one is gone: what is left is believed',
  'ask-07 source/current source/check-runs-up': 'of two that contradict each other one is gone: what is left is believed',
  'ask-07 source/current source/check-plate': 'of two that contradict each other one is gone',
};

let kinds: Kinds;
beforeAll(async () => {
  kinds = await loadKinds();
});

const demos = new URL('../../../../demo/', import.meta.url);
const builds: readonly (readonly [string, () => Build])[] = [
  ...readdirSync(demos).map((file) => [file.replace('.json', ''), () => JSON.parse(readFileSync(new URL(file, demos), 'utf8')) as Build] as const),
  ...knownMachines.map((machine) => [machine.id, () => buildOf(machine)] as const),
];

/** The wall is entered in the brief or with the lead: either is the same to whoever looks for it. */
const alike = (path: string) => path.replace(/^main\/feed\/(voltage|frequency|breaker)$/, 'supply/$1');

/** Whether a check that is not known names a field as what to enter. */
const names = ({ verdict, has, needs, unseen = [] }: Check, path: string): boolean =>
  verdict === 'unknown' &&
  [...unseen, ...(has.known ? [] : has.missing), ...(needs.known ? [] : needs.missing)].some((each) => alike(each) === alike(path));

it.each(builds)('%s: an entry that is taken out never makes a check better, or what takes its place names it', (name, load) => {
  const build = load();
  const before = evaluateBuild(build, kinds).checks;
  const better: string[] = [];
  for (const { path, input } of placesOf(build)) {
    // A wish is no part of the machine.
    if (!input || path.startsWith('wishes/')) continue;
    const after = evaluateBuild(withInput(build, path, undefined), kinds).checks;
    if (after.some((check) => names(check, path))) continue;
    const now = new Map(after.map((check) => [check.id, check.verdict]));
    for (const { id, at, verdict } of before) {
      const is = now.get(id);
      // What is gone may be told of in one line for the whole part.
      if (is === undefined && after.some((check) => check.at === at && check.verdict === 'unknown' && !before.some((old) => old.id === check.id)))
        continue;
      const flatters = verdict === 'fails' ? is !== 'fails' && is !== 'unknown' : verdict !== 'holds' && (is === 'holds' || is === undefined);
      const said = `${name} ${path.replace(/^main\//, '')} ${id.replace(/^main\//, '')}`;
      if (flatters && !(said in mayBetter)) better.push(`${said}: ${verdict} → ${is ?? 'gone'}`);
    }
  }
  expect(better).toEqual([]);
});
