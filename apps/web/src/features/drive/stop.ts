import type { Stop } from '../../open-build/stop.js';
import { worstOf } from '../../open-build/worst-at.js';

const of = ['stage'] as const;

export const stop: Stop = {
  path: 'drive',
  order: 40,
  name: () => 'Drive',
  of,
  says: 'checks',
  mark: (derived, line) => worstOf(derived, line, { of }),
  machine: 'strip',
  load: async () => (await import('./drive-stop.js')).DriveStop,
};
