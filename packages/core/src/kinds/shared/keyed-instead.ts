import { lowEnd } from '../../figure/figure.js';
import { sentence } from '../../wording/sentence.js';
import type { Candidate } from '../kind.js';
import { type HubInputs, hubOf, type Wheel } from './hub-fixing.js';

/** Bores that a hub usually engages its shaft over: common practice, no source, one to two. */
const usualEngaged = 1.5;

/** The length of a key that is entered with it where none is yet, mm; of no use where the shaft is not known. */
function lengthFor({ Bore, Length }: HubInputs): string | null {
  if (Length.known || !Bore.known) return null;
  return `${Math.max(5, 5 * Math.round((usualEngaged * lowEnd(Bore)) / 5))} mm`;
}

/**
 * A key in place of what else fixes a wheel on its shaft, over one and a half bores where its length is not entered.
 * @param called the wheels, in lower case: `driving pulley`
 */
export function keyedInstead(inputs: object, called: Readonly<Record<Wheel, string>>): Candidate[] {
  return (['driver', 'driven'] as const).flatMap((wheel) => {
    const hub = hubOf(inputs, wheel);
    if (!hub.Fixing.is || hub.Fixing.is === 'key') return [];
    const length = lengthFor(hub);
    const says = length ? sentence(`a key ${length} long in the ${called[wheel]}`) : sentence(`a key in the ${called[wheel]}`);
    return [{ field: `${wheel}Fixing`, text: 'key', says, cures: `check-${wheel}-hub`, ...(length ? { with: { [`${wheel}Length`]: length } } : {}) }];
  });
}
