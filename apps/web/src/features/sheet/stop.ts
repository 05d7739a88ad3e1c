import type { Stop } from '../../open-build/stop.js';
import { worstAt } from '../../open-build/worst-at.js';

export const stop: Stop = {
  path: '',
  order: 20,
  name: () => 'Sheet',
  mark: (derived, { id }) => worstAt(derived, (at) => at.startsWith(`${id}/`) && at !== `${id}/source` && at !== `${id}/feed`),
  machine: 'whole',
  load: async () => (await import('./sheet-zones.js')).SheetZones,
};
