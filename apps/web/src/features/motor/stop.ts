import { kindHead } from '@hobrek/core';
import type { Stop } from '../../open-build/stop.js';
import { worstAt } from '../../open-build/worst-at.js';

export const stop: Stop = {
  path: 'motor',
  order: 30,
  name: ({ source }) => {
    const noun = kindHead('source', source.kind)?.noun ?? 'source';
    return noun.charAt(0).toUpperCase() + noun.slice(1);
  },
  mark: (derived, { id }) => worstAt(derived, (at) => at === `${id}/source` || at === `${id}/feed`),
  machine: 'strip',
  load: async () => (await import('./motor-stop.js')).MotorStop,
};
