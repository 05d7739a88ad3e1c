import { kindHead } from '@hobrek/core';
import type { Stop } from '../../open-build/stop.js';

export const stop: Stop = {
  path: 'needs',
  beside: 'motor',
  order: 31,
  name: ({ source }) => `What the ${kindHead('source', source.kind)?.noun ?? 'source'} needs`,
  says: 'source',
  machine: 'strip',
  load: async () => (await import('./needs-stop.js')).NeedsStop,
};
