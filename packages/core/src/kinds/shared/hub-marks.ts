import { setScrews } from '../../catalog/hubs.js';
import { type Marked, markBy } from '../marks.js';

/** Bore of a deep-groove ball bearing by its last two figures, mm (ISO 15, from memory); from 04 up five times them. */
const bores: Readonly<Record<string, number>> = { '00': 10, '01': 12, '02': 15, '03': 17 };

/**
 * What is written on a screw or a bearing, typed into a field of a hub: `M8x25`, `#10-32` and `1/2-13` are its set screw, `6204-2RS` fits its shaft.
 * @param field of the element, `drivenBore`
 */
export function hubMark(text: string, field: string): Marked | null {
  const side = /^(driver|driven)(?=[A-Z])/.exec(field)?.[0];
  if (!side) return null;
  return markBy(text, [
    [
      /^(M\d{1,2}|#\d{1,2}|1\/4|5\/16|3\/8|1\/2)(?:-\d{2})?(?:\s*[x×]\s*\d+(?:[.,]\d+)?)*(?:\s*mm)?$/i,
      (screw = '') => {
        const size = Object.keys(setScrews).find((each) => each.toLowerCase() === screw.toLowerCase());
        return size ? { [`${side}Screw`]: size } : null;
      },
    ],
    [
      /^6[0234](\d\d)(?:-?(?:2RS|2RSR|RS|ZZ|2Z|Z|C3|[A-Z0-9]{1,4}))*$/i,
      (last = '') => ({ [`${side}Bore`]: `${bores[last] ?? 5 * Number(last)} mm` }),
    ],
  ]);
}
