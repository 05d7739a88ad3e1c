import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { loadKinds } from '../kinds/registry.js';
import { evaluateBuild } from '../procedures/evaluate-build.js';
import { figuresByPath } from '../procedures/figure-paths.js';
import type { Build } from './build.js';
import { meansTheSame } from './means-the-same.js';
import { placesOf } from './paths.js';
import { withKind, withoutStage, withStageDoubled } from './reshape.js';

const typed = (path: string, text: string): Build => afterTyping(crusher(), { [path]: text });
const [line] = crusher().lines;
const [stage] = line?.stages ?? [];
const belt = `${line?.id}/${stage?.id}`;

it.each<[string, Build]>([
  ['in other words', typed('main/source/power', '550 W')],
  ['with a text that is not read yet', typed('main/source/power', '0.55 k')],
  ['with another name, brief and notes', { ...crusher(), name: 'Mill', brief: 'Crush pears.', notes: 'None.' }],
  ['as a copy that shares nothing with it', structuredClone(crusher())],
])('a build means the same %s', (_, other) => {
  expect(meansTheSame(crusher(), other)).toBe(true);
});

it.each<[string, Build]>([
  ['with another value', typed('main/source/power', '551 W')],
  ['with a range about the same value', typed('main/source/power', '550 ± 50 W')],
  ['with an entry taken out', typed('main/source/power', '?')],
  ['with another choice', typed('main/source/powerIs', 'input')],
  ['with another wish', { ...crusher(), wishes: { mostSpeed: { text: '400 rpm', value: 400, unit: 'rpm', how: 'chosen' } } }],
  ['with a measured value that was a guess', { ...crusher(), lines: crusher().lines.map((each) => ({ ...each, work: guessed(each.work) })) }],
  ['with something that no version of it knows yet', { ...crusher(), later: 'whatever it is' } as Build],
  ['with a stage twice', withStageDoubled(crusher(), belt)],
  ['with a stage less', withoutStage(crusher(), belt)],
  ['with a stage of another kind', withKind(crusher(), belt, 'roller-chain')],
  [
    'with a shaft called otherwise',
    { ...crusher(), lines: crusher().lines.map((each) => ({ ...each, stations: each.stations.map((at) => ({ ...at, name: 'x' })) })) },
  ],
])('a build does not mean the same %s', (_, other) => {
  expect(meansTheSame(crusher(), other)).toBe(false);
});

function guessed<E extends Build['lines'][number]['work']>(element: E): E {
  return { ...element, inputs: Object.fromEntries(Object.entries(element.inputs).map(([name, input]) => [name, { ...input, how: 'guessed' }])) };
}

describe('what means the same', () => {
  it('comes to the same in every figure, check and sentence, whatever is typed where', async () => {
    const kinds = await loadKinds();
    const all = (build: Build) => {
      const evaluation = evaluateBuild(build, kinds);
      const { checks, says, jam, verdict, notWorkedOut, cautions } = evaluation;
      return JSON.stringify([[...figuresByPath(evaluation)], checks, says, jam, verdict, notWorkedOut, cautions]);
    };
    const paths = placesOf(crusher()).map(({ path }) => path);
    const text = fc.constantFrom('100', '100 ', '100 mm', '10 cm', '0.1 m', '100 rpm', '100 k', '100 to 110', '1/2 hp', 'key', 'shaft', 'A', '?', '');
    const alike = fc
      .tuple(fc.constantFrom(...paths), text, text)
      .map(([path, one, other]) => [typed(path, one), typed(path, other)] as const)
      .filter(([a, b]) => meansTheSame(a, b));
    let compared = 0;
    fc.assert(
      fc.property(alike, ([a, b]) => {
        compared++;
        expect(all(a)).toBe(all(b));
      }),
      { seed: 6, numRuns: 100 },
    );
    expect(compared).toBe(100);
  });

  it('is not worked out again', async () => {
    const build = crusher();
    const kinds = await loadKinds(build);
    const last = { build, evaluation: evaluateBuild(build, kinds) };
    expect(evaluateBuild(typed('main/source/power', '550 W'), kinds, last)).toBe(last.evaluation);
    expect(evaluateBuild(typed('main/source/power', '560 W'), kinds, last)).not.toBe(last.evaluation);
  });
});
