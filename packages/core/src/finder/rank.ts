import type { Drive } from './drive.js';

/** By what drives are ranked; each is nought at its best and about one where it is poor. */
export const measures = ['cost', 'buy', 'speed', 'size', 'load', 'noise', 'stages'] as const;
export type Measure = (typeof measures)[number];
export type Weights = Readonly<Record<Measure, number>>;

/** Chosen, no measurement (docs/decisions/0047). */
const plain: Weights = { cost: 1, buy: 0.5, speed: 0.5, size: 0.5, load: 0.5, noise: 0.4, stages: 0.6 };
/** One measure before all others, which tell equals apart. */
const first = (measure: Measure): Weights => ({ ...plain, [measure]: 100 });

/** What a person may rank by. */
export const orders = {
  'all round': plain,
  'fewest to buy': first('buy'),
  'nearest speed': first('speed'),
  cheapest: first('cost'),
  smallest: first('size'),
  sturdiest: first('load'),
} as const satisfies Record<string, Weights>;
export type Order = keyof typeof orders;

/** What counts as poor: points, parts, mm², stages beside the first. Chosen, no measurement. */
export const poor = { points: 10, bought: 6, room_mm2: 500_000, more: 2 };

/** Speed of the faster shaft of a stage. */
const fastOf = (speeds_rpm: readonly number[], k: number): number => Math.max(speeds_rpm[k] as number, speeds_rpm[k + 1] as number);

/** @param speed_rpm span of the wish; its middle is aimed at */
export function measured(
  { stages, speeds_rpm, points, bought, speed_rpm: is, room, loaded }: Drive,
  [slow, fast]: readonly [number, number],
): Weights {
  const aim = (slow + fast) / 2;
  const half = Math.max((fast - slow) / 2, 1e-6 * aim);
  return {
    cost: points / poor.points,
    buy: bought / poor.bought,
    speed: Math.abs(is - aim) / half,
    size: (room.length_mm * room.height_mm) / poor.room_mm2,
    load: loaded,
    noise: stages.some(({ loudAbove_rpm: loud }, k) => loud !== null && fastOf(speeds_rpm, k) > loud) ? 1 : 0,
    stages: (stages.length - 1) / poor.more,
  };
}

/** The less, the better. */
export function scoreOf(drive: Drive, speed_rpm: readonly [number, number], weights: Weights): number {
  const is = measured(drive, speed_rpm);
  return measures.reduce((sum, measure) => sum + weights[measure] * is[measure], 0);
}
