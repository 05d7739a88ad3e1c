/** Least, likely, most. */
export type Band = readonly [number, number, number];

/**
 * A band between the rows of a table, end by end on a straight line over the logarithm of what it is looked up by: a table does not step. Outside of the rows
 * it is that of the nearest.
 * @param rows by rising value, all above nought
 * @param at above nought
 */
export function bandAt(rows: readonly (readonly [number, Band])[], at: number): Band {
  const above = rows.findIndex(([value]) => value >= at);
  const [first, last] = [rows[0], rows.at(-1)];
  if (!first || !last) throw new RangeError('A table has a row');
  if (above < 0) return last[1];
  if (above === 0) return first[1];
  const [[x_0, from], [x_1, to]] = [rows[above - 1], rows[above]] as [(typeof rows)[number], (typeof rows)[number]];
  const t = Math.log(at / x_0) / Math.log(x_1 / x_0);
  const between = (k: 0 | 1 | 2) => from[k] + (to[k] - from[k]) * t;
  return [between(0), between(1), between(2)];
}
