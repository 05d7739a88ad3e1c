import type { Stop } from '../../open-build/stop.js';
import { worstAt } from '../../open-build/worst-at.js';

export const stop: Stop = {
  path: 'brief',
  order: 10,
  name: () => 'Brief',
  of: ['wishes', 'supply', 'kept'],
  says: 'checks',
  mark: (derived) => worstAt(derived, (at) => at === 'wishes'),
  machine: 'strip',
  load: async () => (await import('./brief-stop.js')).BriefStop,
};
