import type { FieldPath } from '../figure/figure.js';
import type { Build } from '../machine/build.js';
import { isHeld } from '../machine/holders.js';
import { draftsIn, fieldLabel, placesOf } from '../machine/paths.js';
import { type Sentence, sentence } from '../wording/sentence.js';

/** What is typed somewhere and is not read, each as a sentence: `speed: “1,725” is not read`. Figures are for what was there before. */
export const unreadIn = (build: Build): Sentence[] =>
  draftsIn(build).flatMap(({ path, input }) =>
    // Nothing is worked out of what is only kept.
    input?.draft?.trim() && !isHeld(path)
      ? [sentence('{field}: “{text}” is not read', { field: fieldLabel(build, path), text: input.draft.trim() })]
      : [],
  );

/**
 * Fields that nobody filled and that a check which is not known waits for, in the order of the page.
 * @param checks of an evaluation of the build
 */
export function fieldsThatDecide(
  build: Build,
  checks: readonly { readonly verdict: string; readonly unseen?: readonly FieldPath[]; readonly says: Sentence }[],
): FieldPath[] {
  const wanted = new Set(checks.flatMap(({ verdict, unseen, says }) => (verdict === 'unknown' ? [...(unseen ?? []), ...missingIn(says)] : [])));
  return placesOf(build)
    .map(({ path }) => path)
    .filter((path) => wanted.has(path));
}

function missingIn({ figures }: Sentence): readonly FieldPath[] {
  const { missing } = figures;
  return typeof missing === 'object' && missing !== null && 'fields' in missing ? (missing as { fields: readonly FieldPath[] }).fields : [];
}
