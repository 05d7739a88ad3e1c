import type { Band } from './small-motors.js';

export const seedSource =
  'Common practice, no source: pressing oil cold takes 55 to 110 kWh a tonne of sunflower or rape, more of flax, less of nuts';

/** What a worm press takes a kilogram of seed, kWh/t. */
export const seeds = {
  sunflower: { label: 'sunflower, rape', energy_kWh_t: [55, 75, 110] },
  flax: { label: 'flax, poppy, sesame', energy_kWh_t: [65, 95, 140] },
  nuts: { label: 'walnut, hazelnut', energy_kWh_t: [40, 60, 95] },
} as const satisfies Readonly<Record<string, { readonly label: string; readonly energy_kWh_t: Band }>>;
