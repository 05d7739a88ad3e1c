import type { Stop } from '../../open-build/stop.js';
import { worstOf } from '../../open-build/worst-at.js';

const of = ['work'] as const;

export const stop: Stop = {
  path: 'work',
  order: 20,
  name: () => 'Work',
  of,
  says: 'work',
  mark: (derived, line) => worstOf(derived, line, { of }),
  machine: 'strip',
  load: async () => (await import('./work-stop.js')).WorkStop,
};
