import { carriesSource, fusedSource, laidShares, laidSource, leadCarries, leadFused } from '../../../catalog/leads.js';
import { type Figure, fixed, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { leadResistance } from '../../../formulas/motor/lead-resistance.js';
import type { Chosen } from '../../fields.js';
import type { FeedKind } from '../../kind.js';
import { mainsHead } from './fields.js';

const copper = fixed('Ω·mm²/m', 0.0175, 'Copper 0.0172 to 0.0178 Ω·mm²/m (handbooks)', [0.0172, 0.0178]);
const steadily = fixed(
  '1',
  0.9,
  'NEC 210.20(A), from memory: a load of three hours and more takes at most 80 % of its breaker; IEC 60364-4-43, from memory, allows all of it',
  [0.8, 1],
);

/** A motor straight on the mains, with the lead in between. */
export const mains: FeedKind<typeof mainsHead> = {
  ...mainsHead,
  feed: ({ voltage, frequency, phases, length, section, laid, breaker, curve }, supply, { note }) => {
    const either = <U extends 'V' | 'Hz' | 'A'>(own: Figure<U>, shared: Figure<U>) => (own.known || !shared.known ? own : shared);
    const chosen = (own: Chosen<'1' | '3'>, shared: Chosen<'1' | '3'>) => (own.is || !shared.is ? own : shared);
    const lead = leadResistance({ rho: copper, L: length, A: section });
    const isLeadEntered = isEntered(length) || isEntered(section);
    const carries = carriesFor(section, laid.is ?? 'free');
    const fused = solve('A', fusedBySection, { A: section }, ({ A = 0 }) => leadFused(A));
    if (isLeadEntered) {
      note('lead', lead);
      note('carries', carries);
      note('fused-with', fused);
    }
    return {
      voltage: either(voltage, supply.voltage),
      frequency: either(frequency, supply.frequency),
      phases: chosen(phases, supply.phases),
      current: { is: 'ac', field: '' },
      ripple: smooth,
      limit: null,
      breaker: either(breaker, supply.breaker),
      lead,
      section,
      isLeadEntered,
      carries,
      fused,
      curve,
      share: steadily,
    };
  },
};

const smooth = fixed('1', 1, 'Alternating current: there is no mean');

const isEntered = (figure: Figure): boolean => figure.known && figure.origin.by === 'given';

export const byCrossSection = defineProcedure({
  id: 'lead-carries',
  says: 'Current that a copper lead of this cross-section carries for good in free air, between the rows of the table',
  source: carriesSource,
});

export const fusedBySection = defineProcedure({
  id: 'lead-fused',
  says: 'The largest breaker before a copper lead of this cross-section, between the rows of the table',
  source: fusedSource,
});

function carriesFor(section: Figure<'mm²'>, laid: keyof typeof laidShares): Figure<'A'> {
  if (!section.known) return unknown('A', section.missing);
  const [low, likely, high] = leadCarries(section.value);
  const free = scaled(
    solve('A', byCrossSection, { A: section }, ({ A = 0 }) => leadCarries(A)[1]),
    fixed('1', 1, carriesSource, [low / likely, high / likely]),
    carriesSource,
  );
  const [least, usual, most] = laidShares[laid];
  return laid === 'free' ? free : scaled(free, fixed('1', usual, laidSource, [least, most]), laidSource);
}
