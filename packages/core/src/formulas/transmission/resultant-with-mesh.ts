import { defineFormula, slot } from '../../figure/formula.js';

/**
 * As `resultantPull`, where at least one of the two is a pair of gears: teeth push a shaft aside of the line of centres, one way round as it turns.
 * @example resultantWithMesh.compute({ F_1: 300, F_2: 300, a_1: 0, a_2: 0, e: (110 * Math.PI) / 180 }) // ≈ 491.5
 */
export const resultantWithMesh = defineFormula({
  id: 'resultant-with-mesh',
  title: 'pull of two drives on one shaft together, teeth among them',
  symbol: 'F',
  unit: 'N',
  expr: 'sqrt(F_1^2 + F_2^2 - 2 * F_1 * F_2 * cos(a_2 - a_1 - e))',
  source:
    'Two forces put together (closed form); teeth of 20° pressure angle push 110° off the way to the other gear, the driver’s and the driven’s opposite ways round',
  inputs: {
    F_1: slot('N', 'force from the drive before', [0, 1_000_000]),
    F_2: slot('N', 'force from the drive after', [0, 1_000_000]),
    a_1: slot('rad', 'where this shaft lies from the one before', [-Math.PI, Math.PI]),
    a_2: slot('rad', 'where the shaft after lies from this one', [-Math.PI, Math.PI]),
    e: slot('rad', 'how far teeth turn the two apart: 110° for each pair of gears, by the way round', [-4, 4]),
  },
  where: {
    says: 'the two do not pull against each other, and the second turns one way from the first; where they do, the most is right and the least may be less',
    holds: ({ a_1, a_2, e }) => a_2 - a_1 - e >= Math.PI / 2 && a_2 - a_1 - e <= Math.PI,
  },
  compute: ({ F_1, F_2, a_1, a_2, e }) => Math.sqrt(Math.max(0, F_1 ** 2 + F_2 ** 2 - 2 * F_1 * F_2 * Math.cos(a_2 - a_1 - e))),
});
