import type { Stop } from '../../open-build/stop.js';

export const stop: Stop = {
  path: 'shafts',
  beside: 'drive',
  order: 41,
  name: () => 'Shafts',
  of: ['shaft'],
  says: 'checks',
  machine: 'strip',
  hasCharts: true,
  load: async () => (await import('./shafts-stop.js')).ShaftsStop,
};
