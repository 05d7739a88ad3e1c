/** From best to worst; `unknown` ranks with what must be looked at, below what fails. */
export const verdicts = ['holds', 'close', 'unknown', 'fails'] as const;
export type Verdict = (typeof verdicts)[number];

/** Place of a verdict from best to worst. */
export const rankOf: Readonly<Record<Verdict, number>> = { holds: 0, close: 1, unknown: 2, fails: 3 };

/** What a verdict is called wherever people read it. */
export const verdictWords: Readonly<Record<Verdict, string>> = { holds: 'holds', close: 'close', unknown: 'not known', fails: 'fails' };

/** What the verdict of a check is called: that it holds on an estimate is said. */
export const verdictOf = ({ verdict, byEstimate }: { readonly verdict: Verdict; readonly byEstimate?: true }): string =>
  byEstimate ? `${verdictWords[verdict]}, by estimate` : verdictWords[verdict];

/** The worst of several verdicts; nothing to judge is `unknown`. */
export function worstVerdict(checks: readonly { readonly verdict: Verdict }[]): Verdict {
  if (checks.length === 0) return 'unknown';
  let worst: Verdict = 'holds';
  for (const { verdict } of checks) if (rankOf[verdict] > rankOf[worst]) worst = verdict;
  return worst;
}
