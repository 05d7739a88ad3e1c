import { type Figure, fixed, flag, unknown, unseen } from '../../../figure/figure.js';
import type { Chosen } from '../../fields.js';
import type { FeedKind } from '../../kind.js';
import { asGivenHead } from './fields.js';

const source =
  'NEMA MG 1, 14.61: form factor 1.35 of a rectified single phase with thyristors, 1.1 of one with diodes and a motor behind it (from memory)';

/** Effective value over mean of the current. */
const factors = {
  smooth: fixed('1', 1.02, source, [1, 1.05], flag.estimated),
  rectified: fixed('1', 1.15, source, [1.11, 1.3], flag.estimated),
  pulsed: fixed('1', 1.45, source, [1.35, 1.8], flag.estimated),
} as const;
const one = fixed('1', 1, 'Alternating current: there is no mean');

/** A supply by what it puts out. Nothing of the build's wall counts behind it. */
export const asGiven: FeedKind<typeof asGivenHead> = {
  ...asGivenHead,
  feed: ({ voltage, current, frequency, phases, ripple, amps }, _supply, { note }) => {
    const isDirect = current.is === 'dc';
    return {
      voltage,
      frequency: isDirect ? unknown('Hz', []) : frequency,
      phases: isDirect ? { is: '1', field: phases.field } : phases,
      current,
      ripple: isDirect ? note('form-factor', factorOf(ripple)) : one,
      limit: amps.known ? amps : null,
      breaker: unknown('A', []),
      lead: fixed('Ω', 0, 'Its voltage is that at the motor'),
      section: unknown('mm²', []),
      isLeadEntered: false,
      carries: unknown('A', []),
      fused: unknown('A', []),
      curve: { is: undefined, field: '' },
      share: fixed('1', 1, 'It is told what it puts out for good'),
    };
  },
};

const factorOf = ({ is, field }: Chosen<keyof typeof factors>): Figure<'1'> => (is ? factors[is] : unseen('1', [1, 1.1, 1.8], field, source));
