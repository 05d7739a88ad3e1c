import type { Band } from './small-motors.js';

export const slideSource =
  'Common practice, no source: wet stones and glass lie at 30 to 45° while they tumble, lifted by ribs to 50°; balls in slurry at 35 to 50, concrete at 35 to 45, compost and soil at 45 to 65, seed and sand at 25 to 38';
export const bulkSource =
  'Common practice, no source: loose, ±20 %: sea glass 1300 to 1600 kg/m³ and with water in its gaps a fifth more, steel balls 4300 to 4800, wet concrete 2200 to 2400, compost 400 to 800, dry sand 1500 to 1700 and seed 600 to 800';

/** What is in a drum: how steeply it lies while it tumbles, degrees, and what a heap of it weighs. */
export const tumbled = {
  stones: { label: 'stones or glass with water', slides_deg: [30, 37, 50], bulk_kg_m3: [1500, 1750, 2000] },
  balls: { label: 'balls in slurry', slides_deg: [35, 42, 50], bulk_kg_m3: [4300, 4550, 5200] },
  concrete: { label: 'concrete, mortar', slides_deg: [35, 40, 45], bulk_kg_m3: [2200, 2300, 2400] },
  compost: { label: 'compost, soil', slides_deg: [45, 55, 65], bulk_kg_m3: [400, 600, 800] },
  seed: { label: 'seed, sand, dry grit', slides_deg: [25, 32, 38], bulk_kg_m3: [600, 1100, 1700] },
} as const satisfies Readonly<Record<string, { readonly label: string; readonly slides_deg: Band; readonly bulk_kg_m3: Band }>>;
