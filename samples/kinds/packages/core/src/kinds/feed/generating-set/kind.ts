import { fixed, unknown } from '../../../figure/figure.js';
import type { FeedKind } from '../../kind.js';
import { generatingSetHead } from './fields.js';

/** A set of one’s own beside the machine: nothing of the wall counts. */
export const generatingSet: FeedKind<typeof generatingSetHead> = {
  ...generatingSetHead,
  feed: ({ voltage, frequency, amps }, { phases }, { note }) => {
    const current = note('current', amps);
    return {
      voltage,
      frequency,
      phases,
      current: { is: 'ac', field: '' },
      ripple: fixed('1', 1, 'Alternating current: there is no mean'),
      limit: null,
      breaker: current,
      lead: fixed('Ω', 0, 'The set is beside the machine'),
      section: unknown('mm²', []),
      isLeadEntered: false,
      carries: current,
      fused: current,
      curve: { is: undefined, field: '' },
      share: fixed('1', 1, 'Its plate says what it puts out for good'),
    };
  },
};
