import type { Check } from '../checks/check.js';
import { reserveInShort } from '../checks/reserve.js';
import { rankOf } from '../checks/verdict.js';
import { isOpen } from '../kinds/is-open.js';
import { kindHead } from '../kinds/registry.js';
import type { Build, Line } from '../machine/build.js';
import { namesOfElements } from '../machine/element-names.js';
import { lineOf } from '../machine/lines.js';
import { listed } from '../quantity/listed.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { type EvaluatedLine, type Evaluation, worstLine } from './evaluate-build.js';

/** Most words of a headline. */
export const mostWords = 25;

/**
 * A build in one sentence of at most 25 words: whether what drives it is strong enough and with what reserve, and its worst check by name. Of several lines the
 * worst.
 */
export function headlineOf(build: Build, evaluation: Evaluation): Sentence {
  const worst = worstLine(evaluation.lines);
  const says = headlineOfLine(lineOf(build, worst.id), worst);
  return evaluation.lines.length === 1 ? says : sentence('{line}: {says}', { line: shortName(worst.name), says });
}

/** The same of one line. */
export function headlineOfLine(line: Line, evaluated: EvaluatedLine): Sentence {
  const open = [line.source, ...line.stages, line.work].filter(isOpen).length > 0;
  const work = workOf(evaluated);
  const others = evaluated.ledger.filter(({ id }) => id !== work?.id);
  // What holds and has no reserve of its own is no nearer than anything else.
  const worst = others.find(({ verdict, margin }) => verdict !== 'holds' || margin) ?? others[0];
  if (!work || evaluated.isApart || (open && !works(work, evaluated))) return openOrApart(line, evaluated);
  const state = strength(work, line);
  if (work.verdict === 'unknown' && worst?.verdict !== 'fails') return whatToEnter(work, state) ?? withAlso(state, worst, line);
  if (!worst) return state;
  const reserve = reserveInShort(worst);
  const name = nameOf(worst, line);
  const named = { state, worst: name, left: reserve && wordsIn(name) <= mostOfName ? `, ${reserve}` : '' };
  if (work.verdict === 'unknown') return sentence(failsAndUnknown, { ...named, noun: nounOf(line) });
  if (work.verdict !== 'holds' && rankOf[work.verdict] >= rankOf[worst.verdict]) return withAlso(state, worst, line);
  return sentence(worst.verdict === 'holds' && left(worst) > left(work) ? '{state}; all else has more' : besideSays[worst.verdict], named);
}

/**
 * A part of a line in one sentence of at most 25 words: what its own state is, and the worst of its checks by name.
 * @param of what is told first: whether the source is strong enough, what the source does, or the checks alone
 * @param isAt whether a check belongs to the part, by the path that it is at
 * @returns null where the part has neither a state nor a check
 */
export function headlineOfPart(
  line: Line,
  evaluated: EvaluatedLine,
  of: 'work' | 'source' | 'checks',
  isAt: (path: string) => boolean,
): Sentence | null {
  const work = workOf(evaluated);
  const mine = evaluated.ledger.filter(({ id, at }) => isAt(at) && id !== work?.id);
  const isTold = work !== undefined && works(work, evaluated);
  if (evaluated.isApart) return openOrApart(line, evaluated);
  if (of === 'work' && isTold) return ofWork(work, mine, line);
  const holds = !mine[0] || mine[0].verdict === 'holds';
  // Beside what is worse there is no room for what is left of its torque.
  const state = of === 'source' ? sourceState(line, evaluated, isTold ? work : undefined, holds) : null;
  if (state) return withWorst(state, mine, line);
  const [worst, ...others] = mine;
  if (!worst) return null;
  const { verdict } = worst;
  const reserve = reserveInShort(worst);
  const named = { worst: nameOf(worst, line), left: reserve ? `, ${reserve}` : '', count: String(mine.length), more: '' };
  if (verdict === 'holds')
    return sentence(mine.length === 1 ? '{worst} holds{left}' : 'all {count} checks hold; the nearest is {worst}{left}', named);
  const alike = others.filter((other) => other.verdict === verdict).length;
  return sentence(partSays[verdict], { ...named, more: alike > 0 ? `, and ${alike} more` : '' });
}

/** Whether the source is strong enough, or what that waits for, and the worst of the work's own checks. */
function ofWork(work: Check, mine: readonly Check[], line: Line): Sentence {
  const state = strength(work, line);
  const [worst] = mine;
  if (work.verdict !== 'unknown') return withWorst(state, mine, line);
  if (worst?.verdict !== 'fails') return whatToEnter(work, state) ?? state;
  const reserve = reserveInShort(worst);
  return sentence(failsAndUnknown, { worst: nameOf(worst, line), left: reserve ? `, ${reserve}` : '', noun: nounOf(line) });
}

const failsAndUnknown = 'this fails: {worst}{left}; not known yet: the {noun}’s strength';

const partSays = {
  fails: 'this fails: {worst}{left}{more}',
  unknown: 'not known yet: {worst}{more}',
  close: 'close: {worst}{left}{more}',
} as const;

/** A state with the worst of some checks, unless all of them hold. */
function withWorst(state: Sentence, [worst]: readonly Check[], line: Line): Sentence {
  if (!worst || worst.verdict === 'holds') return state;
  const reserve = reserveInShort(worst);
  return sentence(besideSays[worst.verdict], { state, worst: nameOf(worst, line), left: reserve ? `, ${reserve}` : '' });
}

/** Below it nobody sees a start. */
const atOnce_s = 0.01;

/** What a source does at the work: how soon it is up to speed, at what speed it stays, what it has left. Null where that is not known. */
function sourceState(line: Line, { figures }: EvaluatedLine, work: Check | undefined, withReserve: boolean): Sentence | null {
  const own = figures.get(`${line.id}/source`);
  const [time, speed] = [own?.get('runs-up-in'), own?.get('settles-at')];
  const reserve = withReserve && work ? reserveInShort(work) : '';
  const told = { noun: nounOf(line), left: reserve ? `, ${reserve}` : '' };
  if (time?.known && speed?.known) {
    if (time.value < atOnce_s) return sentence('the {noun} starts at once, runs at {speed:likely}{left}', { ...told, speed });
    return sentence('the {noun} starts in {time:likely}, runs at {speed:likely}{left}', { ...told, time, speed });
  }
  if (!work || work.verdict === 'unknown') return null;
  // What never leaves rest is told by its strength, and by the check of its start.
  return speed?.known && speed.value > 0 ? sentence('the {noun} runs at {speed:likely}{left}', { ...told, speed }) : strength(work, line);
}

/** A state that is the worst itself, and what else there is. */
const withAlso = (state: Sentence, worst: Check | undefined, line: Line): Sentence =>
  worst && worst.verdict !== 'holds' ? sentence(`{state}; ${alsoSays[worst.verdict]}`, { state, worst: nameOf(worst, line) }) : state;

const alsoSays = { fails: 'also fails: {worst}', unknown: 'not known either: {worst}', close: 'close, too: {worst}' } as const;

/** Behind a state that is better than what comes. */
const besideSays = {
  fails: '{state}, but this fails: {worst}{left}',
  unknown: '{state}; not known yet: {worst}',
  close: '{state}; close: {worst}{left}',
  holds: '{state}; the nearest limit is {worst}{left}',
} as const;

const left = ({ margin }: Check): number => margin?.worst ?? Number.POSITIVE_INFINITY;

/** What drives it is called so: a motor, an engine, a crank. */
const nounOf = ({ source }: Line): string => kindHead('source', source.kind)?.noun ?? 'source';

/** Whether the source is strong enough: of several settings as it is in the worst. */
const workOf = ({ checks: [work], ledger }: EvaluatedLine): Check | undefined => ledger.find(({ id }) => id === work?.id) ?? work;

/** Whether what drives the work is strong enough, and with what reserve. */
function strength(work: Check, line: Line): Sentence {
  const { inSetting: setting, ...alone } = work;
  if (setting !== undefined) return sentence('in “{setting}” {state}', { setting: shortName(setting), state: strength(alone, line) });
  const reserve = reserveInShort(work);
  const noun = nounOf(line);
  if (work.verdict === 'fails') return sentence('the {noun} is too weak, {reserve}', { noun, reserve });
  if (work.verdict === 'unknown') return sentence('whether the {noun} is strong enough is not known yet', { noun });
  const how = work.verdict === 'close' ? 'the {noun} is just strong enough, {reserve}' : 'the {noun} is strong enough, {reserve}';
  return sentence(how, { noun, reserve });
}

/** What is entered or looked at first, so that it is known. */
function whatToEnter({ has, needs, unseen }: Check, state: Sentence): Sentence | null {
  const missing = [has, needs].flatMap((figure) => (figure.known ? [] : figure.missing));
  const [first, ...others] = [...new Set([...missing, ...(unseen ?? [])])];
  if (first === undefined) return null;
  const more = others.length === 0 ? '' : others.length === 1 ? ', then one more' : `, then ${others.length} more`;
  return sentence('{state}: enter {first}{more}', { state, first: { fields: [first] }, more });
}

/** Told although a place is open. */
const works = (work: Check, { ledger }: EvaluatedLine): boolean => ledger.some(({ id }) => id === work.id);

/** What is still to be chosen, or what does not fit together. */
function openOrApart(line: Line, { isApart, checks, ledger }: EvaluatedLine): Sentence {
  const [worst] = isApart ? checks : ledger;
  if (isApart && worst) return sentence('it cannot be worked out: {worst}', { worst: nameOf(worst, line) });
  const places = [
    ...(isOpen(line.source) ? ['what drives it'] : []),
    ...(line.stages.some(isOpen) ? ['what is between'] : []),
    ...(isOpen(line.work) ? ['what it drives'] : []),
  ];
  return withAlso(sentence('still to be chosen: {places}', { places: listed(places) }), worst, line);
}

/** What a check is called; of several elements of a kind, with which of them. */
export function nameOf({ name, at, inSetting: setting }: Check, line: Line): Sentence {
  if (setting !== undefined) return sentence('{name} in “{setting}”', { name: nameOfElement({ name, at }, line), setting: shortName(setting) });
  return nameOfElement({ name, at }, line);
}

function nameOfElement({ name, at }: Pick<Check, 'name' | 'at'>, line: Line): Sentence {
  const which = / (\d+)$/.exec(namesOfElements(line).get(at) ?? '')?.[0];
  return which && line.stages.some(({ id }) => at === `${line.id}/${id}`)
    ? sentence('{name} ({element})', { name, element: namesOfElements(line).get(at) ?? '' })
    : name;
}

/** With a longer name there is no room for by how much. */
const mostOfName = 11;
const wordsIn = ({ template, figures }: Sentence): number =>
  template.split(/\s+/).reduce((sum, word) => {
    const inside = figures[/^\W*\{(\w+)/.exec(word)?.[1] ?? ''];
    if (typeof inside === 'object' && 'template' in inside) return sum + wordsIn(inside);
    return sum + (typeof inside === 'string' ? inside.split(/\s+/).length : 1);
  }, 0);

/** As much of a name as leaves room for what is said. */
const shortName = (name: string): string => (name.split(/\s+/).length > 4 ? `${name.split(/\s+/).slice(0, 4).join(' ')} …` : name);
