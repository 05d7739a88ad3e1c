import { type Figure, lowEnd } from '../figure/figure.js';
import type { Margin } from './check.js';
import type { Verdict } from './verdict.js';

/**
 * What is left of a limit, in the one notation there is: `reserve 27 %`, the share of the limit that is not needed, rounded down; past the limit
 * `overloaded 1.4 times`, what is needed over what there is. Two figures at most.
 * @param left least share of the limit that is left; below nought the limit is passed
 */
export function reserveWords(left: number): string {
  if (left >= 0) return `reserve ${wholePercent(left)} %`;
  const times = timesOver(left);
  return times === '' ? 'just overloaded' : `overloaded ${times} times`;
}

/** How many times as much as there is; empty where it is hardly more. */
function timesOver(left: number): string {
  const times = 1 - left;
  if (times < 1.05) return '';
  if (times >= 99.5) return 'over 99';
  return times < 9.95 ? times.toFixed(1) : times.toFixed(0);
}

/** Whole per cent, rounded down; under one, a single figure. */
function wholePercent(share: number): string {
  const percent = share * 100;
  // What a double leaves behind of 20 % is 20 %.
  return percent >= 1 || percent === 0 ? String(Math.floor(percent + 1e-9)) : String(Number(percent.toPrecision(1)));
}

/**
 * The same of a check. Of what holds, what is left at worst; of what is overloaded, what is likely, and beside it how bad it may be; `at worst` where only
 * the worst is overloaded. A share of a limit that may be nought or less is no share. Empty where it is not known.
 */
export function reserveOf(check: Reserved): string {
  const words = reserveInShort(check);
  const { margin } = check;
  if (!margin || words.startsWith('at worst') || !words.endsWith(' times')) return words;
  const times = timesOver(margin.worst);
  return times === timesOver(margin.likely) ? words : `${words}, at worst ${times}`;
}

/** What it is told by. */
interface Reserved {
  readonly has: Figure;
  readonly margin: Margin | null;
  readonly verdict: Verdict;
}

/** The same in a sentence that has other things to tell: of what is overloaded, what is likely alone. */
export function reserveInShort({ has, margin, verdict }: Reserved): string {
  if (margin === null || verdict === 'unknown') return '';
  const { worst, likely } = margin;
  if (worst >= 0) return reserveWords(worst);
  const isShare = !has.known || lowEnd(has) > 0;
  // What is close by another rule as well is so whatever this one says of the likely.
  const isWorst = likely >= 0 || verdict === 'close';
  const words = isShare ? reserveWords(isWorst ? worst : likely) : 'overloaded';
  return isWorst ? `at worst ${words}` : words;
}

/** So much of the limit may lie between worst and likely before it is said which is told. */
const toldApart = 0.05;

/** The same beside figures that are likely ones: where what is left at worst is clearly less, that it is so. */
export function reserveBesideLikely(check: Reserved): string {
  const [words, { margin }] = [reserveOf(check), check];
  const isApart = margin !== null && margin.likely - margin.worst > toldApart;
  return isApart && words && !words.includes('at worst') ? `at worst ${words}` : words;
}
