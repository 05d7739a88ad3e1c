import { markBy } from '../../marks.js';

/** The marks of V-belts: `A53` and `BX 42` in inches inside, `4L550` in tenths of an inch outside, `SPZ 1250` and `XPA1180` in mm at the pitch line, `6PK1195` with its ribs. */
export const vBeltMark = (text: string) =>
  markBy(text, [
    [/^([A-E]X?)\s*-?\s*(\d{2,3})$/i, (section = '', n = '') => ({ section: section.toUpperCase(), belt: `${n} in`, lengthIs: 'inside' })],
    [/^([345]L)\s*(\d{3,4})$/i, (section = '', n = '') => ({ section: section.toUpperCase(), belt: `${Number(n) / 10} in`, lengthIs: 'outside' })],
    [/^Z\s*-?\s*(\d{3,4})$/i, (n = '') => ({ section: 'Z', belt: `${n} mm`, lengthIs: 'inside' })],
    [
      /^([SX]P[ABCZ])\s*-?\s*(\d{3,4})$/i,
      (section = '', n = '') => (/^XPC$/i.test(section) ? null : { section: section.toUpperCase(), belt: `${n} mm`, lengthIs: 'pitch' }),
    ],
    [
      /^(\d{1,2})\s*(P[JK])\s*(\d{3,4})$/i,
      (ribs = '', section = '', n = '') => ({ section: section.toUpperCase(), belts: ribs, belt: `${n} mm`, lengthIs: 'pitch' }),
    ],
  ]);
