import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Where the cords of a timing belt run: a little outside of the pulley’s own rim.
 * @example timingDiameter.compute({ p: 5, z: 32 }) // ≈ 50.93
 */
export const timingDiameter = defineFormula({
  id: 'timing-diameter',
  title: 'pitch diameter of a timing pulley',
  symbol: 'd',
  unit: 'mm',
  expr: 'p * z / pi',
  source: 'ISO 5294, ISO 13050 (relation)',
  inputs: {
    p: inputSlot('mm', 'pitch of the belt', [1, 40]),
    z: inputSlot('1', 'teeth', [6, 500]),
  },
  compute: ({ p, z }) => (p * z) / Math.PI,
});
