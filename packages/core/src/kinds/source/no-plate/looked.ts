import { highEnd, lowEnd } from '../../../figure/figure.js';
import { type DonorName, donors } from '../../../identify/donors.js';
import type { Measured } from '../../../identify/estimate.js';
import type { LookedAt } from '../../../identify/identify.js';
import { cannot, lookNames } from '../../../identify/looks.js';
import type { Reading } from '../../../identify/windings.js';
import type { Inputs } from './fields.js';

/** `1-2`, `1 to 2`, `red/black`: two wires. */
const pair = /^\s*(\S+?)\s*(?:-|–|\/|,|\bto\b|\band\b|\s)\s*(\S+)\s*$/;

function readingsOf({ readings }: Inputs): readonly Reading[] {
  return readings.rows.flatMap(({ between, ohms, most, none }): readonly Reading[] => {
    const [, a, b] = pair.exec(between.is ?? '') ?? [];
    if (!a || !b || a === b) return [];
    if (none.is === 'yes') return [{ a, b, ohms: null }];
    return ohms.known ? [{ a, b, ohms: [lowEnd(ohms), most.known ? Math.max(highEnd(most), lowEnd(ohms)) : highEnd(ohms)] as const }] : [];
  });
}

/** What was looked at, as it was entered; what cannot be reached says nothing. */
export function lookedAtOf(inputs: Inputs): LookedAt {
  const answers = lookNames.flatMap((name) => {
    const { is } = inputs[name];
    return is !== undefined && is !== cannot ? [[name, is] as const] : [];
  });
  return {
    donor: donorOf(inputs),
    mains: inputs.mains.is,
    looks: Object.fromEntries(answers),
    readings: readingsOf(inputs),
  };
}

const donorOf = ({ donor }: Inputs): DonorName | undefined => (donor.is !== undefined && donor.is in donors ? (donor.is as DonorName) : undefined);

/** What cannot be reached of it, or is not known any more: it is not shown again. */
export const outOf = (inputs: Inputs): ReadonlySet<string> =>
  new Set(([...lookNames, 'donor'] as const).filter((name) => inputs[name].is === cannot));

export const measuredOf = (inputs: Inputs): Measured => ({
  donor: donorOf(inputs),
  mass_kg: inputs.weight.known ? inputs.weight.value : undefined,
  shaft_mm: inputs.shaft.known ? inputs.shaft.value : undefined,
  stack_mm: inputs.stack.known ? inputs.stack.value : undefined,
  across_mm: inputs.across.known ? inputs.across.value : undefined,
  plate: inputs.plate.is,
});
