import { type Build, settleValues, upgradeBuild } from '@hobrek/core';

/** A document may have been written when its format or its kinds were older: as it is read today, with what there is to say of that. */
export function asOfToday(document: Build): { readonly build: Build; readonly notices: readonly string[] } {
  const { build: upgraded, notices: raised } = upgradeBuild(document);
  const { build, notices } = settleValues(upgraded as Build);
  return { build, notices: [...raised, ...notices] };
}
