import type { DrawnEnds, DrawnStage } from '../kinds/kind.js';
import type { UnitHabit } from '../quantity/show.js';
import { drawFromAbove, oneBelow } from './from-above.js';
import { drawMachine, type MachineDrawing } from './machine.js';

/** What of a line that was worked out is drawn. */
interface LineDrawn {
  readonly outlines: readonly DrawnStage[];
  readonly ends?: DrawnEnds | undefined;
  readonly stations: readonly { readonly name: string }[];
}

/** Room between the two views, mm: for the names of the shafts. */
const gap_mm = 40;

/** A line as it is put on paper and into files: its side view, and below it, once the places of two wheels are entered, the view from above. */
export function drawLine({ outlines, ends, stations }: LineDrawn, units: UnitHabit = 'metric'): MachineDrawing {
  const names = stations.map(({ name }) => name);
  return oneBelow(drawMachine(outlines, names, ends), drawFromAbove(outlines, names, units), gap_mm);
}
