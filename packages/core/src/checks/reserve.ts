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
  const times = 1 - left;
  if (times < 1.05) return 'just overloaded';
  return times < 99.5 ? `overloaded ${times < 9.95 ? times.toFixed(1) : times.toFixed(0)} times` : 'overloaded over 99 times';
}

/** Whole per cent, rounded down; under one, a single figure. */
function wholePercent(share: number): string {
  const percent = share * 100;
  // What a double leaves behind of 20 % is 20 %.
  return percent >= 1 || percent === 0 ? String(Math.floor(percent + 1e-9)) : String(Number(percent.toPrecision(1)));
}

/** The same of a check, at worst; a share of a limit that may be nought or less is no share. Empty where it is not known. */
export function reserveOf({ has, margin, verdict }: { readonly has: Figure; readonly margin: Margin | null; readonly verdict: Verdict }): string {
  if (margin === null || verdict === 'unknown') return '';
  const words = has.known && lowEnd(has) <= 0 && margin.worst < 0 ? 'overloaded' : reserveWords(margin.worst);
  return verdict === 'close' && margin.worst < 0 ? `at worst ${words}` : words;
}

/** So much of the limit may lie between worst and likely before it is said which is told. */
const toldApart = 0.05;

/** The same beside figures that are likely ones: where what is left at worst is clearly less, that it is so. */
export function reserveBesideLikely(check: Parameters<typeof reserveOf>[0]): string {
  const [words, { margin }] = [reserveOf(check), check];
  const isApart = margin !== null && margin.likely - margin.worst > toldApart;
  return isApart && words && !words.startsWith('at worst') ? `at worst ${words}` : words;
}
