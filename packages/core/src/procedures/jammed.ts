import type { Check } from '../checks/check.js';
import type { Figure } from '../figure/figure.js';
import type { OwnFigures } from '../kinds/context.js';
import type { SourceOutput, StageReady, StageResult, WorkDemand } from '../kinds/kind.js';
import type { Limit } from '../kinds/outputs.js';
import type { Port } from '../kinds/ports.js';

/** A shaft of a line as a jam has it. */
export interface ShaftInJam {
  /** Which of the places of the line it is at. */
  readonly at: number;
  readonly limit: Limit;
  /** How hard it is to twist; null where that is not known. */
  readonly stiffness: Figure<'N·m/rad'> | null;
}

/** A line whose tool is stopped. */
export interface Jammed {
  /** What the tool's shaft is called, and the source. */
  readonly tool: string;
  readonly noun: string;
  readonly output: SourceOutput;
  readonly transfers: readonly StageReady[];
  readonly results: readonly StageResult[];
  readonly demand: WorkDemand;
  /** Shafts from source to tool, and what they are called. */
  readonly at: readonly Port<'rotary'>[];
  readonly shafts: readonly string[];
  /** Those of its shafts that are entered as they lie. */
  readonly lying: readonly ShaftInJam[];
  /** Those are told as they last were. */
  readonly areAsBefore: boolean;
  /** Path and figures of the jam itself. */
  readonly path: string;
  readonly figures: OwnFigures;
}

/** A limit with the shaft its torque is on and its place along the line: fuses, wheels and hubs in the order in which torque meets them. */
export interface Placed {
  readonly limit: Limit;
  readonly shaft: number;
  readonly along: number;
  readonly fuse: boolean;
  /** It is a shaft: held against the start where nothing jams it. */
  readonly isShaft?: true;
}

/** The same, as the tool feels it, with what the jam makes of it; nothing of that for a fuse or a steady limit. */
export interface Ranked extends Placed {
  readonly atTool: Figure<'N·m'>;
  readonly check: Check | null;
}
