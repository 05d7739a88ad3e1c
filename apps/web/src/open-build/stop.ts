import type { Line, Verdict } from '@hobrek/core';
import type { ComponentType } from 'react';
import type { DerivedState } from './state.js';

/** A stop of the work on a build: a folder of `features` that registers itself by a `stop.ts`. */
export interface Stop {
  /** In the address behind the build; empty for the sheet. */
  readonly path: string;
  /** Place among the others, in the order in which people work. */
  readonly order: number;
  readonly name: (line: Line) => string;
  /** The worst verdict of what belongs to it; null where nothing of it was begun. */
  readonly mark?: (derived: DerivedState, line: Line) => Verdict | null;
  /** How much of the frame is above it: the whole machine, or a strip of it. */
  readonly machine: 'whole' | 'strip';
  readonly load: () => Promise<ComponentType>;
}
