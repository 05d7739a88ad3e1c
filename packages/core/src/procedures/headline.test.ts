import { readdirSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { buildOf, knownMachines } from '../../test/known-machines.js';
import { randomLines } from '../../test/random-lines.js';
import { loadKinds } from '../kinds/registry.js';
import { blankBuild } from '../machine/blank-build.js';
import type { Build } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import { phrase, say, wordingFor } from '../wording/wording.js';
import { evaluateBuild, worstLine } from './evaluate-build.js';
import { headlineOf, headlineOfPart, mostWords, nameOf } from './headline.js';

const kinds = await loadKinds();
const folder = resolve(import.meta.dirname, '../../../../demo');
const demos = readdirSync(folder).map((name) => JSON.parse(readFileSync(resolve(folder, name), 'utf8')) as Build);
const told = (build: Build) => say(headlineOf(build, evaluateBuild(build, kinds)), wordingFor(build));
const after = (entries: Readonly<Record<string, string>>) => told(afterTyping(crusher(), entries));

/** Words of a headline, and whether the worst check is in it by name; the work's own is there as whether the source is strong enough. */
function wrongWith(build: Build): string[] {
  const evaluation = evaluateBuild(build, kinds);
  const says = say(headlineOf(build, evaluation), wordingFor(build));
  const line = worstLine(evaluation.lines);
  // What holds and has no reserve of its own is no nearer than anything else.
  const worst = line.ledger.find(({ verdict, margin }) => verdict !== 'holds' || margin);
  const words = says.split(/\s+/).length;
  const named = worst && (worst.id === line.checks[0]?.id ? / (strong enough|too weak)/ : null);
  const name = worst && phrase(nameOf(worst, lineOf(build, line.id)), wordingFor(build));
  // What is still to be chosen is said before a limit that holds, and what is to be entered before others that are not known.
  const isOpen = /^Still to be chosen/.test(says) && worst?.verdict === 'holds';
  const isNamed = !worst || isOpen || (named ? named.test(says) : says.includes(name as string)) || says.includes('is not known yet: enter');
  return [...(words > mostWords ? [`${words} words: ${says}`] : []), ...(isNamed ? [] : [`without ${name}: ${says}`])];
}

describe('a build in one sentence', () => {
  it('says what is strong enough, with what reserve, and the worst by its name', () => {
    // By hand, rounded down: 1 − 8 / 10.9 is 26 %; with the larger pulley, 1 − 8 / (10.9 × 315 / 250) is 41 %.
    expect(told(crusher())).toBe('The motor is strong enough, reserve 26 %; close: the power rating of the belt, reserve 2 %.');
    expect(after({ 'main/source/power': '1/4 hp' })).toMatch(/^The motor is too weak, overloaded \d\.\d times/);
    expect(after({ 'main/work/torque': '' })).toBe('Whether the motor is strong enough is not known yet: enter torque needed.');
    expect(after({ 'main/belt/driven': '315 mm' })).toMatch(
      /^The motor is strong enough, reserve 41 %, but this fails: the room to slip the belt on, overloaded/,
    );
  });

  it.each([...demos.map((build) => [build.name, build] as const), ...knownMachines.map((machine) => [machine.title, buildOf(machine)] as const)])(
    '%s: at most 25 words, with its worst check',
    (_, build) => {
      expect(wrongWith(build)).toEqual([]);
    },
  );

  it('a thousand random builds: at most 25 words, with the worst check', () => {
    const { line } = randomLines(26_01);
    const wrong: string[] = [];
    for (let k = 0; k < 1_000 && wrong.length < 5; k++) wrong.push(...wrongWith({ ...blankBuild('Any'), lines: [line()] }));
    expect(wrong).toEqual([]);
  });

  it('of several lines says which', () => {
    const one = crusher();
    const [line] = one.lines;
    const two = { ...one, lines: [...one.lines, { ...(line as Build['lines'][number]), id: 'fan', name: 'Fan' }] };
    expect(told(two)).toMatch(/^[^:]+: the motor is strong enough, reserve 26 %; close: /);
  });
});

/** Of each part of a line: words of its sentence, and whether the worst of its checks that does not hold is in it by name. */
function wrongWithParts(build: Build): string[] {
  const evaluation = evaluateBuild(build, kinds);
  return evaluation.lines.flatMap((evaluated) => {
    const line = lineOf(build, evaluated.id);
    const stages = line.stages.map(({ id }) => `${line.id}/${id}`);
    const parts: readonly (readonly ['work' | 'source' | 'checks', readonly string[]])[] = [
      ['work', [`${line.id}/work`]],
      ['source', [`${line.id}/source`, `${line.id}/feed`]],
      ['checks', stages],
      ['checks', ['wishes']],
    ];
    return parts.flatMap(([of, paths]) => {
      const headline = headlineOfPart(line, evaluated, of, (path) => paths.includes(path));
      if (!headline) return [];
      const says = say(headline, wordingFor(build));
      const words = says.split(/\s+/).length;
      const worst = evaluated.ledger.find(({ at, id }) => paths.includes(at) && id !== evaluated.checks[0]?.id);
      const isNamed =
        evaluated.isApart ||
        !worst ||
        worst.verdict === 'holds' ||
        // What is to be entered first is told before others that are not known.
        (worst.verdict !== 'fails' && says.includes('is not known yet')) ||
        says.toLowerCase().includes(phrase(nameOf(worst, line), wordingFor(build)).toLowerCase());
      return [...(words > mostWords ? [`${words} words: ${says}`] : []), ...(isNamed ? [] : [`without ${worst.id}: ${says}`])];
    });
  });
}

describe('a part of a line in one sentence', () => {
  const partOf = (build: Build, of: Parameters<typeof headlineOfPart>[2], ...paths: string[]) => {
    const [evaluated] = evaluateBuild(build, kinds).lines;
    const says = evaluated && headlineOfPart(lineOf(build, 'main'), evaluated, of, (path) => paths.includes(path));
    return says ? say(says, wordingFor(build)) : null;
  };

  it('says of the motor how soon it is up to speed, where it stays and what is left; of the work whether the motor does', () => {
    // By hand as above; the speed is a little over the plate's, since the work needs less than full load.
    expect(partOf(crusher(), 'source', 'main/source')).toMatch(/^The motor starts in 0\.\d+ s, runs at 14[34]\d rpm, reserve 26 %\.$/);
    expect(partOf(crusher(), 'work', 'main/work')).toBe('The motor is strong enough, reserve 26 %.');
    expect(partOf(afterTyping(crusher(), { 'main/work/torque': '' }), 'work', 'main/work')).toBe(
      'Whether the motor is strong enough is not known yet: enter torque needed.',
    );
  });

  it('says of stages the worst by name and how many more there are of its sort, and nothing where there is no check', () => {
    expect(partOf(crusher(), 'checks', 'main/belt')).toMatch(/^Close: the power rating of the belt, reserve 2 %/);
    expect(partOf(afterTyping(crusher(), { 'main/belt/driven': '315 mm' }), 'checks', 'main/belt')).toMatch(
      /^This fails: the room to slip the belt on, overloaded/,
    );
    expect(partOf(crusher(), 'checks', 'wishes')).toBeNull();
  });

  it.each([...demos.map((build) => [build.name, build] as const), ...knownMachines.map((machine) => [machine.title, buildOf(machine)] as const)])(
    '%s: at most 25 words a part, with its worst check',
    (_, build) => {
      expect(wrongWithParts(build)).toEqual([]);
    },
  );

  it('a thousand random builds: the same', () => {
    const { line } = randomLines(26_02);
    const wrong: string[] = [];
    for (let k = 0; k < 1_000 && wrong.length < 5; k++) wrong.push(...wrongWithParts({ ...blankBuild('Any'), lines: [line()] }));
    expect(wrong).toEqual([]);
  });
});
