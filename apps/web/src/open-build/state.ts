import type { Build, Conflict, Evaluation, History, Kinds, Remedy } from '@hobrek/core';
import type { StoreApi } from 'zustand';
import type { SaveState } from './save-queue.js';

/** Someone else changed the same places: both sides, until the person has chosen. */
export interface MergeConflict {
  readonly base: Build;
  readonly theirs: Build;
  readonly conflicts: readonly Conflict[];
}

/** What is entered, and what was. */
export interface DocumentState {
  readonly history: History<Build>;
  /** What is on the page: the present of the history. */
  readonly build: Build;
  readonly mergeConflict: MergeConflict | null;
}

/** What follows from what is entered. */
export interface DerivedState {
  /** What it follows from. */
  readonly build: Build;
  readonly evaluation: Evaluation;
  /** What was tried and would cure it, in words and as changes to take; empty until there was time to try. */
  readonly remedy: Remedy;
  /** What decides the checks that are not known, by their ids; empty until there was time to try. */
  readonly decided: Readonly<Record<string, string>>;
  /** What becomes of it over all that is guessed; empty where nothing is, or until there was time to try. */
  readonly guesses: string;
  /** Fields whose text is not read and was left standing for a moment: what rests on them is shown greyed. */
  readonly greyed: ReadonlySet<string>;
}

/** What this page is doing with it: no part of the build, and no step to undo. */
export interface SessionState {
  /** Path of the element that is picked, wherever it is shown: `main/belt`. */
  readonly picked: string | null;
  /** Id of the line that is shown; null is the first. */
  readonly line: string | null;
  /** Its work is being sized: what is worked out takes what is usual where nothing is entered, and leaves open what drives it. */
  readonly sizing: boolean;
  readonly notices: readonly string[];
  /** Path of the cell that is to have the focus: its table shows its row first, which may be far down. */
  readonly cell: string | null;
}

/** An open build in its parts, each a store of its own: what shows one is not woken by another. */
export interface OpenState {
  readonly id: string;
  readonly kinds: Kinds;
  readonly document: StoreApi<DocumentState>;
  readonly derived: StoreApi<DerivedState>;
  readonly session: StoreApi<SessionState>;
  readonly saving: StoreApi<SaveState>;
}
