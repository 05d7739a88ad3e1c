export interface Point {
  readonly x: number;
  readonly y: number;
}

export interface Circle extends Point {
  readonly r: number;
}

/**
 * The two straight spans of an open belt round two circles: true outer tangents, from a point on the first to a point on the second.
 * @returns the upper and the lower span (y grows downward), or null when one circle lies inside the other
 */
export function openBeltSpans(a: Circle, b: Circle): readonly [readonly [Point, Point], readonly [Point, Point]] | null {
  const along = Math.atan2(b.y - a.y, b.x - a.x);
  const apart = Math.hypot(b.x - a.x, b.y - a.y);
  if (apart <= Math.abs(a.r - b.r)) return null;
  // Both radii to a span's ends are square to it, so they are parallel and lean by the same angle.
  const lean = Math.acos((a.r - b.r) / apart);
  const touch = (side: 1 | -1): readonly [Point, Point] => {
    const angle = along + side * lean;
    const at = (c: Circle): Point => ({ x: c.x + c.r * Math.cos(angle), y: c.y + c.r * Math.sin(angle) });
    return [at(a), at(b)];
  };
  return [touch(-1), touch(1)];
}
