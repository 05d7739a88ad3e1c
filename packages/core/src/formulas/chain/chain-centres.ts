import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Centre distance with the chain tight. No answer where the chain does not go round both sprockets.
 * @example chainCentres.compute({ p: 12.7, N: 104, z_1: 15, z_2: 45 }) // ≈ 465.95
 */
export const chainCentres = defineFormula({
  id: 'chain-centres',
  title: 'centre distance for a number of links',
  symbol: 'C',
  unit: 'mm',
  expr: 'p / 4 * (N - (z_1 + z_2) / 2 + sqrt((N - (z_1 + z_2) / 2)^2 - 8 * ((z_2 - z_1) / (2 * pi))^2))',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-35 and 17-36 (relation)",
  inputs: {
    p: inputSlot('mm', 'pitch of the chain', [4, 80]),
    N: inputSlot('1', 'links', [10, 2000]),
    z_1: inputSlot('1', 'teeth of the smaller sprocket', [6, 150]),
    z_2: inputSlot('1', 'teeth of the larger sprocket', [6, 150]),
  },
  where: { turns: ['z_1', 'z_2'], says: 'the sprockets do not overlap', holds: ({ N, z_1, z_2 }) => z_1 <= z_2 && 2 * N > 2.2 * (z_1 + z_2) },
  compute: ({ p, N, z_1, z_2 }) => {
    const spare = N - (z_1 + z_2) / 2;
    return spare > 0 ? (p / 4) * (spare + Math.sqrt(spare ** 2 - 8 * ((z_2 - z_1) / (2 * Math.PI)) ** 2)) : Number.NaN;
  },
});
