import { type TimingProfile, timingLengths, timingMark, timingRow, timingTeeth } from '../../../catalog/timing-belts.js';
import type { Figure } from '../../../figure/figure.js';
import { openBeltLength } from '../../../formulas/belt/open-belt-length.js';
import { centresFromLength } from '../../../geometry/centres-from-length.js';
import type { InputFigures } from '../../fields.js';
import type { StageOutline, StockBelt } from '../../kind.js';
import { smallerFirst } from '../../shared/open-belt.js';
import { slotAround } from '../../shared/outline.js';
import type { timingBeltHead } from './fields.js';

export type Inputs = InputFigures<typeof timingBeltHead.fields>;

/** Belts near the one that the centres need, each with its centre distance, and how far the slot lets the motor move. */
export function stockFor(inputs: Inputs, driver: Figure<'mm'>, driven: Figure<'mm'>, centres: Figure<'mm'>): StageOutline['stock'] {
  const { profile, belt } = inputs;
  const [small, large] = smallerFirst(driver, driven);
  if (!profile.is || !small.known || !large.known || !centres.known) return undefined;
  const of = profile.is;
  return {
    what: timingLengths[of] ? 'standard belt lengths' : 'whole numbers of teeth',
    belts: nearest(of, small.value, large.value, centres.value),
    slot: slotAround(inputs, centres.value),
    chosen: belt.known ? timingMark(of, timingTeeth(of, belt.value)) : null,
  };
}

/** How many are shown to either side. */
const beside = 3;

function nearest(of: TimingProfile, small_mm: number, large_mm: number, centres_mm: number): StockBelt[] {
  const around = openBeltLength.compute({ d: small_mm, D: large_mm, C: centres_mm }) / timingRow(of).pitch_mm;
  const standard = timingLengths[of] ?? Array.from({ length: 2 * beside + 1 }, (_, k) => Math.round(around) - beside + k);
  const byNearness = [...standard].sort((a, b) => Math.abs(a - around) - Math.abs(b - around)).slice(0, 2 * beside + 1);
  return byNearness
    .sort((a, b) => a - b)
    .flatMap((teeth) => {
      const centres = centresFromLength(small_mm, large_mm, teeth * timingRow(of).pitch_mm);
      // Wheels that would run into each other are no place for a belt.
      return centres === null || centres <= (small_mm + large_mm) / 2 ? [] : [{ mark: timingMark(of, teeth), centres }];
    });
}
