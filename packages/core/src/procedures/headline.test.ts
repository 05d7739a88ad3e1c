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
import { headlineOf, mostWords, nameOf } from './headline.js';

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
  const worst = line.ledger[0];
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
