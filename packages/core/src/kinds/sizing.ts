import type { Sketch } from '../drawing/sketch.js';

/** One of the few figures that size a machine. */
export interface SizingField {
  /** Its letter, which is also on the drawing. */
  readonly letter: string;
  /** Path within the line or the brief: `work/drum`, `wishes/leastSpeed`. */
  readonly at: string;
  /** Where it is measured, in about three words. */
  readonly where: string;
  /** What is usual, as it would be typed, and its usual range; left out where it follows from the others until somebody enters it. */
  readonly usual?: string;
  readonly from?: string;
  readonly to?: string;
}

/** Likely values of what is entered or usual, in house units by letter; of what is chosen nothing. */
export type Sized = Readonly<Record<string, number>>;

/** What a kind of work is sized by, before anything of its drive is chosen. */
export interface Sizing {
  /** What such a machine is called. */
  readonly name: string;
  /** Words by which it is found, beside its name. */
  readonly words: readonly string[];
  /** How fast it usually turns, in few words. */
  readonly runs: string;
  /** It stands for any work, and has no usual size of its own. */
  readonly isAny?: true;
  /** What the tool’s shaft is called. */
  readonly tool: string;
  /** What its direction is changed over for at work, as half a sentence, and whether it does not go without; left out, it turns one way. */
  readonly reverses?: { readonly why: string; readonly must: boolean };
  /** Whether it is mostly used where there is no socket. */
  readonly awayFromMains?: boolean;
  /** The three to six that its builder knows, in order. */
  readonly fields: readonly SizingField[];
  /** What decides most, and how it is measured on the thing itself. */
  readonly try: string;
  /** How it is usually driven, in few words. */
  readonly driven: string;
  /** Drawn from what is entered, in true millimetres. */
  readonly drawn: (sized: Sized) => Sketch;
}
