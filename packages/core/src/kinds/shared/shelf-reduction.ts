/** Wheels from the shelf for a reduction: driver and driven of each stage, and what they come to. */
export interface ShelfReduction {
  readonly wheels: readonly (readonly [driver: number, driven: number])[];
  readonly ratio: number;
}

/**
 * The reduction nearest to a given one, on a logarithm, from wheels on the shelf, any number of each. Of equals the one with the smaller wheels.
 * @param shelf sizes, all in one unit (diameters or teeth)
 * @param aim ratio, more than nought; below one it steps up
 * @param stages one or two
 * @throws RangeError when the shelf is empty or the ratio is not a positive number
 */
export function shelfReduction(shelf: readonly number[], aim: number, stages: 1 | 2): ShelfReduction {
  if (shelf.length === 0 || !(aim > 0) || !Number.isFinite(aim)) throw new RangeError('A shelf with something on it, and a ratio above nought');
  const pairs = shelf.flatMap((driver) => shelf.map((driven) => ({ ratio: driven / driver, wheels: [driver, driven] as const })));
  const off = ({ ratio }: { ratio: number }) => Math.abs(Math.log(ratio / aim));
  const size = ({ wheels }: ShelfReduction) => wheels.flat().reduce((a, b) => a + b, 0);
  const tried: ShelfReduction[] =
    stages === 1
      ? pairs.map(({ ratio, wheels }) => ({ ratio, wheels: [wheels] }))
      : pairs.flatMap((a) => pairs.map((b) => ({ ratio: a.ratio * b.ratio, wheels: [a.wheels, b.wheels] })));
  return tried.reduce((best, each) => {
    const nearer = off(best) - off(each);
    if (Math.abs(nearer) > 1e-12) return nearer > 0 ? each : best;
    return size(each) < size(best) ? each : best;
  });
}
