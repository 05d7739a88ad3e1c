interface TeethInCut {
  /** How many are in the cut on the average of a turn. */
  readonly mean: number;
  /** Thickness of all chips together over the feed a tooth: at their most, and on the average of a turn. */
  readonly most: number;
  readonly average: number;
}

/**
 * The teeth of a cutter that cuts with its side: a tooth enters where its chip is nought and leaves where it is thickest; a slot goes half round.
 * @param across diameter of the cutter, `width` of the cut, both mm
 * @param teeth round the cutter
 */
export function teethInCut(across: number, width: number, teeth: number): TeethInCut {
  const over = Math.acos(Math.max(-1, Math.min(1, 1 - (2 * width) / across)));
  const pitch = (2 * Math.PI) / teeth;
  const whole = Math.floor(over / pitch);
  const rest = over - whole * pitch;
  // Until a tooth leaves there is one more in the cut than after it, with the first between its entry and the next one’s.
  const most = Math.max(mostOf(whole + 1, pitch, 0, rest), mostOf(whole, pitch, rest, pitch));
  return { mean: over / pitch, most, average: (1 - Math.cos(over)) / pitch };
}

/** The most of so many sines a pitch apart, the first of them between two angles. */
function mostOf(many: number, pitch: number, from: number, to: number): number {
  if (many === 0) return 0;
  const middle = ((many - 1) * pitch) / 2;
  const length = many === 1 ? 1 : Math.sin((many * pitch) / 2) / Math.sin(pitch / 2);
  const highest = Math.max(from, Math.min(to, Math.PI / 2 - middle));
  return Math.max(...[from, highest, to].map((angle) => length * Math.sin(angle + middle)));
}
