import type { Stop } from '../../open-build/stop.js';

export const stop: Stop = {
  path: 'finder',
  beside: 'drive',
  order: 42,
  name: () => 'Find a drive',
  of: ['finder'],
  says: 'checks',
  machine: 'strip',
  hasCharts: true,
  load: async () => (await import('./finder-stop.js')).FinderStop,
};
