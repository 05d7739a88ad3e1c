import { markBy } from '../../marks.js';

/** The marks of a wall: `B16` is a breaker with its curve, `3G1.5` and `3 × 2.5` a lead by its cores. */
export const mainsMark = (text: string) =>
  markBy(text, [
    [/^([BCD])\s*(\d{1,3})(?:\s*A)?$/i, (curve = '', amps = '') => ({ curve: curve.toUpperCase(), breaker: `${amps} A` })],
    [/^(?:H\d\d[A-Z]{1,4}-?F\s*)?\d\s*[GXx×]\s*(\d+(?:[.,]\d+)?)(?:\s*mm²|\s*mm2)?$/, (section = '') => ({ section: `${section} mm²` })],
  ]);
