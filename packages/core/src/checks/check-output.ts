/** Sentences by verdict: close is as holds where it says nothing else, and what only may fail as what fails. */
export interface ByVerdict {
  readonly holds: string;
  readonly close?: string;
  /** It fails if what is guessed or estimated turns out badly, and holds if it turns out well. */
  readonly may?: string;
  readonly fails: string;
}

/** A check that is put out, described once. */
export interface CheckOutput {
  /** What it is called where there is room for no more: `the power rating of the belt`. */
  readonly name: string;
  /** Of which it is said that it is not known yet, in lower case: `rating of the belt`. */
  readonly subject: string;
  readonly source: string;
  /** Share of the limit below which it is close; a fifth where nothing else is said. */
  readonly closeBelow?: number;
  /** What is short is no failure of the machine but an entry that cannot be true: not known, with what would be consistent. */
  readonly contradicts?: true;
  /** Templates: `has`, `needs` and `reserve` can be told in every one. */
  readonly says: string | ByVerdict;
}

export type CheckOutputs = Readonly<Record<string, CheckOutput>>;
