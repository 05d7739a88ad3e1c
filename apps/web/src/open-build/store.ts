import type { Build, Conflict, Evaluation, History, Kinds } from '@hobrek/core';
import { create } from 'zustand';
import type { SaveState } from './save-queue.js';

/** Someone else changed the same places: both sides, until the person has chosen. */
export interface MergeConflict {
  readonly base: Build;
  readonly theirs: Build;
  readonly conflicts: readonly Conflict[];
}

export interface OpenBuild {
  readonly id: string;
  readonly history: History<Build>;
  /** What is on the page: the present of the history. */
  readonly build: Build;
  readonly kinds: Kinds;
  readonly evaluation: Evaluation;
  /** What was tried and would cure it; empty until there was time to try. */
  readonly remedy: string;
  /** What decides the checks that are not known, by their ids; empty until there was time to try. */
  readonly decided: Readonly<Record<string, string>>;
  /** What becomes of it over all that is guessed; empty where nothing is, or until there was time to try. */
  readonly guesses: string;
  /** Fields whose text is not read and was left standing for a moment: what rests on them is shown greyed. */
  readonly greyed: ReadonlySet<string>;
  readonly notices: readonly string[];
  readonly save: SaveState;
  readonly mergeConflict: MergeConflict | null;
  /** Path of the element that is picked, in all zones of the sheet: `main/belt`. Not part of the build, and no step to undo. */
  readonly picked: string | null;
  /** Id of the line that is shown; null is the first. Not part of the build, and no step to undo. */
  readonly line: string | null;
  /** Its work is being sized: what is worked out takes what is usual where nothing is entered, and leaves open what drives it. */
  readonly sizing: boolean;
}

export interface Store {
  readonly open: OpenBuild | null;
}

export const closed: Store = { open: null };

/** The build on the screen. Changed only by the events of `open-build`. */
export const useOpenBuild = create<Store>(() => closed);
