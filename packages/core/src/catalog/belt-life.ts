import type { VBeltSection } from './v-belts.js';

const lbf = 4.4482216152605;
const lbfIn = lbf * 25.4;
const row = (K_lbf: number, b: number, K_b_lbfIn: number) => ({ K_N: K_lbf * lbf, b, K_b_Nmm: K_b_lbfIn * lbfIn });

/**
 * Durability of V-belts, 10⁸ to 10⁹ passes, and what bending on a pulley adds to their pull: Shigley's Mechanical Engineering Design (10e), tables 17-16 and 17-17 (from
 * memory); metric narrow sections by the nearest inch one. What is not here has no life that is known.
 */
export const beltLife: Partial<Readonly<Record<VBeltSection, { readonly K_N: number; readonly b: number; readonly K_b_Nmm: number }>>> = {
  A: row(674, 11.089, 220),
  B: row(1193, 10.926, 576),
  C: row(2038, 11.173, 1600),
  D: row(4208, 11.105, 5680),
  SPZ: row(728, 12.464, 230),
  SPB: row(1654, 12.593, 1098),
};

export const beltLifeSource =
  'Shigley’s Mechanical Engineering Design (10e), tables 17-16 and 17-17 (from memory): it leaves heat, dirt and misalignment out; belts of one lot last a third to three times as long (common practice, no source)';
