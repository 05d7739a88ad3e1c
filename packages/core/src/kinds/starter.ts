/** A machine to begin from: its path laid out, with guesses that are to be replaced by what there is in the shed. */
export interface Starter {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly brief: string;
  /** What the tool's shaft is called. */
  readonly tool: string;
  /** Kind of its source; an induction motor where it is left out. */
  readonly source?: string;
  readonly stages: readonly (readonly [kind: string, ratio: number])[];
  /** Entries as they would be typed, by `source/field`, `work/field` and a stage’s kind, `v-belt/belts`. */
  readonly entries: Readonly<Record<string, string>>;
}
