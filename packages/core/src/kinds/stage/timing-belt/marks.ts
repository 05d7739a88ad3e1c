import { markBy } from '../../marks.js';

/** The marks of timing belts: `84XL037` is 8.4 in long and 0.37 in wide, `450-5M-15` 450 mm and 15, `16 T5/500` 16 mm wide and 500 long (ISO 5296, ISO 13050, DIN 7721). */
export const markOfTimingBelt = (text: string) =>
  markBy(text, [
    [
      /^(\d{2,4})\s*(MXL|XL|XH|L|H)\s*(\d{3})?$/i,
      (tenths = '', profile = '', width = '') => ({
        profile: profile.toUpperCase(),
        belt: `${Number(tenths) / 10} in`,
        ...(width ? { width: `${Number(width) / 100} in` } : {}),
      }),
    ],
    [
      /^(\d{2,4})\s*-?\s*([2358]M)(?:\s*-\s*(\d{1,3}))?$/i,
      (length = '', profile = '', width = '') => ({
        profile: profile.toUpperCase(),
        belt: `${length} mm`,
        ...(width ? { width: `${width} mm` } : {}),
      }),
    ],
    [
      /^(?:(\d{1,3})\s*)?(T2\.5|T5|T10)\s*[/-]\s*(\d{2,4})$/i,
      (width = '', profile = '', length = '') => ({
        profile: profile.toUpperCase(),
        belt: `${length} mm`,
        ...(width ? { width: `${width} mm` } : {}),
      }),
    ],
  ]);
