/** A point in true millimetres, x to the right, y upward. */
export type At = readonly [x: number, y: number];

/**
 * What a line is: an outline, a thin one, a centre line, filled as what is worked on, the pitch circle of teeth, what is not entered or not chosen yet, or what
 * runs from wheel to wheel, or does so askew. How each is drawn is a matter of whoever draws it.
 */
export type Pen = 'line' | 'thin' | 'centre' | 'stuff' | 'pitch' | 'hidden' | 'open' | 'shaft' | 'belt' | 'toothed-belt' | 'chain' | 'askew';

/** One stroke of a drawing, in true millimetres. */
export type Stroke =
  | { readonly is: 'circle'; readonly pen: Pen; readonly at: At; readonly r: number }
  | { readonly is: 'path'; readonly pen: Pen; readonly through: readonly At[]; readonly closed: boolean }
  /** From one angle to another, rad, the way the clock does not go. */
  | { readonly is: 'arc'; readonly pen: Pen; readonly at: At; readonly r: number; readonly from: number; readonly to: number }
  /** A measure between two points, drawn beside them at a distance, with the letter of the field that it is. */
  | { readonly is: 'measure'; readonly letter: string; readonly from: At; readonly to: At; readonly off: number }
  /** Teeth round a pitch circle: outside of it, inside, or on both sides. */
  | { readonly is: 'teeth'; readonly at: At; readonly r: number; readonly side: 'out' | 'in' | 'both' }
  /** What a shaft is called, below it. */
  | { readonly is: 'name'; readonly says: string; readonly at: At }
  /** A few words, to the right of a point. */
  | { readonly is: 'note'; readonly says: string; readonly at: At }
  /** The letter of a field that is no distance. */
  | { readonly is: 'letter'; readonly letter: string; readonly at: At };

/** A machine drawn from what is entered of it. */
export interface Sketch {
  readonly strokes: readonly Stroke[];
}

export const circle = (at: At, r: number, pen: Pen = 'line'): Stroke => ({ is: 'circle', pen, at, r });
export const path = (through: readonly At[], pen: Pen = 'line'): Stroke => ({ is: 'path', pen, through, closed: false });
export const shape = (through: readonly At[], pen: Pen = 'line'): Stroke => ({ is: 'path', pen, through, closed: true });
export const arc = (at: At, r: number, from: number, to: number, pen: Pen = 'line'): Stroke => ({ is: 'arc', pen, at, r, from, to });
export const measure = (letter: string, from: At, to: At, off: number): Stroke => ({ is: 'measure', letter, from, to, off });
export const letter = (sign: string, at: At): Stroke => ({ is: 'letter', letter: sign, at });

/** Centre lines through a shaft. */
export const centre = ([x, y]: At, half: number): readonly Stroke[] => [
  path(
    [
      [x - half, y],
      [x + half, y],
    ],
    'centre',
  ),
  path(
    [
      [x, y - half],
      [x, y + half],
    ],
    'centre',
  ),
];

/** Corners of a rectangle. */
export const box = (left: number, bottom: number, right: number, top: number): readonly At[] => [
  [left, bottom],
  [right, bottom],
  [right, top],
  [left, top],
];

/** A point at a distance in a direction, rad. */
export const around = ([x, y]: At, r: number, angle: number): At => [x + r * Math.cos(angle), y + r * Math.sin(angle)];

/** An arrow along an arc, at its end. */
export function turning(at: At, r: number, from: number, to: number): readonly Stroke[] {
  const tip = around(at, r, to);
  const back = to > from ? to - 0.14 : to + 0.14;
  return [arc(at, r, Math.min(from, to), Math.max(from, to), 'thin'), path([around(at, r * 0.93, back), tip, around(at, r * 1.07, back)], 'thin')];
}

/** What a sketch takes up, mm, measures and letters with it. */
export function extent({ strokes }: Sketch): { readonly left: number; readonly right: number; readonly bottom: number; readonly top: number } {
  const points = strokes.flatMap((stroke): readonly At[] => {
    if (stroke.is === 'circle' || stroke.is === 'arc' || stroke.is === 'teeth') {
      const [[x, y], r] = [stroke.at, stroke.r];
      return [
        [x - r, y - r],
        [x + r, y + r],
      ];
    }
    if (stroke.is === 'path') return stroke.through;
    if (stroke.is === 'letter' || stroke.is === 'name' || stroke.is === 'note') return [stroke.at];
    return [stroke.from, stroke.to, ...besideOf(stroke)];
  });
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) };
}

/** Where the line of a measure is drawn: beside its two points, to the left of the way from one to the other where `off` is above nought. */
export function besideOf({ from, to, off }: Pick<Extract<Stroke, { is: 'measure' }>, 'from' | 'to' | 'off'>): readonly [At, At] {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const long = Math.hypot(dx, dy) || 1;
  const [nx, ny] = [(-dy / long) * off, (dx / long) * off];
  return [
    [from[0] + nx, from[1] + ny],
    [to[0] + nx, to[1] + ny],
  ];
}

/** Short strokes across a pitch circle for its teeth. @param depth of a tooth and `pitch` from one to the next, in the measure of the drawing */
export function ticksOf({ at, r, side }: Extract<Stroke, { is: 'teeth' }>, depth: number, pitch: number): readonly (readonly [At, At])[] {
  const many = Math.max(8, Math.round((2 * Math.PI * r) / pitch));
  const deep = Math.min(depth, r / 6);
  const [from, to] = side === 'out' ? [r, r + deep] : side === 'in' ? [r - deep, r] : [r - deep, r + deep];
  return Array.from({ length: many }, (_, k): readonly [At, At] => {
    const angle = (2 * Math.PI * k) / many;
    return [around(at, from, angle), around(at, to, angle)];
  });
}
