import type { FieldPath } from '../figure/figure.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import type { Wording } from '../wording/wording.js';
import type { Evaluation } from './evaluate-build.js';
import { attentionOf } from './overview.js';
import { type Cure, contradictsItself, curesFor, lookFirst } from './remedy.js';
import { partOf, type Steps } from './steps.js';

/** What would do against one check: a change that was tried, or a field to look at before anything is changed. */
export type WayOut = { readonly cure: Cure } | { readonly look: FieldPath };

/**
 * Of the worst checks of each line that fail or are close, what would do against each of them alone, by the id of the check. A check that nothing
 * near helps is not in it. Each change that is tried costs an evaluation.
 * @param now the build as it was worked out
 * @param most checks of a line that are tried
 */
export function* waysOutSteps(build: Build, kinds: Kinds, now: Evaluation, wording: Wording, most: number): Steps<Readonly<Record<string, WayOut>>> {
  const found: Record<string, WayOut> = {};
  if (contradictsItself(now)) return found;
  const bad = now.lines
    .flatMap((line) => attentionOf(lineOf(build, line.id), line, most).worst)
    .filter(({ check: { verdict } }) => verdict === 'fails' || verdict === 'close');
  for (const [k, { check }] of bad.entries()) {
    const [look] = lookFirst(check);
    if (look) found[check.id] = { look };
    else {
      const [cure] = (yield* partOf(curesFor(check, build, kinds, now, wording), k / bad.length, (k + 1) / bad.length)).cures;
      if (cure) found[check.id] = { cure };
    }
  }
  return found;
}
