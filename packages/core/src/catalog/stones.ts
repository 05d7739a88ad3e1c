import type { Band } from './small-motors.js';

export const stoneSource =
  'ISRM, point-load strength (from memory): brick and soft limestone 2 to 5 MPa, granite and basalt 5 to 12, flint and quartzite 8 to 20, of a stone of 50 mm';

/** A stone that gets in: what it withstands between two points. */
export const stones = {
  soft: { label: 'brick, soft limestone, slate', point_MPa: [2, 3.2, 5] },
  hard: { label: 'granite, basalt: most pebbles', point_MPa: [5, 8, 12] },
  flint: { label: 'flint, quartzite', point_MPa: [8, 12, 20] },
} as const satisfies Readonly<Record<string, { readonly label: string; readonly point_MPa: Band }>>;
