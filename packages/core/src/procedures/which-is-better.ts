import type { Check } from '../checks/check.js';
import { reserveOf } from '../checks/reserve.js';
import type { Verdict } from '../checks/verdict.js';
import { lineOf } from '../machine/lines.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import type { WorkedOut } from './evaluate-build.js';
import { nameOf } from './headline.js';

/** Reserves nearer than this are the same in practice. */
const alike = 0.01;

/**
 * Which of two builds is better, and in what: the one in which fewer checks fail; of those alike in this, the one of which fewer are close; then the one that
 * keeps more of its torque for the work. Where what is not known could turn it, that is said instead. What the worse one does better is named beside it.
 */
export function whichIsBetter(a: WorkedOut, b: WorkedOut): Sentence {
  const named = namesApart(a.build.name, b.build.name);
  const sides = [
    { ...a, name: named[0], count: countsOf(a) },
    { ...b, name: named[1], count: countsOf(b) },
  ] as const;
  const by = (verdict: Verdict) => [...sides].sort((one, other) => one.count[verdict] - other.count[verdict]) as [Side, Side];
  const differ = (verdict: Verdict) => sides[0].count[verdict] !== sides[1].count[verdict];
  if (differ('fails')) {
    const [better, worse] = by('fails');
    const told = { better: better.name, worse: worse.name, but: butSays(better, worse), open: openSays(better) };
    if (better.count.fails > 0)
      return sentence('{better} is better: {few} of its checks {verb}, {many} of {worse}{but}{open}', { ...told, ...counts(better, worse, 'fails') });
    return sentence('{better} is better: nothing fails in it; in {worse} this fails: {what}{but}{open}', { ...told, what: worstOf(worse, 'fails') });
  }
  if (differ('unknown')) {
    const [more, less] = by('unknown');
    return sentence('which is better is not known yet: {many} checks of {less} wait for an entry, {few} of {more}', {
      less: less.name,
      more: more.name,
      many: String(less.count.unknown),
      few: more.count.unknown === 0 ? 'none' : String(more.count.unknown),
    });
  }
  if (differ('close')) {
    const [better, worse] = by('close');
    const told = { better: better.name, worse: worse.name, but: butSays(better, worse) };
    if (better.count.close > 0)
      return sentence('{better} is better: {few} of its checks {verb} close, {many} of {worse}{but}', { ...told, ...counts(better, worse, 'close') });
    return sentence('{better} is better: nothing is close in it; in {worse} this is: {what}{but}', { ...told, what: worstOf(worse, 'close') });
  }
  const [one, other] = sides.map(({ evaluation }) => workOf(evaluation.lines));
  if (one?.margin && other?.margin && Math.abs(one.margin.worst - other.margin.worst) > alike) {
    const first = one.margin.worst > other.margin.worst;
    const [better, worse] = first ? [sides[0], sides[1]] : [sides[1], sides[0]];
    return sentence('{better} is better by what is left at the work: {more} against {less}', {
      better: better.name,
      worse: worse.name,
      more: reserveOf(first ? one : other),
      less: reserveOf(first ? other : one),
    });
  }
  return sentence('neither is better: as many checks hold, are close and fail in the one as in the other', {});
}

interface Side extends WorkedOut {
  readonly name: string;
  readonly count: Readonly<Record<Verdict, number>>;
}

const namesApart = (a: string, b: string): readonly [string, string] => (a === b ? ['the first', 'the second'] : [`“${a}”`, `“${b}”`]);

function countsOf({ evaluation: { checks } }: WorkedOut): Readonly<Record<Verdict, number>> {
  const count = { fails: 0, unknown: 0, close: 0, holds: 0 };
  for (const { verdict } of checks) count[verdict] += 1;
  return count;
}

const counts = (better: Side, worse: Side, verdict: 'fails' | 'close') => {
  const few = better.count[verdict];
  const verbs = { fails: few === 1 ? 'fails' : 'fail', close: few === 1 ? 'is' : 'are' };
  return { few: String(few), many: String(worse.count[verdict]), verb: verbs[verdict] };
};

/** The worst of such checks, by its name. */
function worstOf({ build, evaluation: { lines } }: WorkedOut, verdict: Verdict): Sentence {
  for (const { id, ledger } of lines) {
    const found = ledger.find((check) => check.verdict === verdict);
    if (found) return nameOf(found, lineOf(build, id));
  }
  return sentence('a check', {});
}

/** The work's check that leaves least. */
const workOf = (lines: WorkedOut['evaluation']['lines']): Check | undefined =>
  lines.flatMap(({ checks }) => checks.slice(0, 1)).sort((one, other) => (one.margin?.worst ?? 0) - (other.margin?.worst ?? 0))[0];

/** What could still turn it. */
const openSays = ({ count: { unknown } }: Side): string =>
  unknown === 0 ? '' : `; ${unknown === 1 ? 'one of its checks is' : `${unknown} of its checks are`} not known yet`;

/** A check of both that only the worse one holds. */
function butSays(better: Side, worse: Side): Sentence | string {
  const there = new Map(worse.evaluation.checks.map((check) => [check.id, check.verdict]));
  const found = better.evaluation.lines
    .flatMap(({ id, ledger }) => ledger.map((check) => ({ id, check })))
    .find(({ check }) => (check.verdict === 'fails' || check.verdict === 'close') && there.get(check.id) === 'holds');
  return found
    ? sentence('; but {name} holds only in {where}', { name: nameOf(found.check, lineOf(better.build, found.id)), where: worse.name })
    : '';
}
