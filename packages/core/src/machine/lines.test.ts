import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import type { WorkKind } from '../kinds/kind.js';
import { type Kinds, loadKinds } from '../kinds/registry.js';
import { evaluateBuild, worstLine } from '../procedures/evaluate-build.js';
import { remedyFor } from '../procedures/remedy.js';
import { summariseBuild } from '../procedures/summarise-build.js';
import { say, sayAll, wordingFor } from '../wording/wording.js';
import type { At, Build } from './build.js';
import { describeChange } from './describe-change.js';
import { lineNameWrong, lineOf, withLineAdded, withLineMoved, withLineRemoved, withLineRenamed } from './lines.js';
import { mergeBuilds } from './merge.js';
import { upgradeBuild } from './upgrade.js';

const kinds = await loadKinds();
const sample = (n: number): Build =>
  upgradeBuild(JSON.parse(readFileSync(new URL(`../../../contracts/test/samples/build-${n}.json`, import.meta.url), 'utf8'))).build as Build;
const names = ({ lines }: Build) => lines.map(({ name }) => name);
const says = (build: Build) => sayAll(evaluateBuild(build, kinds).says, wordingFor(build));

describe('lines of a build', () => {
  const two = withLineAdded(crusher(), ' Cooling fan ');

  it('are added at the end with an id of their name, renamed, put in order and taken out', () => {
    expect(two.lines.map(({ id, name }) => [id, name])).toEqual([
      ['main', 'motor to roll'],
      ['cooling-fan', 'Cooling fan'],
    ]);
    expect(two.lines[0]).toBe(two.lines.find(({ id }) => id === 'main'));
    const three = withLineAdded(two, 'Ventilateur à air');
    expect(three.lines.map(({ id }) => id)).toEqual(['main', 'cooling-fan', 'ventilateur-air']);
    expect(withLineAdded(three, '漢字').lines.at(-1)?.id).toMatch(/^[a-z][a-z0-9-]*$/);
    expect(withLineAdded(withLineRenamed(two, 'cooling-fan', 'Blower'), 'Cooling fan').lines.map(({ id }) => id)).toEqual([
      'main',
      'cooling-fan',
      'cooling-fan-2',
    ]);
    expect(withLineAdded(two, 'supply').lines.at(-1)?.id).toBe('supply-2');
    expect(names(withLineMoved(two, 'cooling-fan', -1))).toEqual(['Cooling fan', 'motor to roll']);
    expect(names(withLineMoved(two, 'cooling-fan', 5))).toEqual(names(two));
    expect(names(withLineRemoved(two, 'main'))).toEqual(['Cooling fan']);
    expect(lineOf(two, 'cooling-fan').name).toBe('Cooling fan');
    expect(lineOf(two, 'gone').id).toBe('main');
  });

  it('have a name, which no other has, and there is at least one', () => {
    expect(lineNameWrong(two, null, '  ')).toBe('A line has a name.');
    expect(lineNameWrong(two, null, 'COOLING fan')).toBe('Another line is called “Cooling fan”.');
    expect(lineNameWrong(two, 'cooling-fan', 'COOLING fan')).toBe('');
    expect(() => withLineAdded(two, 'cooling fan')).toThrow('Another line is called');
    expect(() => withLineRenamed(two, 'main', '')).toThrow('A line has a name.');
    expect(() => withLineRemoved(crusher(), 'main')).toThrow('at least one line');
    for (const act of [
      withLineRemoved,
      (build: Build, id: string) => withLineRenamed(build, id, 'x'),
      (build: Build, id: string) => withLineMoved(build, id, 1),
    ])
      expect(() => act(two, 'gone')).toThrow('The build has no line gone');
  });

  it('are told of in words when they change', () => {
    expect(describeChange(crusher(), two)).toEqual(['Line “Cooling fan” added']);
    expect(describeChange(two, crusher())).toEqual(['Line “Cooling fan” taken out']);
    expect(describeChange(two, withLineRenamed(two, 'cooling-fan', 'Blower'))).toEqual(['Line “Cooling fan” is now “Blower”']);
    expect(describeChange(two, withLineMoved(two, 'cooling-fan', -1))).toEqual(['Lines in another order']);
  });

  it('that two people add from the same state are both there', () => {
    const [mine, theirs] = [withLineAdded(crusher(), 'Fan'), afterTyping(withLineAdded(crusher(), 'Pump'), { 'main/source/power': '1 hp' })];
    const { build, conflicts } = mergeBuilds(crusher(), mine, theirs);
    expect([conflicts, names(build)]).toEqual([[], ['motor to roll', 'Fan', 'Pump']]);
    expect(build.lines[0]?.source.inputs.power?.text).toBe('1 hp');
  });
});

describe('a build of several lines', () => {
  const build = sample(3);
  const evaluation = evaluateBuild(build, kinds);

  it('is judged line by line: each has its sentence, the whole that of the worst, by its name', () => {
    const [main, second] = evaluation.lines;
    expect([main?.verdict, second?.verdict, evaluation.verdict]).toEqual(['close', 'fails', 'fails']);
    expect(worstLine(evaluation.lines)).toBe(second);
    expect(says(build)).toMatch(/^Fruit: the motor is strong enough/);
    const wording = wordingFor(build);
    expect(say(second?.says[0] as never, wording)).toMatch(/^The motor is strong enough/);
    // What stands apart is judged as if it were alone.
    const alone = evaluateBuild({ ...build, lines: [build.lines[1] as never] }, kinds);
    expect(sayAll(second?.says ?? [], wording)).toBe(sayAll(alone.says, wordingFor(build)));
    expect(second?.ledger.map(({ id, verdict }) => `${id} ${verdict}`)).toEqual(alone.checks.map(({ id, verdict }) => `${id} ${verdict}`));
  });

  it('has every check with the name of its line, worst first', () => {
    expect(evaluation.checks).toHaveLength(evaluation.lines.reduce((sum, { ledger }) => sum + ledger.length, 0));
    for (const check of evaluation.checks) {
      const name = check.at.startsWith('second/') ? 'Fruit: ' : 'Motor to roll: ';
      expect(say(check.says, wordingFor(build)).startsWith(name)).toBe(true);
    }
    const order = evaluation.checks.map(({ verdict }) => verdict);
    expect(order.lastIndexOf('fails')).toBeLessThan(order.indexOf('holds'));
  });

  it('is one row of a list, which says which line it means', () => {
    expect(summariseBuild(build, kinds)).toMatchObject({
      verdict: 'fails',
      path: expect.stringMatching(/^fruit, one of 2 lines: .* chain .* → roll$/),
      speed: { number: '156' },
    });
  });

  it('is cured in the line that needs it, not in another', () => {
    const { lines } = crusher();
    const both = { ...crusher(), lines: [...lines, ...lines.map((line) => ({ ...line, id: 'fan', name: 'Fan' }))] };
    const weak = afterTyping(both, { 'fan/source/power': '120 W' });
    expect(says(weak)).toMatch(/^Fan: the motor is too weak/);
    expect(remedyFor(weak, kinds, evaluateBuild(weak, kinds), wordingFor(weak))).toMatch(/^A \d.* motor would do/);
  });

  it('of twelve lines works out only the one that was changed', () => {
    let count = 0;
    const counting =
      ({ demand }: WorkKind): WorkKind['demand'] =>
      (...given) => {
        count++;
        return demand(...given);
      };
    const line = sample(3).lines[1] as Build['lines'][number];
    const counted: Kinds = new Map(
      [...kinds].map(([key, kind]) => [key, key === `work:${line.work.kind}` ? { ...(kind as WorkKind), demand: counting(kind as WorkKind) } : kind]),
    );
    const twelve = { ...crusher(), lines: Array.from({ length: 12 }, (_, k) => ({ ...line, id: `line-${k}`, name: `line ${k}` })) };
    const first = evaluateBuild(twelve, counted);
    expect(count).toBe(12);
    const changed = afterTyping(twelve, { 'line-7/source/power': '1 kW' });
    const next = evaluateBuild(changed, counted, { build: twelve, evaluation: first });
    expect(count).toBe(13);
    expect(next.lines.filter((each, k) => each === first.lines[k])).toHaveLength(11);
    // Under another supply each is another machine.
    evaluateBuild(afterTyping(changed, { 'supply/voltage': '110 V' }), counted, { build: changed, evaluation: next });
    expect(count).toBe(25);
  });

  it('says what is wrong between its lines, and works out the others', () => {
    const twice = { ...build, lines: build.lines.map((line) => ({ ...line, name: 'fruit' })) };
    expect(says(twice)).toMatch(/^Two lines are called “fruit”: rename one of them\. /);
    const from = (at: At) => ({
      ...build,
      lines: build.lines.map((line, k) => (k === 1 ? { ...line, source: { ...line.source, from: at } } : line)),
    });
    const gone = from({ line: 'spindle', station: 'motor' });
    expect(says(gone)).toMatch(/^The source of “fruit” is a shaft that is not there: choose another source for it\./);
    expect(evaluateBuild(gone, kinds).lines[0]?.verdict).toBe('close');
    const joinedLines = from({ line: 'main', station: 'roll' });
    expect(says(joinedLines)).not.toContain('not there');
    expect(sayAll(evaluateBuild(joinedLines, kinds).notWorkedOut, wordingFor(build))).toContain('what joined lines do to each other');
    expect(sayAll(evaluation.notWorkedOut, wordingFor(build))).not.toContain('joined');
  });
});
