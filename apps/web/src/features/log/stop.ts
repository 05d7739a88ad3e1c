import type { Stop } from '../../open-build/stop.js';

export const stop: Stop = { path: 'log', order: 90, name: () => 'Log', machine: 'strip', load: async () => (await import('./log-stop.js')).LogStop };
