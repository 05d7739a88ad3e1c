import type { Verdict } from '../checks/verdict.js';
import type { QuantityName, Unit } from '../quantity/quantities.js';

/** A number with its unit, and its ends where it is not sure: a figure is one, and so is a row of a table. */
export interface Amount {
  readonly known?: true;
  readonly value: number;
  readonly unit: Unit;
  readonly low?: number;
  readonly high?: number;
  /** Said where the unit alone does not tell how it is written: money, sound level. */
  readonly quantity?: QuantityName;
}

/** A figure without a value. */
export interface NotKnown {
  readonly known: false;
}

/** Fields of the build by their paths, to be called by their labels. */
export interface FieldNames {
  readonly fields: readonly string[];
}

/** What is left of a limit, as a share of it; below nought the limit is passed. */
export interface Reserve {
  readonly left: number;
}

/** What can be put into a sentence: words, a plain number, a figure with its unit, a reserve, another sentence, names of fields. */
export type Told = string | number | Amount | NotKnown | Reserve | Sentence | FieldNames;

/**
 * A sentence before anyone reads it: plain data. The words and the person's units are put in at the edge, by `say`.
 *
 * A template holds the names of its figures in braces: `belt slips at {has}; the work needs {needs}`. A figure that is not sure is told from least to most,
 * since that is what a verdict takes; behind a colon is how else it is told: `likely`, or `share` in per cent. A template begins in lower case and has no
 * full stop: both depend on where it is used.
 */
export interface Sentence {
  readonly template: string;
  readonly figures: Readonly<Record<string, Told>>;
  readonly verdict?: Verdict;
  /** Told with all their digits: rounded, what is needed and what there is might change places. */
  readonly exact?: true;
}

/** A sentence of words alone, or of words and figures. */
export const sentence = (template: string, figures: Readonly<Record<string, Told>> = {}): Sentence => ({ template, figures });

type Named<P extends string> = P extends `${infer N}:${string}` ? N : P;

/** The names in the braces of a template, as a type. */
export type NamesIn<T> = T extends `${string}{${infer P}}${infer Rest}` ? Named<P> | NamesIn<Rest> : never;
