import type { Band } from './small-motors.js';

export const slideSource =
  'Common practice, no source: wet stones and glass lie at 30 to 45° while they tumble, lifted by ribs to 50°; balls in slurry at 35 to 50, concrete at 35 to 45, compost and soil at 45 to 65, seed and sand at 25 to 38';

/** What is in a drum: how steeply it lies while it tumbles, degrees. */
export const tumbled = {
  stones: { label: 'stones or glass with water', slides_deg: [30, 37, 50] },
  balls: { label: 'balls in slurry', slides_deg: [35, 42, 50] },
  concrete: { label: 'concrete, mortar', slides_deg: [35, 40, 45] },
  compost: { label: 'compost, soil', slides_deg: [45, 55, 65] },
  seed: { label: 'seed, sand, dry grit', slides_deg: [25, 32, 38] },
} as const satisfies Readonly<Record<string, { readonly label: string; readonly slides_deg: Band }>>;
