import type { StockSeries, StockWheel } from '../kind.js';
import { shelfReduction } from './shelf-reduction.js';

const inHouse: Record<StockSeries['unit'], number> = { mm: 1, in: 25.4, '': 1 };

/** The stock a person buys from: inches where the entry is in inches. */
function shelfFor({ series }: StockWheel, text: string): StockSeries {
  const inches = /in|["”″]/.test(text);
  return (inches ? series.find(({ unit }) => unit === 'in') : undefined) ?? (series[0] as StockSeries);
}

const written = ({ unit }: StockSeries, size: number) => (unit === '' ? String(size) : `${size} ${unit}`);

/**
 * Stock sizes that are larger than a wheel is, nearest first, as they would be entered.
 * @param value diameter in mm, or teeth
 * @param text the entry as it is: it says which series
 */
export function largerSizes(wheel: StockWheel, value: number, text: string): string[] {
  const shelf = shelfFor(wheel, text);
  return shelf.sizes.filter((size) => size * inHouse[shelf.unit] > value * 1.001).map((size) => written(shelf, size));
}

/** The next stock size up or down, as it would be entered; null at its end. */
export function nextSize(wheel: StockWheel, value: number, text: string, by: 1 | -1): string | null {
  if (by === 1) return largerSizes(wheel, value, text)[0] ?? null;
  const shelf = shelfFor(wheel, text);
  const size = shelf.sizes.findLast((each) => each * inHouse[shelf.unit] < value * 0.999);
  return size === undefined ? null : written(shelf, size);
}

/** The stock size nearest to a diameter in mm, or to a number of teeth, as it would be entered. */
export function nearestSize(wheel: StockWheel, value: number, text: string): string {
  const shelf = shelfFor(wheel, text);
  const off = (size: number) => Math.abs(size * inHouse[shelf.unit] - value);
  return written(
    shelf,
    shelf.sizes.reduce((best, size) => (off(size) < off(best) ? size : best)),
  );
}

/** Off the ratio by so much and no more, the smallest pair is taken: a builder has room and belt speed for that. */
const nearEnough = 0.015;

/**
 * A pair of stock wheels, of the first series, for a ratio: the smallest that is near enough, else the nearest there is, of wheels not smaller than `least`, as
 * they would be entered.
 */
export function wheelsFor({ series: [shelf] }: StockWheel, ratio: number, least: number): { readonly driver: string; readonly driven: string } {
  const first = shelf as StockSeries;
  const sizes = first.sizes.filter((size) => size >= least);
  const near = sizes
    .flatMap((driver) => sizes.map((driven) => [driver, driven] as const))
    .filter(([driver, driven]) => Math.abs(driven / driver / ratio - 1) <= nearEnough)
    .sort(([a, b], [c, d]) => a + b - c - d);
  const [driver, driven] = near[0] ?? shelfReduction(sizes, ratio, 1).wheels[0] ?? [least, least];
  return { driver: written(first, driver), driven: written(first, driven) };
}
