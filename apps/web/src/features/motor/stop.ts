import { kindHead } from '@hobrek/core';
import type { Stop } from '../../open-build/stop.js';
import { worstOf } from '../../open-build/worst-at.js';

const of = ['source', 'feed'] as const;

export const stop: Stop = {
  path: 'motor',
  order: 30,
  name: ({ source }) => {
    const noun = kindHead('source', source.kind)?.noun ?? 'source';
    return noun.charAt(0).toUpperCase() + noun.slice(1);
  },
  of,
  says: 'source',
  mark: (derived, line) => worstOf(derived, line, { of }),
  machine: 'strip',
  load: async () => (await import('./motor-stop.js')).MotorStop,
};
