import type { Figure } from '../figure/figure.js';
import type { Supply } from '../kinds/kind.js';
import type { Build } from '../machine/build.js';
import { entryFigure } from '../machine/entry-figure.js';

/** What the brief says of the supply. */
export function supplyOf(supply: Build['supply']): Supply {
  const entry = <U extends 'V' | 'Hz' | 'A'>(name: keyof Build['supply'], unit: U): Figure<U> =>
    entryFigure(supply[name], unit, `supply/${name}`, []);
  const phases = { is: supply.phases?.text as '1' | '3' | undefined, field: 'supply/phases' };
  return { voltage: entry('voltage', 'V'), frequency: entry('frequency', 'Hz'), phases, breaker: entry('breaker', 'A') };
}
