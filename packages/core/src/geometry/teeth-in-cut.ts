/** Steps of a turn at which the teeth are looked at, where they lie worst. */
const steps = 90;

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
  let most = 0;
  for (let step = 0; step <= steps; step++) {
    let sum = 0;
    for (let angle = (step * pitch) / steps; angle <= over + 1e-12; angle += pitch) sum += Math.sin(angle);
    if (sum > most) most = sum;
  }
  // The tooth that is about to leave cuts the thickest chip there is, if that is before the quarter turn.
  let leaving = 0;
  for (let angle = over; angle >= 0; angle -= pitch) leaving += Math.sin(angle);
  return { mean: over / pitch, most: Math.max(most, leaving), average: (1 - Math.cos(over)) / pitch };
}
