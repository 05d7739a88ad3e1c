import { kindHead } from '@hobrek/core';
import type { Stop } from '../../open-build/stop.js';

export const stop: Stop = {
  path: 'drives',
  beside: 'motor',
  order: 32,
  name: ({ source }) => `What the ${kindHead('source', source.kind)?.noun ?? 'source'} could drive`,
  says: 'source',
  machine: 'strip',
  load: async () => (await import('./drives-stop.js')).DrivesStop,
};
