import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { buildOf, knownMachines } from '../../test/known-machines.js';
import { randomLines } from '../../test/random-lines.js';
import type { Kind, SourceKind } from '../kinds/kind.js';
import { type Kinds, loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { say, type Wording } from '../wording/wording.js';
import { evaluateBuild } from './evaluate-build.js';

const loaded = await loadKinds();

const metric: Wording = { units: 'metric', label: (path) => path };

/** The same kinds, of which each counts how often a source is worked out. */
function counted(): { readonly kinds: Kinds; readonly count: { output: number } } {
  const count = { output: 0 };
  const kinds = [...loaded].map(([key, kind]): [string, Kind] => {
    if (kind.role !== 'source') return [key, kind];
    const { output } = kind as SourceKind;
    const counting: SourceKind = {
      ...(kind as SourceKind),
      output: (...of) => {
        count.output++;
        return output(...of);
      },
    };
    return [key, counting];
  });
  return { kinds: new Map(kinds), count };
}

const figuresOf = (build: Build, kinds: Kinds, path: string) => [...(evaluateBuild(build, kinds).lines[0]?.figures.get(path) ?? [])];

describe('a source that nobody touched', () => {
  it('is not worked out again on the same feed, and its figures are there all the same', () => {
    const { kinds, count } = counted();
    const build = crusher();
    const before = figuresOf(build, kinds, 'main/source');
    expect(count.output).toBe(1);
    const heavier = figuresOf(afterTyping(build, { 'main/work/torque': '9 N m' }), kinds, 'main/source');
    expect(count.output).toBe(1);
    expect(heavier.map(([name]) => name)).toEqual(before.map(([name]) => name));
    expect(heavier.length).toBeGreaterThan(10);
  });

  it('is worked out anew for what is entered of it, of its feed and of the supply', () => {
    const { kinds, count } = counted();
    const build = crusher();
    evaluateBuild(build, kinds);
    for (const [path, text] of [
      ['main/source/power', '0.75 kW'],
      ['main/feed/length', '40 m'],
      ['supply/voltage', '240 V'],
      ['supply/breaker', '10 A'],
    ] as const) {
      const then = count.output;
      evaluateBuild(afterTyping(build, { [path]: text }), kinds);
      expect(count.output, path).toBe(then + 1);
    }
  });

  it('is worked out anew where another kind of it has the same entries', () => {
    const { kinds, count } = counted();
    evaluateBuild(crusher(), loaded);
    evaluateBuild(crusher(), kinds);
    expect(count.output).toBe(1);
  });

  // For a short time it runs more than its plate says: how much hangs on the work, and is noted while the source itself is kept.
  it('has the figures that hang on the work as they are now', () => {
    const build = afterTyping(crusher(), {
      'main/source/duty': 'S2',
      'main/source/onTime': '10 min',
      'main/work/lasts': '20 min',
    });
    const longer = afterTyping(build, { 'main/work/lasts': '60 min' });
    const own = (of: Build) => new Map(figuresOf(of, loaded, 'main/source')).get('for-its-duty');
    const [one, other] = [own(build), own(longer)];
    expect([one?.known, other?.known]).toEqual([true, true]);
    expect(one?.known && other?.known && one.value > other.value).toBe(true);
    expect(own(build)).toEqual(one);
  });
});

/** After an evaluation of the same sources that drove something else. */
it('has the same figures and is judged the same, kept or worked out anew', () => {
  const builds = [...knownMachines.map(buildOf), ...randomBuilds(7, 60)];
  expect(new Set(builds.map(({ lines }) => lines[0]?.source.kind)).size).toBeGreaterThan(8);
  for (const build of builds) {
    const anew = evaluateBuild(structuredClone(build), loaded);
    evaluateBuild(afterTyping(build, { 'wishes/mostSpeed': '100 rpm' }), loaded);
    const kept = evaluateBuild({ ...build, name: 'Again' }, loaded);
    const brief = ({ checks, lines }: typeof kept) => ({
      checks: checks.map(({ id, verdict, margin, says }) => ({ id, verdict, margin, says: say(says, metric) })),
      figures: [...(lines[0]?.figures ?? [])].map(([path, figures]) => [
        path,
        [...figures].map(([name, figure]) => [name, figure.known && [figure.value, figure.low, figure.high]]),
      ]),
    });
    expect(brief(kept)).toEqual(brief(anew));
  }
});

/** The crusher’s build with lines of every kind and anything in their fields. */
function randomBuilds(seed: number, many: number): Build[] {
  const { line } = randomLines(seed);
  return Array.from({ length: many }, () => ({ ...crusher(), lines: [line()] }));
}
