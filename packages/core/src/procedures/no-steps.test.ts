import { readdirSync, readFileSync } from 'node:fs';
import { beforeAll, expect, it } from 'vitest';
import { type Kinds, loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { type Place, placesOf, withInput } from '../machine/paths.js';
import { evaluateBuild } from './evaluate-build.js';

/** What steps by its nature, by the field that is swept and the check that follows. */
const steps: readonly { readonly at: RegExp; readonly why: string }[] = [
  { at: /^source\/(speed|frequency) /, why: 'a motor has a whole number of poles' },
  { at: /^supply\/frequency /, why: 'within half a percent a supply has the frequency of the plate: mains are no steadier' },
  {
    at: /^(source|supply)\/voltage /,
    why: 'a single-phase motor on three phases is between two of them, or one and neutral, whichever is nearer its plate',
  },
  {
    at: /^source\/(power|current) (work\/check-(carries|peaks|stalls)|source\/check-(starts|runs-up|circuit))$/,
    why: 'more power than its own amps can drive: then it is anything from what they drive',
  },
  { at: /^work\/(torque|breakaway) source\/check-runs-up$/, why: 'a breakaway torque under half of the torque at work is that of the empty machine' },
  { at: /^work\/(across|width) work\/check-deep$/, why: 'a slot is cut a third as deep as a side (common practice)' },
  { at: /Bore .*-(hub|wear)$/, why: 'a key by the size of its shaft (DIN 6885-1)' },
  { at: / belt\/check-small-pulley$/, why: 'the least diameter of a section, or what salvage practice runs' },
  { at: /^belt\/(driver|driven|centres|belt) belt\/check-(belts|tension)$/, why: 'length and ratio factors are tabled by steps (Shigley, ch. 17)' },
  { at: /^belt\/driver /, why: 'the groove’s angle by diameter (ISO 4183)' },
  { at: /^belt\/(belt|driven|driver|centres) belt\/check-(reach|room-in|room-out)$/, why: 'a belt too short for the pulleys has no centres' },
  { at: /^@(shafts|forces)\/\S*(length|at) (?!@shafts)/, why: 'a shaft that ends before what is on it is none: the usual length is taken' },
  { at: /^@shafts\/\S*at @shafts\/\S*check-cracks$/, why: 'on one side of a wheel a shaft has its torque, on the other none' },
  { at: /^roller-chain\/links roller-chain\/check-(chain|pull)$/, why: 'a chain too short for the sprockets has no centres' },
];

let kinds: Kinds;
beforeAll(async () => {
  kinds = await loadKinds();
});

const demos = new URL('../../../../demo/', import.meta.url);
/** From half to twice, on a logarithm: every fifth of 200 points, and those between them where something may step. */
const points = 200;
const stride = 5;
const placeOf = (k: number) => -1 + (2 * k) / points;

type Margins = ReadonlyMap<string, number>;

/** Margins with one field at a multiple of what was entered. */
function marginsWith(build: Build, { path, input }: Place, t: number): Margins {
  const { low: _low, high: _high, value = 0, ...rest } = input ?? { text: '', how: 'measured' as const };
  const { checks } = evaluateBuild(withInput(build, path, { ...rest, value: value * 2 ** t }), kinds);
  return new Map(checks.flatMap(({ id, margin }) => (margin ? [[id, margin.worst] as const] : [])));
}

/** Nobody sees a smaller one. */
const least = 0.002;

/** Halves the way between two neighbours again and again towards where it changes most: a slope becomes less, a step stays. */
function isStep(at: (t: number) => number | undefined, from: number, to: number): boolean {
  let [lo, hi, a, b] = [from, to, at(from), at(to)];
  if (a === undefined || b === undefined) return false;
  const whole = Math.abs(b - a);
  if (whole <= least) return false;
  // What has become a tenth of it is a slope.
  for (let k = 0; k < 8 && Math.abs(b - a) > 0.1 * whole; k++) {
    const middle = (lo + hi) / 2;
    const m = at(middle);
    // A check that comes or goes in between is another question than how much is left.
    if (m === undefined) return false;
    if (Math.abs(m - a) > Math.abs(b - m)) [hi, b] = [middle, m];
    else [lo, a] = [middle, m];
  }
  return Math.abs(b - a) > 0.4 * whole;
}

const median = (all: readonly number[]): number => all.toSorted((a, b) => a - b)[all.length >> 1] ?? 0;
/** Two neighbours, and by how much a margin differs between them. */
interface Change {
  readonly from: number;
  readonly to: number;
  readonly by: number;
}

/** Of points that follow one another. */
const changesOf = (at: (k: number) => number | undefined, among: readonly number[]): Change[] =>
  among.slice(1).flatMap((to, k) => {
    const from = among[k] as number;
    const [before, after] = [at(from), at(to)];
    return before === undefined || after === undefined ? [] : [{ from, to, by: Math.abs(after - before) }];
  });

/** Where a margin may step: it changes by more than both neighbours let expect, by as much as it mostly does in a fifth of that way. */
function suspects(changes: readonly Change[], usual: number): Change[] {
  return changes.filter(({ by }, k) => {
    const beside = Math.min(changes[k - 1]?.by ?? Number.POSITIVE_INFINITY, changes[k + 1]?.by ?? Number.POSITIVE_INFINITY);
    return by - (Number.isFinite(beside) ? beside : 0) > usual + 1e-6;
  });
}

/** The place of the largest of the steps of a check, if it has any. @param at what is left of it, by its place along the sweep */
function stepOf(at: (k: number) => number | undefined): Change | undefined {
  const coarse = changesOf(
    at,
    Array.from({ length: points / stride + 1 }, (_, k) => k * stride),
  );
  const usual = median(coarse.map(({ by }) => by)) / stride;
  return suspects(coarse, usual)
    .flatMap(({ from }) =>
      changesOf(
        at,
        Array.from({ length: stride + 1 }, (_, k) => from + k),
      ),
    )
    .filter(({ by }) => by > 5 * usual + 1e-6)
    .sort((a, b) => b.by - a.by)
    .find(({ from, to }) => isStep(at, from, to));
}

/** In parts, so that none takes half a minute. */
const mostParts = 5;
const parts = readdirSync(demos).flatMap((file) => Array.from({ length: mostParts }, (_, part) => [file, part] as const));

it.each(parts)('%s, part %i: from half to twice of every entry no margin steps, but where the trade does', (file, part) => {
  const build = JSON.parse(readFileSync(new URL(file, demos), 'utf8')) as Build;
  const found: string[] = [];
  const entered = placesOf(build).filter(({ field, input, path }) => field.is === 'quantity' && input?.value && !path.startsWith('wishes/'));
  for (const place of entered.filter((_, k) => k % mostParts === part)) {
    const swept = new Map<number, Margins>();
    const at = (k: number) => {
      const margins = swept.get(k) ?? marginsWith(build, place, placeOf(k));
      swept.set(k, margins);
      return margins;
    };
    for (const id of at(0).keys()) {
      const called = `${place.path.replace(/^main\//, '')} ${id.replace(/^main\//, '')}`;
      if (steps.some((each) => each.at.test(called))) continue;
      const step = stepOf((k) => at(k).get(id));
      if (step) found.push(`${called} near ${(2 ** placeOf(step.from)).toFixed(3)} times`);
    }
  }
  expect(found).toEqual([]);
});
