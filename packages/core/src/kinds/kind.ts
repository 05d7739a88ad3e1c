import type { Check } from '../checks/check.js';
import type { Figure } from '../figure/figure.js';
import type { Inputs } from '../machine/build.js';
import type { Unit } from '../quantity/quantities.js';
import type { Fields, InputFigures } from './fields.js';

export type Role = 'source' | 'stage' | 'work' | 'feed';

/** What a kind is, without what it does: enough to read, validate and edit one. */
export interface KindHead<R extends Role = Role, F extends Fields = Fields> {
  readonly role: R;
  readonly kind: string;
  /** Version of the kind's inputs, raised together with an upgrade step. */
  readonly v: number;
  readonly label: string;
  readonly fields: F;
  /** How inputs of an older version become those of the next, by the version they have. Never changed once it has landed. */
  readonly upgrade?: Readonly<Record<number, (inputs: Inputs) => Inputs>>;
  /** The element in a few words, from what was typed: `0.55 kW motor`. */
  readonly short: (typed: (field: string) => string | undefined) => string;
}

/** A turning shaft as it is handed from one element to the next. */
export interface Rotary {
  readonly speed: Figure<'rpm'>;
  readonly torque: Figure<'N·m'>;
}

/** Keeps a figure under the element's path and hands it on. The name is part of a path: letters and hyphens. */
export type Note = <U extends Unit>(name: string, figure: Figure<U>) => Figure<U>;

/** A change a kind offers where a check gives or is close. It is shown only after it has proved itself in a full evaluation. */
export interface Candidate {
  readonly field: string;
  readonly text: string;
  readonly says: string;
}

/** To scale, in mm: what the power path draws of a stage between two shafts. `centres` is null when the distance is not known. */
export interface StageOutline {
  readonly driver: number | null;
  readonly driven: number | null;
  readonly centres: number | null;
}

/** A stage's outline with the kind that knows how to draw it. */
export interface DrawnStage extends StageOutline {
  readonly kind: string;
}

/** What an element adds to the figures of a line. */
export interface Context {
  readonly note: Note;
  /** Path of the element, `main/belt`, and of one of its fields. */
  readonly path: string;
  /** Name of the element and its neighbours as sentences use them. */
  readonly label: (path: string) => string;
}

export interface SourceKind<F extends Fields = Fields> extends KindHead<'source', F> {
  /** What the shaft gives steadily. */
  readonly gives: (inputs: InputFigures<F>, context: Context) => Rotary;
  readonly candidates?: (inputs: InputFigures<F>) => Candidate[];
}

export interface StageKind<F extends Fields = Fields> extends KindHead<'stage', F> {
  readonly under: (inputs: InputFigures<F>, arriving: Rotary, context: Context) => { leaving: Rotary; checks: Check[]; outline: StageOutline };
  readonly candidates?: (inputs: InputFigures<F>) => Candidate[];
}

export interface WorkKind<F extends Fields = Fields> extends KindHead<'work', F> {
  /** What the tool asks at the speed that reaches it. */
  readonly asks: (inputs: InputFigures<F>, speed: Figure<'rpm'>, context: Context) => Figure<'N·m'>;
}

export type Kind = SourceKind | StageKind | WorkKind;
