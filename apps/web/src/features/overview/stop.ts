import type { Stop } from '../../open-build/stop.js';

export const stop: Stop = {
  path: '',
  order: 0,
  name: () => 'Overview',
  machine: 'whole',
  load: async () => (await import('./overview-stop.js')).OverviewStop,
};
