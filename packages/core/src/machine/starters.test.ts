import { describe, expect, it } from 'vitest';
import { loadKinds } from '../kinds/registry.js';
import { evaluateBuild } from '../procedures/evaluate-build.js';
import { placesOf } from './paths.js';
import { starters, startFrom } from './starters.js';

const kinds = await loadKinds();

describe.each(starters.filter(({ id }) => id !== 'blank'))('the starter $id', ({ id, entries, stages, source, tool }) => {
  const build = startFrom(id);

  it('has every entry it speaks of, read, and each of them a guess', () => {
    const entered = placesOf(build).filter(({ input }) => input);
    for (const path of Object.keys(entries)) expect(entered.map((place) => place.path)).toContain(`main/${path}`);
    for (const { input } of entered) {
      expect(input?.how).toBe('guessed');
      expect(input).not.toHaveProperty('draft');
    }
  });

  it('works out to the tool at once, and what holds on guesses holds by estimate', () => {
    const { lines } = evaluateBuild(build, kinds);
    expect(build.lines[0]?.stages.map(({ kind }) => kind)).toEqual(stages.map(([kind]) => kind));
    expect(lines[0]?.stations.at(-1)?.effort.known).toBe(true);
    const carries = lines[0]?.checks[0];
    expect(carries?.margin).not.toBeNull();
    expect(carries?.verdict !== 'holds' || carries.byEstimate).toBe(true);
  });

  it('does not open red with nothing typed', () => {
    expect(evaluateBuild(build, kinds).checks.filter(({ verdict }) => verdict === 'fails')).toEqual([]);
  });

  it('calls its first shaft by its source, and its last by its tool', () => {
    const [first, ...others] = build.lines[0]?.stations.map(({ name }) => name) ?? [];
    expect(first).toBe({ engine: 'engine shaft', 'hand-crank': 'crank shaft' }[source ?? ''] ?? 'motor shaft');
    expect(others.at(-1)).toBe(tool);
  });
});

it('blank is blank, and one that is not there is refused', () => {
  expect(placesOf(startFrom('blank')).some(({ input }) => input)).toBe(false);
  expect(() => startFrom('rocket')).toThrow(RangeError);
});
