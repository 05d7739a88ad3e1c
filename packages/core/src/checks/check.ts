import { type FieldPath, type Figure, flag, highEnd, type Known, lowEnd, unseenHighEnd, unseenLowEnd, unseenUnder } from '../figure/figure.js';
import { type Pair, together } from '../figure/together.js';
import { margin } from '../formulas/transmission/margin.js';
import type { Unit } from '../quantity/quantities.js';
import { type Sentence, sentence, type Told } from '../wording/sentence.js';
import type { CheckOutput } from './check-output.js';
import type { Verdict } from './verdict.js';

/** A limit held against what it has to withstand. Plain data: its sentence is put into words by whoever shows it. */
export interface Check<U extends Unit = Unit> {
  readonly id: string;
  /** Path of the element it belongs to. */
  readonly at: string;
  readonly verdict: Verdict;
  /** What it is called where there is room for no more: `the power rating of the belt`. */
  readonly name: Sentence;
  /** It holds, on a figure that is estimated from things like it. */
  readonly byEstimate?: true;
  /** Where it is not known although there are figures: the fields at which nobody has looked, and whose ends may decide it. */
  readonly unseen?: readonly FieldPath[];
  readonly has: Figure<U>;
  readonly needs: Figure<U>;
  /** Share of the limit that is left, at the ends that hurt and as likely; null when unknown. */
  readonly margin: { readonly worst: number; readonly likely: number; readonly best: number } | null;
  readonly says: Sentence;
  readonly source: string;
  /** It is as it is in a setting of its line, by its name, where it is worse than as entered. */
  readonly inSetting?: string;
  /** Share of the limit under which it is close; a fifth where it is not said. */
  readonly near?: number;
}

export type Margin = NonNullable<Check['margin']>;

/** What a check is made from, beside how it is declared. */
export interface BothSides<U extends Unit> {
  readonly has: Figure<U>;
  readonly needs: Figure<NoInfer<U>>;
  /** Where the source hangs on what was entered. */
  readonly source?: string;
  /** Best verdict this check can earn, however much is left. */
  readonly best?: 'close' | undefined;
  /** Share of the limit below which it is close, where that hangs on what was entered. */
  readonly closeBelow?: number;
  /** Limit and load have nothing in common: what enters twice is not looked for. */
  readonly areApart?: true;
}

export interface Held<U extends Unit> extends BothSides<U> {
  /** What the sentence tells beside both figures. */
  readonly tells?: Readonly<Record<string, Told>>;
}

/** Less than this share of the limit left is `close`. */
export const closeBelow = 0.2;

/**
 * Holds what is needed against a limit, at both ends of what is not sure (decision 2). Short even at the best ends it fails. Short at the likely values it
 * fails by scatter, and short only at the worst ends it is close: it may. But where something under it was not looked at, both are not known, and what to look
 * at is named. Where a fifth and more is left at the worst ends it holds, by estimate if it rests on one. Outside a formula's valid range it is at best close.
 * @param id of the check, and `at` the path of its element
 * @param declared subject, sentences, source and threshold, as its kind declares them
 */
export function hold<U extends Unit>(
  id: string,
  at: string,
  declared: CheckOutput,
  { has, needs, tells, source = declared.source, best, closeBelow: near = declared.closeBelow ?? closeBelow, areApart }: Held<U>,
): Check<U> {
  const name = sentence(declared.name, tells);
  if (!has.known || !needs.known) {
    const says = notKnownYet(declared.subject, has, needs, tells);
    return { id, at, verdict: 'unknown', name, has, needs, margin: null, says, source };
  }
  const flags = has.flags | needs.flags;
  const decided = judgedBy(has, needs, flags, near, areApart);
  const { judged, left } = decided;
  if (judged === 'unknown') return notLookedAt(id, at, declared, { has, needs, tells, source }, left);
  const earned = judged === 'holds' && (best || flags & flag.outsideValid) ? 'close' : judged;
  const verdict = earned === 'fails' && declared.contradicts ? 'unknown' : earned;
  const [limit, load] = [decided.has, decided.needs];
  const reserve = reserveTold(limit, left.worst);
  const figures = tells ? { has: limit, needs: load, reserve, ...tells } : { has: limit, needs: load, reserve };
  const template = templateOf(declared, earned, left);
  const told = judged === 'holds' && flags & flag.outsideValid ? `${template}${outside}` : template;
  const says: Sentence = isNear(left, limit, load) ? { template: told, figures, verdict, exact: true } : { template: told, figures, verdict };
  if (verdict === 'holds' && flags & anyDoubt) return { id, at, verdict, name, byEstimate: true, has, needs, margin: left, says, source, near };
  return { id, at, verdict, name, has, needs, margin: left, says, source, near };
}

/** The same check where nothing worse than close is ever meant; what to look at is left out with it. */
export function noWorseThanClose<U extends Unit>(check: Check<U>): Check<U> {
  if (!check.margin || check.verdict === 'holds' || check.verdict === 'close') return check;
  const { unseen: _, ...known } = check;
  return { ...known, verdict: 'close', says: { ...check.says, verdict: 'close' } };
}

/** The same check where what lies between the ends of a band that practice has, a service factor, is close: short at both of them it fails. */
export const failsAtBothEnds = <U extends Unit>(check: Check<U>): Check<U> =>
  check.verdict === 'fails' && check.margin && check.margin.best >= -rounding ? noWorseThanClose(check) : check;

/** What is known of a question that has no figures: yes, no, or which fields would tell. */
export interface Stated {
  readonly verdict: Verdict;
  /** The fields that would tell, where it is not known. */
  readonly missing?: readonly FieldPath[];
  readonly tells?: Readonly<Record<string, Told>>;
}

/**
 * A question of yes or no as a check: the same sentences, no figures and no reserve.
 * @param id of the check, and `at` the path of its element
 */
export function state(
  id: string,
  at: string,
  { name, subject, says, source }: CheckOutput,
  { verdict, missing = [], tells = {} }: Stated,
): Check<'1'> {
  const none: Figure<'1'> = { known: false, unit: '1', missing };
  const known = typeof says === 'string' ? says : verdict === 'holds' ? says.holds : verdict === 'close' ? (says.close ?? says.fails) : says.fails;
  const told: Sentence = verdict === 'unknown' ? notKnownYet(subject, none, none, tells) : { template: known, figures: tells, verdict };
  return { id, at, verdict, name: sentence(name, tells), has: none, needs: none, margin: null, says: told, source };
}

/** Whether any two of the ends that are told lie so near to each other that rounding might put them the other way round: to one figure it is by a third. */
function isNear({ worst, likely, best }: Margin, has: Known, needs: Known): boolean {
  const nearest = Math.min(Math.abs(worst), Math.abs(likely), Math.abs(best));
  return nearest < 0.12 || (nearest < 0.5 && (highEnd(has) > 5 * lowEnd(has) || highEnd(needs) > 5 * lowEnd(needs)));
}

const outside = '; a relation is used outside the range in which it is good: a hint only';

const reserveTold = (has: Known, worst: number): Told => (lowEnd(has) <= 0 && worst < 0 ? 'overloaded' : { left: worst });

/** The sentence for a verdict: what is short only at its worst ends may fail. */
function templateOf({ says }: CheckOutput, verdict: Verdict, { worst, best }: Margin): string {
  if (typeof says === 'string') return says;
  if (verdict === 'fails') return best >= -rounding ? (says.may ?? says.fails) : says.fails;
  if (verdict === 'close' && worst < -rounding) return says.may ?? says.fails;
  return verdict === 'close' ? (says.close ?? says.holds) : says.holds;
}

/** Of a limit that is used up a share means nothing: it is overloaded as far as is told, which is where a limit that gets smaller and smaller comes to. */
function shareLeft(has: number, needs: number): number {
  if (has > 0) return Math.max(mostOverloaded, margin.compute({ has, needs }));
  return needs > has ? mostOverloaded : 0;
}

const mostOverloaded = -99;

/** Arithmetic alone must not turn a limit that is exactly met into one that is passed. */
const rounding = 1e-12;

/** With every band taken for itself: each at the end that hurts. */
const leftApart = (has: Known, needs: Known): Margin => ({
  worst: shareLeft(lowEnd(has), highEnd(needs)),
  likely: shareLeft(has.value, needs.value),
  best: shareLeft(highEnd(has), lowEnd(needs)),
});

/** A verdict, what is left, and both figures as they decide it, for the sentence. */
interface Decided<U extends Unit> {
  readonly judged: Verdict;
  readonly left: Margin;
  readonly has: Known<U>;
  readonly needs: Known<U>;
}

/** Every band is first taken for itself. What is surely enough, or short at its likely values, is so either way; for the rest it is tried what belongs together. */
function judgedBy<U extends Unit>(has: Known<U>, needs: Known<U>, flags: number, near: number, areApart = false): Decided<U> {
  const left = leftApart(has, needs);
  const bare = has.low === undefined && needs.low === undefined;
  const pair: Pair = { has, needs, likely: true };
  const judged = judge(left, flags, near, bare, [pair]);
  if (areApart || bare || judged === 'holds' || left.best < -rounding || (left.likely < -rounding && judged !== 'unknown'))
    return { judged, left, has, needs };
  return judgedTogether({ judged, left, has, needs }, flags, near) ?? { judged, left, has, needs };
}

/** Where both rest on one band, that band is put to the same value in both. Null where that changes nothing. */
function judgedTogether<U extends Unit>({ judged, left: apart, has, needs }: Decided<U>, flags: number, near: number): Decided<U> | null {
  const pairs = together(has, needs, (likely) => {
    const left = leftApart(likely.has, likely.needs);
    return judge(left, flags, near, false, [likely]) !== judged || left.worst < -rounding !== apart.worst < -rounding;
  });
  if (pairs.length === 0) return null;
  const all = pairs.map((pair) => ({ pair, left: leftApart(pair.has, pair.needs) }));
  const hurts = all.reduce((one, other) => (other.left.worst < one.left.worst ? other : one));
  const left: Margin = {
    worst: Math.max(apart.worst, hurts.left.worst),
    likely: apart.likely,
    best: Math.min(apart.best, Math.max(...all.map((each) => each.left.best))),
  };
  const now = judge(left, flags, near, false, pairs);
  // Both figures as they hurt; where it may go either way, the whole of each.
  if (left.worst < -rounding && left.best >= -rounding) return { judged: now, left, has, needs };
  return { judged: now, left, has: hurts.pair.has as Known<U>, needs: hurts.pair.needs as Known<U> };
}

const anyDoubt = flag.guessed | flag.estimated | flag.unseen;

/** An estimate without a band must leave half: how far off it may be is not said. */
const leftOfBareEstimate = 0.5;

function judge({ worst, likely, best }: Margin, flags: number, near: number, bare: boolean, pairs: readonly Pair[]): Verdict {
  if (best < -rounding) return 'fails';
  if (worst < -rounding) {
    if (flags & flag.unseen && lookingTurns(pairs)) return 'unknown';
    return likely < -rounding ? 'fails' : 'close';
  }
  const least = bare && flags & flag.estimated ? leftOfBareEstimate : near;
  return worst < least - rounding ? 'close' : 'holds';
}

/** Whether what looking may find makes it short at one end and not at the other, the scatter at its likely. */
function lookingTurns(pairs: readonly Pair[]): boolean {
  const likely = pairs.filter((pair) => pair.likely);
  return (
    likely.some(({ has, needs }) => shareLeft(unseenLowEnd(has), unseenHighEnd(needs)) < -rounding) &&
    likely.some(({ has, needs }) => shareLeft(unseenHighEnd(has), unseenLowEnd(needs)) >= -rounding)
  );
}

/** There are figures, and what nobody has looked at decides: no verdict, but what to look at. */
function notLookedAt<U extends Unit>(
  id: string,
  at: string,
  { name, subject }: CheckOutput,
  {
    has,
    needs,
    tells = {},
    source,
  }: { readonly has: Known<U>; readonly needs: Known<U>; readonly tells: Held<U>['tells'] | undefined; readonly source: string },
  left: Margin,
): Check<U> {
  const fields = [...new Set([...unseenUnder(has), ...unseenUnder(needs)])];
  const template = '{subject} is not known yet: the limit is {has}, the load {needs}; enter or measure {missing}';
  const says = { template, figures: { ...tells, subject: sentence(subject, tells), has, needs, missing: { fields } }, verdict: 'unknown' } as const;
  return { id, at, verdict: 'unknown', name: sentence(name, tells), unseen: fields, has, needs, margin: left, says, source };
}

function notKnownYet(subject: string, has: Figure, needs: Figure, tells: Held<Unit>['tells'] = {}): Sentence {
  const figures = [has, needs];
  const load = needs.known ? sentence('; the load is {needs}', { needs }) : '';
  const of: Readonly<Record<string, Told>> = { ...tells, subject: sentence(subject, tells), load };
  const fields = [...new Set(figures.flatMap((figure) => (figure.known ? [] : figure.missing)))];
  if (fields.length > 0)
    return { template: '{subject} is not known yet: enter {missing}{load}', figures: { ...of, missing: { fields } }, verdict: 'unknown' };
  const [first, other] = figures.flatMap((figure) => (figure.known || !figure.because ? [] : [figure.because]));
  const why = first === undefined ? 'it has no value here' : other === undefined ? first : sentence('{first}; {other}', { first, other });
  return { template: '{subject} is not known yet: {why}', figures: { ...of, why }, verdict: 'unknown' };
}
