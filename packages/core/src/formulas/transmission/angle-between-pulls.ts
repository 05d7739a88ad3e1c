import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Nought: the two act against each other; half a turn: they add up. Teeth push aside of the line of centres, those of the drive before and of the drive
 * after opposite ways round, as the shaft turns.
 * @example angleBetweenPulls.compute({ a_1: 0, a_2: Math.PI / 2, s: 1, e: 0 }) // ≈ 1.571
 */
export const angleBetweenPulls = defineFormula({
  id: 'angle-between-pulls',
  title: 'angle by which the pulls of two drives on one shaft turn away from each other',
  symbol: 'gamma',
  unit: 'rad',
  expr: 'a_2 - a_1 - s * e',
  source: 'Closed form: the drive before pulls back along its centre line, the one after forward along its own, teeth aside of it',
  inputs: {
    a_1: inputSlot('rad', 'where this shaft lies from the one before', [-Math.PI, Math.PI]),
    a_2: inputSlot('rad', 'where the shaft after lies from this one', [-Math.PI, Math.PI]),
    s: inputSlot('1', 'which way round it turns: 1 or −1', [-1, 1]),
    e: inputSlot('rad', 'how far both act aside of their centre lines, together: nought for belts and chains', [0, 4]),
  },
  compute: ({ a_1, a_2, s, e }) => a_2 - a_1 - s * e,
});
