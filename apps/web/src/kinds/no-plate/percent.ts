import { toldChance } from '@hobrek/core';

/** A chance as it is told: none is certain. */
export const percent = (chance: number): string => `${Math.round(100 * toldChance(chance))}\u00a0%`;
