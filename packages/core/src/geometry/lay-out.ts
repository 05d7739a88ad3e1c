import type { StageOutline } from '../kinds/kind.js';

/** A point of the side view, mm: x to the right, y upward, the first shaft at nought. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

/** A wheel at its place in the side view; `stage` and `end` say which it is. */
export interface PlacedWheel extends Place {
  readonly stage: number;
  readonly end: 'in' | 'out';
  readonly r: number;
}

export interface LaidOut {
  readonly shafts: readonly Place[];
  readonly wheels: readonly PlacedWheel[];
  /** Stages whose centre distance is not known: they are drawn at a distance that only clears the wheels. */
  readonly assumed: readonly number[];
  /** What the view takes up, mm. */
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Radius drawn for a wheel whose size is not known. */
const bare_mm = 20;

/** Places shafts at their true distances, each where its stage says it lies from the one before: level where it says nothing. */
export function layOut(outlines: readonly StageOutline[]): LaidOut {
  const known = laid.get(outlines);
  if (known) return known;
  const out = place(outlines);
  laid.set(outlines, out);
  return out;
}

/** Outlines never change, and several views lay out the same. */
const laid = new WeakMap<readonly StageOutline[], LaidOut>();

function place(outlines: readonly StageOutline[]): LaidOut {
  const shafts: Place[] = [{ x: 0, y: 0 }];
  const wheels: PlacedWheel[] = [];
  const assumed: number[] = [];
  outlines.forEach(({ driver, driven, centres, coaxial, angle }, stage) => {
    const from = shafts[stage] as Place;
    const [a, b] = [(driver ?? 2 * bare_mm) / 2, (driven ?? 2 * bare_mm) / 2];
    // Gears touch: rounding must not make them overlap.
    const clear = centres !== null && centres > (a + b) * (1 - 1e-9);
    if (!clear && !coaxial) assumed.push(stage);
    const along = clear ? centres : (coaxial ? 1.25 : 1.6) * (a + b) + (coaxial ? 2 * bare_mm : 0);
    const lies = coaxial ? 0 : (angle ?? 0);
    const to = { x: from.x + along * Math.cos(lies), y: from.y + along * Math.sin(lies) };
    shafts.push(to);
    wheels.push({ stage, end: 'in', ...from, r: a }, { stage, end: 'out', ...to, r: b });
  });
  // Something is at every shaft, if only its mark.
  const round = [...wheels, ...shafts.map((shaft) => ({ ...shaft, r: bare_mm }))];
  return {
    shafts,
    wheels,
    assumed,
    left: Math.min(...round.map(({ x, r }) => x - r)),
    right: Math.max(...round.map(({ x, r }) => x + r)),
    top: Math.max(...round.map(({ y, r }) => y + r)),
    bottom: Math.min(...round.map(({ y, r }) => y - r)),
  };
}
