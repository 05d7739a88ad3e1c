import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Part teeth are counted as parts: whole ones carry.
 * @example teethInMesh.compute({ z: 12, theta: 2.6608 }) // ≈ 5.08
 */
export const teethInMesh = defineFormula({
  id: 'teeth-in-mesh',
  title: 'teeth in mesh on the smaller pulley',
  symbol: 'z_m',
  unit: '1',
  expr: 'z * theta / (2 * pi)',
  source: 'Closed form; ISO 5295',
  inputs: {
    z: inputSlot('1', 'teeth of the smaller pulley', [6, 500]),
    theta: inputSlot('rad', 'arc of contact', [0.5, Math.PI]),
  },
  compute: ({ z, theta }) => (z * theta) / (2 * Math.PI),
});
