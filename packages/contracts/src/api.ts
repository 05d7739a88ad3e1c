import type { Build, Verdict } from '@hobrek/core';


/** What a list shows of a build without opening it. Worked out on saving, and again when the engine has changed. */
export interface BuildSummary {
  readonly verdict: Verdict;
  readonly says: string;
  /** From source to work, in a few words. */
  readonly path: string;
  readonly speed: string;
  readonly torque: string;
  readonly stages: readonly { readonly driver: number | null; readonly driven: number | null; readonly centres: number | null }[];
}

export interface ListedBuild {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly changedAt: string;
  readonly summary: BuildSummary;
}

export interface StoredBuild {
  readonly id: string;
  /** Counts the saves; a save says from which one it started. */
  readonly version: number;
  readonly changedAt: string;
  readonly build: Build;
  readonly notices: readonly string[];
}

export interface Health {
  readonly hobrek: string;
  readonly server: 'up';
  readonly database: 'up' | 'down';
}
