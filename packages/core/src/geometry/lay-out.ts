import type { StageOutline } from '../kinds/kind.js';

/** A wheel where it stands in the side view, mm; `stage` and `end` say which it is. */
export interface PlacedWheel {
  readonly stage: number;
  readonly end: 'in' | 'out';
  readonly x: number;
  readonly r: number;
}

export interface LaidOut {
  /** Where each shaft stands along the view, first at 0, mm. */
  readonly shafts: readonly number[];
  readonly wheels: readonly PlacedWheel[];
  /** Stages whose centre distance is not known: they stand at a distance that only clears the wheels. */
  readonly assumed: readonly number[];
  readonly left: number;
  readonly right: number;
  /** Largest radius: half the height of the view. */
  readonly reach: number;
}

/** Radius drawn for a wheel whose size is not known. */
const bare_mm = 20;

/** Places shafts side by side at their true distances. Heights are not in the build yet, so all stand level. */
export function layOut(outlines: readonly StageOutline[]): LaidOut {
  const shafts = [0];
  const wheels: PlacedWheel[] = [];
  const assumed: number[] = [];
  outlines.forEach(({ driver, driven, centres, coaxial }, stage) => {
    const x = shafts[stage] as number;
    const [a, b] = [(driver ?? 2 * bare_mm) / 2, (driven ?? 2 * bare_mm) / 2];
    const clear = centres !== null && centres > a + b;
    if (!clear && !coaxial) assumed.push(stage);
    shafts.push(x + (clear ? centres : (coaxial ? 1.25 : 1.6) * (a + b) + (coaxial ? 2 * bare_mm : 0)));
    wheels.push({ stage, end: 'in', x, r: a }, { stage, end: 'out', x: shafts[stage + 1] as number, r: b });
  });
  const reach = Math.max(bare_mm, ...wheels.map((wheel) => wheel.r));
  const left = Math.min(-bare_mm, ...wheels.map((wheel) => wheel.x - wheel.r));
  const right = Math.max(bare_mm, ...wheels.map((wheel) => wheel.x + wheel.r));
  return { shafts, wheels, assumed, left, right, reach };
}
