import { type Figure, fixed } from '../../../figure/figure.js';
import { leadResistance } from '../../../formulas/motor/lead-resistance.js';
import type { FeedKind } from '../../kind.js';
import { mainsHead } from './fields.js';

const copper = fixed('Ω·mm²/m', 0.0175, 'Copper 0.0172 to 0.0178 Ω·mm²/m (handbooks)', [0.0172, 0.0178]);
const steadily = fixed(
  '1',
  0.9,
  'Common practice, no source: 80 % of the breaker where a code says so (North America), all of it elsewhere',
  [0.8, 1],
);

/** A motor straight on the mains, with the lead in between. */
export const mains: FeedKind<typeof mainsHead> = {
  ...mainsHead,
  feed: ({ voltage, frequency, length, section, breaker, curve }, supply, { note }) => {
    const either = <U extends 'V' | 'Hz' | 'A'>(own: Figure<U>, shared: Figure<U>) => (own.known || !shared.known ? own : shared);
    const lead = leadResistance({ rho: copper, L: length, A: section });
    if (isEntered(length) || isEntered(section)) note('lead', lead);
    return {
      voltage: either(voltage, supply.voltage),
      frequency: either(frequency, supply.frequency),
      breaker: either(breaker, supply.breaker),
      lead,
      curve,
      share: steadily,
    };
  },
};

const isEntered = (figure: Figure): boolean => figure.known && figure.origin.by === 'given';
