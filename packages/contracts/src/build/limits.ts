import { mostRows } from '@hobrek/core';

/** Ids are parts of paths and never change: a letter, then letters, digits and hyphens. */
export const slug = /^[a-z][a-z0-9-]{0,39}$/;

/** How long a text and how many of a list a build may hold: far above any real machine. Read by the contract and by the schema. */
export const limits = {
  rows: mostRows,
  title: 120,
  name: 80,
  unit: 20,
  note: 2_000,
  brief: 4_000,
  notes: 20_000,
  lines: 12,
  stages: 40,
  settings: 40,
  phases: 40,
  shafts: 60,
  sections: 60,
  wheels: 40,
  bearings: 20,
  forces: 60,
} as const;

/** What a document is refused for before it is looked at: far above any real build with all its tables, far below what would hurt a server. */
export const shapeLimits = { bytes: 2_000_000, depth: 24, values: 300_000, keys: 200 } as const;
