import { type Check, closeBelow } from '../checks/check.js';
import { reserveOf } from '../checks/reserve.js';
import type { Candidate, Typed } from '../kinds/kind.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { enter } from '../machine/enter.js';
import { elementsOf, placesOf, withInput } from '../machine/paths.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { phrase, say, type Wording } from '../wording/wording.js';
import { decidedBy } from './decided-by.js';
import { type Evaluation, evaluateBuild } from './evaluate-build.js';
import { openElement } from './walk-line.js';

/** A candidate with the element it would change. */
interface Offer extends Candidate {
  readonly path: string;
}

/** Most cures that are told of at once. */
const most = 2;

/**
 * What has been tried through the same evaluation and would do, in words: for the work first, then for the worst of what fails or is close. Where what nobody
 * has looked at decides, the cure is to look, never to buy. Empty when nothing is wrong or nothing near helps. Each try costs an evaluation: it is worked out
 * when there is time.
 * @param now the build as it was worked out
 */
export function remedyFor(build: Build, kinds: Kinds, now: Evaluation, wording: Wording): string {
  const work = now.lines.map((line) => line.checks[0]).find((check) => check && check.verdict !== 'holds');
  if (work?.unseen) return say(decidedBy(build, kinds, now).get(work.id) ?? work.says, wording);
  if (work && work.verdict !== 'unknown') {
    const cure = curesFor(work, build, kinds, now, wording);
    if (cure) return cure;
  }
  for (const check of now.checks.filter((each) => each !== work && each.verdict === 'fails').slice(0, 3)) {
    const cure = curesFor(check, build, kinds, now, wording);
    if (cure) return cure;
  }
  // There is nothing to buy, but something to look at.
  const worst = now.checks.find((check) => check.unseen);
  return worst ? say(decidedBy(build, kinds, now).get(worst.id) ?? worst.says, wording) : '';
}

/** What the kinds of a build offer against its checks, nearest size first. */
function offersOf(build: Build, kinds: Kinds): Offer[] {
  return build.lines.flatMap(elementsOf).flatMap((placed): Offer[] => {
    const { kind, path, inputs } = openElement(placed, kinds);
    const typed: Typed = (field) => placed.element.inputs[field]?.text;
    return kind.role === 'feed' ? [] : (kind.candidates?.(inputs, typed) ?? []).map((each) => ({ ...each, path }));
  });
}

/** Tries what the kinds offer against a check, nearest size first, and speaks of the first of each field that holds. */
function curesFor(failing: Check, build: Build, kinds: Kinds, now: Evaluation, wording: Wording): string {
  const places = new Map(placesOf(build).map((place) => [place.path, place]));
  const isWork = now.lines.some((line) => line.checks[0]?.id === failing.id);
  const name = failing.id.slice(failing.at.length + 1);
  const proved = new Map<string, Sentence>();
  for (const offer of offersOf(build, kinds)) {
    const path = `${offer.path}/${offer.field}`;
    const field = places.get(path)?.field;
    const meant = offer.cures === undefined ? isWork : offer.path === failing.at && offer.cures === name;
    if (!meant || !field || proved.has(path) || proved.size === most) continue;
    const says = prove(offer, withInput(build, path, enter(field, offer.text, undefined).input), kinds, failing.id, now, isWork);
    if (says) proved.set(path, says);
  }
  if (proved.size === 0) return '';
  const cures = [...proved.values()].map((cure) => phrase(cure, wording)).join(', or ');
  return say(sentence('{cures}', { cures }), wording);
}

function prove(offer: Offer, changed: Build, kinds: Kinds, id: string, before: Evaluation, isWork: boolean): Sentence | null {
  const after = evaluateBuild(changed, kinds);
  const check = after.checks.find((each) => each.id === id);
  const was = before.checks.find((each) => each.id === id);
  if (!check?.margin || !was || !better(check, was, isWork) || worsened(after, before)) return null;
  return sentence('{offer} would do, with {reserve}', { offer: offer.says, reserve: reserveOf(check) });
}

/** A cure of the work must hold, or leave enough; one of another check must at least no longer fail. */
const better = (after: Check, before: Check, isWork: boolean) =>
  after.verdict === 'holds' || (after.verdict === 'close' && before.verdict === 'fails' && (!isWork || (after.margin?.worst ?? 0) >= closeBelow));

/** A cure is none when it breaks something that did not fail before. */
function worsened(after: Evaluation, before: Evaluation): boolean {
  const failed = new Set(before.checks.filter((check) => check.verdict === 'fails').map((check) => check.id));
  return after.checks.some((check) => check.verdict === 'fails' && !failed.has(check.id));
}
