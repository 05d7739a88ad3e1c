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

/** What a drive is by each measure. */
export function measured({ stages, points, bought, off, isLoud, room, loaded }: Drive): Weights {
  return {
    cost: points / poor.points,
    buy: bought / poor.bought,
    speed: off,
    size: (room.length_mm * room.height_mm) / poor.room_mm2,
    load: loaded,
    noise: isLoud ? 1 : 0,
    stages: (stages.length - 1) / poor.more,
  };
}

/** The less, the better. */
export function scoreOf(drive: Drive, weights: Weights): number {
  const is = measured(drive);
  return measures.reduce((sum, measure) => sum + weights[measure] * is[measure], 0);
}
