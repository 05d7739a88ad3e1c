import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Six whole teeth carry in full; each one fewer costs a fifth.
 * @example meshFactor.compute({ z_m: 5.08 }) // 0.8
 */
export const meshFactor = defineFormula({
  id: 'mesh-factor',
  title: 'mesh factor of a timing belt',
  symbol: 'K_z',
  unit: '1',
  expr: 'max(0, min(1, 1 - 0.2 * (6 - floor(z_m + 1e-9))))',
  source: 'ISO 5295 (from memory); common practice alike',
  inputs: { z_m: inputSlot('1', 'teeth in mesh', [1, 250]) },
  compute: ({ z_m }) => Math.max(0, Math.min(1, 1 - 0.2 * (6 - Math.floor(z_m + 1e-9)))),
});
