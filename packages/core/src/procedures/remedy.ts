import { type Check, closeBelow } from '../checks/check.js';
import { reserveOf } from '../checks/reserve.js';
import { type FieldPath, unseenHighEnd, unseenLowEnd, unseenUnder } from '../figure/figure.js';
import type { Candidate, Typed } from '../kinds/kind.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { namesOfElements } from '../machine/element-names.js';
import { choose } from '../machine/enter.js';
import { elementsOf, placesOf, withInput } from '../machine/paths.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { phrase, say, type Wording } from '../wording/wording.js';
import { decidedSteps } from './decided-by.js';
import { type Evaluation, evaluateBuild } from './evaluate-build.js';
import { openElement } from './opened.js';
import { atOnce, partOf, type Steps } from './steps.js';

/** A candidate with the element it would change. */
interface Offer extends Candidate {
  readonly path: string;
}

/** A change that was tried and would do: a text by the path of its field, null where what is entered no longer belongs there. */
export interface Cure {
  /** `A 0.75 kW motor` */
  readonly says: string;
  readonly entries: readonly (readonly [path: FieldPath, text: string | null])[];
}

/** What would do, in words, and each of it as a change that can be taken. */
export interface Remedy {
  readonly says: string;
  readonly cures: readonly Cure[];
}

const none: Remedy = { says: '', cures: [] };
const inWords = (says: string): Remedy => ({ says, cures: [] });

/** Most cures that are told of at once. */
const most = 2;

/**
 * What has been tried through the same evaluation and would do, in words: for what fails, the work first, then for the work where it is only just enough. Where what nobody
 * has looked at decides, the cure is to look, never to buy. Empty when nothing is wrong or nothing near helps. Each try costs an evaluation: it is worked out
 * when there is time.
 * @param now the build as it was worked out
 */
export const remedyFor = (build: Build, kinds: Kinds, now: Evaluation, wording: Wording): string =>
  atOnce(remedySteps(build, kinds, now, wording)).says;

/** How many checks that fail are tried to be cured beside the work's own. */
const mostCured = 3;

/** The same in steps: one for each cure that is tried. */
export function* remedySteps(build: Build, kinds: Kinds, now: Evaluation, wording: Wording): Steps<Remedy> {
  const share = 1 / (mostCured + 2);
  if (contradictsItself(now)) return none;
  const work = now.lines.map((line) => line.checks[0]).find((check) => check && check.verdict !== 'holds');
  if (work?.unseen) return inWords(yield* whereToLook(work, build, kinds, now, wording));
  // What fails goes before what is only close.
  if (work?.verdict === 'fails') {
    const cure = yield* partOf(curesFor(work, build, kinds, now, wording), 0, share);
    if (cure.says) return cure;
  }
  const failing = now.checks.filter((each) => each.id !== work?.id && each.verdict === 'fails').slice(0, mostCured);
  for (const [k, check] of failing.entries()) {
    const cure = yield* partOf(curesFor(check, build, kinds, now, wording), (k + 1) * share, (k + 2) * share);
    if (!cure.says) continue;
    // It does not cure what the work needs: then it is said what it is good for.
    const cured = build.lines.flatMap((line) => namesOfElements(line).get(check.at) ?? [])[0];
    const { says, cures } = cure;
    return work?.verdict === 'fails' && cured ? { says: `For the ${cured} alone: ${says.charAt(0).toLowerCase()}${says.slice(1)}`, cures } : cure;
  }
  if (work?.verdict === 'close') {
    const missing = lookFirst(work);
    if (missing.length > 0) return inWords(say(sentence(lookWords, { missing: { fields: missing } }), wording));
    const cure = yield* partOf(curesFor(work, build, kinds, now, wording), 1 - share, 1);
    if (cure.says) return cure;
  }
  // There is nothing to buy, but something to look at.
  const worst = now.checks.find((check) => check.unseen);
  return worst ? inWords(yield* partOf(whereToLook(worst, build, kinds, now, wording), 1 - share, 1)) : none;
}

/** What contradicts itself is read again before anything is bought or looked at for it. */
export const contradictsItself = ({ checks }: Evaluation): boolean =>
  checks.some(({ verdict, margin, unseen }) => verdict === 'unknown' && margin && !unseen);

/** What decides a check that is not known, and where on the machine it is read or measured. */
function* whereToLook(check: Check, build: Build, kinds: Kinds, now: Evaluation, wording: Wording): Steps<string> {
  const decided = (yield* decidedSteps(build, kinds, now)).get(check.id);
  const first = fieldsTold(decided ?? check.says)[0];
  const measure = placesOf(build).find(({ path }) => path === first)?.field.measure ?? '';
  return [say(decided ?? check.says, wording), measure].filter(Boolean).join(' ');
}

/** The fields that a sentence names. */
const fieldsTold = ({ figures }: Sentence): readonly FieldPath[] =>
  Object.values(figures).flatMap((told) => (typeof told === 'object' && told !== null && 'fields' in told ? told.fields : []));

const lookWords = 'look at {missing} first: nothing need be bought where that turns out well';

/** The fields to look at first of a check that is close only while nobody has looked; none where looking would not make it hold. */
export function lookFirst({ verdict, has, needs }: Check): readonly FieldPath[] {
  if (verdict !== 'close' || !has.known || !needs.known) return [];
  const fields = [...new Set([...unseenUnder(has), ...unseenUnder(needs)])];
  return unseenHighEnd(has) * (1 - closeBelow) >= unseenLowEnd(needs) ? fields : [];
}

/** What the kinds of a build offer against its checks, nearest size first. */
function offersOf(build: Build, kinds: Kinds): Offer[] {
  return build.lines.flatMap(elementsOf).flatMap((placed): Offer[] => {
    const { kind, path, inputs } = openElement(placed, kinds);
    const typed: Typed = (field) => placed.element.inputs[field]?.text;
    return kind.role === 'feed' ? [] : (kind.candidates?.(inputs, typed) ?? []).map((each) => ({ ...each, path }));
  });
}

/** Two changes at once are tried where one will not do, so many pairs at the most. */
const mostPairs = 30;

/** Tries what the kinds offer against a check, nearest size first, and speaks of the first of each field that does; where none does, of two together. */
export function* curesFor(failing: Check, build: Build, kinds: Kinds, now: Evaluation, wording: Wording): Steps<Remedy> {
  const isWork = now.lines.some((line) => line.checks[0]?.id === failing.id);
  const name = failing.id.slice(failing.at.length + 1);
  // What is done to another line cures nothing of this one.
  const [line] = failing.at.split('/');
  const all = offersOf(build, kinds).filter(({ path }) => build.lines.length === 1 || path.startsWith(`${line}/`));
  const meant = all.filter((offer) => (offer.cures === undefined ? isWork : offer.path === failing.at && offer.cures === name));
  const tries = (offers: readonly Offer[]): Proved | null => {
    const entries = offers.flatMap(entriesOf);
    const changed = withEntries(build, entries);
    const says = changed && prove(offers, changed, kinds, failing.id, now, isWork);
    return says && { says, cure: { says: say(together(offers), wording).replace(/\.$/, ''), entries } };
  };
  const proved = new Map<string, Proved>();
  for (const [k, offer] of meant.entries()) {
    yield (0.5 * k) / meant.length;
    const path = `${offer.path}/${offer.field}`;
    if (proved.has(path) || proved.size === most) continue;
    const found = tries([offer]);
    if (found) proved.set(path, found);
  }
  if (proved.size === 0) {
    const pairs = meant.flatMap((one) =>
      all.filter((other) => `${other.path}/${other.field}` !== `${one.path}/${one.field}`).map((other) => [one, other] as const),
    );
    for (const [k, pair] of pairs.slice(0, mostPairs).entries()) {
      yield 0.5 + (0.5 * k) / mostPairs;
      const found = tries(pair);
      if (!found) continue;
      proved.set('both', found);
      break;
    }
  }
  if (proved.size === 0) return none;
  const cures = [...proved.values()].map(({ says }) => phrase(says, wording)).join(', or ');
  return { says: say(sentence('{cures}', { cures }), wording), cures: [...proved.values()].map(({ cure }) => cure) };
}

interface Proved {
  readonly says: Sentence;
  readonly cure: Cure;
}

const entriesOf = ({ path, field, text, with: others = {} }: Offer): Cure['entries'] =>
  [[field, text] as const, ...Object.entries(others)].map(([name, entry]) => [`${path}/${name}`, entry] as const);

/** The build with all of it entered, as chosen; null where it has no such field. */
export function withEntries(build: Build, entries: Cure['entries']): Build | null {
  const places = new Map(placesOf(build).map((place) => [place.path, place]));
  let changed = build;
  for (const [path, text] of entries) {
    const place = places.get(path);
    if (!place) return null;
    changed = withInput(changed, path, text === null ? undefined : choose(place.field, text, undefined));
  }
  return changed;
}

const together = ([first, second]: readonly Offer[]): Sentence =>
  second
    ? sentence('{first} and {second} together', { first: first?.says ?? '', second: second.says })
    : sentence('{first}', { first: first?.says ?? '' });

function prove(offers: readonly Offer[], changed: Build, kinds: Kinds, id: string, before: Evaluation, isWork: boolean): Sentence | null {
  const after = evaluateBuild(changed, kinds);
  const check = after.checks.find((each) => each.id === id);
  const was = before.checks.find((each) => each.id === id);
  if (!check?.margin || !was || !better(check, was, isWork) || worsened(after, before, id)) return null;
  return sentence('{offer} would do, with {reserve}{costs}', { offer: together(offers), reserve: reserveOf(check), costs: costs(after, before) });
}

/** What it costs: a tool that turns at another speed than before. */
function costs(after: Evaluation, before: Evaluation): Sentence | string {
  for (const [k, line] of after.lines.entries()) {
    const [tool, was] = [line.stations.at(-1), before.lines[k]?.stations.at(-1)];
    if (!tool?.flow.known || !was?.flow.known || Math.abs(tool.flow.value / was.flow.value - 1) < 0.03) continue;
    return sentence('; the {name} then turns {now:likely} instead of {before:likely}', { name: tool.name, now: tool.flow, before: was.flow });
  }
  return '';
}

/** A cure of the work must hold, or leave enough; one of another check must no longer fail, nor be short at its worst ends. */
const better = (after: Check, before: Check, isWork: boolean) =>
  after.verdict === 'holds' || (after.verdict === 'close' && before.verdict === 'fails' && (after.margin?.worst ?? -1) >= (isWork ? closeBelow : 0));

/** By so much of what is left may another check that is close or fails end worse. */
const bearable = 0.01;

/** A cure is none when it breaks something that held, or makes worse what is close or fails already. */
function worsened(after: Evaluation, before: Evaluation, cured: string): boolean {
  const were = new Map(before.checks.map((check) => [check.id, check]));
  return after.checks.some((check) => {
    if (check.id === cured) return false;
    const was = were.get(check.id);
    if (check.verdict === 'fails' && was?.verdict !== 'fails') return true;
    // What was known and no longer is, is no better.
    if (check.verdict === 'unknown' && was && was.verdict !== 'unknown') return true;
    if (was?.margin && check.margin && was.margin.worst >= 0 && check.margin.worst < 0) return true;
    if (!was?.margin || !check.margin || (was.verdict !== 'fails' && was.verdict !== 'close')) return false;
    return check.margin.worst < was.margin.worst - bearable * Math.max(1, Math.abs(was.margin.worst));
  });
}
