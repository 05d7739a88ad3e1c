import type { Drive } from './drive.js';

/** By what drives are ranked; each is nought at its best and about one where it is poor. */
export const measures = ['cost', 'buy', 'speed', 'size', 'load', 'noise', 'stages'] as const;
export type Measure = (typeof measures)[number];
export type Weights = Readonly<Record<Measure, number>>;

/** How much each counts where nothing is said of it. Chosen, no measurement (docs/decisions/0047). */
export const plainWeights: Weights = { cost: 1, buy: 0.5, speed: 0.5, size: 0.5, load: 0.5, noise: 0.4, stages: 0.6 };

/** What a person may rank by: a measure before all others, which tell equals apart. */
const firsts = {
  'all round': null,
  'fewest to buy': 'buy',
  'nearest speed': 'speed',
  cheapest: 'cost',
  smallest: 'size',
  sturdiest: 'load',
} as const satisfies Record<string, Measure | null>;
export type Order = keyof typeof firsts;
/** Before all others. */
const before = 100;

/** @param own how much each counts to the person, where that is said */
export function weightsBy(order: Order, own: Partial<Weights> = {}): Weights {
  const all = { ...plainWeights, ...own };
  const first = firsts[order];
  return first === null ? all : { ...all, [first]: before };
}

export const orderNames = Object.keys(firsts) as readonly Order[];

/** Each with the weights that are usual. */
export const orders = Object.fromEntries(orderNames.map((order) => [order, weightsBy(order)])) as Readonly<Record<Order, Weights>>;

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
