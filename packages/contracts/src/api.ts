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

/** A build that was deleted and can still be brought back. */
export interface DeletedBuild {
  readonly id: string;
  readonly name: string;
  readonly deletedAt: string;
  /** From source to work, in a few words. */
  readonly path: string;
}

export interface Health {
  readonly hobrek: string;
  readonly server: 'up';
  readonly database: 'up' | 'down';
}

/** A state that a build was in, newest first in a log, and how it differs from the one before. */
export interface Revision {
  readonly version: number;
  readonly savedAt: string;
  readonly by: string;
  readonly changes: readonly string[];
}

export interface Note {
  readonly id: string;
  readonly at: string;
  readonly by: string;
  readonly text: string;
  readonly tags: readonly string[];
  readonly photos: readonly NotePhoto[];
}

/** A picture to a note; what it shows is fetched by its id. */
export interface NotePhoto {
  readonly id: string;
  readonly width: number;
  readonly height: number;
}

export interface BuildLog {
  readonly revisions: readonly Revision[];
  readonly notes: readonly Note[];
  /** Notes that are older than these, and come when they are asked for. */
  readonly olderNotes: number;
}

/** A dump of the whole database that is kept, newest first in a list. */
export interface Backup {
  readonly name: string;
  /** Where it is on the machine that Hobrek runs on. */
  readonly path: string;
  readonly bytes: number;
  readonly at: string;
}
