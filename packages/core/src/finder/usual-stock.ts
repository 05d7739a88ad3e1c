import type { ChainSize } from '../catalog/chains.js';
import { type TimingProfile, timingLengths, timingRow } from '../catalog/timing-belts.js';
import { pitchLength, stockLengths, type VBeltSection } from '../catalog/v-belts.js';
import type { BoxPart } from '../drawer/part.js';
import type { Stock, StockBox } from '../kinds/finding.js';
import { kindHead } from '../kinds/registry.js';

/** What shops have of a size: common practice, no source; worm boxes, couplings and lengths of round timing belts as lists usually have them, from memory. */
const sections = ['A', 'B', 'SPZ'] as const satisfies readonly VBeltSection[];
const chainsStocked = ['06B', '08B', '10B'] as const satisfies readonly ChainSize[];
const profiles = ['5M', '8M'] as const satisfies readonly TimingProfile[];
const sprocketTeeth = [11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 23, 25, 30, 38, 45, 57, 76];
const roundTeeth: Readonly<Partial<Record<TimingProfile, readonly number[]>>> = {
  '5M': [
    45, 50, 55, 60, 65, 70, 75, 80, 85, 90, 95, 100, 105, 107, 110, 113, 115, 120, 123, 127, 130, 133, 134, 140, 142, 148, 150, 151, 160, 167, 170,
    172, 178, 180, 185, 190, 200, 210, 220, 225, 240, 254,
  ],
  '8M': [60, 70, 75, 80, 90, 100, 105, 110, 115, 120, 130, 140, 150, 160, 180, 200, 220, 225, 250, 300],
};
const timingPulleys: Readonly<Partial<Record<TimingProfile, readonly number[]>>> = {
  '5M': [14, 15, 16, 18, 20, 21, 22, 24, 26, 28, 30, 32, 34, 36, 40, 44, 48, 60, 72],
  '8M': [22, 24, 26, 28, 30, 32, 34, 36, 38, 40, 44, 48, 56, 64, 72, 80, 90, 112],
};

const by = <K extends string, V>(keys: readonly K[], of: (key: K) => V): Readonly<Record<K, V>> =>
  Object.fromEntries(keys.map((key) => [key, of(key)])) as Record<K, V>;

const wormKept = { 7.5: 0.86, 10: 0.83, 15: 0.78, 20: 0.74, 25: 0.7, 30: 0.66, 40: 0.6, 50: 0.56, 60: 0.48, 80: 0.43 } as const;
const wormSizes = [
  { size: 40, rated_Nm: 35, input: 11, output: 18, room: [125, 140], points: 4 },
  { size: 50, rated_Nm: 65, input: 14, output: 25, room: [150, 170], points: 5 },
  { size: 63, rated_Nm: 120, input: 19, output: 25, room: [180, 205], points: 6 },
  { size: 75, rated_Nm: 190, input: 24, output: 28, room: [210, 240], points: 8 },
] as const;

const boxes: readonly StockBox[] = wormSizes.flatMap(({ size, rated_Nm, input, output, room, points }) =>
  Object.entries(wormKept).map(([ratio, kept]) => {
    const part: BoxPart = {
      is: 'gearbox',
      gears: 'worm',
      ratio: Number(ratio),
      rated_Nm,
      kept,
      input: { is: 'hollow', size_mm: input },
      output: { is: 'hollow', size_mm: output },
      size_mm: room,
      holds: false,
    };
    return { part, name: `worm box ${size}, ${ratio}:1`, points };
  }),
);

function pulleySizes(): readonly number[] {
  const series = kindHead('stage', 'v-belt')?.wheels?.driver.series.find(({ unit }) => unit === 'mm');
  return series?.sizes ?? [];
}

const marked = (section: VBeltSection, mark: string): string => `${section}${/^SP/.test(section) ? ' ' : ''}${mark}`;

/** What may be bought where nothing else is said. */
export const usualStock: Stock = {
  pulleys: by(sections, pulleySizes),
  belts: by(sections, (section) =>
    stockLengths[section].map(({ mark, length_mm }) => ({ mark: marked(section, mark), pitchLength_mm: pitchLength(section, length_mm) })),
  ),
  sprockets: by(chainsStocked, () => sprocketTeeth),
  chains: chainsStocked,
  timingPulleys: by(profiles, (profile) => timingPulleys[profile] ?? []),
  timingBelts: by(profiles, (profile) => ({
    teeth: roundTeeth[profile] ?? timingLengths[profile] ?? [],
    widths_mm: timingRow(profile).widths_mm,
  })),
  boxes,
  couplings: [
    { rated_Nm: 10, mostBore_mm: 24, points: 1 },
    { rated_Nm: 25, mostBore_mm: 28, points: 1 },
    { rated_Nm: 60, mostBore_mm: 38, points: 1 },
    { rated_Nm: 160, mostBore_mm: 45, points: 1 },
  ],
};

/** Discs that one turns: pulleys for A belts from 100 mm in steps of 5 mm (common practice, no source: smaller ones of wood wear). */
export function turnedDiscs(largest_mm: number | null): Stock['pulleys'] {
  if (largest_mm === null || largest_mm < 100) return {};
  return { A: Array.from({ length: Math.floor((largest_mm - 100) / 5) + 1 }, (_, k) => 100 + 5 * k) };
}
