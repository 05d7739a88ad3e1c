import { type InPlace, lineOf } from '@hobrek/core';
import { useMemo } from 'react';
import { useDerived } from '../open-build/in-sight.js';

/** The motor of a line with what feeds it, as it is put into other builds; the same object while neither changes. Null while it is not known how strong it is. */
export function useMotorInHand(line: string): InPlace | null {
  const source = useDerived(({ build }) => lineOf(build, line).source);
  const supply = useDerived(({ build }) => build.supply);
  const isKnown = useDerived(({ evaluation }) => evaluation.lines.find(({ id }) => id === line)?.stations[0]?.effort.known === true);
  return useMemo(() => (isKnown ? { source, supply } : null), [isKnown, source, supply]);
}
