import type { Build, BuildSummary } from '@hobrek/core';

/** A build in a list: its name and a summary, without its inputs. */
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
