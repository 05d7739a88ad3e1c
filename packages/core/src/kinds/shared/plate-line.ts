import type { Marked } from '../marks.js';

type Row = readonly [pattern: RegExp, fills: (...parts: string[]) => Readonly<Record<string, string>>];

const n = String.raw`(\d+(?:[.,]\d+)*(?:\s*\/\s*\d+)?|\d+\s+\d\/\d)`;
const mixed = String.raw`(\d+[ -]\d+\/\d+|\d+(?:[.,]\d+)?(?:\/\d+)?)`;

/** What a plate says, each with how it may be written; taken out of the line one after the other. */
const rows: readonly Row[] = [
  [new RegExp(String.raw`${mixed}\s*(kW|W|HP|PS|CV)\b`, 'i'), (power = '', unit = '') => ({ power: `${power} ${unit === 'HP' ? 'hp' : unit}` })],
  [
    new RegExp(String.raw`(?:n\s*=?\s*)?${n}\s*(?:r\.?p\.?m\.?|U\/min|rev\/min|r\/min|1\/min|\/min|min-1|min⁻¹)`, 'i'),
    (speed = '') => ({ speed: `${whole(speed)} rpm` }),
  ],
  [/(\d{2,3})\s*V?\s*\/\s*(\d{3})\s*V\b/i, (delta = '', star = '') => ({ voltage: `${delta} V`, starVoltage: `${star} V` })],
  [/(\d{2,3}(?:\s*-\s*\d{2,3})?)\s*V(?:AC|DC|~)?(?![A-Za-z])/i, (voltage = '') => ({ voltage: `${voltage} V` })],
  [/(\d+(?:[.,]\d+)?)\s*\/\s*(\d+(?:[.,]\d+)?)\s*A\b/i, (first = '') => ({ current: `${first} A` })],
  [/(?<![A-Za-z\d.,])(\d+(?:[.,]\d+)?)\s*A(?:MPS?)?(?![A-Za-z])/i, (current = '') => ({ current: `${current} A` })],
  [/(?:cos\s*(?:φ|phi|ϕ)?|P\.?F\.?)\s*=?\s*(0?[.,]\d+|1(?:[.,]0+)?)/i, (factor = '') => ({ powerFactor: factor })],
  [/(?:η|eff\.?)\s*=?\s*(\d+(?:[.,]\d+)?\s*%?)/i, (efficiency = '') => ({ efficiency })],
  [/(\d{2}(?:[.,]\d)?)\s*(?:Hz|CY|CYC|~)(?![A-Za-z])/i, (frequency = '') => ({ frequency: `${frequency} Hz` })],
  [/\b([13])\s*(?:-?\s*PH(?:ASE)?|~|Ø)(?![A-Za-z])|\bPH(?:ASE)?\s*([13])\b/i, (before = '', behind = '') => ({ phases: before || behind })],
  [/\b(S[1236])\b/i, (duty = '') => ({ duty: duty.toUpperCase() })],
  [/(\d+(?:[.,]\d+)?)\s*(?:µF|uF|MFD|mF)\b/i, (capacitor = '') => ({ capacitor: `${capacitor} µF` })],
];

/** The same where each figure is behind its name, as the columns of an American plate are read off. */
const namedFirst: readonly Row[] = [
  [
    new RegExp(String.raw`\b(HP|kW)\s*[:=]?\s*${mixed}`, 'i'),
    (unit = '', power = '') => ({ power: `${power} ${unit.toUpperCase() === 'HP' ? 'hp' : 'kW'}` }),
  ],
  [new RegExp(String.raw`\bR\.?P\.?M\.?\s*[:=]?\s*${n}`, 'i'), (speed = '') => ({ speed: `${whole(speed)} rpm` })],
  [/\bV(?:OLTS?)?\s*[:=]?\s*(\d{2,3})(?!\d)/i, (voltage = '') => ({ voltage: `${voltage} V` })],
  [/\bA(?:MPS?)?\s*[:=]?\s*(\d+(?:[.,]\d+)?)/i, (current = '') => ({ current: `${current} A` })],
  [/\b(?:HZ|CYC?)\s*[:=]?\s*(\d\d)(?!\d)/i, (frequency = '') => ({ frequency: `${frequency} Hz` })],
  [/\bPH(?:ASE)?\s*[:=]?\s*([13])\b/i, (phases = '') => ({ phases })],
];
const startsNamed = /^\s*(?:HP|kW|R\.?P\.?M|V(?:OLTS?)?|A(?:MPS?)?|HZ)\b/i;

/** `1,725` of a plate: no motor turns one time and seven tenths a minute. */
const whole = (speed: string): string => (/^\d{1,2}[.,]\d{3}$/.test(speed) ? speed.replace(/[.,]/, '') : speed);

/**
 * A motor's plate typed or pasted in one line: `0.55kW 1425/min 230V 4.1A cosφ0.75 50Hz S1`.
 * @returns what each field is, and what of the line was not understood; null where it has not two things that a plate says
 */
export function plateLine(text: string): Marked | null {
  let rest = ` ${text.replaceAll(/[;|\n\t]+/g, ' ')} `;
  const fills: Record<string, string> = {};
  for (const [pattern, read] of startsNamed.test(text) ? namedFirst : rows) {
    const found = pattern.exec(rest);
    if (!found) continue;
    const filled = read(...found.slice(1).map((part) => part ?? ''));
    // What an earlier row has read stays.
    for (const [field, entry] of Object.entries(filled)) fills[field] ??= entry;
    rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
  }
  if (Object.keys(fills).length < 2) return null;
  return { fills, rest: rest.replaceAll(/[\s,]+/g, ' ').trim() };
}
