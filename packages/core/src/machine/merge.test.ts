import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { afterTyping, crusher, inputAt } from '../../test/crusher.js';
import { begin, change, redo, settle, undo } from './history.js';
import { mergeBuilds } from './merge.js';
import { placesOf } from './paths.js';
import { same } from './same.js';

const [power, torque] = ['main/source/power', 'main/work/torque'];

describe('two sets of changes from the same build', () => {
  it('in different fields are both taken', () => {
    const { build, conflicts } = mergeBuilds(crusher(), afterTyping(crusher(), { [power]: '1 hp' }), {
      ...afterTyping(crusher(), { [torque]: '9 N·m' }),
      name: 'Theirs',
    });
    expect(conflicts).toEqual([]);
    expect([inputAt(build, power)?.text, inputAt(build, torque)?.text, build.name]).toEqual(['1 hp', '9 N·m', 'Theirs']);
  });

  it('in the same field conflict, with both entries, and are settled as chosen', () => {
    const [mine, theirs] = [afterTyping(crusher(), { [power]: '1 hp', [torque]: '7 N·m' }), afterTyping(crusher(), { [power]: '2 hp' })];
    const kept = mergeBuilds(crusher(), mine, theirs);
    expect(kept.conflicts).toMatchObject([
      { path: ['lines', 'main', 'source', 'inputs', 'power'], mine: { text: '1 hp' }, theirs: { text: '2 hp' } },
    ]);
    expect(inputAt(kept.build, power)?.text).toBe('1 hp');
    const given = mergeBuilds(crusher(), mine, theirs, () => 'theirs').build;
    expect([inputAt(given, power)?.text, inputAt(given, torque)?.text]).toEqual(['2 hp', '7 N·m']);
  });

  it('that are the same are no conflict', () => {
    const both = afterTyping(crusher(), { [power]: '1 hp' });
    expect(mergeBuilds(crusher(), both, structuredClone(both))).toEqual({ build: both, conflicts: [] });
  });

  it('one takes a stage away that the other changed: a conflict; that the other left alone: it is gone', () => {
    const line = crusher().lines[0] as ReturnType<typeof crusher>['lines'][number];
    const without = { ...crusher(), lines: [{ ...line, stages: [] }] };
    expect(mergeBuilds(crusher(), without, afterTyping(crusher(), { 'main/belt/driven': '280 mm' })).conflicts).toMatchObject([
      { path: ['lines', 'main', 'stages', 'belt'], mine: undefined },
    ]);
    expect(mergeBuilds(crusher(), without, afterTyping(crusher(), { [power]: '1 hp' }))).toMatchObject({
      conflicts: [],
      build: { lines: [{ stages: [] }] },
    });
  });

  it('one entered what was not known, the other something else', () => {
    const [mine, theirs] = [afterTyping(crusher(), { 'main/belt/slip': '2 %' }), afterTyping(crusher(), { 'main/belt/efficiency': '90 %' })];
    const { build, conflicts } = mergeBuilds(crusher(), mine, theirs);
    expect(conflicts).toEqual([]);
    expect([inputAt(build, 'main/belt/slip')?.value, inputAt(build, 'main/belt/efficiency')?.value]).toEqual([0.02, 0.9]);
  });

  it('never lose a change, whoever is called mine: random typing on both sides', () => {
    const paths = placesOf(crusher()).map((place) => place.path);
    const typing = fc.dictionary(fc.constantFrom(...paths), fc.constantFrom('1 hp', '2 %', '80 mm', '?', 'abc', '12 N·m', '900'), { maxKeys: 5 });
    fc.assert(
      fc.property(typing, typing, (a, b) => {
        const base = crusher();
        const [mine, theirs] = [afterTyping(base, a), afterTyping(base, b)];
        const { build, conflicts } = mergeBuilds(base, mine, theirs);
        const element = (path: readonly string[]) => (path[3] === 'feed' ? 'feed' : path[2] === 'stages' ? path[3] : path[2]);
        const contested = new Set(conflicts.map(({ path }) => `main/${element(path)}/${path.at(-1)}`));
        for (const path of paths) {
          const [was, m, t, now] = [base, mine, theirs, build].map((each) => inputAt(each, path));
          if (contested.has(path)) expect(same(m, was) || same(t, was)).toBe(false);
          else expect(same(now, same(m, was) ? t : m)).toBe(true);
        }
        expect(same(mergeBuilds(base, theirs, mine, () => 'theirs').build, build)).toBe(true);
      }),
      { seed: 9, numRuns: 300 },
    );
  });
});

describe('history', () => {
  const events = fc.array(fc.oneof(fc.record({ name: fc.constantFrom('a', 'b'), value: fc.nat(99) }), fc.constant('settle' as const)), {
    maxLength: 60,
  });

  it('undone to the start and done again is the same, after any series of events', () => {
    fc.assert(
      fc.property(events, (series) => {
        let history = begin({ value: -1 });
        const start = history.present;
        for (const event of series) history = event === 'settle' ? settle(history) : change(history, { value: event.value }, event.name);
        const end = history.present;
        const steps = history.past.length;
        for (let k = 0; k < steps; k++) history = undo(history);
        expect(history.present).toBe(start);
        expect(undo(history)).toBe(history);
        for (let k = 0; k < steps; k++) history = redo(history);
        expect(history.present).toBe(end);
        expect(redo(history)).toBe(history);
      }),
      { seed: 10, numRuns: 500 },
    );
  });

  it('takes the keystrokes of one field as one step, until the field is left', () => {
    let history = begin('');
    for (const text of ['1', '1/', '1/2']) history = change(history, text, 'power');
    expect(undo(history).present).toBe('');
    history = change(settle(history), '1/2 hp', 'power');
    expect(undo(history).present).toBe('1/2');
    expect(change(undo(history), 'other', 'speed').future).toEqual([]);
  });
});
