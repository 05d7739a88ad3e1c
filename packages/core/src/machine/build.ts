import type { KnownBy } from '../kinds/fields.js';
import type { Unit } from '../quantity/quantities.js';

export const buildFormat = 'hobrek-build';
export const buildVersion = 2;
/** Several builds, with their ids and notes, in one file. */
export const shedFormat = 'hobrek-shed';
export const shedVersion = 2;

/** Most notes of a build in one portion of a shed’s file that is imported: more of them come in several, the build with each. */
export const portionOfNotes = 500;
/** About so many bytes of them. */
export const portionOfBytes = 500_000;

/** What was entered in a field, of whatever type: the text as typed, what it means in the house unit, how it is known. */
export interface Input {
  readonly text: string;
  /** Worked with, in `unit`. A file written by hand may leave it out; it is then read from `text`. */
  readonly value?: number;
  readonly unit?: Unit;
  readonly how: KnownBy;
  readonly low?: number;
  readonly high?: number;
  readonly note?: string;
  /** A half-typed or refused entry, kept beside the last good one. */
  readonly draft?: string;
  /** Of a table, whose text is empty: its rows in their order. */
  readonly rows?: readonly Row[];
  /** Of a part of the shelf, whose text is what it is called: the sizes it had when it was taken. */
  readonly part?: Snapshot;
}

/** A row of a table: what is entered in its columns. Its id never changes and is no number of the row. */
export interface Row {
  readonly id: string;
  readonly inputs: Inputs;
}

/** What was taken of a part of the shelf, so that a build opens when the part is gone. */
export interface Snapshot {
  /** Of the part on the shelf. */
  readonly id: string;
  readonly inputs: Inputs;
}

export type Inputs = Readonly<Record<string, Input>>;

/** An element of a line that is of some kind. */
export interface Element {
  readonly kind: string;
  readonly v: number;
  readonly inputs: Inputs;
  /** Of a place that was opened, what was in it: choosing the same kind again finds it. Of a motor that had no plate, what was looked at. */
  readonly was?: Held;
}

/** What was in a place before it was opened. */
export interface Held {
  readonly kind: string;
  readonly v: number;
  readonly inputs: Inputs;
}

export interface Stage extends Element {
  readonly id: string;
}

export interface Source extends Element {
  /** What feeds it; the plain mains when left out. */
  readonly feed?: Element;
  /** For a source that is a shaft of another line. */
  readonly from?: At;
}

/** A place of a line between its stages: one way of naming what drives what, and what pulls where. */
export interface At {
  readonly line: string;
  readonly station: string;
}

export interface Line {
  readonly id: string;
  readonly name: string;
  readonly source: Source;
  readonly stages: readonly Stage[];
  readonly work: Element;
  /** One more than there are stages. Two lines whose stations name the same shaft are joined there. */
  readonly stations: readonly Station[];
  /** Ways in which it can be run: a speed of the motor, a belt moved to another step. Left out where there is one. */
  readonly settings?: readonly Setting[];
  /** What it does over a day's work, one after the other. Not worked out yet. */
  readonly phases?: readonly Phase[];
}

export interface Station {
  readonly id: string;
  readonly name: string;
  readonly shaft?: string;
}

/** One of several ways a line can be run: what is otherwise then, by element and field, `source/speed`, `feed/voltage`, `belt/driver`. */
export interface Setting {
  readonly id: string;
  readonly name: string;
  readonly inputs: Inputs;
}

/** A part of the duty: in which setting, for how long, how hard, how often it starts. */
export interface Phase {
  readonly id: string;
  readonly name: string;
  readonly setting?: string;
  readonly inputs: Inputs;
}

/** What is of some kind and has a name of its own: a section of a shaft, a bearing, a spring. */
export interface Piece extends Element {
  readonly id: string;
  readonly name: string;
}

/** What pulls with the power off: a spring, a counterweight, a gas strut; at a place of a line where that is known, be it a shaft, a rod or a pipe. */
export interface StoredForce extends Piece {
  readonly on?: At;
}

/** Where a wheel of a stage sits on its shaft. */
export interface Seat extends Piece {
  readonly of: { readonly line: string; readonly stage: string; readonly end: 'in' | 'out' };
}

/** A shaft as it lies: its sections one behind the other, what sits on it, what it turns in. Not worked out yet. */
export interface Shaft {
  readonly id: string;
  readonly name: string;
  readonly sections: readonly Piece[];
  readonly seats: readonly Seat[];
  readonly bearings: readonly Piece[];
}

export interface Build {
  readonly format: typeof buildFormat;
  readonly version: typeof buildVersion;
  readonly name: string;
  readonly brief: string;
  readonly supply: Partial<Readonly<Record<'voltage' | 'frequency' | 'phases' | 'breaker', Input>>>;
  /** What it should be, by the names of the brief’s fields; left out while nothing is wished. */
  readonly wishes?: Inputs;
  /** What is wished of what lies between motor and tool, by which drives are looked for; left out while nothing is. */
  readonly finder?: Inputs;
  readonly lines: readonly Line[];
  readonly shafts: readonly Shaft[];
  /** Left out where there are none. Not worked out yet. */
  readonly forces?: readonly StoredForce[];
  readonly notes: string;
}
