import { defineFormula, slot } from '../../figure/formula.js';

/**
 * Opposite pulls leave their difference, square ones the diagonal. Teeth push aside of the line of centres, those of the drive before and of the drive
 * after opposite ways round, as the shaft turns.
 * @example resultantPull.compute({ F_1: 300, F_2: 400, a_1: 0, a_2: Math.PI / 2, s: 1, e: 0 }) // 500
 */
export const resultantPull = defineFormula({
  id: 'resultant-pull',
  title: 'pull of two drives on one shaft together',
  symbol: 'F',
  unit: 'N',
  expr: 'sqrt(F_1^2 + F_2^2 - 2 * F_1 * F_2 * cos(a_2 - a_1 - s * e))',
  source:
    'Two forces put together (closed form): the one before pulls back along its centre line, the one after forward along its own, teeth aside of it',
  inputs: {
    F_1: slot('N', 'force from the drive before', [0, 1_000_000]),
    F_2: slot('N', 'force from the drive after', [0, 1_000_000]),
    a_1: slot('rad', 'where this shaft lies from the one before', [-Math.PI, Math.PI]),
    a_2: slot('rad', 'where the shaft after lies from this one', [-Math.PI, Math.PI]),
    s: slot('1', 'which way round it turns: 1 or −1', [-1, 1]),
    e: slot('rad', 'how far both act aside of their centre lines, together: nought for belts and chains', [0, 4]),
  },
  where: {
    says: 'the two do not pull against each other, and the second turns one way from the first; where they do, the most is right and the least may be less',
    holds: ({ a_1, a_2, s, e }) => a_2 - a_1 - s * e >= Math.PI / 2 && a_2 - a_1 - s * e <= Math.PI,
  },
  compute: ({ F_1, F_2, a_1, a_2, s, e }) => Math.sqrt(Math.max(0, F_1 ** 2 + F_2 ** 2 - 2 * F_1 * F_2 * Math.cos(a_2 - a_1 - s * e))),
});
