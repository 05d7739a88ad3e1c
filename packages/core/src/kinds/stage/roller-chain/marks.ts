import { chains } from '../../../catalog/chains.js';
import { markBy } from '../../marks.js';

/** The marks of chains: `06B-1`, `40-2`, `40-1 × 88`, `ANSI 35`, `420 x 104L`: size, strands and links. */
export const chainMark = (text: string) =>
  markBy(text, [
    [
      /^(?:ANSI|ISO|#)?\s*(25H|T8F|\d\d[AB]|\d{2,3})(?:-(\d))?(?:\s*[x×*]\s*(\d{2,3})\s*L?)?$/i,
      (size = '', strands = '', links = '') => {
        const chain = Object.keys(chains).find((each) => each.toLowerCase() === size.toLowerCase());
        return chain ? { chain, ...(strands ? { strands } : {}), ...(links ? { links } : {}) } : null;
      },
    ],
  ]);
